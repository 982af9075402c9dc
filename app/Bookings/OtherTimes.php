<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\Booking;
use App\Models\Business;
use App\Support\Clock;
use App\Support\Instants;
use App\Times\Bookable;
use App\Times\Override;
use App\Times\RulesReader;
use App\Times\TimeTaken;
use YardBell\Core\Availability\Ask;
use YardBell\Core\Availability\Relaxed;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Availability\SlotSearch;

/**
 * Where else a booking could go: the rules are asked as if it were not there, without notice and limits (rules.md T18).
 */
final readonly class OtherTimes
{
    private const DAYS = 21;

    /** Times that are told where it cannot go. */
    private const NEAR = 4;

    public function __construct(private RulesReader $rules, private Clock $clock)
    {
    }

    /** @return list<Slot> the earliest from its day on: with the same people first, then with others */
    public function of(Business $business, RuleBook $book, Booking $booking, int $count): array
    {
        $now = $this->clock->minute();
        $day = max($book->zone->day(Instants::minute($booking->starts_at)), $book->zone->day($now));
        $slots = array_values(
            array_filter(
                $this->slots(
                    business: $business,
                    book: $book,
                    booking: $booking,
                    fromDay: $day,
                    toDay: $day + self::DAYS - 1,
                ),
                static fn (Slot $slot): bool => $slot->start > $now &&
                    ($slot->start !== Instants::minute($booking->starts_at) || $slot->staff !== $booking->staff_ids),
            ),
        );
        $wished = MoveBooking::wished($booking);
        $same = static fn (Slot $slot): int => in_array($slot->staff, [$wished, $booking->staff_ids], true) ? 0 : 1;
        usort($slots, static fn (Slot $a, Slot $b): int => $same($a) <=> $same($b) ?: $a->start <=> $b->start);

        return array_slice($slots, 0, $count);
    }

    /** @return list<Slot> nearest to where it was to go, in order of time: with the people asked for, where they can */
    public function near(Business $business, RuleBook $book, Booking $booking, Destination $to, int $count): array
    {
        $day = $book->zone->day($to->start);
        $now = $this->clock->minute();
        $staff = $to->staff ?? MoveBooking::wished($booking);
        $nearest = [];
        $around = $this->slots(
            business: $business,
            book: $book,
            booking: $booking,
            fromDay: $day - 1,
            toDay: $day + 3,
            length: $to->minutes,
            at: $to->location,
        );
        foreach ($around as $slot) {
            $theirs = $slot->staff === $staff;
            $stays = $slot->start === Instants::minute($booking->starts_at) && $staff === $booking->staff_ids;
            if ($slot->start > $now && ! $stays && ($theirs || ! isset($nearest[$slot->start]))) {
                $nearest[$slot->start] = $slot;
            }
        }
        $theirs = array_filter($nearest, static fn (Slot $slot): bool => $slot->staff === $staff);
        $found = $to->staff !== null && $theirs !== [] ? $theirs : $nearest;
        $apart = static fn (Slot $slot): int => abs($slot->start - $to->start);
        usort($found, static fn (Slot $a, Slot $b): int => $apart($a) <=> $apart($b));
        $found = array_slice($found, 0, $count);
        usort($found, static fn (Slot $a, Slot $b): int => $a->start <=> $b->start);

        return $found;
    }

    /** Where it cannot go: whether others have the time, and what is near (rules.md T19). */
    public function taken(Business $business, RuleBook $book, Booking $booking, Destination $to): TimeTaken
    {
        $day = $book->zone->day($to->start);
        $ask = $this->ask(book: $book, booking: $booking, fromDay: $day, toDay: $day, length: $to->minutes);
        $wished = $to->staff ?? [];
        $member = count($wished) === 1 ? $wished[0] : null;
        $isTaken = false;
        if ($ask !== null && ($member === null || isset($book->staff[$member]))) {
            $ask = $member === null ? $ask : $ask->by($member);
            $diary = $this->rules->diary($business, $book, $ask, turn: false)->without($booking->id, ...$to->ignoring);
            $isTaken = Bookable::othersHave($book, $diary, $ask, $to->start);
        }

        return TimeTaken::near($this->near(
            business: $business,
            book: $book,
            booking: $booking,
            to: $to,
            count: self::NEAR,
        ), $isTaken);
    }

    /** @return list<Slot> the same, with what is true now: within the transaction that moves it */
    public function now(Business $business, Booking $booking, Destination $to): array
    {
        return $this->at($business, $this->rules->bookNow($business), $booking, $to);
    }

    public function takenNow(Business $business, Booking $booking, Destination $to): TimeTaken
    {
        return $this->taken($business, $this->rules->bookNow($business), $booking, $to);
    }

    /** @return list<Slot> that begin at exactly the instant it is to go to */
    public function at(Business $business, RuleBook $book, Booking $booking, Destination $to): array
    {
        $day = $book->zone->day($to->start);

        return array_values(
            array_filter(
                $this->slots(
                    business: $business,
                    book: $book,
                    booking: $booking,
                    fromDay: $day,
                    toDay: $day,
                    length: $to->minutes,
                    override: $to->override,
                    at: $to->location,
                    relaxed: $to->relaxed,
                    ignoring: $to->ignoring,
                ),
                static fn (Slot $slot): bool => $slot->start === $to->start,
            ),
        );
    }

    /** @return list<Slot> of a day */
    public function on(Business $business, RuleBook $book, Booking $booking, int $day, ?int $minutes): array
    {
        return $this->slots(
            business: $business,
            book: $book,
            booking: $booking,
            fromDay: $day,
            toDay: $day,
            length: $minutes,
        );
    }

    /**
     * What is asked of the core; null where it can go nowhere: its service is gone, or it is part of a session.
     *
     * @param  int|null  $length add-ons included; null: as long as it is
     */
    public function ask(RuleBook $book, Booking $booking, int $fromDay, int $toDay, ?int $length = null): ?Ask
    {
        $lengths = ($book->services[$booking->service_id] ?? null)?->lengths;
        if ($lengths === null || $booking->session_id !== null) {
            return null;
        }
        $extra = $booking->extra_minutes;
        $minutes = ($length ?? $booking->minutes) - $extra;
        if ($lengths->named($minutes) === null && ($length === null || $length === $booking->minutes)) {
            // it keeps its length, whatever the service has now
            [$minutes, $extra] = [null, $booking->minutes - (int) $lengths->named(null)];
        }

        return new Ask(
            service: $booking->service_id,
            fromDay: $fromDay,
            toDay: $toDay,
            now: $this->clock->minute(),
            minutes: $minutes,
            extra: $extra,
            party: $booking->party,
            staff: null,
            location: null,
            relaxed: new Relaxed(notice: true, limits: true),
        );
    }

    /**
     * @param  list<string>  $ignoring ids of what is not in its way either
     * @return list<Slot>
     */
    private function slots(
        Business $business,
        RuleBook $book,
        Booking $booking,
        int $fromDay,
        int $toDay,
        ?int $length = null,
        Override $override = new Override(),
        ?string $at = null,
        ?Relaxed $relaxed = null,
        array $ignoring = [],
    ): array {
        $ask = $this->ask(book: $book, booking: $booking, fromDay: $fromDay, toDay: $toDay, length: $length);
        if ($ask === null) {
            return [];
        }
        $ask = $at === null ? $ask : $ask->at($at);
        $ask = $ask->leaving($override->relaxed($relaxed ?? $ask->relaxed));
        if ($override->outside && $ask->minutes !== null) {
            $lengths = $book->services[$booking->service_id]->lengths;
            $ask = $lengths?->named($ask->minutes) === null
                ? $ask->lasting(null, $ask->minutes + $ask->extra - (int) $lengths?->named(null))
                : $ask;
        }
        $diary = $this->rules->diary($business, $book, $ask, turn: false)->without($booking->id, ...$ignoring);

        return (new SlotSearch($book, $override->left($diary)))->slots($ask);
    }
}
