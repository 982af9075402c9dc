<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\Booking;
use App\Models\Business;
use App\Support\Clock;
use App\Support\Instants;
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
                $this->slots($business, $book, $booking, $day, $day + self::DAYS - 1),
                static fn (Slot $slot): bool => $slot->start > $now &&
                    ($slot->start !== Instants::minute($booking->starts_at) || $slot->staff !== $booking->staff_ids),
            ),
        );
        $same = static fn (Slot $slot): int => $slot->staff === $booking->staff_ids ? 0 : 1;
        usort($slots, static fn (Slot $a, Slot $b): int => $same($a) <=> $same($b) ?: $a->start <=> $b->start);

        return array_slice($slots, 0, $count);
    }

    /** @return list<Slot> that begin at exactly this instant */
    public function at(Business $business, RuleBook $book, Booking $booking, int $start): array
    {
        $day = $book->zone->day($start);

        return array_values(
            array_filter(
                $this->slots($business, $book, $booking, $day, $day),
                static fn (Slot $slot): bool => $slot->start === $start,
            ),
        );
    }

    /** @return list<Slot> */
    private function slots(Business $business, RuleBook $book, Booking $booking, int $fromDay, int $toDay): array
    {
        $lengths = ($book->services[$booking->service_id] ?? null)?->lengths;
        if ($lengths === null || $booking->session_id !== null) {
            return []; // gone, or taken by the session it is part of
        }
        $minutes = $lengths->named($booking->minutes - $booking->extra_minutes);
        // it keeps its length, whatever the service has now
        $extra = $minutes === null ? max(0, $booking->minutes - (int) $lengths->named(null)) : $booking->extra_minutes;
        $ask = new Ask(
            $booking->service_id,
            $fromDay,
            $toDay,
            $this->clock->minute(),
            $minutes,
            $extra,
            $booking->party,
            null,
            null,
            new Relaxed(notice: true, limits: true),
        );

        return (new SlotSearch(
            $book,
            $this->rules->diary($business, $book, $ask, turn: false)->without($booking->id),
        ))->slots($ask);
    }
}
