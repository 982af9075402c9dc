<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Wall;

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
                $rows[$start][] = $plan;
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

    /** @return list<PartStarts> empty where one of them cannot be part of a visit at all */
    private function parts(VisitAsk $ask): array
    {
        $minutes = [];
        foreach ($ask->parts as $part) {
            $service = $this->book->services[$part->service];
            $named = $service->lengths?->named($part->minutes);
            if (
                $named === null ||
                $service->hasSessions ||
                $service->isShared() ||
                $ask->party > ($service->largestParty() ?? $ask->party)
            ) {
                return [];
            }
            $minutes[] = $named + $part->extra;
        }
        $days = 1 + intdiv(array_sum($minutes) + count($minutes) * $ask->maxWait, Wall::DAY);
        $parts = [];
        foreach ($ask->parts as $i => $part) {
            $parts[] = new PartStarts(
                $i,
                count($minutes),
                new Ground(
                    $this->book,
                    $this->diary,
                    $this->book->services[$part->service],
                    new Ask(
                        $part->service,
                        $ask->fromDay,
                        $ask->toDay + $days,
                        $ask->now,
                        $part->minutes,
                        $part->extra,
                        $ask->party,
                        relaxed: $ask->relaxed,
                    ),
                    $minutes[$i],
                ),
                $this->diary,
                $part->staff,
            );
        }

        return $parts;
    }
}
