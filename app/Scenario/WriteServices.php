<?php

declare(strict_types=1);

namespace App\Scenario;

use App\Facts\Badge;
use App\Models\Business;
use App\Models\Service;
use App\Prices\WritePrices;
use App\Support\Ids;
use Illuminate\Database\ConnectionInterface;
use YardBell\Core\Availability\Lengths;
use YardBell\Core\Availability\Need;
use YardBell\Core\Availability\Service as ServiceRules;
use YardBell\Core\Scenario\Scenario;
use YardBell\Core\Time\Wall;

/** Writes a document's services, with who does them where, and what they need. */
final readonly class WriteServices
{
    public function __construct(private ConnectionInterface $db)
    {
    }

    public function __invoke(Business $business, Scenario $scenario, Ids $ids): void
    {
        foreach (array_values($scenario->book->services) as $i => $service) {
            $id = $ids->of('services', $service->id);
            $known = Service::query()->where('business_id', $business->id)->find($id);
            Service::query()->updateOrCreate(
                ['business_id' => $business->id, 'id' => $id],
                ['position' => $i, 'active' => true, 'description' => $known->description ?? ''] +
                    ($known === null ? Badge::next($i) : []) +
                    WritePrices::columns($scenario->tariffs[$service->id], $ids, $service->hasSessions) +
                    self::columns($service),
            );
            foreach (['staff' => 'staff', 'location' => 'locations', 'daypart' => 'dayparts'] as $one => $list) {
                foreach ($ids->all($list, $service->$list) as $position => $of) {
                    $this->db
                        ->table("service_{$one}")
                        ->insert([
                            'business_id' => $business->id,
                            'service_id' => $id,
                            "{$one}_id" => $of,
                            'position' => $position,
                        ]);
                }
            }
            foreach ($service->needs as $position => $need) {
                $this->need(business: $business, service: $id, need: $need, position: $position, ids: $ids);
            }
        }
    }

    private function need(Business $business, string $service, Need $need, int $position, Ids $ids): void
    {
        $this->db
            ->table('service_pool')
            ->insert([
                'business_id' => $business->id,
                'service_id' => $service,
                'pool_id' => $ids->of('pools', $need->pool),
                'position' => $position,
                'units' => $need->units,
                'per_person' => $need->perPerson,
                'holds_buffers' => $need->holdsBuffers,
            ]);
    }

    /** @return array<string, mixed> */
    private static function columns(ServiceRules $service): array
    {
        return [
            'name' => $service->name,
            'kind' => $service->hasSessions ? 'session' : 'appointment',
            'minutes' => $service->lengths?->named(null) ?? 60,
            'lengths' => self::lengths($service->lengths),
            'setup' => $service->setup,
            'clearup' => $service->clearup,
            'start_every' => $service->startEvery,
            'start_from' => $service->gridFromOpening ? 'opening' : 'clock',
            'notice_minutes' => $service->noticeMinutes,
            'book_ahead_days' => $service->bookAheadDays,
            'hours' => $service->hours === null ? null : WrittenHours::table($service->hours->weekly()),
            'available_from' => $service->availableFrom === null ? null : Wall::date($service->availableFrom),
            'available_until' => $service->availableUntil === null ? null : Wall::date($service->availableUntil),
            'assignment' => $service->assignment->value,
            'places' => $service->places,
            'max_party' => $service->maxParty,
            'max_per_day' => $service->maxPerDay,
        ];
    }

    /** @return list<int>|array{min: int, max: int, step: int}|null */
    private static function lengths(?Lengths $lengths): ?array
    {
        return match (true) {
            $lengths === null || count($lengths->choices) === 1 => null,
            $lengths->choices === [] => ['min' => $lengths->min, 'max' => $lengths->max, 'step' => $lengths->step],
            default => $lengths->choices,
        };
    }
}
