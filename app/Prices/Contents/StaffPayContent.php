<?php

declare(strict_types=1);

namespace App\Prices\Contents;

use App\Changes\Content;
use App\Models\Business;
use App\Support\Given;
use YardBell\Core\Price\Percent;

/** What who takes a visit is paid (rules.md P11): an amount, or a part of base and people. */
final readonly class StaffPayContent extends Content
{
    /** @param  int|null  $amount minor unit */
    public function __construct(public ?int $amount, public ?string $percent)
    {
    }

    public static function from(Given $given): static
    {
        $percent = Amounts::written($given->stringIf('percent'));

        return new self($percent === null ? $given->int('amount') : null, $percent);
    }

    /** @param  array<string, mixed>|null  $kept */
    public static function kept(?array $kept): ?self
    {
        return $kept === null ? null : self::from(Given::in($kept));
    }

    public static function rules(Business $business, ?string $id): array
    {
        return [
            'staffPay' => 'present|nullable|array:amount,percent',
            'staffPay.amount' => 'nullable|'.Amounts::RULE,
            'staffPay.percent' => ['nullable', Amounts::percent()],
        ];
    }

    public static function sentences(): array
    {
        return ['staffPay.amount.*' => 'wrong.price.amount_or_percent'];
    }

    public function toCore(): int|Percent
    {
        return $this->percent === null ? $this->amount ?? 0 : Percent::of($this->percent);
    }
}
