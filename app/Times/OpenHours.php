<?php

declare(strict_types=1);

namespace App\Times;

use App\Support\Ruler;
use YardBell\Core\Availability\Ask;
use YardBell\Core\Availability\OpenTime;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Time\Timeline;
use YardBell\Core\Time\Wall;

/** The open ground of the almanac, day by day, and the ruler that all of it lies on. */
final class OpenHours
{
    /** @param  list<Slot>  $slots */
    public static function during(array $slots): Timeline
    {
        return Timeline::of(array_map(static fn (Slot $slot): array => [$slot->start, $slot->end], $slots));
    }

    /** When somebody who is asked for is there for the service. */
    public static function of(RuleBook $book, Ask $ask, OpenTime $time): Timeline
    {
        $service = $book->services[$ask->service];
        $open = Timeline::none();
        foreach ($ask->staff === null ? $service->staff : [$ask->staff] as $member) {
            foreach ($ask->location === null ? $service->locations : [$ask->location] as $location) {
                if ($book->staff[$member]->active) {
                    $open = $open->union($time->of($book->staff[$member], $book->locations[$location], $service));
                }
            }
        }

        return $open;
    }

    /** @return array<int, list<array{from: int, to: int}>> by day number, in minutes of the day as clocks show them */
    public static function byDay(RuleBook $book, Ask $ask, Timeline $open): array
    {
        $days = [];
        for ($day = $ask->fromDay; $day <= $ask->toDay; $day++) {
            foreach ($open->intersect($book->zone->dates($day, $day))->stretches() as [$start, $end]) {
                $from = $book->zone->wall($start) - $day * Wall::DAY;
                $days[$day][] = [
                    'from' => $from,
                    'to' => max($from, $book->zone->wall($end - 1) + 1 - $day * Wall::DAY),
                ];
            }
        }

        return $days;
    }

    /** @param  array<int, list<array{from: int, to: int}>>  $open */
    public static function ruler(array $open): Ruler
    {
        $all = array_merge(...array_values($open));

        return Ruler::around([...array_column($all, 'from'), ...array_column($all, 'to')]);
    }
}
