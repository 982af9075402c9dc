<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use stdClass;
use YardBell\Core\Time\Hours;
use YardBell\Core\Time\Interval;
use YardBell\Core\Time\InvalidTime;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\WallSpan;
use YardBell\Core\Time\Window;
use YardBell\Core\Time\Zone;

use function count;
use function floor;
use function is_string;

/** Reads weekly tables, special days and intervals of the document (T2, T3). */
final class TimeReader
{
    /** @var array<string, Window> read before, by "09:00 12:30": a document repeats few windows many times */
    private array $windows = [];

    /** @param  array<string, mixed>|null  $locations by id, where windows may name one; null where they may not */
    public function __construct(private readonly Zone $zone, private readonly ?array $locations = null)
    {
    }

    /** @return array<int, list<Window>>|null by weekday; null where the key is left out */
    public function weekly(Node $node, string $key): ?array
    {
        $table = $node->node($key, Wall::WEEKDAYS);
        if ($table === null) {
            return null;
        }
        $weekly = [];
        foreach (Wall::WEEKDAYS as $weekday => $name) {
            $weekly[$weekday] = $this->windows($table, $name);
        }

        return $weekly;
    }

    /** @return array<int, list<Window>> by day number */
    public function specialDays(Node $node): array
    {
        $special = [];
        foreach ($node->nodes('specialDays', ['date', 'hours']) as $day) {
            $date = $day->time('date', Wall::day(...));
            if (isset($special[$date])) {
                $day->refuse('date', 'this date stands in the list twice.');
            }
            $special[$date] = $this->windows($day, 'hours');
        }

        return $special;
    }

    public function hours(Node $node, string $key): ?Hours
    {
        $weekly = $this->weekly($node, $key);

        return $weekly === null ? null : new Hours($weekly);
    }

    /** @return list<Window> */
    private function windows(Node $node, string $key): array
    {
        $windows = [];
        foreach ($node->items($key) as $i => $item) {
            $window = $item instanceof stdClass ? $this->again((array) $item) : null;
            if ($window === null) {
                $given = $node->item($key, $i, $item, ['from', 'to', 'at']);
                $window = $given === null ? Window::wholeDay() : $this->window($given);
            }
            $windows[] = $window;
        }

        return $windows;
    }

    /** @param  array<mixed>  $given */
    private function again(array $given): ?Window
    {
        $from = $given['from'] ?? null;
        $to = $given['to'] ?? null;

        return is_string($from) && is_string($to) && count($given) === 2
            ? $this->windows["{$from} {$to}"] ?? null
            : null;
    }

    public function window(Node $node): Window
    {
        $at = $this->locations === null ? null : $node->idOrNull('at', $this->locations, 'location');
        if ($this->locations === null && $node->has('at')) {
            $node->refuse('at', 'only the own hours of a member name a location.');
        }
        $from = $node->text('from');
        $to = $node->text('to');
        foreach (['from' => $from, 'to' => $to] as $key => $time) {
            try {
                $time === '' || Wall::timeOfDay($time, $key === 'to');
            } catch (InvalidTime $wrong) {
                $node->refuse($key, $wrong->getMessage());

                return Window::wholeDay();
            }
        }

        if ($from === '' || $to === '') {
            return Window::wholeDay();
        }
        $window = Window::between($from, $to, $at);
        if ($at === null) {
            $this->windows["{$from} {$to}"] = $window;
        }

        return $window;
    }

    /** T2: between two wall date-times; null where they are refused. */
    public function span(Node $node): ?WallSpan
    {
        $from = $node->time('from', Wall::dateTime(...));
        $to = $node->time('to', Wall::dateTime(...));
        if ($to <= $from && $from !== 0 && $to !== 0) {
            $node->refuse('to', 'it must be after "from".');
        }

        return $from < $to ? WallSpan::between($from, $to, $this->zone) : null;
    }

    /** T1: an interval of an outside calendar, widened to whole minutes; null where it is empty. */
    public function busy(Node $node): ?Interval
    {
        $from = $node->time('from', Wall::instantWithSeconds(...));
        $to = $node->time('to', Wall::instantWithSeconds(...));
        if ($to <= $from && $from !== 0 && $to !== 0) {
            $node->refuse('to', 'it must be after "from".');
        }

        return Interval::ifAny((int) floor($from / 60), (int) ceil($to / 60));
    }
}
