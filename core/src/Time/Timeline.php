<?php

declare(strict_types=1);

namespace YardBell\Core\Time;

use function array_map;
use function count;
use function intdiv;
use function max;
use function min;
use function sort;

/**
 * A set of minutes as sorted stretches that neither overlap nor touch (T3).
 *
 * Make: none, of, between. Combine: union, intersect, subtract. Derive: starts, within, moved. Ask: stretches, span,
 * minutes, covers, stretchAt, isEmpty. Kept as one flat list of edges [start, end, start, end, …] in minutes, so that
 * sweeps touch nothing but integers.
 */
final readonly class Timeline
{
    /** @param  list<int>  $edges */
    private function __construct(private array $edges)
    {
    }

    public static function none(): self
    {
        return new self([]);
    }

    public static function between(int $start, int $end): self
    {
        return new self($start < $end ? [$start, $end] : []);
    }

    /**
     * @param  list<array{int, int}>  $stretches [start, end) in any order; empty ones are dropped, touching ones joined
     */
    public static function of(array $stretches): self
    {
        sort($stretches);
        $edges = [];
        $last = -1;
        foreach ($stretches as [$start, $end]) {
            if ($start >= $end) {
                continue;
            }
            if ($last > 0 && $start <= $edges[$last]) {
                $edges[$last] = max($edges[$last], $end);

                continue;
            }
            $edges[] = $start;
            $edges[] = $end;
            $last += 2;
        }

        return new self($edges);
    }

    public function union(self $other): self
    {
        return match (true) {
            $this->edges === [] => $other,
            $other->edges === [] => $this,
            default => self::of([...$this->stretches(), ...$other->stretches()]),
        };
    }

    /** Linear: both are sorted, and nothing in either touches. */
    public function intersect(self $other): self
    {
        [$mine, $theirs] = [$this->edges, $other->edges];
        [$m, $t, $both] = [0, 0, []];
        while (isset($mine[$m], $theirs[$t])) {
            $start = max($mine[$m], $theirs[$t]);
            $end = min($mine[$m + 1], $theirs[$t + 1]);
            if ($start < $end) {
                $both[] = $start;
                $both[] = $end;
            }
            if ($mine[$m + 1] < $theirs[$t + 1]) {
                $m += 2;
            } else {
                $t += 2;
            }
        }

        return new self($both);
    }

    /** What of this timeline is not in $busy. Linear, as above. */
    public function subtract(self $busy): self
    {
        [$taken, $next, $left] = [$busy->edges, 0, []];
        if ($taken === [] || $this->edges === []) {
            return $this;
        }
        for ($m = 0; isset($this->edges[$m]); $m += 2) {
            [$from, $end] = [$this->edges[$m], $this->edges[$m + 1]];
            while (isset($taken[$next]) && $taken[$next] < $end) {
                if ($from < $taken[$next]) {
                    $left[] = $from;
                    $left[] = $taken[$next];
                }
                $from = max($from, $taken[$next + 1]);
                if ($taken[$next + 1] > $end) {
                    break; // it reaches into the next stretch as well
                }
                $next += 2;
            }
            if ($from < $end) {
                $left[] = $from;
                $left[] = $end;
            }
        }

        return new self($left);
    }

    /**
     * T5: the instants at which something of $minutes can start and lie wholly inside one stretch.
     *
     * @param  positive-int  $minutes so that what can start in one stretch never touches the next
     */
    public function starts(int $minutes): self
    {
        $starts = [];
        for ($m = 0; isset($this->edges[$m]); $m += 2) {
            if ($minutes <= $this->edges[$m + 1] - $this->edges[$m]) {
                $starts[] = $this->edges[$m];
                $starts[] = $this->edges[$m + 1] - $minutes + 1;
            }
        }

        return new self($starts);
    }

    /** Each stretch with its start and its end moved by so many minutes; those that overlap then are joined. */
    public function moved(int $start, int $end): self
    {
        return self::of(
            array_map(
                static fn (array $stretch): array => [$stretch[0] + $start, $stretch[1] + $end],
                $this->stretches(),
            ),
        );
    }

    /** What of it lies in [$from, $until): where that is little, little of this is looked at. */
    public function within(int $from, int $until): self
    {
        $inside = [];
        for ($m = 2 * $this->firstAfter($from); isset($this->edges[$m]) && $this->edges[$m] < $until; $m += 2) {
            $inside[] = max($from, $this->edges[$m]);
            $inside[] = min($until, $this->edges[$m + 1]);
        }

        return new self($from < $until ? $inside : []);
    }

    /** @return array{int, int} from the beginning of the first stretch to the end of the last; [0, 0] where none is */
    public function span(): array
    {
        return $this->edges === [] ? [0, 0] : [$this->edges[0], $this->edges[count($this->edges) - 1]];
    }

    /** Which stretch is the first that ends after the minute, counted from zero; one too many where none does. */
    private function firstAfter(int $minute): int
    {
        [$low, $high] = [0, intdiv(count($this->edges), 2)];
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($this->edges[2 * $middle + 1] > $minute) {
                $high = $middle;
            } else {
                $low = $middle + 1;
            }
        }

        return $low;
    }

    /** @return list<array{int, int}> */
    public function stretches(): array
    {
        $stretches = [];
        for ($m = 0; isset($this->edges[$m], $this->edges[$m + 1]); $m += 2) {
            $stretches[] = [$this->edges[$m], $this->edges[$m + 1]];
        }

        return $stretches;
    }

    /** How long it is altogether. */
    public function minutes(): int
    {
        $minutes = 0;
        for ($m = 0; isset($this->edges[$m], $this->edges[$m + 1]); $m += 2) {
            $minutes += $this->edges[$m + 1] - $this->edges[$m];
        }

        return $minutes;
    }

    public function isEmpty(): bool
    {
        return $this->edges === [];
    }

    public function covers(int $minute): bool
    {
        return $this->stretchAt($minute) !== null;
    }

    /** @return array{int, int}|null the stretch this minute lies in */
    public function stretchAt(int $minute): ?array
    {
        [$low, $high] = [0, intdiv(count($this->edges), 2) - 1];
        while ($low <= $high) {
            $middle = ($low + $high) >> 1;
            if ($minute < $this->edges[2 * $middle]) {
                $high = $middle - 1;
            } elseif ($minute >= $this->edges[2 * $middle + 1]) {
                $low = $middle + 1;
            } else {
                return [$this->edges[2 * $middle], $this->edges[2 * $middle + 1]];
            }
        }

        return null;
    }
}
