<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

/** What a quote is asked for: one visit of a service. */
final readonly class Item
{
    /**
     * @param  int|null  $minutes without add-ons; null: the service's own length; of a session always its own
     * @param  list<string>  $staff who take it; nobody yet: the service's own price
     * @param  array<string, int>  $addOns quantity by id, in the order they were chosen
     * @param  bool  $payNow what the client chose, where paying at once is theirs to choose
     * @param  int|null  $start instant; null: not chosen yet, so nothing that depends on it is known
     * @param  bool  $isSession whether its length is a session's, which may be any
     * @param  bool  $byCredit whether a pass, a membership or a voucher pays for it (rules.md P6)
     *
     * @throws InvalidPrice
     */
    public function __construct(
        public ?int $minutes = null,
        public array $staff = [],
        public int $party = 1,
        public array $addOns = [],
        public bool $payNow = false,
        public ?int $start = null,
        public bool $isSession = false,
        public bool $byCredit = false,
    ) {
        $party >= 1 ?: throw InvalidPrice::party($party);
        foreach ($addOns as $id => $quantity) {
            $quantity >= 1 ?: throw InvalidPrice::quantity((string) $id, $quantity);
        }
    }
}
