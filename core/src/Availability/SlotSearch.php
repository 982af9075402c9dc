<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use function array_filter;
use function array_map;
use function count;
use function implode;
use function in_array;
use function ksort;

/** Which times can be booked: T4–T18 in one sweep over sorted integers. */
final readonly class SlotSearch
{
    /**
     * @param  OpenTime|null  $open expanded already, for at least OpenTime::around() what is asked
     * @param  LookedFor|null  $only what is begun outside of it is not looked for; what others have begun there is
     * @param  Commitments|null  $commitments gathered already, of at least what is asked
     * @param  FoundOnce|null  $known where the same is asked of many services
     */
    public function __construct(
        private RuleBook $book,
        private Diary $diary,
        private ?OpenTime $open = null,
        private ?LookedFor $only = null,
        private ?Commitments $commitments = null,
        private ?FoundOnce $known = null,
    ) {
    }

    /**
     * The rows offered, by start, then the service's location order, then its staff order.
     *
     * @return list<Slot>
     */
    public function slots(Ask $ask): array
    {
        $service = $this->book->services[$ask->service];
        if (! self::takes($service, $ask->party)) {
            return [];
        }

        return $service->hasSessions
            ? (new SessionSearch($this->book, $this->diary))->slots($service, $ask)
            : $this->appointments($service, $ask);
    }

    /**
     * When whom and where: what is offered without its rows, for whoever compares. Who or which place is wished is not
     * looked at.
     *
     * @return array<string, Offered> by who and where
     */
    public function offered(Ask $ask): array
    {
        $service = $this->book->services[$ask->service];
        if (! self::takes($service, $ask->party)) {
            return [];
        }
        $offered = [];
        if ($service->hasSessions) {
            foreach ($this->slots($ask) as $slot) {
                $key = LookedFor::key(implode(',', $slot->staff), $slot->location ?? '');
                $starts = ($offered[$key]->starts ?? []) + [$slot->start => true];
                $offered[$key] = new Offered($slot->staff, $slot->location, $starts);
            }

            return $offered;
        }
        $minutes = $this->minutes($service, $ask);
        if ($minutes === null) {
            return [];
        }
        $like = $this->known === null ? null : $service->timesLike();
        $begin = fn (): CrewStarts => $this->starts($service, $ask, $minutes);
        $starts = $this->known?->starts($like, $begin) ?? $begin();
        $like = $like === null ? null : ($this->only === null ? 'everywhere' : 'about')." {$like}";
        $crews = Crews::of($this->book, $service);
        foreach ($service->locations as $id) {
            $location = $this->book->locations[$id];
            foreach ($crews as $crew) {
                $staff = self::ids($crew);
                $key = LookedFor::key(implode(',', $staff), $id);
                $find = fn (): Offered => new Offered($staff, $id, $this->rows($starts, $location, $crew));
                $one = $this->known?->offered($like, $key, $find) ?? $find();
                if ($one->starts !== []) {
                    $offered[$key] = $one;
                }
            }
        }

        return $offered;
    }

    /**
     * @param  non-empty-list<Member>  $crew
     * @return non-empty-list<string>
     */
    private static function ids(array $crew): array
    {
        return array_map(static fn (Member $member): string => $member->id, $crew);
    }

    /** T13 */
    private static function takes(Service $service, int $party): bool
    {
        return $party >= 1 && ($service->largestParty() ?? $party) >= $party;
    }

    /** @return list<Slot> */
    private function appointments(Service $service, Ask $ask): array
    {
        $minutes = $this->minutes($service, $ask);
        if ($minutes === null) {
            return [];
        }
        $crews = Crews::of($this->book, $service);
        $starts = $this->starts($service, $ask, $minutes);
        $rows = [];
        foreach ($service->locations as $at => $id) {
            foreach ($crews as $order => $crew) {
                $place = $at * count($service->staff) + $order; // what rows of one start are sorted by
                foreach ($this->rows($starts, $this->book->locations[$id], $crew) as $start => $row) {
                    $rows[$start][$place] = [$id, $order, ...$row];
                }
            }
        }
        ksort($rows);

        return $this->marked(starts: $rows, crews: $crews, service: $service, ask: $ask, minutes: $minutes);
    }

    /** The whole length; null where there is no such length, or no group takes so many (T17, T14). */
    private function minutes(Service $service, Ask $ask): ?int
    {
        $minutes = $service->lengths?->named($ask->minutes);

        return $minutes === null || ($service->isShared() && $ask->party > $service->places)
            ? null
            : $minutes + $ask->extra;
    }

    private function starts(Service $service, Ask $ask, int $minutes): CrewStarts
    {
        return new CrewStarts(
            new Ground(
                book: $this->book,
                diary: $this->diary,
                service: $service,
                ask: $ask,
                minutes: $minutes,
                open: $this->open,
                commitments: $this->commitments,
            ),
        );
    }

    /**
     * What is offered at one place by one crew. T21: each row with whether it is tight; with `only` those that are not
     * are left out on dates that have one.
     *
     * @param  non-empty-list<Member>  $crew
     * @return array<int, array{0: list<string>, 1: int, 2: bool, 3?: bool}> by start
     */
    private function rows(CrewStarts $starts, Location $location, array $crew): array
    {
        $rows = $starts->offered($location, $crew, $this->only);
        if ($this->book->tightDays === TightDays::Off) {
            return $rows;
        }
        $ground = $starts->ground;
        $only = $this->book->tightDays === TightDays::Only && ! $ground->ask->relaxed->isAny();
        $days = [];
        foreach ($rows as $start => [, , $joins]) {
            $tight = $joins || $ground->gaps->isTight($crew, $location, $start);
            $rows[$start][] = $tight;
            if ($only && $tight) {
                $days[$this->book->zone->day($start)] = true;
            }
        }

        return $days === []
            ? $rows
            : array_filter(
                $rows,
                fn (array $row, int $start): bool => $row[3] ||
                    ! isset($days[$this->book->zone->day($start)]),
                ARRAY_FILTER_USE_BOTH,
            );
    }

    /**
     * The rows as slots, those of each start by location and staff order, with `next` (T16).
     *
     * @param  array<int, array<int, array{0: string, 1: int, 2: list<string>, 3: int, 4: bool, 5?: bool}>>  $starts
     *   sorted
     * @param  array<int, non-empty-list<Member>>  $crews
     * @return list<Slot>
     */
    private function marked(array $starts, array $crews, Service $service, Ask $ask, int $minutes): array
    {
        $ranks = Crews::turns($service, $this->diary, $ask->now);
        $people = array_map(self::ids(...), $crews);
        $slots = [];
        foreach ($starts as $start => $rows) {
            $next = self::next($rows, $ranks);
            foreach ($rows as $place => $row) {
                [$location, $order, $units, $left] = $row;
                if (
                    ($ask->staff === null || in_array($ask->staff, $people[$order], true)) &&
                    ($ask->location === null || $location === $ask->location)
                ) {
                    $slots[] = new Slot(
                        start: $start,
                        end: $start + $minutes,
                        location: $location,
                        staff: $people[$order],
                        units: $units,
                        places: $left,
                        next: $service->assignment === Assignment::Random ? null : $next[$location] === $place,
                        session: null,
                        tight: $row[5] ?? null,
                    );
                }
            }
        }

        return $slots;
    }

    /**
     * T16: which row of one start is `next`, of those that join a group where there are any.
     *
     * @param  array<int, array{0: string, 1: int, 2: list<string>, 3: int, 4: bool, 5?: bool}>  $rows
     * @param  array<int, int>  $ranks
     * @return array<string, int> by location: the key of the row
     */
    private static function next(array $rows, array $ranks): array
    {
        [$next, $best] = [[], []];
        foreach ($rows as $place => [$location, $order, , , $joins]) {
            $rank = ($joins ? 0 : PHP_INT_MAX >> 1) + ($ranks[$order] ?? $order);
            if (! isset($best[$location]) || $rank < $best[$location]) {
                [$best[$location], $next[$location]] = [$rank, $place];
            }
        }

        return $next;
    }
}
