<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Timeline;
use YardBell\Core\Time\Wall;

use function array_column;
use function array_map;
use function array_push;
use function array_values;
use function ceil;
use function count;
use function in_array;
use function max;
use function sort;
use function usort;

/** T19 for dates on which nothing is offered: what stands in the way of most of what open time and the grid leave. */
final readonly class WhyNothing
{
    /** CrewStarts of a date that are asked, spread over it. */
    private const A_DATE = 6;

    private const NOON = 12 * 60;

    public function __construct(private RuleBook $book, private Diary $diary)
    {
    }

    /** @return list<Reason> one an obstacle, the most frequent first; none where something is offered */
    public function reasons(Ask $ask): array
    {
        $starts = $this->starts($ask) ?: [$this->book->zone->first($ask->fromDay * Wall::DAY + self::NOON)];
        $why = new WhyNot($this->book, $this->diary, asksResting: false);
        [$found, $asks] = [[], []];
        foreach ($starts as $at) {
            $day = $this->book->zone->day($at);
            $asks[$day] ??= $ask->during($day, $day);
            foreach (self::least($why->verdicts($asks[$day], $at)) as $reason) {
                [$times, $first] = $found[$reason->what->value] ?? [0, $reason];
                $found[$reason->what->value] = [$times + 1, $first];
            }
        }
        usort($found, static fn (array $a, array $b): int => $b[0] <=> $a[0]);

        return array_column($found, 1);
    }

    /**
     * Whoever could take it most easily.
     *
     * @param  non-empty-list<Verdict>  $verdicts
     * @return list<Reason>
     */
    private static function least(array $verdicts): array
    {
        $least = $verdicts[0]->reasons;
        foreach ($verdicts as $verdict) {
            $least = count($verdict->reasons) < count($least) ? $verdict->reasons : $least;
        }

        return $least;
    }

    /** @return list<int> a few of each date, in order of time */
    private function starts(Ask $ask): array
    {
        $dates = [];
        foreach ($this->candidates($ask) as [$at, $day]) {
            $dates[$day][$at] = $at;
        }
        $starts = [];
        foreach ($dates as $all) {
            $all = array_values($all);
            sort($all);
            $step = (int) ceil(count($all) / self::A_DATE);
            for ($i = 0; $i < count($all); $i += $step) {
                $starts[] = $all[$i];
            }
        }

        return $starts;
    }

    /** @return list<array{int, int}> start and its local date */
    private function candidates(Ask $ask): array
    {
        $service = $this->book->services[$ask->service];
        $dates = $this->book->zone->dates($ask->fromDay, $ask->toDay);
        $starts = [];
        foreach ($service->hasSessions ? $this->diary->sessions : [] as $session) {
            if ($session->service === $service->id && $dates->covers($session->start)) {
                $starts[] = [$session->start, $this->book->zone->day($session->start)];
            }
        }
        $minutes = max(1, ($service->lengths?->named($ask->minutes) ?? 0) + $ask->extra);
        $open = OpenTime::around($this->book, $service, $ask, $minutes);
        $grid = new Grid($this->book->zone, $service->startEvery, $service->gridFromOpening);
        foreach ($this->stretches($service, $ask, $open) as $stretch) {
            array_push($starts, ...$grid->candidates($stretch->starts($minutes)->intersect($dates), $stretch));
        }

        return $starts;
    }

    /** @return list<Timeline> when each who is wished, or could be, is open for the service */
    private function stretches(Service $service, Ask $ask, OpenTime $open): array
    {
        $all = [];
        foreach ($service->hasSessions ? [] : Crews::of($this->book, $service) as $crew) {
            $ids = array_map(static fn (Member $member): string => $member->id, $crew);
            foreach ($ask->staff === null || in_array($ask->staff, $ids, true) ? $service->locations : [] as $id) {
                if ($ask->location === null || $ask->location === $id) {
                    $all[] = $open->together($crew, $this->book->locations[$id], $service);
                }
            }
        }

        return $all;
    }
}
