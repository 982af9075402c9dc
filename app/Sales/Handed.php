<?php

declare(strict_types=1);

namespace App\Sales;

use App\Models\Account;
use App\Models\BookEntry;
use App\Models\Movement;
use App\Models\Payment;
use Carbon\CarbonImmutable;

/** What was handed over for a payment, when, and by whom it was taken, as the book has it. */
final readonly class Handed
{
    /**
     * @param  CarbonImmutable|null  $at when it came; null: it has not
     * @param  string  $by who took it, or by whom it came
     * @param  int  $kept of what was given in cash, as account credit; minor unit
     * @param  int  $change minor unit
     */
    private function __construct(
        public ?CarbonImmutable $at,
        public string $by,
        public int $kept,
        public int $change,
    ) {
    }

    public static function of(Payment $payment): self
    {
        $entries = BookEntry::query()->where('payment_id', $payment->id)->orderBy('id')->get();
        $came = $entries->firstWhere('about', Movement::Paid);
        $kept = array_sum(
            $entries
                ->where('account', Account::Cash)
                ->where('about', Movement::Credited)
                ->map(static fn (BookEntry $entry): int => $entry->amount)
                ->all(),
        );

        return new self(
            $came?->at,
            $came->by ?? $payment->by,
            $kept,
            $payment->given === null ? 0 : $payment->given - $payment->amount - $payment->tip - $kept,
        );
    }
}
