<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use YardBell\Core\Time\Wall;
use YardBell\Core\Time\Window;
use YardBell\Core\Time\Zone;

use function array_map;
use function floor;
use function implode;

/** Instants and stretches in the words of a clock on the business's wall. */
final readonly class ClockWords
{
    public function __construct(private Zone $zone)
    {
    }

    /** "2027-03-01 09:30" */
    public function instant(int $instant): string
    {
        $wall = $this->zone->wall($instant);
        $day = (int) floor($wall / Wall::DAY);

        return Wall::date($day).' '.Wall::writeTimeOfDay($wall - $day * Wall::DAY);
    }

    /** "2027-03-01 09:30 to 10:15" */
    public function stretch(int $start, int $end): string
    {
        [$from, $to] = [$this->instant($start), $this->instant($end)];

        return substr($from, 0, 10) === substr($to, 0, 10) ? "{$from} to ".substr($to, 11) : "{$from} to {$to}";
    }

    /** @param  list<Window>  $windows */
    public static function windows(array $windows): string
    {
        return $windows === []
            ? 'none'
            : implode(
                ', ',
                array_map(
                    static fn (Window $window): string => Wall::writeTimeOfDay($window->from)
                        .'–'
                        .Wall::writeTimeOfDay($window->to),
                    $windows,
                ),
            );
    }
}
