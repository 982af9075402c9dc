<?php

declare(strict_types=1);

namespace App\Scenario;

use App\Support\Ids;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\Window;

/** The core's weekly hours as they are kept. */
final class WrittenHours
{
    /**
     * @param  array<int, list<Window>>  $weekly
     * @return array<string, list<array<string, string>>>
     */
    public static function table(array $weekly, ?Ids $ids = null): array
    {
        $table = [];
        foreach (Wall::WEEKDAYS as $weekday => $name) {
            $table[$name] = array_map(
                static fn (Window $window): array => self::window($window, $ids),
                $weekly[$weekday] ?? [],
            );
        }

        return $table;
    }

    /** @return array<string, string> */
    public static function window(Window $window, ?Ids $ids): array
    {
        return ['from' => Wall::writeTimeOfDay($window->from), 'to' => Wall::writeTimeOfDay($window->to)] +
            ($window->at === null || $ids === null ? [] : ['at' => $ids->of('locations', $window->at)]);
    }
}
