<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

/** A visit of a client's: what of, and when it begins. */
final readonly class KnownBooking
{
    public function __construct(public string $service, public int $start)
    {
    }
}
