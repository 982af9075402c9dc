<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Timeline;

/** When somebody is there for a service: open time without their time off, worked out once for all services alike. */
final class WorkTime
{
    /** @var array<string, Timeline> by person, place and whose hours */
    private array $known = [];

    public function __construct(private readonly OpenTime $open)
    {
    }

    public function of(Member $member, Location $location, Service $service): Timeline
    {
        $own = $service->hours === null ? '' : $service->id;

        return $this->known["{$member->id} {$location->id} {$own}"] ??= $this->open
            ->of($member, $location, $service)
            ->subtract($member->off());
    }
}
