<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Booking\State;

/** A booking of a session: it takes places there and no time of its own (T8). */
final readonly class Seat
{
    public function __construct(
        public string $id,
        public string $session,
        public int $party,
        public State $state,
        public ?int $heldUntil,
        public int $createdAt = 0,
        public ?string $client = null,
    ) {
    }
}
