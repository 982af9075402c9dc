<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Timeline;

use function array_filter;
use function array_keys;
use function array_map;
use function array_values;
use function implode;
use function in_array;
use function sort;
use function usort;

/** T20: what the ground offers one part of a visit: to each crew by itself, and where those before it leave it room. */
final class PartStarts
{
    /** @var list<non-empty-list<Member>> those who may take it, in the order in which it is their turn (T16) */
    public readonly array $crews;

    /** @var list<string> of each crew who they are, whatever their order */
    public readonly array $people;

    private readonly CrewStarts $starts;

    /** @var array<string, Timeline> by place and crew */
    private array $free = [];

    /**
     * @param  int  $part its place in what was asked
     * @param  int  $among how many parts the visit has
     * @param  string|null  $wished a member
     */
    public function __construct(
        public readonly int $part,
        private readonly int $among,
        public readonly Ground $ground,
        Diary $diary,
        ?string $wished,
    ) {
        $this->starts = new CrewStarts($ground);
        $this->crews = self::inTurn($ground, $diary, $wished);
        $this->people = array_map(
            static function (array $crew): string {
                $ids = self::ids($crew);
                sort($ids);

                return implode(' ', $ids);
            },
            $this->crews,
        );
    }

    public function servesAt(string $location): bool
    {
        return in_array($location, $this->ground->service->locations, true) &&
            $this->ground->units->serveAt($location);
    }

    /**
     * Where it may begin a visit.
     *
     * @return array<int, list<string>> by start: the units taken
     */
    public function first(Location $location, int $crew): array
    {
        return array_map(
            static fn (array $row): array => $row[0],
            $this->starts->offered($location, $this->crews[$crew]),
        );
    }

    /** The minutes at which it may follow others; units, daily limits and the others aside. */
    public function free(Location $location, int $crew): Timeline
    {
        return $this->free["{$location->id} {$crew}"] ??= $this->starts->free($location, $this->crews[$crew]);
    }

    /** T12, with what comes before it in the visit. */
    public function isFull(int $crew, int $start, Placed $placed): bool
    {
        foreach ($this->limits($crew, $start) as $what => $left) {
            if ($placed->count($what) >= $left) {
                return true;
            }
        }

        return false;
    }

    /**
     * What is taken until when, once it is placed.
     *
     * @param  list<string>  $units
     */
    public function placed(int $crew, int $start, array $units, Placed $before): Placed
    {
        $end = $start + $this->ground->minutes;

        return $before->with(
            end: $end,
            members: self::ids($this->crews[$crew]),
            until: $end + $this->ground->service->clearup,
            units: $this->ground->units->heldUntil($end, $units),
            counted: array_keys($this->limits($crew, $start)),
            who: $this->people[$crew],
        );
    }

    /** @param  list<string>  $units */
    public function planned(int $crew, int $start, array $units): PlannedPart
    {
        return new PlannedPart(
            part: $this->part,
            service: $this->ground->service->id,
            start: $start,
            end: $start + $this->ground->minutes,
            staff: self::ids($this->crews[$crew]),
            units: $units,
        );
    }

    /** @return array<string, int> what is left of the limits a day that the visit could reach */
    private function limits(int $crew, int $start): array
    {
        if ($this->ground->ask->relaxed->limits) {
            return [];
        }
        [$service, $counts] = [$this->ground->service, $this->ground->counts];
        $day = null;
        $left = [];
        if ($service->maxPerDay !== null) {
            $day = $this->ground->book->zone->day($start);
            $left["service {$service->id} {$day}"] = $service->maxPerDay - $counts->ofService($service, $day);
        }
        foreach ($this->crews[$crew] as $member) {
            if ($member->maxPerDay !== null) {
                $day ??= $this->ground->book->zone->day($start);
                $left["member {$member->id} {$day}"] = $member->maxPerDay - $counts->ofMember($member, $day);
            }
        }

        return array_filter($left, fn (int $one): bool => $one < $this->among);
    }

    /** @return list<non-empty-list<Member>> */
    private static function inTurn(Ground $ground, Diary $diary, ?string $wished): array
    {
        $crews = Crews::of($ground->book, $ground->service);
        $turns = Crews::turns($ground->service, $diary, $ground->ask->now);
        $order = array_keys($crews);
        usort($order, static fn (int $a, int $b): int => ($turns[$a] ?? $a) <=> ($turns[$b] ?? $b));

        return array_values(
            array_filter(
                array_map(static fn (int $key): array => $crews[$key], $order),
                static fn (array $crew): bool => $wished === null || in_array($wished, self::ids($crew), true),
            ),
        );
    }

    /**
     * @param  list<Member>  $crew
     * @return list<string>
     */
    private static function ids(array $crew): array
    {
        return array_map(static fn (Member $member): string => $member->id, $crew);
    }
}
