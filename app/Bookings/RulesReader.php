<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\Business;
use App\Roster\WeeklyTable;
use App\Support\Clock;
use App\Support\Instants;
use Illuminate\Contracts\Database\Query\Expression;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Builder;
use stdClass;
use YardBell\Core\Availability\Assignment;
use YardBell\Core\Availability\Booking;
use YardBell\Core\Availability\Diary;
use YardBell\Core\Availability\Lengths;
use YardBell\Core\Availability\Location;
use YardBell\Core\Availability\Member;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Service;
use YardBell\Core\Booking\State;
use YardBell\Core\Time\Hours;
use YardBell\Core\Time\Wall;

/** What the core needs to know of a business: six queries, however many people, days and bookings there are. */
final readonly class RulesReader
{
    /** Days that the longest booking with its set-up and clear-up can last: how far back one may begin that still counts. */
    public const LONGEST_DAYS = 3;

    public function __construct(private ConnectionInterface $db, private Clock $clock)
    {
    }

    public function book(Business $business): RuleBook
    {
        return new RuleBook(
            zone: $business->zone(),
            openingHours: new Hours(WeeklyTable::windows($business->opening_hours)),
            locations: $this->locations($business),
            staff: $this->staff($business),
            services: $this->services($business),
        );
    }

    /**
     * What is booked on and around these local dates (day numbers, both included).
     *
     * @param  string|null  $turnOf the service whose turn (rules.md T16) will be asked for
     */
    public function diary(Business $business, int $fromDay, int $toDay, ?string $turnOf = null): Diary
    {
        $rows = $this->db->table('bookings')
            ->where('business_id', $business->id)
            ->where('taken_from', '>=', Instants::toDatabase(($fromDay - 2 - self::LONGEST_DAYS) * Wall::DAY))
            ->where('taken_from', '<', Instants::toDatabase(($toDay + 3) * Wall::DAY))
            ->where('taken_until', '>', Instants::toDatabase(($fromDay - 2) * Wall::DAY))
            ->whereNotIn('state', ['cancelled', 'declined', 'expired'])
            ->get(['id', 'service_id', 'minutes', 'setup', 'clearup', 'location_id', 'party', 'state',
                $this->minutes('starts_at'), $this->minutes('held_until'), $this->minutes('created_at')]);
        $staff = [];
        $taking = $this->db->table('booking_staff')->where('business_id', $business->id)->whereIn('booking_id', $rows->pluck('id'));
        foreach ($taking->get(['booking_id', 'staff_id']) as $row) {
            $staff[$row->booking_id][] = $row->staff_id;
        }
        $bookings = $rows->map(fn (stdClass $row): Booking => $this->booking($row, $staff[$row->id] ?? []))->values()->all();

        return new Diary($bookings, lastTaken: $turnOf === null ? [] : $this->lastTaken($business, $turnOf));
    }

    /** A date-time column as an instant of the core: minutes since 1970-01-01T00:00Z. */
    private function minutes(string $column): Expression
    {
        return $this->db->raw("timestampdiff(minute, '1970-01-01', {$column}) as {$column}");
    }

    /** @param  list<string>  $staff */
    private function booking(stdClass $row, array $staff): Booking
    {
        return new Booking(
            $row->id,
            $row->service_id,
            $row->starts_at,
            $row->minutes,
            $row->setup,
            $row->clearup,
            $staff,
            $row->location_id,
            [],
            $row->party,
            State::from($row->state),
            $row->held_until,
            $row->created_at,
        );
    }

    /** @return array<string, int> by staff member: when their latest booking of the service was made */
    private function lastTaken(Business $business, string $service): array
    {
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

    /** @return array<string, Location> */
    private function locations(Business $business): array
    {
        $locations = [];
        foreach ($this->db->table('locations')->where('business_id', $business->id)->get(['id', 'name']) as $row) {
            $locations[$row->id] = new Location($row->id, $row->name);
        }

        return $locations;
    }

    /** @return array<string, Member> */
    private function staff(Business $business): array
    {
        $staff = [];
        $rows = $this->db->table('staff')->where('business_id', $business->id)->orderBy('position')->orderBy('id')
            ->get(['id', 'name', 'active', 'hours', 'breaks']);
        foreach ($rows as $row) {
            $breaks = WeeklyTable::decoded($row->breaks);
            $staff[$row->id] = new Member(
                id: $row->id,
                name: $row->name,
                active: (bool) $row->active,
                weekly: WeeklyTable::decoded($row->hours),
                breaks: $breaks === null ? null : new Hours($breaks),
            );
        }

        return $staff;
    }

    /** @return array<string, Service> */
    private function services(Business $business): array
    {
        $rows = $this->db->table('services')->where('business_id', $business->id)
            ->select(['id', 'name', 'minutes', 'setup', 'clearup', 'start_every', 'notice_minutes', 'book_ahead_days', 'assignment', 'active'])
            ->selectSub($this->assigned('service_staff', 'staff_id'), 'staff')
            ->selectSub($this->assigned('service_location', 'location_id'), 'locations')
            ->get();
        $services = [];
        foreach ($rows as $row) {
            $services[$row->id] = new Service(
                id: $row->id,
                name: $row->name,
                lengths: Lengths::fixed($row->minutes),
                setup: $row->setup,
                clearup: $row->clearup,
                startEvery: $row->start_every,
                noticeMinutes: $row->notice_minutes,
                bookAheadDays: $row->book_ahead_days,
                locations: $row->active && $row->locations !== null ? explode(',', $row->locations) : [],
                staff: $row->staff === null ? [] : explode(',', $row->staff),
                assignment: Assignment::from($row->assignment),
            );
        }

        return $services;
    }

    /** The ids assigned to a service, in its order, joined by commas. */
    private function assigned(string $table, string $column): Builder
    {
        return $this->db->table($table)
            ->whereColumn("{$table}.business_id", 'services.business_id')->whereColumn("{$table}.service_id", 'services.id')
            ->select($this->db->raw("group_concat({$column} order by position separator ',')"));
    }
}
