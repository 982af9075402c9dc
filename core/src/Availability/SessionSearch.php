<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

/** T15: a service of kind session is offered at its scheduled sessions, if notice, reach and places allow. */
final readonly class SessionSearch
{
    public function __construct(private RuleBook $book, private Diary $diary)
    {
    }

    /** @return list<Slot> */
    public function slots(Service $service, Ask $ask): array
    {
        $taken = $this->diary->seatsTaken($ask->now);
        $reach = Reach::of($this->book->zone, $service, $ask);
        $rows = [];
        foreach ($this->diary->sessions as $order => $session) {
            $left = $session->places - ($taken[$session->id] ?? 0);
            if (
                $session->service === $service->id &&
                ! $session->cancelled &&
                $left >= $ask->party &&
                $reach->covers($session->start) &&
                ($ask->staff === null || in_array($ask->staff, $session->staff, true)) &&
                ($ask->location === null || $session->location === $ask->location)
            ) {
                $rows[] = [$session, $left, $order];
            }
        }
        usort(
            $rows,
            static fn (array $a, array $b): int => $a[0]->start <=> $b[0]->start ?:
            self::compare([$a[0]->location], [$b[0]->location], $service->locations) ?:
            self::compare($a[0]->staff, $b[0]->staff, $service->staff) ?:
            $a[2] <=> $b[2],
        );

        return array_map(fn (array $row): Slot => $this->slot($row[0], $row[1]), $rows);
    }

    private function slot(Session $session, int $left): Slot
    {
        return new Slot(
            start: $session->start,
            end: $session->start + $session->minutes,
            location: $session->location,
            staff: $session->staff,
            units: $session->units,
            places: $left,
            next: true,
            session: $session->id,
            tight: $this->book->tightDays === TightDays::Off ? null : true, // whoever scheduled it decided (T21)
        );
    }

    /**
     * Several compared one by one as listed, each by its place in the service's order.
     *
     * @param  list<string|null>  $a
     * @param  list<string|null>  $b
     * @param  list<string>  $order
     */
    private static function compare(array $a, array $b, array $order): int
    {
        $places = array_flip($order);
        foreach ($a as $i => $id) {
            if (! isset($b[$i])) {
                return 1;
            }
            $difference = ($places[$id ?? ''] ?? -1) <=> ($places[$b[$i]] ?? -1);
            if ($difference !== 0) {
                return $difference;
            }
        }

        return count($a) <=> count($b);
    }
}
