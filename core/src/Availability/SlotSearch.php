<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

/** Which times can be booked: T4–T18 in one sweep over sorted integers. */
final readonly class SlotSearch
{
    public function __construct(private RuleBook $book, private Diary $diary)
    {
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
        $rows = $service->hasSessions
            ? (new SessionSearch($this->book, $this->diary))->slots($service, $ask)
            : $this->appointments($service, $ask);

        return array_values(array_filter($rows, static fn (Slot $slot): bool => ($ask->staff === null || in_array($ask->staff, $slot->staff, true))
            && ($ask->location === null || $slot->location === $ask->location)));
    }

    /** @return list<Slot> */
    private function appointments(Service $service, Ask $ask): array
    {
        $minutes = $service->lengths?->named($ask->minutes);
        if ($minutes === null || ($service->isShared() && $ask->party > $service->places)) {
            return []; // T17, T14
        }
        $starts = new Starts($this->book, $this->diary, $service, $ask, $minutes + $ask->extra);
        $rows = [];
        foreach ($service->locations as $at => $location) {
            foreach ($this->crews($service) as $order => $crew) {
                foreach ($starts->offered($this->book->locations[$location], $crew) as $start => [$units, $left, $joins]) {
                    $rows[] = [$start, $at, $order, $location, $crew, $units, $left, $joins];
                }
            }
        }
        usort($rows, static fn (array $a, array $b): int => $a[0] <=> $b[0] ?: $a[1] <=> $b[1] ?: $a[2] <=> $b[2]);

        return $this->marked($rows, $service, $ask->now, $minutes + $ask->extra);
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
     * T16: says of the rows of one start and location which is `next`.
     *
     * @param  list<array{int, int, int, string, non-empty-list<Member>, list<string>, int, bool}>  $rows sorted
     * @return list<Slot>
     */
    private function marked(array $rows, Service $service, int $now, int $minutes): array
    {
        $ranks = $this->ranks($service, $now);
        $best = [];
        foreach ($rows as $i => [$start, $at, $order,,,,, $joins]) {
            $rank = [$joins ? 0 : 1, $ranks[$order] ?? $order];
            $key = "{$start} {$at}";
            if (! isset($best[$key]) || $rank < $best[$key][0]) {
                $best[$key] = [$rank, $i];
            }
        }
        $slots = [];
        foreach ($rows as $i => [$start, $at,, $location, $crew, $units, $left]) {
            $slots[] = new Slot(
                $start,
                $start + $minutes,
                $location,
                array_map(static fn (Member $member): string => $member->id, $crew),
                $units,
                $left,
                $service->assignment === Assignment::Random ? null : $best["{$start} {$at}"][1] === $i,
            );
        }

        return $slots;
    }

    /** @return array<int, int> T16: by the service's staff order, whose turn it is; 0 comes first */
    private function ranks(Service $service, int $now): array
    {
        if (! in_array($service->assignment, [Assignment::Choose, Assignment::Rotate], true)) {
            return [];
        }
        $last = $this->diary->lastTaken($service->id, $now);
        $order = array_keys($service->staff);
        usort($order, static fn (int $a, int $b): int => ($last[$service->staff[$a]] ?? PHP_INT_MIN) <=> ($last[$service->staff[$b]] ?? PHP_INT_MIN)
            ?: $a <=> $b);

        return array_flip($order);
    }
}
