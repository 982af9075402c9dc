<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Booking\State;

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

    /** As if these sessions were not scheduled, nor booked: when they could be held instead. */
    public function withoutSessions(string ...$sessions): self
    {
        return new self(
            $this->bookings,
            array_values(
                array_filter($this->sessions, static fn (Session $one): bool => ! in_array($one->id, $sessions, true)),
            ),
            array_values(
                array_filter($this->seats, static fn (Seat $seat): bool => ! in_array($seat->session, $sessions, true)),
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

    /** As if a row that is offered were booked. */
    public function taking(Slot $row, Service $service, int $party, int $now): self
    {
        $id = "taken {$row->start}";

        return $row->session !== null
            ? $this->with(seat: new Seat(
                id: $id,
                session: $row->session,
                party: $party,
                state: State::Confirmed,
                heldUntil: null,
            ))
            : $this->with(booking: new Booking(
                id: $id,
                service: $service->id,
                start: $row->start,
                minutes: $row->end - $row->start,
                setup: $service->setup,
                clearup: $service->clearup,
                staff: $row->staff,
                location: $row->location,
                units: $row->units,
                party: $party,
                state: State::Confirmed,
                heldUntil: null,
                createdAt: $now,
            ));
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
