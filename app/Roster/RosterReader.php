<?php

declare(strict_types=1);

namespace App\Roster;

use App\Models\Business;
use App\Models\BusyTime;
use App\Models\Closure;
use App\Models\Member;
use App\Models\Outage;
use App\Models\Pool;
use App\Models\SpecialDay;
use App\Models\TimeOff;
use App\Models\Unit;
use App\Roster\Contents\ClosureContent;
use App\Roster\Contents\LocationContent;
use App\Roster\Contents\PersonContent;
use App\Roster\Contents\PoolContent;
use App\Roster\Contents\SpecialDayContent;
use App\Roster\Contents\TimeOffContent;
use App\Support\Instants;
use YardBell\Core\Availability\Closure as Shut;
use YardBell\Core\Availability\Location as Place;
use YardBell\Core\Availability\Member as Person;
use YardBell\Core\Availability\Pool as Wheels;
use YardBell\Core\Time\Interval;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\WallSpan;
use YardBell\Core\Time\Window;
use YardBell\Core\Time\Zone;

/** People, places, resources and the days that differ, as values of the core. */
final readonly class RosterReader
{
    /** @return array<string, array<string, array<int, list<Window>>>> by whose they are, then by day number */
    public function specialDays(Business $business): array
    {
        $days = [];
        foreach (SpecialDay::query()->where('business_id', $business->id)->orderBy('date')->get() as $row) {
            $days[$row->of][trim($row->owner_id)][Wall::day($row->date)] = SpecialDayContent::of($row)->toCore();
        }

        return $days;
    }

    /** @return list<Shut> */
    public function closures(Business $business, Zone $zone): array
    {
        $closures = [];
        foreach (Closure::query()->where('business_id', $business->id)->orderBy('from')->orderBy('id')->get() as $row) {
            $closures[] = ClosureContent::of($row)->toCore($row->id, $zone);
        }

        return $closures;
    }

    /**
     * @param  array<string, array<int, list<Window>>>  $special
     * @return array<string, Place>
     */
    public function locations(Business $business, array $special): array
    {
        $locations = [];
        foreach ($business->locations()->get() as $row) {
            $locations[$row->id] = LocationContent::of($row)->toCore($row->id, $special[$row->id] ?? []);
        }

        return $locations;
    }

    /** @return array<string, Wheels> */
    public function pools(Business $business, Zone $zone): array
    {
        $units = Unit::query()->where('business_id', $business->id)->orderBy('position')->orderBy('id')->get();
        $outages = Outage::query()->where('business_id', $business->id)->get();
        $pools = [];
        foreach (
            Pool::query()->where('business_id', $business->id)->orderBy('position')->orderBy('id')->get() as $row
        ) {
            $own = $units->where('pool_id', $row->id);
            $pools[$row->id] = PoolContent::of($row, $own, $outages->whereIn('unit_id', $own->modelKeys()))->toCore(
                $row->id,
                $zone,
            );
        }

        return $pools;
    }

    /**
     * @param  array<string, array<int, list<Window>>>  $special
     * @return array<string, Person>
     */
    public function staff(Business $business, Zone $zone, array $special): array
    {
        [$timeOff, $busy] = [$this->timeOff($business, $zone), $this->busy($business)];
        $staff = [];
        foreach ($business->staff()->get() as $row) {
            $staff[$row->id] = PersonContent::of($row, [])->toCore(
                $row->id,
                $special[$row->id] ?? [],
                $timeOff[$row->id] ?? [],
                $busy[$row->id] ?? [],
            );
        }

        return $staff;
    }

    /** @return array<string, list<array{string, WallSpan}>> id and span, by staff member */
    private function timeOff(Business $business, Zone $zone): array
    {
        $timeOff = [];
        foreach (TimeOff::query()->where('business_id', $business->id)->orderBy('from')->orderBy('id')->get() as $row) {
            $timeOff[$row->staff_id][] = [$row->id, TimeOffContent::of($row)->toCore($zone)];
        }

        return $timeOff;
    }

    /** @return array<string, list<Interval>> by staff member; a begun minute is taken whole (rules.md T1) */
    private function busy(Business $business): array
    {
        $busy = [];
        foreach (BusyTime::query()->where('business_id', $business->id)->orderBy('starts_at')->get() as $row) {
            $busy[$row->staff_id][] = Interval::between(
                Instants::minute($row->starts_at),
                (int) ceil($row->ends_at->getTimestamp() / 60),
            );
        }

        return $busy;
    }
}
