<?php

declare(strict_types=1);

namespace App\Payments;

/** What a change of what is booked does to its price, and to the money. Amounts are in the minor unit. */
final readonly class PriceChange
{
    /** @param  int  $now what is asked for at once, as when it was booked (rules.md P9) */
    public function __construct(
        public int $was,
        public int $price,
        public MoneyEffect $effect,
        public int $now = 0,
    ) {
    }
}
