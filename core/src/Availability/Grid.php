<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Timeline;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\Zone;

use function floor;
use function min;

/** T10: which instants are candidate starts. */
final readonly class Grid
{
    /** T10: a stretch open for longer than this many dates is counted from 00:00 of the start's own date. */
    public const LOOKS_BACK = 7;

    /** @param  int  $every minutes between starts */
    public function __construct(private Zone $zone, private int $every, private bool $fromOpening)
    {
    }

    /**
     * The candidates among $starts, in order of time.
     *
     * @param  Timeline  $open the stretches that an `opening` grid is counted from
     * @return list<array{int, int}> start, its local date
     */
    public function candidates(Timeline $starts, Timeline $open): array
    {
        $found = [];
        foreach ($starts->stretches() as [$from, $until]) {
            $opened = $this->fromOpening ? ($open->stretchAt($from)[0] ?? $from) : 0;
            foreach ($this->zone->periods($from, $until) as [$start, $end, $offset]) {
                while ($start < $end) {
                    $day = (int) floor(($start + $offset) / Wall::DAY);
                    $midnight = $day * Wall::DAY - $offset;
                    $dayEnd = min($end, $midnight + Wall::DAY);
                    $anchor = $this->fromOpening ? $this->anchor($opened, $day) : $midnight;
                    $late = ($start - $anchor) % $this->every;
                    for ($t = $late === 0 ? $start : $start + $this->every - $late; $t < $dayEnd; $t += $this->every) {
                        $found[] = [$t, $day];
                    }
                    $start = $dayEnd;
                }
            }
        }

        return $found;
    }

    private function anchor(int $opened, int $day): int
    {
        return $opened < $this->zone->first(($day - self::LOOKS_BACK) * Wall::DAY)
            ? $this->zone->first($day * Wall::DAY)
            : $opened;
    }
}
