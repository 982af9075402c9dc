<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use function array_filter;
use function array_values;
use function in_array;

/** What is booked: of the whole business, or of all that can touch the dates asked for. */
final readonly class Diary
{
    /**
     * @param  list<Booking>  $bookings
     * @param  list<Session>  $sessions
     * @param  list<Seat>  $seats
     * @param  array<string, array<string, int>>|null  $lastTaken T16: by service and staff member, when their latest
     *                                                            booking of it was made, where $bookings are not all
     *                                                            there are
     */
    public function __construct(
        public array $bookings = [],
        public array $sessions = [],
        public array $seats = [],
        private ?array $lastTaken = null,
    ) {
    }

    /** As if this booking were not there: what can be had in its stead. */
    public function without(string ...$bookings): self
    {
        return new self(
            array_values(
                array_filter(
                    $this->bookings,
                    static fn (Booking $other): bool => ! in_array($other->id, $bookings, true),
                ),
            ),
            $this->sessions,
            array_values(
                array_filter($this->seats, static fn (Seat $seat): bool => ! in_array($seat->id, $bookings, true)),
            ),
            $this->lastTaken,
        );
    }

    /** As if this were booked, too. */
    public function with(?Booking $booking = null, ?Seat $seat = null): self
    {
        return new self(
            $booking === null ? $this->bookings : [...$this->bookings, $booking],
            $this->sessions,
            $seat === null ? $this->seats : [...$this->seats, $seat],
            $this->lastTaken,
        );
    }

    /** Whose turn a service is (T16) stays as it is now, whatever is booked further. */
    public function withTurnsOf(string $service, int $now): self
    {
        return new self(
            $this->bookings,
            $this->sessions,
            $this->seats,
            [$service => $this->lastTaken($service, $now)],
        );
    }

    /** For who asks what is free, not whose turn it is (T16). */
    public function withoutTurns(): self
    {
        return new self($this->bookings, $this->sessions, $this->seats, []);
    }

    /** @return array<string, int> by session: the places taken (T15) */
    public function seatsTaken(int $now): array
    {
        $taken = [];
        foreach ($this->seats as $seat) {
            if ($seat->state->holdsTime($seat->heldUntil, $now)) {
                $taken[$seat->session] = ($taken[$seat->session] ?? 0) + $seat->party;
            }
        }

        return $taken;
    }

    /** @return array<string, int> by staff member: when their latest booking of the service was made (T16) */
    public function lastTaken(string $service, int $now): array
    {
        if ($this->lastTaken !== null) {
            return $this->lastTaken[$service] ?? [];
        }
        $latest = [];
        foreach ($this->bookings as $booking) {
            foreach ($booking->service === $service ? $booking->staff : [] as $member) {
                if ($booking->createdAt > ($latest[$member] ?? PHP_INT_MIN) && $booking->holdsTime($now)) {
                    $latest[$member] = $booking->createdAt;
                }
            }
        }

        return $latest;
    }
}
