<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

use YardBell\Core\Time\Zone;

use function array_filter;
use function count;

/** P5: whoever comes often pays less. */
final readonly class Frequency
{
    /** @param  list<FrequencyLevel>  $levels in any order */
    public function __construct(public Period $period, public array $levels)
    {
    }

    /**
     * How many of the visits lie in the period of an instant.
     *
     * @param  list<ClientVisit>  $visits
     */
    public function count(string $service, int $instant, array $visits, Zone $zone): int
    {
        [$first, $last] = $this->period->around($zone->day($instant));

        return count(
            array_filter(
                $visits,
                static fn (ClientVisit $visit): bool => $visit->service === $service &&
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
