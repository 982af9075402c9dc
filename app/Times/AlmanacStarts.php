<?php

declare(strict_types=1);

namespace App\Times;

use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Service;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Availability\TightDays;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\Zone;

/** What can be picked in the almanac: the rows of one start together, whoever takes it. */
final class AlmanacStarts
{
    /**
     * @param  list<Slot>  $slots
     * @param  bool  $isVisit of several services, which lasts as long as it lasts, as a session does
     * @return array<int, list<array{
     *     at: string, minute: int, part: string, staff: list<string>, places: int|null, minutes: int|null,
     *     suits?: bool,
     * }>> by day number
     */
    public static function of(array $slots, Zone $zone, Service $service, bool $isVisit): array
    {
        $shared = $service->isShared() || $service->hasSessions;
        $starts = [];
        foreach ($slots as $slot) {
            $wall = $zone->wall($slot->start);
            $day = (int) floor($wall / Wall::DAY);
            $minute = $wall - $day * Wall::DAY;
            $starts[$day][$slot->start] ??= [
                'at' => Wall::writeInstant($slot->start),
                'minute' => $minute,
                'part' => self::part($minute),
                'staff' => [],
                'places' => $shared ? 0 : null,
                'minutes' => $isVisit || $service->hasSessions ? $slot->end - $slot->start : null,
            ];
            if ($slot->tight !== null) {
                $starts[$day][$slot->start]['suits'] = $slot->tight || ($starts[$day][$slot->start]['suits'] ?? false);
            }
            if ($shared) {
                $starts[$day][$slot->start]['places'] = max($starts[$day][$slot->start]['places'], $slot->places);
            }
            array_push($starts[$day][$slot->start]['staff'], ...$slot->staff);
        }

        return array_map(array_values(...), $starts);
    }

    private static function part(int $minute): string
    {
        return match (true) {
            $minute < 12 * 60 => 'morning',
            $minute < 17 * 60 => 'afternoon',
            default => 'evening',
        };
    }

    /**
     * The first, of each date those that leave no gap before the others (rules.md T21), in order of time.
     *
     * @param  list<array{at: string, suits?: bool, ...}>  $starts in order of time
     * @param  int  $most so many of them
     * @return list<array{at: string, suits?: bool, ...}>
     */
    public static function soonest(array $starts, RuleBook $book, int $most): array
    {
        if ($book->tightDays === TightDays::Off) {
            return array_slice($starts, 0, $most);
        }
        $rank = static fn (array $start): array => [
            $book->zone->day(Wall::instant($start['at'])),
            ($start['suits'] ?? true) ? 0 : 1,
            $start['at'],
        ];
        usort($starts, static fn (array $a, array $b): int => $rank($a) <=> $rank($b));
        $best = array_slice($starts, 0, $most);
        usort($best, static fn (array $a, array $b): int => $a['at'] <=> $b['at']);

        return $best;
    }
}
