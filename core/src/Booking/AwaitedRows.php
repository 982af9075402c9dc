<?php

declare(strict_types=1);

namespace YardBell\Core\Booking;

use YardBell\Core\Availability\Slot;
use YardBell\Core\Time\Hours;
use YardBell\Core\Time\Timeline;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\Zone;

use function array_filter;
use function array_intersect;
use function array_map;
use function array_merge;
use function array_values;
use function count;
use function in_array;
use function intdiv;
use function max;
use function min;

/** T22: the rows of one search, and which of them lie where somebody wishes. */
final class AwaitedRows
{
    /** @var list<int> local dates of the starts, as day numbers */
    private readonly array $days;

    /** @var array<int, list<int>> places of the rows by the local date of their start */
    private readonly array $onDay;

    /** How many dates a row reaches into at most, after that of its start. */
    private readonly int $reaches;

    /** @param  list<Slot>  $rows by start */
    public function __construct(private readonly Zone $zone, private readonly array $rows)
    {
        $this->days = array_map(static fn (Slot $row): int => $zone->day($row->start), $rows);
        $onDay = [];
        foreach ($this->days as $at => $day) {
            $onDay[$day][] = $at;
        }
        $this->onDay = $onDay;
        $this->reaches = 1 + intdiv(
            max([0, ...array_map(static fn (Slot $row): int => $row->end - $row->start, $rows)]),
            Wall::DAY,
        );
    }

    /** @return list<int> places of the rows on its dates, with its people, at its locations, within its windows */
    public function wishedBy(WaitlistEntry $entry): array
    {
        return array_values(
            array_filter(
                $entry->windows === null ? $this->onItsDates($entry) : $this->within($this->wished($entry)),
                fn (int $at): bool => $this->days[$at] >= $entry->fromDay &&
                    $this->days[$at] <= $entry->untilDay &&
                    ($entry->locations === null || in_array($this->rows[$at]->location, $entry->locations, true)) &&
                    ($entry->staff === null || array_intersect($this->rows[$at]->staff, $entry->staff) !== []),
            ),
        );
    }

    /** @return list<int> */
    private function onItsDates(WaitlistEntry $entry): array
    {
        return array_merge(
            ...array_filter(
                $this->onDay,
                static fn (int $day): bool => $day >= $entry->fromDay && $day <= $entry->untilDay,
                ARRAY_FILTER_USE_KEY,
            ),
        );
    }

    /** What begins on its dates may end later; a window that runs past midnight begins on the date before. */
    private function wished(WaitlistEntry $entry): Timeline
    {
        return (new Hours($entry->windows ?? []))->between(
            max($entry->fromDay, $this->days[0] ?? 0) - 1,
            min($entry->untilDay, $this->days[count($this->days) - 1] ?? 0) + $this->reaches,
            $this->zone,
        );
    }

    /** @return list<int> places of the rows that lie wholly in one stretch */
    private function within(Timeline $wished): array
    {
        $within = [];
        $at = 0;
        foreach ($wished->stretches() as [$from, $to]) {
            for ($at = $this->firstFrom($from, $at); $at < count($this->rows) && $this->rows[$at]->start < $to; $at++) {
                if ($this->rows[$at]->end <= $to) {
                    $within[] = $at;
                }
            }
        }

        return $within;
    }

    /** The place of the first row that begins at an instant or after it, where it is no earlier than $low. */
    private function firstFrom(int $instant, int $low): int
    {
        $high = count($this->rows);
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($this->rows[$middle]->start < $instant) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $low;
    }
}
