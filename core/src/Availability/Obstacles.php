<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Timeline;

use function array_map;
use function array_merge;
use function count;

/** T19: what the ground says against a start at $at, rule by rule; nothing where it can be joined or begun. */
final readonly class Obstacles
{
    private int $day;

    /** @var list<Reason> T11 */
    private array $reach;

    public function __construct(private Ground $ground, private int $at)
    {
        $this->day = $ground->book->zone->day($at);
        $this->reach = Reach::reasons($ground->book->zone, $ground->service, $ground->ask, $at);
    }

    /**
     * @param  list<Member>  $crew
     * @return list<Reason>
     */
    public function of(?Location $location, array $crew): array
    {
        $group =
            $location === null || $crew === []
                ? null
                : $this->ground->groups[Group::of($crew, $location)][$this->at] ?? null;
        if ($location !== null && $group !== null) {
            return [...$this->reach, ...$this->joining($group, $location)];
        }
        $service = $this->ground->service;
        $reasons = $this->reach;
        if ($service->isShared() && $this->ground->ask->party > $service->places) {
            $reasons[] = new Reason('T14', Obstacle::Places, $this->cause(), [
                'places' => $service->places,
                'party' => $this->ground->ask->party,
            ]);
        }
        if (! $this->ground->ask->relaxed->anyTime) {
            array_push($reasons, ...(new Hindrance($this->ground, $this->at))->of($location, $crew));
            array_push($reasons, ...$this->ground->ask->relaxed->grid ? [] : $this->grid($location, $crew));
        }

        return [
            ...$reasons,
            ...$this->commitments($location, $crew),
            ...$this->units($location),
            ...$this->limits($crew),
        ];
    }

    private function cause(): Cause
    {
        return new Cause(CauseKind::Service, $this->ground->service->id);
    }

    /** @return list<Reason> T14: of a group that others have begun only its places and the further units are asked */
    private function joining(Group $group, Location $location): array
    {
        $places = $this->ground->service->places;
        $left = $places - $group->party;
        $reasons =
            $left >= $this->ground->ask->party
                ? []
                : [
                    new Reason(
                        'T14',
                        Obstacle::PlacesLeft,
                        array_map(
                            static fn (string $id): Cause => new Cause(CauseKind::Booking, $id),
                            $group->bookings,
                        ),
                        ['left' => $left, 'places' => $places, 'party' => $this->ground->ask->party],
                    ),
                ];
        foreach ($this->ground->service->needs as $need) {
            if ($need->perPerson) {
                array_push($reasons, ...$this->need($need, $location));
            }
        }

        return $reasons;
    }

    /**
     * T10.
     *
     * @param  list<Member>  $crew
     * @return list<Reason>
     */
    private function grid(?Location $location, array $crew): array
    {
        $service = $this->ground->service;
        $open = $location === null || $crew === [] ? Timeline::none() : $this->ground->openFor($location, $crew);
        $outside = $service->gridFromOpening && ! $open->covers($this->at); // that breaks T5 alone
        if ($outside || $this->ground->grid->candidates(Timeline::between($this->at, $this->at + 1), $open) !== []) {
            return [];
        }

        return [
            new Reason(
                'T10',
                $service->gridFromOpening ? Obstacle::GridFromOpening : Obstacle::Grid,
                $this->cause(),
                ['minutes' => $service->startEvery],
            ),
        ];
    }

    /**
     * T6, and T7 where only the way there is in the way.
     *
     * @param  list<Member>  $crew
     * @return list<Reason>
     */
    private function commitments(?Location $location, array $crew): array
    {
        $reasons = [];
        foreach ($crew as $member) {
            foreach ($this->ground->commitments->ofMember($member->id) as $commitment) {
                $place = $location ?? new Location('', '');
                [$from, $until] = $this->ground->blocked($commitment, $place);
                if ($this->at < $from || $this->at >= $until) {
                    continue;
                }
                [$near, $far] = $commitment->blocks(
                    $this->ground->minutes,
                    $this->ground->service->setup,
                    $this->ground->service->clearup,
                );
                $travels = $this->at < $near || $this->at >= $far;
                $reasons[] = new Reason(
                    $travels ? 'T7' : 'T6',
                    $travels ? Obstacle::Travel : Obstacle::Taken,
                    $commitment->cause,
                    [
                        'member' => $member->id,
                        'from' => $commitment->start,
                        'until' => $commitment->end,
                        'minutes' => $this->ground->book->travelMinutes,
                        'location' => $commitment->location ?? '',
                    ],
                );
            }
        }

        return $reasons;
    }

    /** @return list<Reason> T9 */
    private function units(?Location $location): array
    {
        return array_merge(
            ...array_map(fn (Need $need): array => $this->need($need, $location), $this->ground->service->needs),
        );
    }

    /** @return list<Reason> */
    private function need(Need $need, ?Location $location): array
    {
        $pool = $this->ground->book->pools[$need->pool];
        $cause = new Cause(CauseKind::Pool, $pool->id);
        $reasons = [];
        if (! $pool->servesAt($location?->id)) {
            $reasons[] = new Reason('T9', Obstacle::UnitsElsewhere, $cause, ['location' => $pool->location ?? '']);
        }
        $wanted = $need->unitsFor($this->ground->ask->party);
        if (count($pool->units) < $wanted) {
            $reasons[] = new Reason('T9', Obstacle::UnitsTooFew, $cause, [
                'units' => count($pool->units),
                'wanted' => $wanted,
            ]);

            return $reasons;
        }
        foreach ($this->ground->units->inTheWay($need, $this->at) as $unit => $uses) {
            foreach ($uses as $use) {
                $reasons[] = new Reason('T9', Obstacle::UnitTaken, $use->cause, [
                    'unit' => $unit,
                    'pool' => $pool->id,
                    'from' => $use->start,
                    'until' => $use->end,
                    'wanted' => $wanted,
                ]);
            }
        }

        return $reasons;
    }

    /**
     * T12.
     *
     * @param  list<Member>  $crew
     * @return list<Reason>
     */
    private function limits(array $crew): array
    {
        if ($this->ground->ask->relaxed->limits) {
            return [];
        }
        [$counts, $service, $reasons] = [$this->ground->counts, $this->ground->service, []];
        if ($counts->serviceIsFull($service, $this->day)) {
            $reasons[] = new Reason('T12', Obstacle::ServiceFull, $this->cause(), [
                'count' => $counts->ofService($service, $this->day),
                'most' => (int) $service->maxPerDay,
            ]);
        }
        foreach ($crew as $member) {
            if ($counts->memberIsFull($member, $this->day)) {
                $reasons[] = new Reason('T12', Obstacle::MemberFull, new Cause(CauseKind::Member, $member->id), [
                    'member' => $member->id,
                    'most' => (int) $member->maxPerDay,
                    'count' => $counts->ofMember($member, $this->day),
                ]);
            }
        }

        return $reasons;
    }
}
