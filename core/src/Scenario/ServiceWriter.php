<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use YardBell\Core\Availability\Lengths;
use YardBell\Core\Availability\Need;
use YardBell\Core\Availability\Service;
use YardBell\Core\Time\Wall;

use function array_map;
use function count;

/** Writes a service of the document. */
final class ServiceWriter
{
    /** @return array<string, mixed> */
    public static function service(Service $service): array
    {
        return Writer::some([
            'id' => $service->id,
            'name' => $service->name,
            'kind' => $service->hasSessions ? 'session' : 'appointment',
            'minutes' => $service->lengths === null ? null : self::lengths($service->lengths),
            'setup' => $service->setup,
            'clearup' => $service->clearup,
            'startEvery' => $service->startEvery,
            'startFrom' => $service->gridFromOpening ? 'opening' : 'clock',
            'noticeMinutes' => $service->noticeMinutes,
            'bookAheadDays' => $service->bookAheadDays,
            'hours' => $service->hours === null ? null : Writer::weekly($service->hours->weekly()),
            'dayparts' => $service->dayparts,
            'availableFrom' => $service->availableFrom === null ? null : Wall::date($service->availableFrom),
            'availableUntil' => $service->availableUntil === null ? null : Wall::date($service->availableUntil),
            'locations' => $service->locations,
            'staff' => $service->staff,
            'assignment' => $service->assignment->value,
            'resources' => array_map(
                static fn (Need $need): array => [
                    'pool' => $need->pool,
                    'units' => $need->units,
                    'perPerson' => $need->perPerson,
                    'holdsBuffers' => $need->holdsBuffers,
                ],
                $service->needs,
            ),
            'places' => $service->places,
            'maxParty' => $service->maxParty,
            'maxPerDay' => $service->maxPerDay,
        ]);
    }

    /** @return int|list<int>|array{min: int, max: int, step: int} */
    private static function lengths(Lengths $lengths): int|array
    {
        return match (count($lengths->choices)) {
            0 => ['min' => $lengths->min, 'max' => $lengths->max, 'step' => $lengths->step],
            1 => $lengths->choices[0],
            default => $lengths->choices,
        };
    }
}
