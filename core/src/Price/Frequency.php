<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

use YardBell\Core\Time\Zone;

use function array_filter;
use function count;

/** P5: whoever comes often in a period pays less. */
final readonly class Frequency
{
    /**
     * @param  list<FrequencyLevel>  $levels in any order
     * @param  bool  $earlier whether the visits counted get the lower price too (rules.md L7)
     */
    public function __construct(public Period $period, public array $levels, public bool $earlier = false)
    {
    }

    /**
     * P5: of the levels that the rules reach, each judged alone, the one with the lowest amount; ties the first listed.
     *
     * @param  list<self>  $rules
     * @param  list<KnownBooking>  $visits the one priced among them
     */
    public static function lowest(
        array $rules,
        string $service,
        int $instant,
        array $visits,
        Zone $zone,
    ): ?FrequencyLevel {
        $lowest = null;
        foreach ($rules as $rule) {
            $level = $rule->reached($rule->count($service, $instant, $visits, $zone));
            if ($level !== null && $level->amount < ($lowest->amount ?? PHP_INT_MAX)) {
                $lowest = $level;
            }
        }

        return $lowest;
    }

    /**
     * How many of the visits lie in the period of an instant.
     *
     * @param  list<KnownBooking>  $visits
     */
    public function count(string $service, int $instant, array $visits, Zone $zone): int
    {
        [$first, $last] = $this->period->around($zone->day($instant));

        return count(
            array_filter(
                $visits,
                static fn (KnownBooking $visit): bool => $visit->service === $service &&
                    $zone->day($visit->start) >= $first &&
                    $zone->day($visit->start) <= $last,
            ),
        );
    }

    /** The level with the highest `from` that so many visits reach. */
    public function reached(int $visits): ?FrequencyLevel
    {
        $reached = null;
        foreach ($this->levels as $level) {
            if ($level->from <= $visits && $level->from > ($reached->from ?? 0)) {
                $reached = $level;
            }
        }

        return $reached;
    }
}
