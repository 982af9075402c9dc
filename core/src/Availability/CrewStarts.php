<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Timeline;

use function array_filter;
use function array_map;

/** The starts of one service and length that can be booked, crew by crew. */
final class CrewStarts
{
    /** @var array<string, Timeline> */
    private array $blocked = [];

    public function __construct(public readonly Ground $ground)
    {
    }

    /**
     * @param  non-empty-list<Member>  $crew all of whom take it together
     * @param  LookedFor|null  $only what is begun outside of it is not looked for; what others have begun there is
     * @return array<int, array{list<string>, int, bool}> by start: the units taken, the places left, whether it joins
     *   (T14)
     */
    public function offered(Location $location, array $crew, ?LookedFor $only = null): array
    {
        $ground = $this->ground;
        $rows = $this->joined($location, $crew);
        if (! $ground->units->serveAt($location->id)) {
            return $rows;
        }
        $free = $this->free($location, $crew, $only);
        if ($free->isEmpty()) {
            return $rows;
        }
        $open = $ground->openFor($location, $crew);
        $limited = $this->isLimited($crew);
        foreach ($ground->grid->candidates($free, $open) as [$start, $day]) {
            if (isset($rows[$start]) || ($limited && $this->isFull($crew, $day))) {
                continue;
            }
            $units = $ground->units->at($start);
            if ($units !== null) {
                $rows[$start] = [$units, $ground->service->places, false];
            }
        }

        return $rows;
    }

    /**
     * T5–T7, T11: the minutes at which they could begin, units, daily limits and the grid aside.
     *
     * @param  non-empty-list<Member>  $crew
     */
    public function free(Location $location, array $crew, ?LookedFor $only = null): Timeline
    {
        $wanted = $only === null
            ? $this->ground->wanted
            : $this->ground->wanted->intersect($only->of($location, $crew));
        if ($wanted->isEmpty() || $this->ground->ask->relaxed->anyTime) {
            $free = $wanted;
        } else {
            $free = $this->fitting($this->ground->openFor($location, $crew), $wanted);
        }
        foreach ($free->isEmpty() ? [] : $crew as $member) {
            $free = $free->subtract($this->blockedFor($member, $location));
        }

        return $free;
    }

    /** T5: the wanted starts whose appointment lies in one stretch. */
    private function fitting(Timeline $open, Timeline $wanted): Timeline
    {
        [$from, $until] = $wanted->span();
        $minutes = $this->ground->minutes;

        assert($minutes > 0);

        return $open->within($from, $until + $minutes)->starts($minutes)->intersect($wanted);
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
        foreach ($this->ground->groups[Group::of($crew, $location)] ?? [] as $start => $group) {
            $left = $this->ground->service->places - $group->party;
            if ($left < $this->ground->ask->party || ! $this->ground->reach->covers($start)) {
                continue;
            }
            $units = $this->ground->units->joining($start, $group->units, $location->id);
            if ($units !== null) {
                $rows[$start] = [$units, $left, true];
            }
        }

        return $rows;
    }

    /** T6, T7: the starts at which something this member holds is in the way. */
    private function blockedFor(Member $member, Location $location): Timeline
    {
        $travels = $this->ground->book->travelMinutes > 0;

        return $this->blocked[$travels ? "{$member->id} {$location->id}" : $member->id] ??= Timeline::of(
            array_map(
                fn (Commitment $commitment): array => $this->ground->blocked($commitment, $location),
                $this->ground->commitments->ofMember($member->id),
            ),
        );
    }

    /**
     * T12: whether any of them, or the service, has a limit at all.
     *
     * @param  non-empty-list<Member>  $crew
     */
    private function isLimited(array $crew): bool
    {
        $limits = [
            $this->ground->service->maxPerDay,
            ...array_map(static fn (Member $member): ?int => $member->maxPerDay, $crew),
        ];

        return ! $this->ground->ask->relaxed->limits && array_filter($limits, is_int(...)) !== [];
    }

    /**
     * T12.
     *
     * @param  non-empty-list<Member>  $crew
     */
    private function isFull(array $crew, int $day): bool
    {
        foreach ($crew as $member) {
            if ($this->ground->counts->memberIsFull($member, $day)) {
                return true;
            }
        }

        return $this->ground->counts->serviceIsFull($this->ground->service, $day);
    }
}
