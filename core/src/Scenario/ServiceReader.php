<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use stdClass;
use YardBell\Core\Availability\Assignment;
use YardBell\Core\Availability\Daypart;
use YardBell\Core\Availability\Lengths;
use YardBell\Core\Availability\Location;
use YardBell\Core\Availability\Need;
use YardBell\Core\Availability\Pool;
use YardBell\Core\Availability\Service;

final readonly class ServiceReader
{
    /** Longest length, set-up or clear-up in minutes: thirty days. */
    public const LONGEST = 43_200;

    public function __construct(private TimeReader $times)
    {
    }

    /**
     * @param  array<string, Daypart>  $dayparts
     * @param  array<string, Location>  $locations
     * @param  array<string, true>  $staff
     * @param  array<string, Pool>  $pools
     * @return array<string, Service>
     */
    public function services(Node $document, array $dayparts, array $locations, array $staff, array $pools): array
    {
        $services = [];
        foreach ($document->nodes('services', Keys::SERVICE) as $node) {
            $id = Reader::newId($node, $services);
            $hasSessions = $node->choice('kind', ['appointment', 'session'], 'appointment') === 'session';
            $from = $node->dayOrNull('availableFrom');
            $until = $node->dayOrNull('availableUntil');
            if ($from !== null && $until !== null && $from > $until) {
                $node->refuse('availableUntil', 'it must not be before "availableFrom".');
            }
            $services[$id] = new Service(
                id: $id,
                name: $node->text('name', $id),
                lengths: $this->lengths($node, $hasSessions),
                hasSessions: $hasSessions,
                setup: $node->number('setup', 0, self::LONGEST, 0),
                clearup: $node->number('clearup', 0, self::LONGEST, 0),
                startEvery: $node->number('startEvery', 1, self::LONGEST, 15),
                gridFromOpening: $node->choice('startFrom', ['clock', 'opening'], 'clock') === 'opening',
                noticeMinutes: $node->number('noticeMinutes', 0, 5_256_000, 0),
                bookAheadDays: $node->number('bookAheadDays', 0, 36_500, 60),
                hours: $this->times->hours($node, 'hours'),
                dayparts: $node->ids('dayparts', $dayparts, 'daypart'),
                availableFrom: $from,
                availableUntil: $until,
                locations: $node->ids('locations', $locations, 'location'),
                staff: $node->ids('staff', $staff, 'staff member'),
                assignment: Assignment::from(
                    $node->choice('assignment', array_column(Assignment::cases(), 'value'), 'choose'),
                ),
                needs: $this->needs($node, $pools),
                places: $node->number('places', 1, 100_000, 1),
                maxParty: $node->numberOrNull('maxParty', 1, 100_000),
                maxPerDay: $node->numberOrNull('maxPerDay', 0, 100_000),
            );
        }

        return $services;
    }

    /** T17 */
    private function lengths(Node $node, bool $hasSessions): ?Lengths
    {
        $minutes = $node->raw('minutes');
        if ($minutes instanceof stdClass) {
            return $this->stepped($node);
        }
        if (is_array($minutes)) {
            return $this->choices($node, $minutes);
        }

        if (is_int($minutes) && $minutes < 1) {
            $node->refuse('minutes', "{$minutes} is too short, a service lasts at least 1 minute.");

            return null;
        }

        return $minutes === null && $hasSessions ? null : Lengths::fixed($node->number('minutes', 1, self::LONGEST));
    }

    private function stepped(Node $node): ?Lengths
    {
        $steps = $node->node('minutes', ['min', 'max', 'step']);
        if ($steps === null) {
            return null;
        }
        $min = $steps->number('min', 1, self::LONGEST);
        $max = $steps->number('max', 1, self::LONGEST);
        if ($max < $min) {
            $steps->refuse('max', 'it must not be less than "min".');
        }

        return Lengths::stepped($min, $max, $steps->number('step', 1, self::LONGEST));
    }

    /** @param  array<mixed>  $minutes */
    private function choices(Node $node, array $minutes): ?Lengths
    {
        $choices = [];
        foreach (array_values($minutes) as $i => $choice) {
            if (is_int($choice) && $choice >= 1 && $choice <= self::LONGEST) {
                $choices[] = $choice;
            } else {
                $node->problems->add(
                    "{$node->at('minutes')}/{$i}",
                    'a whole number of minutes, at least 1, is needed.',
                );
            }
        }
        if (count(array_unique($choices)) !== count($choices)) {
            $node->refuse('minutes', 'a length stands in the list twice.');
        }
        if ($minutes === []) {
            $node->refuse('minutes', 'a list of lengths has at least one.');
        }

        return $choices === [] ? null : Lengths::choices($choices);
    }

    /**
     * @param  array<string, Pool>  $pools
     * @return list<Need>
     */
    private function needs(Node $service, array $pools): array
    {
        $needs = [];
        foreach ($service->nodes('resources', ['pool', 'units', 'perPerson', 'holdsBuffers']) as $node) {
            $pool = $node->id('pool', $pools, 'pool');
            if (isset($needs[$pool])) {
                $node->refuse('pool', "a service names a pool once, \"{$pool}\" stands here twice.");
            }
            $needs[$pool] = new Need(
                $pool,
                $node->number('units', 1, 100_000),
                $node->flag('perPerson', false),
                $node->flag('holdsBuffers', true),
            );
        }

        return array_values($needs);
    }
}
