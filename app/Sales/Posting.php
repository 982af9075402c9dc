<?php

declare(strict_types=1);

namespace App\Sales;

use App\Models\Account;
use App\Models\Movement;
use App\Models\Sale;

/** One movement of money: an amount that goes to one account and comes from another. */
final readonly class Posting
{
    /**
     * @param  int  $amount minor unit; below zero it goes the other way
     * @param  Sale|null  $sale null: of no sale, as a payout
     * @param  string  $rate of a tax: "VAT 23"
     */
    public function __construct(
        public Movement $about,
        public Account $to,
        public Account $from,
        public int $amount,
        public ?Sale $sale = null,
        public ?string $payment = null,
        public ?string $booking = null,
        public ?string $staff = null,
        public string $rate = '',
        public string $why = '',
        public ?string $payout = null,
    ) {
    }
}
