<?php

declare(strict_types=1);

namespace YardBell\Core\Booking;

use YardBell\Core\Availability\Ask;
use YardBell\Core\Availability\Diary;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Availability\SlotSearch;
use YardBell\Core\Availability\WhyNot;
use YardBell\Core\Time\Wall;

use function abs;
use function array_filter;
use function array_map;
use function array_values;
use function min;

/**
 * T23: places the occurrences of a rule in their order. Each one that fits counts as a booking for those after it, but
 * whose turn it is stays as it was.
 */
final class Repeats
{
    /** Dates before and after its own on which a nearest row is looked for. */
    private const AROUND = 6;

    private Diary $diary;

    private readonly Ask $ask;

    /** @param  Ask  $ask what is wished; its dates say nothing here */
    public function __construct(private readonly RuleBook $book, Diary $diary, Ask $ask)
    {
        $this->ask = $ask->leaving($ask->relaxed->and(gaps: true)); // T21's `only` is not asked
        $this->diary = $diary->withTurnsOf($ask->service, $ask->now);
    }

    /** @return list<Occurrence> */
    public function of(RepeatRule $rule): array
    {
        return array_map(
            fn (int $day): Occurrence => $this->placed(
                $day,
                $this->book->zone->first($day * Wall::DAY + $rule->minute),
                $rule->minute,
            ),
            $rule->days(),
        );
    }

    /**
     * @param  int  $own its date by the rule; where that ends with hours that the clock leaves out, its start is on the
     *   next
     */
    private function placed(int $own, int $start, int $minute): Occurrence
    {
        $day = $this->book->zone->day($start);
        $rows = $this->rows($own);
        $row = self::taken($day === $own ? $rows : $this->rows($day), $start);
        if ($row !== null) {
            $service = $this->book->services[$this->ask->service];
            $this->diary = $this->diary->taking($row, $service, $this->ask->party, $this->ask->now);

            return new Occurrence($start, $row);
        }
        $verdicts = (new WhyNot($this->book, $this->diary, asksResting: false))->verdicts(
            $this->ask->during($day, $day),
            $start,
        );

        return new Occurrence(
            $start,
            null,
            $verdicts,
            $rows === []
                ? $this->around($own, $minute)
                : self::nearest($rows, static fn (Slot $row): int => abs($row->start - $start)),
        );
    }

    /** @return list<Slot> */
    private function rows(int $day): array
    {
        return (new SlotSearch($this->book, $this->diary))->slots($this->ask->during($day, $day));
    }

    /** On the nearest other date that has any: nearest by the clock on the wall. */
    private function around(int $day, int $minute): ?Slot
    {
        $zone = $this->book->zone;
        $apart = static fn (Slot $row): int => abs(
            $zone->wall($row->start) - Wall::DAY * $zone->day($row->start) - $minute,
        );
        for ($away = 1; $away <= self::AROUND; $away++) {
            foreach ([$day - $away, $day + $away] as $other) {
                $rows = $this->rows($other);
                if ($rows !== []) {
                    return self::nearest($rows, $apart);
                }
            }
        }

        return null;
    }

    /**
     * @param  non-empty-list<Slot>  $rows by start, so that of two as near the earlier one comes first
     * @param  callable(Slot): int  $apart
     */
    private static function nearest(array $rows, callable $apart): ?Slot
    {
        $least = min(array_map($apart, $rows));
        foreach ($rows as $row) {
            if ($apart($row) === $least) {
                return self::taken($rows, $row->start);
            }
        }

        return null;
    }

    /**
     * The row taken of those that begin then: the first whose turn it is, else the first.
     *
     * @param  list<Slot>  $rows
     */
    private static function taken(array $rows, int $start): ?Slot
    {
        $then = array_values(array_filter($rows, static fn (Slot $row): bool => $row->start === $start));
        foreach ($then as $row) {
            if ($row->next === true) {
                return $row;
            }
        }

        return $then[0] ?? null;
    }
}
