<?php

declare(strict_types=1);

namespace YardBell\Core\Booking;

use Generator;
use YardBell\Core\Time\Wall;

use function count;
use function floor;
use function gmdate;
use function gmmktime;
use function intdiv;
use function min;
use function sort;

/** T23: a wall-clock start every so many days, weeks or months, from a first date up to a number or a date. */
final readonly class RepeatRule
{
    /** Occurrences at most. */
    public const MOST = 104;

    /** The date of the first one. */
    public int $day;

    /** Its time of day, in minutes since 00:00. */
    public int $minute;

    /**
     * @param  int  $wall when it starts first, as a wall minute
     * @param  int  $every at least 1
     * @param  MonthDay  $monthDay of months: which day of each
     * @param  int|null  $count occurrences, 1 to MOST; null: until a date
     * @param  int|null  $untilDay the last date, included
     * @param  list<int>  $weekdays of weeks: 0 = Monday …, the first date's among them; none: that alone
     */
    public function __construct(
        int $wall,
        private int $every,
        private RepeatUnit $unit,
        private MonthDay $monthDay = MonthDay::Same,
        private ?int $count = null,
        private ?int $untilDay = null,
        private array $weekdays = [],
    ) {
        $this->day = (int) floor($wall / Wall::DAY);
        $this->minute = $wall - $this->day * Wall::DAY;
    }

    /** @return non-empty-list<int> the dates, as day numbers; one more than MOST where there would be too many */
    public function days(): array
    {
        $days = [$this->day];
        foreach ($this->later() as $next) {
            if (
                count($days) > self::MOST ||
                ($this->count === null ? $next > ($this->untilDay ?? $next) : count($days) >= $this->count)
            ) {
                break;
            }
            $days[] = $next;
        }

        return $days;
    }

    /** @return Generator<int> the dates after the first, without end */
    private function later(): Generator
    {
        if ($this->weekdays !== []) {
            yield from $this->onWeekdays();
        }
        for ($k = 1; ; $k++) {
            yield match ($this->unit) {
                RepeatUnit::Days => $this->day + $k * $this->every,
                RepeatUnit::Weeks => $this->day + 7 * $k * $this->every,
                RepeatUnit::Months => $this->inMonth($k * $this->every),
            };
        }
    }

    /** @return Generator<int> of the first date's week, from Monday, and of each n-th week after it */
    private function onWeekdays(): Generator
    {
        $weekdays = $this->weekdays;
        sort($weekdays);
        $monday = $this->day - Wall::weekday($this->day);
        for ($k = 0; ; $k++) {
            foreach ($weekdays as $weekday) {
                $day = $monday + 7 * $k * $this->every + $weekday;
                if ($day > $this->day) {
                    yield $day;
                }
            }
        }
    }

    /** The date so many months later: its day of the month or the last, or its weekday of the month. */
    private function inMonth(int $later): int
    {
        [$year, $month, $day] = [$this->part('Y'), $this->part('n'), $this->part('j')];
        $first = intdiv((int) gmmktime(
            hour: 0,
            minute: 0,
            second: 0,
            month: $month + $later,
            day: 1,
            year: $year,
        ), 86400);
        $last = $first + (int) gmdate('t', $first * 86400) - 1;
        if ($this->monthDay === MonthDay::Same) {
            return min($first + $day - 1, $last);
        }
        if ($this->monthDay === MonthDay::LastWeekday) {
            return $last - (Wall::weekday($last) - Wall::weekday($this->day) + 7) % 7;
        }
        $ahead = (Wall::weekday($this->day) - Wall::weekday($first) + 7) % 7;
        $same = $first + $ahead + 7 * intdiv($day - 1, 7);

        return $same > $last ? $same - 7 : $same;
    }

    private function part(string $format): int
    {
        return (int) gmdate($format, $this->day * 86400);
    }
}
