<?php

declare(strict_types=1);

namespace App\Prices\Contents;

use App\Changes\Content;
use App\Models\Business;
use App\Support\Given;
use YardBell\Core\Booking\CancellationTerms;
use YardBell\Core\Price\Percent;

/** Cancellation terms, of a service and of a booking as it was made (rules.md L4): an amount or a part of the price. */
final readonly class CancellationContent extends Content
{
    /** @param  int|null  $amount minor unit; null where it is a part */
    public function __construct(public int $freeMinutes, public ?int $amount, public ?string $percent)
    {
    }

    public static function from(Given $given): static
    {
        $percent = Amounts::written($given->stringIf('percent'));

        return new self($given->int('freeMinutes'), $percent === null ? $given->int('amount') : null, $percent);
    }

    /** @param  array<string, mixed>|null  $kept null: always free */
    public static function kept(?array $kept): ?self
    {
        return $kept === null ? null : self::from(Given::in($kept));
    }

    public static function rules(Business $business, ?string $id): array
    {
        return [
            'cancellation' => ['present', 'nullable', 'array:freeMinutes,amount,percent'],
            'cancellation.freeMinutes' => 'required_with:cancellation|integer|min:0|max:525600',
            'cancellation.amount' => 'nullable|'.Amounts::RULE,
            'cancellation.percent' => ['nullable', Amounts::percent()],
        ];
    }

    public static function sentences(): array
    {
        return [
            'cancellation.freeMinutes.*' => 'wrong.cancellation.free_until',
            'cancellation.amount.*' => 'wrong.cancellation.amount',
        ];
    }

    public function toCore(): CancellationTerms
    {
        return new CancellationTerms(
            $this->freeMinutes,
            $this->percent === null ? $this->amount ?? 0 : Percent::of($this->percent),
        );
    }
}
