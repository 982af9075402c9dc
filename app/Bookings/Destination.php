<?php

declare(strict_types=1);

namespace App\Bookings;

/** Where a booking is to go. */
final readonly class Destination
{
    /**
     * @param  int  $start instant
     * @param  list<string>|null  $staff null: whoever is free then, the same people first
     * @param  int|null  $minutes add-ons included; null: as long as it is
     */
    public function __construct(
        public int $start,
        public ?array $staff = null,
        public ?int $minutes = null,
        public Freedom $freedom = new Freedom(),
    ) {
    }
}
