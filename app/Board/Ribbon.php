<?php

declare(strict_types=1);

namespace App\Board;

use App\Models\Booking;
use App\Support\Instants;
use Illuminate\Database\Eloquent\Collection;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Time\Timeline;
use YardBell\Core\Time\Wall;

/** The fortnight around a day: how much of each day's open time is booked. */
final readonly class Ribbon
{
    public const DAYS = 14;

    /**
     * @param  array<string, Timeline>  $open by staff member
     * @param  Collection<int, Booking>  $bookings
     * @return list<array{date: string, bookings: int, openMinutes: int, fill: float}> fill from 0 to 1
     */
    public static function of(RuleBook $book, int $monday, array $open, Collection $bookings): array
    {
        $byDay = $bookings->groupBy(
            static fn (Booking $booking): int => $book->zone->day(Instants::minute($booking->starts_at)),
        );
        $days = [];
        for ($day = $monday; $day < $monday + self::DAYS; $day++) {
            $span = $book->zone->dates($day, $day);
            $minutes = array_sum(array_map(static fn (Timeline $one): int => $one->intersect($span)->minutes(), $open));
            $booked = $byDay->get($day) ?? new Collection();
            $taken = (int) $booked->sum(
                static fn (Booking $booking): int => $booking->minutes * $booking->staff->count(),
            );
            $days[] = [
                'date' => Wall::date($day),
                'bookings' => $booked->count(),
                'openMinutes' => $minutes,
                'fill' => $minutes === 0 ? 0.0 : round(min(1, $taken / $minutes), 3),
            ];
        }

        return $days;
    }
}
