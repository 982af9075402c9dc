<?php

declare(strict_types=1);

namespace Database\Demonstration;

use App\Models\Business;
use App\Models\Location;
use App\Models\Member;
use App\Models\User;
use App\Offer\SaveService;
use App\Roster\Mark;
use Illuminate\Database\ConnectionInterface;

/** Two made-up businesses with a fortnight of believable bookings around today. Every name, number and address is invented. */
final readonly class Demonstration
{
    public const MAIL = 'alva@quernmoor.example';

    public const PASSWORD = 'clay-and-water';

    public function __construct(private ConnectionInterface $db, private SaveService $saveService, private Bookings $bookings)
    {
    }

    /** @return bool false: it was there already */
    public function load(): bool
    {
        if (Business::query()->where('slug', 'quernmoor')->exists()) {
            return false;
        }
        $this->db->transaction(function (): void {
            foreach ([Quernmoor::facts(), Larkrise::facts()] as $facts) {
                $this->bookings->fill($this->business($facts), $facts['clients'], $facts['seed']);
            }
        });

        return true;
    }

    /** @param  array<string, mixed>  $facts */
    private function business(array $facts): Business
    {
        $owner = User::query()->create([...$facts['owner'], 'password' => self::PASSWORD, 'email_verified_at' => now()]);
        $business = Business::query()->create([...$facts['business'], 'published_at' => now()]);
        $business->users()->attach($owner->id, ['role' => 'owner']);
        $location = Location::query()->create([...$facts['location'], 'business_id' => $business->id]);
        $staff = [];
        foreach ($facts['staff'] as $i => $member) {
            $staff[$member['name']] = Member::query()->create([...$member, ...Mark::next($i), 'business_id' => $business->id, 'position' => $i])->id;
        }
        foreach ($facts['services'] as $service) {
            $does = array_map(static fn (string $name): string => $staff[$name], $service['staff']);
            ($this->saveService)($business, null, array_diff_key($service, ['staff' => true]), $does);
        }

        return $business;
    }
}
