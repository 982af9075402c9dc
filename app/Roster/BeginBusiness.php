<?php

declare(strict_types=1);

namespace App\Roster;

use App\Facts\Mark;
use App\Models\Business;
use App\Models\CurrentBusiness;
use App\Models\Location;
use App\Models\Member;
use App\Models\Service;
use App\Models\User;
use App\Support\WeeklyTable;
use Illuminate\Database\ConnectionInterface;

/** A business comes into being: its owner can be booked, everybody named does every service at its one place. */
final readonly class BeginBusiness
{
    public function __construct(private ConnectionInterface $db, private Assigned $assigned, private CurrentBusiness $current)
    {
    }

    /** @param  array<string, mixed>  $facts checked: name, slug, timeZone, currency, address, hours, services, people */
    public function __invoke(User $owner, array $facts): Business
    {
        return $this->db->transaction(function () use ($owner, $facts): Business {
            $business = Business::query()->create(['name' => trim($facts['name']), 'slug' => $facts['slug'], 'about' => '', 'time_zone' => $facts['timeZone'], 'currency' => $facts['currency'], 'opening_hours' => WeeklyTable::whole($facts['hours'])]);
            $this->current->set($business->id);
            $place = Location::query()->create(['business_id' => $business->id, 'name' => trim($facts['name']), 'address' => trim($facts['address'] ?? '')]);
            $staff = [];
            foreach ([$owner->name, ...$facts['people']] as $i => $name) {
                $staff[] = Member::query()->create(['business_id' => $business->id, 'name' => trim($name), 'email' => $i === 0 ? $owner->email : null, 'position' => $i, ...Mark::next($i)])->id;
            }
            $business->users()->attach($owner->id, ['role' => 'owner', 'staff_id' => $staff[0]]);
            foreach ($facts['services'] as $i => $service) {
                $this->service($business, $service, $i, $staff, $place->id);
            }

            return $business;
        });
    }

    /**
     * @param  array{name: string, minutes: int, price: int}  $service
     * @param  list<string>  $staff
     */
    private function service(Business $business, array $service, int $position, array $staff, string $place): void
    {
        $id = Service::query()->create(['business_id' => $business->id, 'position' => $position, 'name' => trim($service['name']), 'description' => '', 'minutes' => $service['minutes'],
            'pricing' => ['kind' => $service['price'] === 0 ? 'free' : 'fixed', 'amount' => $service['price'], 'byMinutes' => [], 'perStep' => null, 'byStaff' => [], 'perPerson' => false, 'extraPeople' => []],
            'notice_minutes' => 120, ...Mark::next($position)])->id;
        $this->assigned->set($business->id, $id, 'staff', $staff);
        $this->assigned->set($business->id, $id, 'location', [$place]);
        Business::markRules($business->id);
    }
}
