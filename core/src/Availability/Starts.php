<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Timeline;
use YardBell\Core\Time\Wall;

use function array_map;
use function array_slice;
use function max;
use function min;

/** The starts of one service and length that can be booked, crew by crew. $minutes is the whole length, add-ons included. */
final class Starts
{
    private readonly Timeline $reach;

    private readonly Timeline $wanted;

    private readonly OpenTime $open;

    private readonly Commitments $commitments;

    private readonly DayCounts $counts;

    private readonly Units $units;

    private readonly Grid $grid;

    /** @var array<string, array<int, Group>> */
    private readonly array $groups;

    /** @var array<string, Timeline> */
    private array $blocked = [];

    public function __construct(
        private readonly RuleBook $book,
        Diary $diary,
        private readonly Service $service,
        private readonly Ask $ask,
        private readonly int $minutes,
        ?OpenTime $open = null,
    ) {
        $this->reach = Reach::of($book->zone, $service, $ask);
        $this->wanted = $this->wanted();
        $this->open = $open ?? OpenTime::around($book, $service, $ask);
        $this->commitments = new Commitments($book, $diary, $ask->now, $this->horizon());
        $this->counts = new DayCounts($book, $diary, $ask->now);
        $this->units = new Units($book, $service, $minutes, $ask->party, $this->commitments);
        $this->grid = $ask->relaxed->anyTime
            ? new Grid($book->zone, 1, false)
            : new Grid($book->zone, $service->startEvery, $service->gridFromOpening);
        $this->groups = $service->isShared() ? Group::gather($diary, $service, $minutes, $ask->now) : [];
    }

    /**
     * @param  non-empty-list<Member>  $crew all of whom take it together
     * @return array<int, array{list<string>, int, bool}> by start: the units taken, the places left, whether it joins (T14)
     */
    public function offered(Location $location, array $crew): array
    {
        $rows = $this->joined($location, $crew);
        if (! $this->units->serveAt($location->id)) {
            return $rows;
        }
        $open = $this->openFor($location, $crew);
        $free = $this->ask->relaxed->anyTime ? $this->wanted : $open->starts($this->minutes)->intersect($this->wanted);
        foreach ($crew as $member) {
            $free = $free->subtract($this->blockedFor($member, $location));
        }
        foreach ($this->grid->candidates($free, $open) as [$start, $day]) {
            $units = isset($rows[$start]) || $this->isFull($crew, $day) ? null : $this->units->at($start);
            if ($units !== null) {
                $rows[$start] = [$units, $this->service->places, false];
            }
        }

        return $rows;
    }

    /**
     * T14: the groups that this party can join.
     *
     * @param  non-empty-list<Member>  $crew
     * @return array<int, array{list<string>, int, bool}>
     */
    private function joined(Location $location, array $crew): array
    {
        $rows = [];
        $where = Group::where(array_map(static fn (Member $member): string => $member->id, $crew), $location->id);
        foreach ($this->groups[$where] ?? [] as $start => $group) {
            $left = $this->service->places - $group->party;
            if ($left < $this->ask->party || ! $this->reach->covers($start)) {
                continue;
            }
            $units = $this->units->joining($start, $group->units, $location->id);
            if ($units !== null) {
                $rows[$start] = [$units, $left, true];
            }
        }

        return $rows;
    }

    /** @param  non-empty-list<Member>  $crew */
    private function openFor(Location $location, array $crew): Timeline
    {
        $open = $this->open->of($crew[0], $location, $this->service);
        foreach (array_slice($crew, 1) as $member) {
            $open = $open->intersect($this->open->of($member, $location, $this->service));
        }

        return $open;
    }

    /** T6, T7: the starts at which something this member holds is in the way. */
    private function blockedFor(Member $member, Location $location): Timeline
    {
        $travels = $this->book->travelMinutes > 0;

        return $this->blocked[$travels ? "{$member->id} {$location->id}" : $member->id] ??= Timeline::of(array_map(
            fn (Commitment $commitment): array => $commitment->blocks(
                $this->minutes,
                $this->service->setup,
                $this->service->clearup,
                $commitment->travelTo($location->id, $this->book->travelMinutes),
            ),
            $this->commitments->ofMember($member->id),
        ));
    }

    /**
     * T12.
     *
     * @param  non-empty-list<Member>  $crew
     */
    private function isFull(array $crew, int $day): bool
    {
        if ($this->ask->relaxed->limits) {
            return false;
        }
        foreach ($crew as $member) {
            if ($this->counts->memberIsFull($member, $day)) {
                return true;
            }
        }

        return $this->counts->serviceIsFull($this->service, $day);
    }

    /** T5, T11: the instants at which the service may start at all. */
    private function wanted(): Timeline
    {
        $from = max($this->ask->fromDay, $this->service->availableFrom ?? $this->ask->fromDay);
        $to = min($this->ask->toDay, $this->service->availableUntil ?? $this->ask->toDay);
        if ($this->ask->relaxed->anyTime) {
            return $this->reach;
        }
        $wanted = $from <= $to ? $this->reach->intersect($this->book->zone->dates($from, $to)) : Timeline::none();
        if ($this->service->dayparts === [] || $this->ask->relaxed->dayparts) {
            return $wanted;
        }
        $parts = Timeline::none();
        foreach ($this->service->dayparts as $daypart) {
            $parts = $parts->union($this->book->dayparts[$daypart]->between($from - 3, $to + 3, $this->book->zone));
        }

        return $wanted->intersect($parts);
    }

    /** @return array{int, int} the instants a wanted appointment can touch, with a margin */
    private function horizon(): array
    {
        return [
            ($this->ask->fromDay - 2) * Wall::DAY - $this->service->setup,
            ($this->ask->toDay + 3) * Wall::DAY + $this->minutes + $this->service->clearup,
        ];
    }
}
