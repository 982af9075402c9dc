<?php

declare(strict_types=1);

namespace YardBell\Core\Booking;

use YardBell\Core\Availability\Ask;
use YardBell\Core\Availability\Diary;
use YardBell\Core\Availability\Relaxed;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Service;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Availability\SlotSearch;

use function array_column;
use function array_filter;
use function array_flip;
use function array_keys;
use function array_map;
use function array_search;
use function implode;
use function max;
use function min;
use function usort;

/** T22: which times can be booked that somebody waits for. Each service is searched once for each length waited for. */
final readonly class Waitlist
{
    private Diary $diary;

    public function __construct(private RuleBook $book, Diary $diary)
    {
        $this->diary = $diary->withoutTurns();
    }

    /**
     * By start, then the order of services, then as the search sorts them, the shorter first.
     *
     * @param  list<WaitlistEntry>  $entries
     * @param  int  $fromDay, $toDay local dates of the start, both included
     * @param  int  $now instant
     * @return list<WaitlistMatch>
     */
    public function matches(array $entries, int $fromDay, int $toDay, int $now): array
    {
        usort($entries, static fn (WaitlistEntry $a, WaitlistEntry $b): int => $a->createdAt <=> $b->createdAt);
        $order = array_flip(array_keys($this->book->services));
        $found = [];
        foreach ($this->alike($entries, $fromDay, $toDay) as $alike) {
            $service = $this->book->services[$alike[0]->service];
            foreach ($this->among($service, $alike, self::ask($alike, $fromDay, $toDay, $now)) as $at => $match) {
                $found[] = [self::place($service, $match->row, $order[$service->id], $at), $match];
            }
        }
        usort($found, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_column($found, 1);
    }

    /**
     * Those that wait for the same service and length, and for some date of those asked.
     *
     * @param  list<WaitlistEntry>  $entries
     * @return array<string, non-empty-list<WaitlistEntry>>
     */
    private function alike(array $entries, int $fromDay, int $toDay): array
    {
        $alike = [];
        foreach ($entries as $entry) {
            $length = $this->length($entry);
            if ($length !== null && max($entry->fromDay, $fromDay) <= min($entry->untilDay, $toDay)) {
                $alike["{$entry->service} {$length}"][] = $entry;
            }
        }

        return $alike;
    }

    /** In minutes; 0 of a session, which has its own; null where the service does not have it (T17). */
    private function length(WaitlistEntry $entry): ?int
    {
        $service = $this->book->services[$entry->service];
        if ($service->hasSessions) {
            return 0;
        }
        $minutes = $service->lengths?->named($entry->minutes);

        return $minutes === null ? null : $minutes + $entry->extra;
    }

    /**
     * For a party of one, on all dates that any of them waits for.
     *
     * @param  non-empty-list<WaitlistEntry>  $alike
     */
    private static function ask(array $alike, int $fromDay, int $toDay, int $now): Ask
    {
        return new Ask(
            service: $alike[0]->service,
            fromDay: max($fromDay, min(array_map(static fn (WaitlistEntry $one): int => $one->fromDay, $alike))),
            toDay: min($toDay, max(array_map(static fn (WaitlistEntry $one): int => $one->untilDay, $alike))),
            now: $now,
            minutes: $alike[0]->minutes,
            extra: $alike[0]->extra,
            relaxed: new Relaxed(gaps: true), // T21's `only` is not asked
        );
    }

    /**
     * @param  non-empty-list<WaitlistEntry>  $entries of one service and length
     * @return array<int, WaitlistMatch> by the place of the row among those of the search
     */
    private function among(Service $service, array $entries, Ask $ask): array
    {
        $rows = $this->rows($ask);
        $awaited = new AwaitedRows($this->book->zone, $rows);
        [$fits, $waiting] = [[], []];
        foreach ($entries as $entry) {
            $fits[$entry->party] ??= $this->fitting($service, $rows, $ask->of($entry->party));
            foreach ($awaited->wishedBy($entry) as $at) {
                if (isset($fits[$entry->party][$at])) {
                    $waiting[$at][] = $entry;
                }
            }
        }
        $matches = [];
        foreach ($waiting as $at => $those) {
            $matches[$at] = new WaitlistMatch($service->id, $rows[$at], $those);
        }

        return $matches;
    }

    /** @return list<Slot> */
    private function rows(Ask $ask): array
    {
        return (new SlotSearch($this->book, $this->diary))->slots($ask);
    }

    /**
     * Which of the rows a party is offered, too: only where each of them needs a unit of their own is that another
     * search (T9, T13–T15).
     *
     * @param  list<Slot>  $rows
     * @return array<int, Slot> by their places
     */
    private function fitting(Service $service, array $rows, Ask $ask): array
    {
        if ($ask->party > ($service->largestParty() ?? $ask->party)) {
            return [];
        }
        if ($service->hasSessions || ! $service->needsUnitsPerPerson()) {
            $isPrivate = ! $service->hasSessions && ! $service->isShared();

            return array_filter($rows, static fn (Slot $row): bool => $isPrivate || $row->places >= $ask->party);
        }
        $key = static fn (Slot $row): string => implode(' ', [$row->start, $row->location, ...$row->staff]);
        $offered = array_flip(array_map($key, $this->rows($ask)));

        return array_filter($rows, static fn (Slot $row): bool => isset($offered[$key($row)]));
    }

    /**
     * What matches are sorted by. Of one service all rows are appointments, or all are of sessions.
     *
     * @param  int  $at its place among the rows of its search
     * @return list<int>
     */
    private static function place(Service $service, Slot $row, int $order, int $at): array
    {
        return $row->session !== null
            ? [$row->start, $order, $at, 0, 0]
            : [
                $row->start,
                $order,
                (int) array_search($row->location, $service->locations, true),
                (int) array_search($row->staff[0] ?? '', $service->staff, true),
                $row->end,
            ];
    }
}
