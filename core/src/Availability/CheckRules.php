<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Hours;
use YardBell\Core\Time\Timeline;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\Window;
use YardBell\Core\Time\Zone;

use function array_filter;
use function array_keys;
use function array_search;
use function implode;

/**
 * What of a rule book keeps it from being bookable in an ordinary week: one without special days, closures and time
 * off.
 */
final readonly class CheckRules
{
    /** A Monday, as a day number, and the days after it that are looked at. */
    private const MONDAY = 20_878;

    private RuleBook $ordinary;

    private OpenTime $week;

    public function __construct(private RuleBook $book)
    {
        $this->ordinary = $book->ordinary();
        $this->week = new OpenTime($this->ordinary, self::MONDAY - 1, self::MONDAY + 7);
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        $findings = [];
        if ($this->week->opening()->isEmpty()) {
            $findings[] = new Finding(
                'business',
                null,
                '/openingHours', Fault::NoHours);
        }
        $lists = ['services' => Fault::NoServices, 'staff' => Fault::NoStaff, 'locations' => Fault::NoLocations];
        foreach ($lists as $list => $fault) {
            if ($this->book->$list === []) {
                $findings[] = new Finding($list, null, '', $fault);
            }
        }
        array_push($findings, ...$this->nights('business', null, $this->book->openingHours));
        foreach ($this->book->locations as $location) {
            array_push($findings, ...$this->location($location));
        }
        foreach ($this->book->staff as $member) {
            array_push($findings, ...$this->member($member));
        }
        foreach ($this->book->services as $service) {
            array_push($findings, ...$this->ofService($service->id));
        }

        return $findings;
    }

    /** @return list<Finding> what keeps this one service from being bookable */
    public function ofService(string $id): array
    {
        return (new CheckService($this->book, $this->ordinary, $this->week, $this->book->services[$id]))->findings(
            self::MONDAY,
        );
    }

    /** @return list<Finding> */
    private function location(Location $location): array
    {
        if ($location->hours === null) {
            return [];
        }
        $ordinary = $this->week->ofLocation($this->ordinary->locations[$location->id]);
        $findings =
            $ordinary !== null && $this->outside($ordinary)
                ? [
                    new Finding(
                        list: 'locations',
                        id: $location->id,
                        part: '/hours',
                        fault: Fault::LocationOutside,
                        facts: ['name' => $location->name],
                    ),
                ]
                : [];

        return [...$findings, ...$this->nights('locations', $location->id, $location->hours)];
    }

    /** @return list<Finding> */
    private function member(Member $member): array
    {
        $name = ['name' => $member->name];
        $findings = [];
        if ($member->active && $member->maxPerDay === 0) {
            $findings[] = new Finding(
                list: 'staff',
                id: $member->id,
                part: '/maxPerDay',
                fault: Fault::MemberNever,
                facts: $name,
            );
        }
        if ($member->active && $member->weekly !== null) {
            $own = (new Hours($member->weekly))->between(self::MONDAY - 1, self::MONDAY + 7, Zone::named('UTC'));
            if ($own->isEmpty() && $member->special === []) {
                $findings[] = new Finding(
                    list: 'staff',
                    id: $member->id,
                    part: '/hours',
                    fault: Fault::MemberNoHours,
                    facts: $name,
                );
            } elseif (! $own->isEmpty() && $this->outside($own)) {
                $findings[] = new Finding(
                    list: 'staff',
                    id: $member->id,
                    part: '/hours',
                    fault: Fault::MemberOutside,
                    facts: $name,
                );
            }
        }

        return [
            ...$findings,
            ...$this->nights('staff', $member->id, new Hours($member->weekly ?? [], $member->special)),
        ];
    }

    private function outside(Timeline $hours): bool
    {
        return ! $this->week->opening()->isEmpty() && $hours->intersect($this->week->opening())->isEmpty();
    }

    /** @return list<Finding> T3: special days that the night before runs on into */
    private function nights(string $list, ?string $id, Hours $hours): array
    {
        $findings = [];
        $dates = array_keys($hours->specialDays());
        foreach ($dates as $day) {
            $nights = array_filter(
                $hours->on($day - 1),
                static fn (Window $window): bool => $window->to <= $window->from && $window->to > 0,
            );
            if ($nights !== []) {
                $until = implode(
                    ', ',
                    array_map(static fn (Window $window): string => Wall::writeTimeOfDay($window->to), $nights),
                );
                $findings[] = new Finding(
                    list: $list,
                    id: $id,
                    part: '/specialDays/'.(int) array_search($day, $dates, true),
                    fault: Fault::Night,
                    facts: ['date' => Wall::date($day), 'until' => $until],
                );
            }
        }

        return $findings;
    }
}
