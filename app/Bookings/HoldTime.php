<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Language\Sentence;
use App\Models\Booking;
use App\Models\Business;
use App\Support\Clock;
use App\Support\Instants;
use App\Support\Refusal;
use App\Support\TooMany;
use Illuminate\Database\ConnectionInterface;
use YardBell\Core\Availability\Assignment;
use YardBell\Core\Availability\Relaxed;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Booking\State;

/** Keeps a time for somebody while they fill in the rest: alone, in a shared appointment or in a session. */
final readonly class HoldTime
{
    /** How often another person or unit is tried, when somebody else was quicker. */
    private const TRIES = 6;

    public function __construct(
        private ConnectionInterface $db,
        private RulesReader $rules,
        private Bookable $bookable,
        private Claims $claims,
        private Clock $clock,
        private WriteBooking $write,
        private History $history,
        private HoldLimits $limits,
        private PriceLists $prices,
    ) {
    }

    /**
     * @param  Visitor|null  $visitor whose holds are limited; null: somebody of the house
     * @param  string  $by who holds it
     *
     * @throws TimeTaken with the nearest times that are free
     * @throws TooMany
     */
    public function __invoke(
        Business $business,
        Wish $wish,
        ?Visitor $visitor = null,
        string $by = History::BY_CLIENT,
    ): Booking {
        $this->prices->of($business); // written down outside of what may be rolled back
        for ($try = 0; $try < self::TRIES; $try++) {
            $book = $this->rules->book($business);
            $slot = $this->bookable->wanted($business, $book, $wish);
            if ($slot === null) {
                break;
            }
            try {
                $booking = $this->db->transaction(
                    fn (): ?Booking => $this->take(
                        business: $business,
                        book: $book,
                        wish: $wish,
                        slot: $slot,
                        visitor: $visitor,
                        by: $by,
                    ),
                    attempts: 5,
                );
            } catch (TooMany $many) {
                ProofOfAddress::abused($business, $this->clock->now());
                throw $many;
            }
            if ($booking !== null) {
                return $booking;
            }
        }

        throw TimeTaken::near(
            $wish->visit === null ? $this->bookable->near($business, $wish) : [],
            $this->bookable->isTaken($business, $wish),
        );
    }

    /**
     * Goes on holding a time, or takes it again if its hold has run out and nobody else has it: whoever typed slowly,
     * or paid late, loses nothing. To be called within a transaction that has locked the booking.
     *
     * @param  int|null  $until instant; null: it is booked at once
     *
     * @throws TimeTaken
     */
    public function again(Booking $booking, Business $business, ?int $until): void
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
            $wish = Choice::of($booking)->with($booking->wished_staff)->at($start);
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
            Choice::of($booking)->at($start, new Relaxed(notice: true, grid: $isPart, gaps: $isPart)),
        );
        $same = array_filter(
            $slots,
            static fn (Slot $slot): bool => $slot->session === $booking->session_id &&
                ($slot->session !== null || ($slot->staff === $booking->staff_ids && $slot->units === $booking->units)),
        );

        return $same !== [] && $start >= $this->clock->minute();
    }

    /**
     * Claims the days of all that is taken, asks the core again with what is true now, and writes. Null: somebody was
     * quicker.
     */
    private function take(
        Business $business,
        RuleBook $book,
        Wish $wish,
        Slot $slot,
        ?Visitor $visitor,
        string $by,
    ): ?Booking {
        $choice = $wish->choice;
        $service = $book->services[$choice->service];
        $takers = $slot->session !== null ? [$slot->session] : [...$slot->staff, ...$slot->units];
        if ($service->maxPerDay !== null || ($choice->member === null && $service->assignment === Assignment::Rotate)) {
            // what the whole service may take a day, or whose turn it is, is decided by one at a time
            $takers[] = $service->id;
        }
        $this->claims->take($business, $takers, $slot->start - $service->setup, $slot->end + $service->clearup);
        $now = $this->rules->bookNow($business);
        if ($now->lookAround() !== $book->lookAround()) {
            return null; // claimed by what was so a moment ago
        }
        $same = array_filter(
            $this->bookable->at($business, $now, $wish),
            static fn (Slot $offered): bool => $offered->session === $slot->session &&
                $offered->staff === $slot->staff &&
                $offered->units === $slot->units &&
                $offered->location === $slot->location &&
                $offered->end === $slot->end &&
                ($offered->next !== false || $choice->member !== null || $service->assignment !== Assignment::Rotate),
        );

        if ($same === []) {
            return null;
        }
        if ($visitor !== null) {
            $this->limits->check(business: $business, book: $now, slot: $slot, wish: $wish, visitor: $visitor);
        }

        return ($this->write)(
            business: $business,
            rules: $now->services[$choice->service],
            slot: $slot,
            wish: $wish,
            visitor: $visitor,
            by: $by,
        );
    }
}
