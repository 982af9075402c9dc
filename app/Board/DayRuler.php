<?php

declare(strict_types=1);

namespace App\Board;

use App\Support\Ruler;
use YardBell\Core\Time\Timeline;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\Zone;

/** The hours of the clock that days of the Board are drawn on: whole hours around all that is open or taken. */
final readonly class DayRuler
{
    /** Hours shown where nothing is open and nothing booked. */
    private const QUIET_FROM = 8 * 60;

    private const QUIET_TO = 18 * 60;

    private Ruler $hours;

    /** @param  array<int, list<Timeline>>  $drawn by day: all days share the same hours */
    public function __construct(private Zone $zone, array $drawn)
    {
        $edges = [];
        foreach ($drawn as $day => $timelines) {
            $span = $zone->dates($day, $day);
            foreach ($timelines as $timeline) {
                foreach (array_merge(...$timeline->intersect($span)->stretches()) as $edge) {
                    $edges[] = $zone->wall($edge) - $day * Wall::DAY;
                }
            }
        }
        $this->hours = Ruler::around($edges, self::QUIET_FROM, self::QUIET_TO);
    }

    /** @return array{start: string, end: string, ticks: list<string>} an hour more or less where clocks change */
    public function on(int $day): array
    {
        $ticks = range($this->at($day, $this->hours->from), $this->at($day, $this->hours->to), 60);
        $written = array_map(Wall::writeInstant(...), $ticks);

        return ['start' => $written[0], 'end' => $written[count($written) - 1], 'ticks' => $written];
    }

    private function at(int $day, int $minute): int
    {
        return $this->zone->first($day * Wall::DAY + $minute);
    }
}
