<?php

declare(strict_types=1);

namespace App\Offer;

use App\Models\Business;
use App\Models\Service;
use Illuminate\Database\ConnectionInterface;

/** Adds a service or changes one, with who does it, in the order given. */
final readonly class SaveService
{
    public function __construct(private ConnectionInterface $db)
    {
    }

    /**
     * @param  array<string, mixed>  $values columns
     * @param  list<string>  $staff ids of this business
     */
    public function __invoke(Business $business, ?Service $service, array $values, array $staff): Service
    {
        return $this->db->transaction(function () use ($business, $service, $values, $staff): Service {
            if ($service === null) {
                $service = Service::query()->create([...$values, 'business_id' => $business->id, 'position' => $business->services()->count()]);
                $this->assign($service, 'service_location', 'location_id', $business->locations()->where('active', true)->pluck('id')->all());
            } else {
                $service->update($values + ($service->minutes === $values['minutes'] ? [] : ['lengths' => null])); // another length is the only one
            }
            $this->assign($service, 'service_staff', 'staff_id', $staff);
            Business::markRules($business->id);

            return $service;
        });
    }

    /** @param  list<string>  $ids */
    private function assign(Service $service, string $table, string $column, array $ids): void
    {
        $this->db->table($table)->where('business_id', $service->business_id)->where('service_id', $service->id)->delete();
        $this->db->table($table)->insert(array_map(static fn (int $position, string $id): array => [
            'business_id' => $service->business_id, 'service_id' => $service->id, $column => $id, 'position' => $position,
        ], array_keys($ids), $ids));
    }
}
