<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

/** What an order brings to the quote of one of its visits. */
final readonly class Order
{
    /**
     * @param  Client|null  $client null: not known
     * @param  int|null  $day local date on which it is made, as a day number; null: not made yet
     * @param  list<string>  $codes as they were named
     * @param  list<KnownBooking>  $others visits of the same order
     * @param  array<string, int>  $codesUsed what earlier visits of the order took of an amount, by code
     */
    public function __construct(
        public ?Client $client = null,
        public ?int $day = null,
        public array $codes = [],
        public array $others = [],
        public array $codesUsed = [],
    ) {
    }
}
