<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Timeline;

use function array_filter;
use function array_key_exists;
use function array_keys;
use function array_map;
use function array_reduce;
use function array_slice;
use function array_sum;
use function array_values;
use function count;
use function implode;
use function max;

/**
 * T20 at one location: the best plan from each start. How those that are left are done best, once some parts are in
 * their place, is worked out once for all that leave them the same.
 */
final class VisitPlanner
{
    private readonly int $longestSetup;

    /** @var array<string, PlanTail|null> by what is left, and what it is left */
    private array $tails = [];

    /** @var array<string, Timeline> by the parts that are left */
    private array $hopeful = [];

    /** @var array<string, Timeline> by part, crew and what comes after it */
    private array $free = [];

    /** @param  non-empty-list<PartStarts>  $parts in the order asked */
    public function __construct(
        private readonly VisitAsk $ask,
        private readonly Location $location,
        private readonly array $parts,
    ) {
        $this->longestSetup = max(
            array_map(static fn (PartStarts $part): int => $part->ground->service->setup, $parts),
        );
    }

    /**
     * @param  int  $until instant: what begins then or later was not asked for
     * @return array<int, VisitPlan> by start
     */
    public function plans(int $until): array
    {
        $all = array_keys($this->parts);
        $minutes = $this->minutes($all);
        $best = [];
        foreach ($this->next($all) as $first) {
            $part = $this->parts[$first];
            $rest = self::without($all, $first);
            foreach ($part->people as $crew => $who) {
                $hopeful = $this->hopeful($rest);
                foreach ($part->first($this->location, $crew) as $start => $units) {
                    if (! $hopeful->covers($start + $part->ground->minutes)) {
                        continue;
                    }
                    $known = $best[$start] ?? null;
                    if ($start >= $until || $known?->settles($start + $minutes, $first, $start) === true) {
                        continue;
                    }
                    $plan = $this->with(
                        part: $first,
                        crew: $crew,
                        start: $start,
                        units: $units,
                        rest: $rest,
                        before: Placed::none(),
                    );
                    if ($plan?->isBetterThan($known) === true) {
                        $best[$start] = $plan;
                    }
                }
            }
        }

        return array_map(
            fn (PlanTail $plan): VisitPlan => new VisitPlan($this->location->id, $plan->parts),
            $best,
        );
    }

    /**
     * Which parts may come next.
     *
     * @param  list<int>  $left
     * @return list<int>
     */
    private function next(array $left): array
    {
        return $this->ask->anyOrder ? $left : array_slice($left, 0, 1);
    }

    /**
     * @param  list<int>  $parts
     * @return list<int>
     */
    private static function without(array $parts, int $part): array
    {
        return array_values(array_filter($parts, static fn (int $other): bool => $other !== $part));
    }

    /** @param  list<int>  $parts */
    private function minutes(array $parts): int
    {
        return array_sum(array_map(fn (int $part): int => $this->parts[$part]->ground->minutes, $parts));
    }

    /**
     * The best plan that places this part so, and after it the rest.
     *
     * @param  list<string>  $units
     * @param  list<int>  $rest
     */
    private function with(int $part, int $crew, int $start, array $units, array $rest, Placed $before): ?PlanTail
    {
        $one = $this->parts[$part];
        $tail = $rest === []
            ? PlanTail::ending($start + $one->ground->minutes)
            : $this->tail($rest, $one->placed($crew, $start, $units, $before));

        return $tail?->after($one->planned($crew, $start, $units), $crew);
    }

    /** @param  non-empty-list<int>  $left */
    private function tail(array $left, Placed $placed): ?PlanTail
    {
        $key = implode(' ', $left).'|'.$placed->key($this->longestSetup, $this->ask->samePerson);
        if (! array_key_exists($key, $this->tails)) {
            $this->tails[$key] = $this->find($left, $placed);
        }

        return $this->tails[$key];
    }

    /**
     * The ends of what comes before from which the rest might still be done, units, limits and the others aside: from
     * nowhere else is it looked for.
     *
     * @param  list<int>  $rest
     */
    private function hopeful(array $rest): Timeline
    {
        return $this->hopeful[implode(' ', $rest)] ??= array_reduce(
            $this->next($rest),
            function (Timeline $ends, int $part) use ($rest): Timeline {
                $free = Timeline::none();
                foreach ($this->parts[$part]->people as $crew => $who) {
                    $free = $free->union($this->free($part, $crew, self::without($rest, $part)));
                }

                return $ends->union($free->moved(-$this->ask->maxWait, 0));
            },
            Timeline::none(),
        );
    }

    /**
     * Where a part might begin with the rest after it.
     *
     * @param  list<int>  $rest
     */
    private function free(int $part, int $crew, array $rest): Timeline
    {
        $key = "{$part} {$crew}|".implode(' ', $rest);
        if (! isset($this->free[$key])) {
            $one = $this->parts[$part];
            $free = $one->free($this->location, $crew);
            $minutes = $one->ground->minutes;
            $this->free[$key] = $rest === []
                ? $free
                : $free->intersect($this->hopeful($rest)->moved(-$minutes, -$minutes));
        }

        return $this->free[$key];
    }

    /** @param  non-empty-list<int>  $left */
    private function find(array $left, Placed $placed): ?PlanTail
    {
        $best = null;
        $minutes = $this->minutes($left);
        foreach ($this->next($left) as $part) {
            $rest = self::without($left, $part);
            foreach ($this->parts[$part]->people as $crew => $who) {
                if ($this->ask->samePerson && $who !== $placed->who) {
                    continue;
                }
                foreach ($this->starts($part, $crew, $rest, $placed) as $start => $units) {
                    if ($best?->settles($start + $minutes, $part, $start) === true) {
                        break; // nor any later start
                    }
                    $plan = $this->with(
                        part: $part,
                        crew: $crew,
                        start: $start,
                        units: $units,
                        rest: $rest,
                        before: $placed,
                    );
                    if ($plan?->isBetterThan($best) === true) {
                        $best = $plan;
                    }
                    if ($plan !== null && $this->gainsNothingLater($rest)) {
                        break;
                    }
                }
            }
        }

        return $best;
    }

    /**
     * Whether the first start of a crew that leaves room for the rest is their best. Of one last part without units it
     * is: whoever is free for it after a later start is free for it after an earlier one as well, or sooner.
     *
     * @param  list<int>  $rest
     */
    private function gainsNothingLater(array $rest): bool
    {
        return count($rest) === 1 && $this->parts[$rest[0]]->ground->service->needs === [];
    }

    /**
     * Where a part may follow those in place.
     *
     * @param  list<int>  $rest what comes after it
     * @return iterable<int, list<string>> the units taken, by start
     */
    private function starts(int $part, int $crew, array $rest, Placed $placed): iterable
    {
        $one = $this->parts[$part];
        $from = $placed->from($one->crews[$crew], $one->ground->service->setup);
        $until = $placed->end + $this->ask->maxWait + 1;
        foreach ($this->free($part, $crew, $rest)->within($from, $until)->stretches() as [$start, $end]) {
            for (; $start < $end; $start++) {
                $units = $one->isFull($crew, $start, $placed)
                    ? null
                    : $one->ground->units->besides($start, $placed->units);
                if ($units !== null) {
                    yield $start => $units;
                }
            }
        }
    }
}
