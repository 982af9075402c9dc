<?php

declare(strict_types=1);

namespace App\Roster;

use App\Models\Business;
use App\Models\Member;
use App\Support\Column;
use App\Support\Given;
use Illuminate\Database\ConnectionInterface;

/** Who does which service, where, when and with what: the lists beside a service, each in its order. */
final readonly class Assigned
{
    public function __construct(private ConnectionInterface $db)
    {
    }

    /** @return list<string> ids of the services somebody does */
    public function servicesOf(Member $member): array
    {
        return Column::strings(
            $this->db
                ->table('service_staff')
                ->where('business_id', $member->business_id)
                ->where('staff_id', $member->id)
                ->orderBy('service_id')
                ->pluck('service_id'),
        );
    }

    /** @param  list<string>  $services */
    public function setServices(Business $business, string $staff, array $services): void
    {
        $rows = $this->db->table('service_staff')->where('business_id', $business->id);
        (clone $rows)->where('staff_id', $staff)->whereNotIn('service_id', $services)->delete();
        $done = Column::strings((clone $rows)->where('staff_id', $staff)->pluck('service_id'));
        foreach (array_diff($services, $done) as $service) {
            $last = Given::in(['last' => (clone $rows)->where('service_id', $service)->max('position')])->int('last');
            $this->db
                ->table('service_staff')
                ->insert([
                    'business_id' => $business->id,
                    'service_id' => $service,
                    'staff_id' => $staff,
                    'position' => $last + 1,
                ]);
        }
    }

    /** @return list<string> ids, in the service's order */
    public function of(int $business, string $service, string $what): array
    {
        return Column::strings(
            $this->db
                ->table("service_{$what}")
                ->where('business_id', $business)
                ->where('service_id', $service)
                ->orderBy('position')
                ->pluck("{$what}_id"),
        );
    }

    /** @param  list<string>  $ids */
    public function set(int $business, string $service, string $what, array $ids): void
    {
        $this->db
            ->table("service_{$what}")
            ->where('business_id', $business)
            ->where('service_id', $service)
            ->delete();
        $this->db->table("service_{$what}")->insert(
            array_map(
                static fn (int $position, string $id): array => [
                    'business_id' => $business,
                    'service_id' => $service,
                    "{$what}_id" => $id,
                    'position' => $position,
                ],
                array_keys($ids),
                $ids,
            ),
        );
    }
}
