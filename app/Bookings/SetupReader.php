<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\Business;
use App\Support\Instants;
use App\Support\WeeklyTable;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Builder;
use stdClass;
use YardBell\Core\Availability\Assignment;
use YardBell\Core\Availability\Closure;
use YardBell\Core\Availability\Daypart;
use YardBell\Core\Availability\Lengths;
use YardBell\Core\Availability\Location;
use YardBell\Core\Availability\Member;
use YardBell\Core\Availability\Need;
use YardBell\Core\Availability\Pool;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Service;
use YardBell\Core\Time\Hours;
use YardBell\Core\Time\Interval;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\WallSpan;
use YardBell\Core\Time\Window;
use YardBell\Core\Time\Zone;

/** What a business has set up, as values of the core: twelve queries, however much there is of it. */
final readonly class SetupReader
{
    public function __construct(private ConnectionInterface $db)
    {
    }

    public function book(Business $business): RuleBook
    {
        $zone = $business->zone();
        $special = $this->specialDays($business);

        return new RuleBook(
            zone: $zone,
            openingHours: new Hours(WeeklyTable::windows($business->opening_hours), $special['business'][''] ?? []),
            closures: $this->closures($business, $zone),
            dayparts: $this->dayparts($business),
            travelMinutes: $business->travel_minutes,
            locations: $this->locations($business, $special['location'] ?? []),
            pools: $this->pools($business, $zone),
            staff: $this->staff($business, $zone, $special['staff'] ?? []),
            services: $this->services($business),
        );
    }

    private function rows(string $table, Business $business): Builder
    {
        return $this->db->table($table)->where('business_id', $business->id);
    }

    /** @return array<string, array<string, array<int, list<Window>>>> by whose they are, then by day number */
    private function specialDays(Business $business): array
    {
        $days = [];
        foreach ($this->rows('special_days', $business)->orderBy('date')->get(['of', 'owner_id', 'date', 'hours']) as $row) {
            $days[$row->of][trim($row->owner_id)][Wall::day($row->date)] = WeeklyTable::list(json_decode($row->hours, true, 8, JSON_THROW_ON_ERROR));
        }

        return $days;
    }

    private function span(stdClass $row, Zone $zone): WallSpan
    {
        return WallSpan::between(Instants::fromDatabase($row->from), Instants::fromDatabase($row->to), $zone);
    }

    /** @return list<Closure> */
    private function closures(Business $business, Zone $zone): array
    {
        return $this->rows('closures', $business)->orderBy('from')->orderBy('id')->get(['id', 'name', 'from', 'to', 'staff'])
            ->map(fn (stdClass $row): Closure => new Closure($row->id, $this->span($row, $zone), $row->staff === null ? null : json_decode($row->staff, true), $row->name))->values()->all();
    }

    /** @return array<string, Daypart> */
    private function dayparts(Business $business): array
    {
        $dayparts = [];
        foreach ($this->rows('dayparts', $business)->orderBy('position')->orderBy('id')->get(['id', 'name', 'from', 'to']) as $row) {
            $dayparts[$row->id] = new Daypart($row->id, $row->name, Window::between($row->from, $row->to));
        }

        return $dayparts;
    }

    /**
     * @param  array<string, array<int, list<Window>>>  $special
     * @return array<string, Location>
     */
    private function locations(Business $business, array $special): array
    {
        $locations = [];
        foreach ($this->rows('locations', $business)->orderBy('position')->orderBy('id')->get(['id', 'name', 'hours']) as $row) {
            $locations[$row->id] = new Location($row->id, $row->name, Hours::ofLocation(WeeklyTable::decoded($row->hours), $special[$row->id] ?? []));
        }

        return $locations;
    }

    /** @return array<string, Pool> */
    private function pools(Business $business, Zone $zone): array
    {
        [$units, $outages, $poolOf] = [[], [], []];
        foreach ($this->rows('units', $business)->orderBy('position')->orderBy('id')->get(['id', 'pool_id']) as $row) {
            $units[$row->pool_id][] = $row->id;
            $poolOf[$row->id] = $row->pool_id;
        }
        foreach ($this->rows('outages', $business)->orderBy('from')->get(['unit_id', 'from', 'to']) as $row) {
            $outages[$poolOf[$row->unit_id]][$row->unit_id][] = $this->span($row, $zone);
        }
        $pools = [];
        foreach ($this->rows('pools', $business)->orderBy('position')->orderBy('id')->get(['id', 'name', 'location_id']) as $row) {
            $pools[$row->id] = new Pool($row->id, $row->location_id, $units[$row->id] ?? [], $outages[$row->id] ?? [], $row->name);
        }

        return $pools;
    }

    /**
     * @param  array<string, array<int, list<Window>>>  $special
     * @return array<string, Member>
     */
    private function staff(Business $business, Zone $zone, array $special): array
    {
        [$timeOff, $busy] = [[], []];
        foreach ($this->rows('time_off', $business)->orderBy('from')->orderBy('id')->get(['id', 'staff_id', 'from', 'to']) as $row) {
            $timeOff[$row->staff_id][] = [$row->id, $this->span($row, $zone)];
        }
        foreach ($this->rows('busy_times', $business)->orderBy('starts_at')->get(['staff_id', 'starts_at', 'ends_at']) as $row) {
            $busy[$row->staff_id][] = Interval::between(Instants::fromDatabase($row->starts_at), Instants::upFromDatabase($row->ends_at)); // T1
        }
        $staff = [];
        $rows = $this->rows('staff', $business)->orderBy('position')->orderBy('id')->get(['id', 'name', 'active', 'hours', 'breaks', 'respect_busy', 'max_per_day']);
        foreach ($rows as $row) {
            $breaks = WeeklyTable::decoded($row->breaks);
            $staff[$row->id] = new Member($row->id, $row->name, (bool) $row->active, WeeklyTable::decoded($row->hours), $special[$row->id] ?? [],
                $breaks === null ? null : new Hours($breaks), $timeOff[$row->id] ?? [], $busy[$row->id] ?? [], (bool) $row->respect_busy, $row->max_per_day);
        }

        return $staff;
    }

    /** @return array<string, Service> */
    private function services(Business $business): array
    {
        $needs = [];
        foreach ($this->rows('service_pool', $business)->orderBy('position')->get() as $row) {
            $needs[$row->service_id][] = new Need($row->pool_id, $row->units, (bool) $row->per_person, (bool) $row->holds_buffers);
        }
        $services = [];
        $rows = $this->rows('services', $business)->orderBy('position')->orderBy('id')->select('services.*');
        foreach (['service_staff' => 'staff_id', 'service_location' => 'location_id', 'service_daypart' => 'daypart_id'] as $table => $column) {
            $rows->selectSub($this->assigned($table, $column), $table);
        }
        foreach ($rows->get() as $row) {
            $services[$row->id] = $this->service($row, $needs[$row->id] ?? []);
        }

        return $services;
    }

    /** @param  list<Need>  $needs */
    private function service(stdClass $row, array $needs): Service
    {
        $hours = WeeklyTable::decoded($row->hours);

        return new Service(
            id: $row->id,
            name: $row->name,
            lengths: self::lengths($row),
            hasSessions: $row->kind === 'session',
            setup: $row->setup,
            clearup: $row->clearup,
            startEvery: $row->start_every,
            gridFromOpening: $row->start_from === 'opening',
            noticeMinutes: $row->notice_minutes,
            bookAheadDays: $row->book_ahead_days,
            hours: $hours === null ? null : new Hours($hours),
            dayparts: self::ids($row->service_daypart),
            availableFrom: $row->available_from === null ? null : Wall::day($row->available_from),
            availableUntil: $row->available_until === null ? null : Wall::day($row->available_until),
            locations: $row->active ? self::ids($row->service_location) : [], // a resting service is offered nowhere
            staff: self::ids($row->service_staff),
            assignment: Assignment::from($row->assignment),
            needs: $needs,
            places: $row->places,
            maxParty: $row->max_party,
            maxPerDay: $row->max_per_day,
        );
    }

    private static function lengths(stdClass $row): Lengths
    {
        $lengths = $row->lengths === null ? null : json_decode($row->lengths, true, 4, JSON_THROW_ON_ERROR);

        return match (true) {
            $lengths === null => Lengths::fixed($row->minutes),
            array_is_list($lengths) => Lengths::choices($lengths),
            default => Lengths::stepped($lengths['min'], $lengths['max'], $lengths['step']),
        };
    }

    /** @return list<string> */
    private static function ids(?string $joined): array
    {
        return $joined === null ? [] : explode(',', $joined);
    }

    /** The ids assigned to a service, in its order, joined by commas. */
    private function assigned(string $table, string $column): Builder
    {
        return $this->db->table($table)
            ->whereColumn("{$table}.business_id", 'services.business_id')->whereColumn("{$table}.service_id", 'services.id')
            ->select($this->db->raw("group_concat({$column} order by position separator ',')"));
    }
}
