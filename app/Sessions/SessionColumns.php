<?php

declare(strict_types=1);

namespace App\Sessions;

use App\Support\Instants;
use YardBell\Core\Availability\Service;
use YardBell\Core\Availability\Slot;

/** What a session keeps of the row that it takes. */
final class SessionColumns
{
    /** @return array<string, mixed> */
    public static function of(Service $service, Slot $slot, int $places): array
    {
        return [
            'location_id' => $slot->location,
            'starts_at' => Instants::carbon($slot->start),
            'minutes' => $slot->end - $slot->start,
            'taken_from' => Instants::carbon($slot->start - $service->setup),
            'taken_until' => Instants::carbon($slot->end + $service->clearup),
            'staff_ids' => $slot->staff,
            'units' => $slot->units,
            'places' => $places,
        ];
    }
}
