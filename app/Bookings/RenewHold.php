<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Language\Sentence;
use App\Models\Booking;
use App\Models\Business;
use App\Support\Clock;
use App\Support\Instants;
use App\Support\Refusal;
use App\Times\Bookable;
use App\Times\Choice;
use App\Times\Claims;
use App\Times\RulesReader;
use App\Times\TimeTaken;
use App\Times\Wish;
use YardBell\Core\Availability\Relaxed;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Booking\State;

/** Goes on holding a time, or takes it again. */
final readonly class RenewHold
{
    public function __construct(
        private RulesReader $rules,
        private Bookable $bookable,
        private Claims $claims,
        private History $history,
        private Clock $clock,
    ) {
    }

    /**
     * Goes on holding a time, or takes it again if its hold has run out and nobody else has it: whoever typed slowly,
     * or paid late, loses nothing. To be called within a transaction that has locked the booking.
     *
     * @param  int|null  $until instant; null: it is booked at once
     *
     * @throws TimeTaken
     */
    public function __invoke(Booking $booking, Business $business, ?int $until): void
    {
        if (! in_array($booking->state, [State::Held, State::Expired], true)) {
            throw new Refusal(new Sentence('refusal.held.not_waiting'), 409, 'not_held');
        }
        $start = Instants::minute($booking->starts_at);
        $this->claims->take(
            $business,
            [...$booking->staff_ids, ...$booking->units, $booking->service_id, ...array_filter([$booking->session_id])],
            $start - $booking->setup,
            $start + $booking->minutes + $booking->clearup,
        );
        if (! $this->stillHolds($booking) && ! $this->isStillFree($booking, $business)) {
            $wish = new Wish(Choice::of($booking)->with($booking->wished_staff), $start);
            throw TimeTaken::near(
                $booking->visit_id === null ? $this->bookable->near($business, $wish) : [],
                $this->bookable->isTaken($business, $wish),
            );
        }
        if ($booking->state === State::Expired) {
            $this->history->become($booking, State::Held, History::BY_CLIENT, 'history.taken_again');
        }
        if ($until !== null) {
            $this->history->holdUntil($booking, $until);
        }
    }

    /** Nobody else has written to it since it was locked; a hold that runs out now is taken again like any other. */
    private function stillHolds(Booking $booking): bool
    {
        return $booking->state === State::Held &&
            $booking->held_until !== null &&
            Instants::minute($booking->held_until) > $this->clock->minute();
    }

    private function isStillFree(Booking $booking, Business $business): bool
    {
        $start = Instants::minute($booking->starts_at);
        $isPart = $booking->visit_id !== null; // its later parts keep to no grid, and none of them to tight days
        $slots = $this->bookable->at(
            $business,
            $this->rules->bookNow($business),
            new Wish(Choice::of($booking), $start, new Relaxed(notice: true, grid: $isPart, gaps: $isPart)),
        );
        $same = array_filter(
            $slots,
            static fn (Slot $slot): bool => $slot->session === $booking->session_id &&
                ($slot->session !== null || ($slot->staff === $booking->staff_ids && $slot->units === $booking->units)),
        );

        return $same !== [] && $start >= $this->clock->minute();
    }
}
