<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Hours;
use YardBell\Core\Time\Zone;

/** What a business has set up, as far as time is concerned: everything but what is booked. Each list by id. */
final readonly class RuleBook
{
    /**
     * @param  list<Closure>  $closures
     * @param  array<string, Daypart>  $dayparts
     * @param  array<string, Location>  $locations
     * @param  array<string, Pool>  $pools
     * @param  array<string, Member>  $staff
     * @param  array<string, Service>  $services
     */
    public function __construct(
        public Zone $zone,
        public Hours $openingHours,
        public array $closures = [],
        public array $dayparts = [],
        public int $travelMinutes = 0,
        public array $locations = [],
        public array $pools = [],
        public array $staff = [],
        public array $services = [],
    ) {
    }

    public function hasSessions(): bool
    {
        foreach ($this->services as $service) {
            if ($service->hasSessions) {
                return true;
            }
        }

        return false;
    }
}
