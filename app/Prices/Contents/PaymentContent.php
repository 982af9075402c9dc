<?php

declare(strict_types=1);

namespace App\Prices\Contents;

use App\Changes\Content;
use App\Models\Business;
use App\Support\Given;
use Illuminate\Validation\Rule;
use YardBell\Core\Price\PaymentKind;
use YardBell\Core\Price\PaymentTerms;
use YardBell\Core\Price\Percent;

/** What is paid when booking (rules.md P10); a deposit is an amount or a part of the price. */
final readonly class PaymentContent extends Content
{
    /** @param  int|null  $amount minor unit */
    public function __construct(public PaymentKind $kind, public ?int $amount = null, public ?string $percent = null)
    {
    }

    public static function from(Given $given): static
    {
        $percent = Amounts::written($given->stringIf('percent'));

        $amount = $percent === null ? $given->intIf('amount') : null;

        return new self(PaymentKind::from($given->string('kind')), $amount, $percent);
    }

    /** As it is kept: nothing when booking where there is no price yet, and amounts only of a deposit. */
    public function fitting(bool $isPricedLater): self
    {
        $kind = $isPricedLater && $this->kind !== PaymentKind::CardHold ? PaymentKind::None : $this->kind;

        return $kind === PaymentKind::Deposit ? $this : new self($kind);
    }

    public static function rules(Business $business, ?string $id): array
    {
        return [
            'payment' => ['required', 'array:kind,amount,percent'],
            'payment.kind' => ['required', Rule::enum(PaymentKind::class)],
            'payment.amount' => 'present|nullable|integer|min:1|max:'.Amounts::LARGEST,
            'payment.percent' => ['present', 'nullable', Amounts::percent()],
        ];
    }

    public static function sentences(): array
    {
        return [
            'payment.kind.*' => 'wrong.payment.kind',
            'payment.amount.*' => 'wrong.payment.deposit',
        ];
    }

    public function toCore(): PaymentTerms
    {
        return new PaymentTerms(
            $this->kind,
            $this->percent === null ? $this->amount : Percent::of($this->percent),
        );
    }
}
