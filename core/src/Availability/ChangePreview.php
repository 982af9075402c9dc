<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Wall;

use function array_filter;
use function array_keys;
use function array_map;
use function array_values;
use function in_array;
use function intdiv;
use function max;
use function strval;

/**
 * What a change of the rules does on a range of dates: which starts open and which close. Both rule books are asked
 * with the same diary; which of its bookings no longer lie in open time, says Stranding.
 */
final readonly class ChangePreview
{
    /** Days beside those asked about. */
    private const AROUND = 3;

    public function __construct(private RuleBook $before, private RuleBook $after, private Diary $diary)
    {
    }

    /**
     * @param  int  $fromDay, $toDay local dates as day numbers, both included
     * @param  int  $now instant
     */
    public function of(int $fromDay, int $toDay, int $now): Effect
    {
        [$opens, $closes] = [[], []];
        [$before, $after] = $this->openTimes($fromDay, $toDay, $this->longest());
        $taken = $this->commitments($fromDay, $toDay, $now);
        $found = [new FoundOnce(), new FoundOnce()];
        $grounds = new GroundChanges($this->before, $this->after, $before, $after);
        foreach ($this->touched() as $id) {
            $changes = $grounds->of($id);
            $only = $this->isMovedByHours($id) ? new LookedFor($changes, $this->after->services[$id]) : null;
            if ($only?->isEmpty() === true) {
                continue;
            }
            $ask = new Ask($id, $fromDay, $toDay, $now);
            $had = $this->starts(
                book: $this->before,
                ask: $ask,
                open: $before,
                only: $only,
                taken: $taken[0],
                found: $found[0],
            );
            $has = $this->starts(
                book: $this->after,
                ask: $ask,
                open: $after,
                only: $only,
                taken: $taken[1],
                found: $found[1],
            );
            array_push($opens, ...$this->byDay($id, $has, $had));
            array_push($closes, ...$this->byDay($id, $had, $has));
        }

        return new Effect($opens, $closes, $grounds->together());
    }

    /**
     * The services whose times can be different: what a draft leaves alone is the same object before and after.
     *
     * @return list<string>
     */
    private function touched(): array
    {
        $ids = array_map(strval(...), array_keys($this->before->services + $this->after->services));
        if ($this->leavesOut()) {
            return $ids;
        }
        foreach (['zone', 'openingHours', 'closures', 'dayparts', 'travelMinutes'] as $shared) {
            if ($this->before->$shared !== $this->after->$shared) {
                return $ids;
            }
        }

        return array_values(array_filter($ids, $this->isTouched(...)));
    }

    /** Whether T21 may leave out rows that nothing else is in the way of: any change may let them in. */
    private function leavesOut(): bool
    {
        return in_array(TightDays::Only, [$this->before->tightDays, $this->after->tightDays], true);
    }

    private function isTouched(string $id): bool
    {
        $service = $this->before->services[$id] ?? null;
        if ($service === null || $service !== ($this->after->services[$id] ?? null)) {
            return true;
        }
        $pools = array_map(static fn (Need $need): string => $need->pool, $service->needs);
        foreach (
            ['staff' => $service->staff, 'locations' => $service->locations, 'pools' => $pools] as $list => $used
        ) {
            foreach ($used as $one) {
                if ($this->before->$list[$one] !== $this->after->$list[$one]) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * Whether the times of a service can be different only because people or places are open at other hours: then only
     * starts that touch those hours need be looked at. A grid counted from opening moves as a whole.
     */
    private function isMovedByHours(string $id): bool
    {
        $service = $this->after->services[$id] ?? null;
        if (
            $service === null ||
            $service !== ($this->before->services[$id] ?? null) ||
            $service->gridFromOpening ||
            $service->hasSessions ||
            $this->leavesOut()
        ) {
            return false;
        }
        foreach (['zone', 'dayparts', 'travelMinutes'] as $shared) {
            if ($this->before->$shared !== $this->after->$shared) {
                return false;
            }
        }
        foreach ($service->needs as $need) {
            if ($this->before->pools[$need->pool] !== $this->after->pools[$need->pool]) {
                return false;
            }
        }
        foreach ($service->staff as $member) {
            if (! $this->before->staff[$member]->differsByHoursAlone($this->after->staff[$member])) {
                return false;
            }
        }

        return true;
    }

    /** Days that the longest appointment reaches beyond its date. */
    private function longest(): int
    {
        $minutes = array_map(static fn (Service $service): int => $service->lengths->max ?? 0, [
            ...array_values($this->before->services),
            ...array_values($this->after->services),
        ]);

        return intdiv(max([0, ...$minutes]), Wall::DAY);
    }

    /**
     * @return array{OpenTime, OpenTime} before and after, with the nights that reach into the dates and out of them,
     *   and what grids are counted from
     */
    private function openTimes(int $fromDay, int $toDay, int $further): array
    {
        $more = $this->margin();
        $back = max($more, $this->countsFromOpening() ? Grid::LOOKS_BACK : 0);
        [$first, $last] = [$fromDay - self::AROUND - $back, $toDay + self::AROUND + $more + $further];

        $before = new OpenTime($this->before, $first, $last);

        return [$before, new OpenTime($this->after, $first, $last, $before)];
    }

    /** Days further that T21 looks. */
    private function margin(): int
    {
        $margin = 0;
        foreach ([$this->before, $this->after] as $book) {
            foreach ($book->services as $service) {
                $margin = max($margin, Gaps::margin($book, $service));
            }
        }

        return $margin;
    }

    private function countsFromOpening(): bool
    {
        foreach ([$this->before, $this->after] as $book) {
            foreach ($book->services as $service) {
                if ($service->gridFromOpening) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return array{Commitments, Commitments} before and after, of all that an appointment on the dates can meet */
    private function commitments(int $fromDay, int $toDay, int $now): array
    {
        $around = (self::AROUND + $this->longest() + $this->margin()) * Wall::DAY;
        $within = [$fromDay * Wall::DAY - $around, ($toDay + 1) * Wall::DAY + $around];

        return [
            new Commitments($this->before, $this->diary, $now, $within),
            new Commitments($this->after, $this->diary, $now, $within),
        ];
    }

    /** @return array<string, Offered> by who and where */
    private function starts(
        RuleBook $book,
        Ask $ask,
        OpenTime $open,
        ?LookedFor $only,
        Commitments $taken,
        FoundOnce $found,
    ): array {
        return isset($book->services[$ask->service])
            ? (new SlotSearch(
                book: $book,
                diary: $this->diary->withoutTurns(),
                open: $open,
                only: $only,
                commitments: $taken,
                known: $found,
            ))->offered($ask)
            : [];
    }

    /**
     * What one has and the other has not.
     *
     * @param  array<string, Offered>  $these by who and where
     * @param  array<string, Offered>  $others
     * @return list<Change>
     */
    private function byDay(string $service, array $these, array $others): array
    {
        $changes = [];
        foreach ($these as $key => $offered) {
            foreach ($offered->beyond($others[$key] ?? null, $this->after->zone) as $day => $starts) {
                $changes[] = new Change(
                    service: $service,
                    staff: $offered->staff,
                    location: $offered->location,
                    day: $day,
                    starts: $starts,
                );
            }
        }

        return $changes;
    }
}
