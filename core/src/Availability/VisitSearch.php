<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Wall;

use function array_map;
use function array_merge;
use function array_values;
use function count;
use function intdiv;
use function ksort;

/** Which visits of several services can be booked (T20): from the same ground as single ones. */
final readonly class VisitSearch
{
    public function __construct(private RuleBook $book, private Diary $diary)
    {
    }

    /**
     * The rows offered, at most one for each start and location, by start, then the business's order of locations.
     *
     * @return list<VisitPlan>
     */
    public function plans(VisitAsk $ask): array
    {
        $parts = $this->parts($ask);
        if ($parts === []) {
            return [];
        }
        $until = $this->book->zone->dates($ask->fromDay, $ask->toDay)->span()[1];
        $rows = [];
        foreach ($this->book->locations as $location) {
            if (($ask->location ?? $location->id) !== $location->id || ! self::serveAt($parts, $location)) {
                continue;
            }
            foreach ((new VisitPlanner($ask, $location, $parts))->plans($until) as $start => $plan) {
                $day = $this->book->zone->day($start); // where clocks go back over midnight, dates overlap
                if ($day >= $ask->fromDay && $day <= $ask->toDay) {
                    $rows[$start][] = $plan;
                }
            }
        }
        ksort($rows);

        return array_merge(...array_values($rows));
    }

    /** @param  list<PartStarts>  $parts */
    private static function serveAt(array $parts, Location $location): bool
    {
        foreach ($parts as $part) {
            if (! $part->servesAt($location->id)) {
                return false;
            }
        }

        return true;
    }

    /**
     * What is asked of each part by itself, later dates included that the visit may reach.
     *
     * @return list<Ask> empty where one of them cannot be part of a visit at all
     */
    public static function asks(RuleBook $book, VisitAsk $ask): array
    {
        $minutes = 0;
        foreach ($ask->parts as $part) {
            $service = $book->services[$part->service];
            $named = $service->lengths?->named($part->minutes);
            if (
                $named === null ||
                $service->hasSessions ||
                $service->isShared() ||
                $ask->party > ($service->largestParty() ?? $ask->party)
            ) {
                return [];
            }
            $minutes += $named + $part->extra + $ask->maxWait;
        }
        $until = $ask->toDay + 1 + intdiv($minutes, Wall::DAY);
        // where clocks go back over midnight, a later part may begin on the date before
        $before = $book->zone->dates($ask->fromDay - 1, $ask->fromDay - 1)->span()[1];
        $goesBack = $before > $book->zone->first($ask->fromDay * Wall::DAY);

        return array_map(
            static fn (VisitPart $part): Ask => new Ask(
                service: $part->service,
                fromDay: $ask->fromDay - ($goesBack ? 1 : 0),
                toDay: $until,
                now: $ask->now,
                minutes: $part->minutes,
                extra: $part->extra,
                party: $ask->party,
                relaxed: $ask->relaxed,
            ),
            $ask->parts,
        );
    }

    /** @return list<PartStarts> */
    private function parts(VisitAsk $ask): array
    {
        $parts = [];
        foreach (self::asks($this->book, $ask) as $i => $one) {
            $service = $this->book->services[$one->service];
            $minutes = ($service->lengths?->named($one->minutes) ?? 0) + $one->extra;
            $ground = new Ground(
                book: $this->book,
                diary: $this->diary,
                service: $service,
                ask: $one,
                minutes: $minutes,
            );
            $parts[] = new PartStarts(
                part: $i,
                among: count($ask->parts),
                ground: $ground,
                diary: $this->diary,
                wished: $ask->parts[$i]->staff,
            );
        }

        return $parts;
    }
}
