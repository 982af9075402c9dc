<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Booking\State;

/** A booking that takes time of its own. Instants and lengths in minutes. Bookings of a session: see Seat. */
final readonly class Booking
{
    /**
     * @param  list<string>  $staff
     * @param  list<string>  $units
     * @param  int|null  $heldUntil only of a held one
     */
    public function __construct(
        public string $id,
        public string $service,
        public int $start,
        public int $minutes,
        public int $setup,
        public int $clearup,
        public array $staff,
        public ?string $location,
        public array $units,
        public int $party,
        public State $state,
        public ?int $heldUntil,
        public int $createdAt,
        public bool $doubleBooked = false,
        public ?string $client = null,
    ) {
    }

    public function holdsTime(int $now): bool
    {
        return $this->state->holdsTime($this->heldUntil, $now);
    }
}
