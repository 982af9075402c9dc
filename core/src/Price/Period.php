<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

use YardBell\Core\Time\Wall;

use function gmdate;

/** P5: what frequent visits are counted in. */
enum Period: string
{
    case Day = 'day';
    case Week = 'week';
    case Month = 'month';

    /** @return array{int, int} first and last date, as day numbers, of the period a date lies in */
    public function around(int $day): array
    {
        $monday = $day - Wall::weekday($day);
        $first = Wall::day(gmdate('Y-m', $day * 86_400).'-01');

        return match ($this) {
            self::Day => [$day, $day],
            self::Week => [$monday, $monday + 6],
            self::Month => [$first, $first + (int) gmdate('t', $day * 86_400) - 1],
        };
    }
}
