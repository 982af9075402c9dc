<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use YardBell\Core\Availability\PlannedPart;
use YardBell\Core\Availability\VisitPlan;
use YardBell\Core\Availability\VisitSearch;
use YardBell\Core\Time\Wall;

use function array_map;

/** The command `visits`: which visits of several services can be booked (rules.md T20). */
final class Visits
{
    /**
     * @param  string  $request JSON
     * @return array{visits: list<array<string, mixed>>}
     *
     * @throws BadDocument
     */
    public static function of(Scenario $scenario, string $request): array
    {
        $ask = VisitRequest::read($request, $scenario);

        return [
            'visits' => array_map(self::row(...), (new VisitSearch($scenario->book, $scenario->diary))->plans($ask)),
        ];
    }

    /** @return array<string, mixed> */
    private static function row(VisitPlan $plan): array
    {
        return [
            'start' => Wall::writeInstant($plan->start()),
            'end' => Wall::writeInstant($plan->end()),
            'location' => $plan->location,
            'parts' => array_map(
                static fn (PlannedPart $part): array => [
                    'part' => $part->part,
                    'service' => $part->service,
                    'start' => Wall::writeInstant($part->start),
                    'end' => Wall::writeInstant($part->end),
                    'staff' => $part->staff,
                    'units' => $part->units,
                ],
                $plan->parts,
            ),
        ];
    }
}
