<?php

declare(strict_types=1);

namespace App\Roster;

use App\Facts\Badge;
use App\Language\Catalogue;
use App\Models\Business;
use App\Models\CurrentBusiness;
use App\Models\Location;
use App\Models\Member;
use App\Models\Service;
use App\Models\TaxDay;
use App\Models\User;
use App\Prices\Contents\PricingContent;
use App\Roster\Contents\BeginningContent;
use Illuminate\Database\ConnectionInterface;

/** A business comes into being: its owner can be booked, everybody named does every service at its one place. */
final readonly class BeginBusiness
{
    public function __construct(
        private ConnectionInterface $db,
        private Assigned $assigned,
        private CurrentBusiness $current,
        private Catalogue $catalogue,
    ) {
    }

    public function __invoke(User $owner, BeginningContent $beginning): Business
    {
        return $this->db->transaction(function () use ($owner, $beginning): Business {
            $business = Business::query()->create([
                'name' => $beginning->name,
                'slug' => $beginning->slug,
                'about' => '',
                'time_zone' => $beginning->timeZone,
                'locale' => $this->catalogue->locale(),
                'tax_day' => TaxDay::usual($this->catalogue->locale()),
                'currency' => $beginning->currency,
                'opening_hours' => $beginning->hours,
            ]);
            $this->current->set($business->id);
            $place = Location::query()->create([
                'business_id' => $business->id,
                'name' => $beginning->name,
                'address' => $beginning->address,
            ]);
            $staff = [];
            foreach ([$owner->name, ...$beginning->people] as $i => $name) {
                $staff[] = Member::query()->create([
                    'business_id' => $business->id,
                    'name' => $name,
                    'email' => $i === 0 ? $owner->email : null,
                    'position' => $i,
                    ...Badge::next($i),
                ])->id;
            }
            $business->users()->attach($owner->id, ['role' => 'owner', 'staff_id' => $staff[0]]);
            foreach ($beginning->services as $i => $service) {
                $this->service(
                    business: $business,
                    service: $service,
                    position: $i,
                    staff: $staff,
                    place: $place->id,
                );
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
        $pricing = new PricingContent(
            kind: $service['price'] === 0 ? 'free' : 'fixed',
            amount: $service['price'],
            byMinutes: [],
            perStep: null,
            byStaff: [],
            perPerson: false,
            extraPeople: [],
        );
        $id = Service::query()->create([
            'business_id' => $business->id,
            'position' => $position,
            'name' => $service['name'],
            'description' => '',
            'minutes' => $service['minutes'],
            'pricing' => $pricing->toArray(),
            'notice_minutes' => 120,
            ...Badge::next($position),
        ])->id;
        $this->assigned->set($business->id, $id, 'staff', $staff);
        $this->assigned->set($business->id, $id, 'location', [$place]);
        Business::rulesChanged($business->id);
    }
}
