<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

/** Who a visit is for, as far as prices ask. */
final readonly class Client
{
    /**
     * @param  array<string, int>  $rates own price by service (rules.md P1)
     * @param  list<KnownBooking>  $visits of any service that hold time, those that this one replaces left out
     */
    public function __construct(public string $id, public array $rates = [], public array $visits = [])
    {
    }
}
