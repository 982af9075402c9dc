<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use function array_filter;
use function array_keys;
use function array_map;
use function array_values;
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
        $crews = $this->crews($service);
        $starts = new Starts(
            new Ground(
                $this->book,
                $this->diary,
                $service,
                $ask,
                $minutes + $ask->extra,
                $this->open,
                $this->only,
                $this->commitments,
            ),
        );
        $rows = [];
        foreach ($service->locations as $at => $location) {
            foreach ($crews as $order => $crew) {
                $place = $at * count($service->staff) + $order; // what rows of one start are sorted by
                foreach ($starts->offered($this->book->locations[$location], $crew) as $start => $row) {
                    $rows[$start][$place] = [$location, $order, ...$row];
                }
            }
        }
        ksort($rows);

        return $this->marked($rows, $crews, $service, $ask, $minutes + $ask->extra);
    }

    /**
     * T16: who would do it together: everyone, or each on their own. Keys give the service's staff order.
     *
     * @return array<int, non-empty-list<Member>>
     */
    private function crews(Service $service): array
    {
        $active = array_filter(
            array_map(fn (string $id): Member => $this->book->staff[$id], $service->staff),
            static fn (Member $member): bool => $member->active,
        );

        return match (true) {
            $active === [] => [],
            $service->assignment === Assignment::All => [array_values($active)],
            default => array_map(static fn (Member $member): array => [$member], $active),
        };
    }

    /**
     * The rows as slots, those of each start by location and staff order, with `next` (T16).
     *
     * @param  array<int, array<int, array{string, int, list<string>, int, bool}>>  $starts sorted, each with its rows
     * @param  array<int, non-empty-list<Member>>  $crews
     * @return list<Slot>
     */
    private function marked(array $starts, array $crews, Service $service, Ask $ask, int $minutes): array
    {
        $ranks = $this->ranks($service, $ask->now);
        $people = array_map(
            static fn (array $crew): array => array_map(static fn (Member $member): string => $member->id, $crew),
            $crews,
        );
        $slots = [];
        foreach ($starts as $start => $rows) {
            ksort($rows);
            $next = self::next($rows, $ranks);
            foreach ($rows as $place => [$location, $order, $units, $left]) {
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
                    );
                }
            }
        }

        return $slots;
    }

    /**
     * T16: which row of one start is `next`, of those that join a group where there are any.
     *
     * @param  array<int, array{string, int, list<string>, int, bool}>  $rows
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

    /** @return array<int, int> T16: by the service's staff order, whose turn it is; 0 comes first */
    private function ranks(Service $service, int $now): array
    {
        if (! in_array($service->assignment, [Assignment::Choose, Assignment::Rotate], true)) {
            return [];
        }
        $last = $this->diary->lastTaken($service->id, $now);
        $order = array_keys($service->staff);
        usort(
            $order,
            static fn (int $a, int $b): int => ($last[$service->staff[$a]] ?? PHP_INT_MIN) <=>
            ($last[$service->staff[$b]] ?? PHP_INT_MIN) ?:
            $a <=> $b,
        );

        return array_flip($order);
    }
}
