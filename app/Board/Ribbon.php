<?php

declare(strict_types=1);

namespace App\Board;

use App\Models\Business;
use App\Support\Clock;
use App\Times\RulesReader;
use YardBell\Core\Time\Timeline;
use YardBell\Core\Time\Wall;

/** The fortnight around a day: how much of each day's open time is booked. */
final readonly class Ribbon
{
    private const DAYS = 14;

    public function __construct(private RulesReader $rules, private BoardBookings $diary, private Clock $clock)
    {
    }

    /**
     * @param  int|null  $asked day number; null: today
     * @param  list<string>  $only staff members; none: everybody
     * @return list<array{date: string, bookings: int, openMinutes: int, fill: float}> fill from 0 to 1
     */
    public function of(Business $business, ?int $asked, array $only = []): array
    {
        $book = $this->rules->book($business);
        $day = $asked ?? $book->zone->day($this->clock->minute());
        $monday = $day - Wall::weekday($day);
        $open = (new LaneHours($book, $monday, $monday + self::DAYS - 1, null))->people($only);
        $turns = [];
        foreach ($this->diary->turns($business, $book->zone->dates($monday, $monday + self::DAYS - 1)) as $turn) {
            if ($only === [] || array_intersect($only, $turn->staff) !== []) {
                $turns[$book->zone->day($turn->start)][] = $turn;
            }
        }
        $days = [];
        for ($day = $monday; $day < $monday + self::DAYS; $day++) {
            $span = $book->zone->dates($day, $day);
            $minutes = array_sum(array_map(static fn (Timeline $one): int => $one->intersect($span)->minutes(), $open));
            $days[] = [
                'date' => Wall::date($day),
                'bookings' => count(array_filter(
                    $turns[$day] ?? [],
                    static fn (TakenTime $turn): bool => $turn->isBooking,
                )),
                'openMinutes' => $minutes,
                'fill' => $minutes === 0 ? 0.0 : round(min(1, self::taken($turns[$day] ?? []) / $minutes), 3),
            ];
        }

        return $days;
    }

    /**
     * @param  list<TakenTime>  $turns
     * @return int minutes of people, those of a shared appointment once
     */
    private static function taken(array $turns): int
    {
        $taken = [];
        foreach ($turns as $turn) {
            foreach ($turn->staff as $member) {
                $taken["{$member} {$turn->start}"] = $turn->minutes;
            }
        }

        return array_sum($taken);
    }
}
