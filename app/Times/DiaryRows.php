<?php

declare(strict_types=1);

namespace App\Times;

use stdClass;
use YardBell\Core\Availability\Booking;
use YardBell\Core\Availability\Diary;
use YardBell\Core\Availability\Seat;
use YardBell\Core\Availability\Session;
use YardBell\Core\Booking\State;

/** What is booked around some dates, as it lies in the tables (RulesReader). */
final readonly class DiaryRows
{
    /** @param  list<stdClass>  $rows bookings, and sessions where there are any */
    public function __construct(public DiaryWindow $window, private array $rows)
    {
    }

    /**
     * How many there are, and the sum of their checksums: the same for the same rows. Others have the same once in four
     * thousand million times.
     */
    public function checksum(): string
    {
        return count($this->rows).' '.array_sum(array_column($this->rows, 'mark'));
    }

    /** @param  array<string, array<string, int>>  $lastTaken instant by service and staff member (rules.md T16) */
    public function diary(array $lastTaken = []): Diary
    {
        [$bookings, $sessions, $seats, $lists] = [[], [], [], []];
        foreach ($this->rows as $row) {
            if ($row->places !== null) {
                $sessions[] = self::session($row, $lists);
            } elseif ($row->session_id !== null) {
                $seats[] = new Seat(
                    id: $row->id,
                    session: $row->session_id,
                    party: (int) $row->party,
                    state: State::from($row->state),
                    heldUntil: $row->held_until,
                );
            } else {
                $bookings[] = self::booking($row, $lists);
            }
        }
        usort($sessions, static fn (Session $a, Session $b): int => $a->start <=> $b->start ?: strcmp($a->id, $b->id));

        return new Diary($bookings, $sessions, $seats, $lastTaken);
    }

    /**
     * When it was made is left out: whose turn it is, is asked of the database.
     *
     * @param  array<string, list<string>>  $lists
     */
    private static function booking(stdClass $row, array &$lists): Booking
    {
        return new Booking(
            id: $row->id,
            service: $row->service_id,
            start: $row->starts_at,
            minutes: $row->minutes,
            setup: (int) $row->setup, // a union makes decimals of them
            clearup: (int) $row->clearup,
            staff: self::ids($row->staff_ids, $lists),
            location: $row->location_id,
            units: self::ids($row->units, $lists),
            party: (int) $row->party,
            state: State::from($row->state),
            heldUntil: $row->held_until,
            createdAt: 0,
        );
    }

    /** @param  array<string, list<string>>  $lists */
    private static function session(stdClass $row, array &$lists): Session
    {
        return new Session(
            id: $row->id,
            service: $row->service_id,
            start: $row->starts_at,
            minutes: $row->minutes,
            staff: self::ids($row->staff_ids, $lists),
            location: $row->location_id,
            units: self::ids($row->units, $lists),
            places: (int) $row->places,
            cancelled: $row->state === 'cancelled',
        );
    }

    /**
     * @param  array<string, list<string>>  $lists those read before: the same people take many bookings
     * @return list<string>
     */
    private static function ids(string $json, array &$lists): array
    {
        if (! isset($lists[$json])) {
            /** @var list<string> $ids */
            $ids = json_decode($json);
            $lists[$json] = $ids;
        }

        return $lists[$json];
    }
}
