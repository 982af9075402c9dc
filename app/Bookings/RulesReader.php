<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\Business;
use App\Support\Clock;
use App\Support\Instants;
use Illuminate\Contracts\Database\Query\Expression;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Builder;
use stdClass;
use YardBell\Core\Availability\Assignment;
use YardBell\Core\Availability\Booking;
use YardBell\Core\Availability\Diary;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Seat;
use YardBell\Core\Availability\Session;
use YardBell\Core\Booking\State;
use YardBell\Core\Time\Wall;

/** What the core needs to know of a business: a fixed number of queries, however many people, days and bookings there are. */
final readonly class RulesReader
{
    private const HOLDS_NOTHING = ['cancelled', 'declined', 'expired'];

    public function __construct(private ConnectionInterface $db, private RuleBooks $books, private Clock $clock)
    {
    }

    public function book(Business $business): RuleBook
    {
        return $this->books->of($business);
    }

    /** Within a transaction that holds claims: what is set up by now, whatever was read before. */
    public function bookNow(Business $business): RuleBook
    {
        $business->rules_mark = $this->db->table('businesses')->where('id', $business->id)->value('rules_mark');

        return $this->books->of($business->isDirty('rules_mark') ? $business->refresh() : $business);
    }

    /**
     * What is booked on and around these local dates (day numbers, both included).
     *
     * @param  string|null  $turnOf the service whose turn (rules.md T16) will be asked for
     */
    public function diary(Business $business, RuleBook $book, int $fromDay, int $toDay, ?string $turnOf = null): Diary
    {
        [$bookings, $seats] = [[], []];
        $rows = $this->around('bookings', $business, $fromDay, $toDay)->whereNotIn('state', self::HOLDS_NOTHING)
            ->get(['id', 'service_id', 'session_id', 'minutes', 'setup', 'clearup', 'location_id', 'party', 'state', 'staff_ids', 'units', 'double_booked',
                $this->minutes('starts_at'), $this->minutes('held_until'), $this->minutes('created_at')]);
        foreach ($rows as $row) {
            if ($row->session_id === null) {
                $bookings[] = self::booking($row);
            } else {
                $seats[] = new Seat($row->id, $row->session_id, $row->party, State::from($row->state), $row->held_until);
            }
        }

        return new Diary($bookings, $this->sessions($business, $book, $fromDay, $toDay), $seats, $this->lastTaken($business, $book, $turnOf));
    }

    private function around(string $table, Business $business, int $fromDay, int $toDay): Builder
    {
        return $this->db->table($table)
            ->where('business_id', $business->id)
            ->where('taken_from', '>=', Instants::toDatabase(($fromDay - 2) * Wall::DAY - $business->longest_taken))
            ->where('taken_from', '<', Instants::toDatabase(($toDay + 3) * Wall::DAY))
            ->where('taken_until', '>', Instants::toDatabase(($fromDay - 2) * Wall::DAY));
    }

    /** A date-time column as an instant of the core: minutes since 1970-01-01T00:00Z. */
    private function minutes(string $column): Expression
    {
        return $this->db->raw("timestampdiff(minute, '1970-01-01', {$column}) as {$column}");
    }

    private static function booking(stdClass $row): Booking
    {
        return new Booking(
            $row->id,
            $row->service_id,
            $row->starts_at,
            $row->minutes,
            $row->setup,
            $row->clearup,
            json_decode($row->staff_ids),
            $row->location_id,
            $row->units === '[]' ? [] : json_decode($row->units),
            $row->party,
            State::from($row->state),
            $row->held_until,
            $row->created_at,
            (bool) $row->double_booked,
        );
    }

    /** @return list<Session> */
    private function sessions(Business $business, RuleBook $book, int $fromDay, int $toDay): array
    {
        if (! $book->hasSessions()) {
            return [];
        }

        return $this->around('scheduled_sessions', $business, $fromDay, $toDay)->orderBy('starts_at')->orderBy('id')
            ->get(['id', 'service_id', 'minutes', 'staff_ids', 'location_id', 'units', 'places', 'state', $this->minutes('starts_at')])
            ->map(static fn (stdClass $row): Session => new Session($row->id, $row->service_id, $row->starts_at, $row->minutes, json_decode($row->staff_ids),
                $row->location_id, json_decode($row->units), $row->places, $row->state === 'cancelled'))->values()->all();
    }

    /** @return array<string, int> by staff member: when their latest booking of the service was made */
    private function lastTaken(Business $business, RuleBook $book, ?string $service): array
    {
        if ($service === null || count($book->services[$service]->staff) < 2 || ! in_array($book->services[$service]->assignment, [Assignment::Choose, Assignment::Rotate], true)) {
            return [];
        }
        $latest = $this->db->table('booking_staff')
            ->whereColumn('booking_staff.business_id', 'service_staff.business_id')
            ->whereColumn('booking_staff.service_id', 'service_staff.service_id')
            ->whereColumn('booking_staff.staff_id', 'service_staff.staff_id')
            ->where('holds_until', '>', Instants::toDatabase($this->clock->minute()))
            ->orderByDesc('made_at')->limit(1)->select('made_at');
        $rows = $this->db->table('service_staff')->where('business_id', $business->id)->where('service_id', $service)
            ->select('staff_id')->selectSub($latest, 'made_at')->get();
        $made = [];
        foreach ($rows as $row) {
            if ($row->made_at !== null) {
                $made[$row->staff_id] = Instants::fromDatabase($row->made_at);
            }
        }

        return $made;
    }
}
