<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use function array_filter;
use function array_map;
use function count;
use function in_array;
use function ksort;

/** Which times can be booked: T4–T18 in one sweep over sorted integers. */
final readonly class SlotSearch
{
    /**
     * @param  OpenTime|null  $open expanded already, for at least OpenTime::around() what is asked
     * @param  LookedFor|null  $only what is begun outside of it is not looked for; what others have begun there is
     * @param  Commitments|null  $commitments gathered already, of at least what is asked
     */
    public function __construct(
        private RuleBook $book,
        private Diary $diary,
        private ?OpenTime $open = null,
        private ?LookedFor $only = null,
        private ?Commitments $commitments = null,
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
        if ($ask->party < 1 || ($service->largestParty() ?? $ask->party) < $ask->party) {
            return []; // T13
        }

        return $service->hasSessions
            ? (new SessionSearch($this->book, $this->diary))->slots($service, $ask)
            : $this->appointments($service, $ask);
    }

    /** @return list<Slot> */
    private function appointments(Service $service, Ask $ask): array
    {
        $minutes = $service->lengths?->named($ask->minutes);
        if ($minutes === null || ($service->isShared() && $ask->party > $service->places)) {
            return []; // T17, T14
        }
        $crews = Crews::of($this->book, $service);
        $ground = new Ground(
            $this->book,
            $this->diary,
            $service,
            $ask,
            $minutes + $ask->extra,
            $this->open,
            $this->only,
            $this->commitments,
        );
        $starts = new Starts($ground);
        $rows = [];
        foreach ($service->locations as $at => $id) {
            $location = $this->book->locations[$id];
            foreach ($crews as $order => $crew) {
                $place = $at * count($service->staff) + $order; // what rows of one start are sorted by
                $offered = $this->tightened($starts->offered($location, $crew), $ground, $location, $crew);
                foreach ($offered as $start => $row) {
                    $rows[$start][$place] = [$id, $order, ...$row];
                }
            }
        }
        ksort($rows);

        return $this->marked($rows, $crews, $service, $ask, $minutes + $ask->extra);
    }

    /**
     * T21: each row of one place and crew with whether it is tight; with `only` those that are not are left out on
     * dates that have one.
     *
     * @param  array<int, array{list<string>, int, bool}>  $rows by start
     * @param  non-empty-list<Member>  $crew
     * @return array<int, array{list<string>, int, bool, bool|null}>
     */
    private function tightened(array $rows, Ground $ground, Location $location, array $crew): array
    {
        $asks = $this->book->tightDays !== TightDays::Off;
        $only = $this->book->tightDays === TightDays::Only && ! $ground->ask->relaxed->isAny();
        $days = [];
        foreach ($rows as $start => [, , $joins]) {
            $tight = $asks ? $joins || $ground->gaps->isTight($crew, $location, $start) : null;
            $rows[$start][] = $tight;
            if ($only && $tight === true) {
                $days[$this->book->zone->day($start)] = true;
            }
        }

        return $days === []
            ? $rows
            : array_filter(
                $rows,
                fn (array $row, int $start): bool => $row[3] === true ||
                    ! isset($days[$this->book->zone->day($start)]),
                ARRAY_FILTER_USE_BOTH,
            );
    }

    /**
     * The rows as slots, those of each start by location and staff order, with `next` (T16).
     *
     * @param  array<int, array<int, array{string, int, list<string>, int, bool, bool|null}>>  $starts sorted
     * @param  array<int, non-empty-list<Member>>  $crews
     * @return list<Slot>
     */
    private function marked(array $starts, array $crews, Service $service, Ask $ask, int $minutes): array
    {
        $ranks = Crews::turns($service, $this->diary, $ask->now);
        $people = array_map(
            static fn (array $crew): array => array_map(static fn (Member $member): string => $member->id, $crew),
            $crews,
        );
        $slots = [];
        foreach ($starts as $start => $rows) {
            ksort($rows);
            $next = self::next($rows, $ranks);
            foreach ($rows as $place => [$location, $order, $units, $left, , $tight]) {
                if (
                    ($ask->staff === null || in_array($ask->staff, $people[$order], true)) &&
                    ($ask->location === null || $location === $ask->location)
                ) {
                    $slots[] = new Slot(
                        $start,
                        $start + $minutes,
                        $location,
                        $people[$order],
                        $units,
                        $left,
                        $service->assignment === Assignment::Random ? null : $next[$location] === $place,
                        tight: $tight,
                    );
                }
            }
        }

        return $slots;
    }

    /**
     * T16: which row of one start is `next`, of those that join a group where there are any.
     *
     * @param  array<int, array{string, int, list<string>, int, bool, bool|null}>  $rows
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
