<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Timeline;
use YardBell\Core\Time\Zone;

/** T11: which of the dates asked for notice and reach leave. */
final class Reach
{
    public static function of(Zone $zone, Service $service, Ask $ask): Timeline
    {
        if ($ask->relaxed->notice) {
            return $zone->dates($ask->fromDay, $ask->toDay);
        }
        $last = min($ask->toDay, $zone->day($ask->now) + $service->bookAheadDays);

        return $last < $ask->fromDay
            ? Timeline::none()
            : $zone->dates($ask->fromDay, $last)->intersect(Timeline::between($ask->now + $service->noticeMinutes, PHP_INT_MAX));
    }
}
