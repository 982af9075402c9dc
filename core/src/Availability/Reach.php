<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Timeline;
use YardBell\Core\Time\Wall;
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
            : $zone
                ->dates($ask->fromDay, $last)
                ->intersect(Timeline::between($ask->now + $service->noticeMinutes, PHP_INT_MAX));
    }

    /** @return list<Reason> T19: why a start lies outside */
    public static function reasons(Zone $zone, Service $service, Ask $ask, int $at, Told $told): array
    {
        if ($ask->relaxed->notice) {
            return [];
        }
        $reasons = [];
        $earliest = $ask->now + $service->noticeMinutes;
        if ($at < $earliest) {
            $reasons[] = new Reason(
                'T11',
                "notice of service {$service->id}",
                "{$service->noticeMinutes} minutes of notice: the earliest start is {$told->instant($earliest)}, "
                    .($earliest - $at)
                    .' minutes later.',
                ['from' => $earliest],
            );
        }
        $last = $zone->day($ask->now) + $service->bookAheadDays;
        if ($zone->day($at) > $last) {
            $reasons[] = new Reason(
                'T11',
                "reach of service {$service->id}",
                "It reaches {$service->bookAheadDays} days ahead, until "
                    .Wall::date($last)
                    .', '
                    .($zone->day($at) - $last)
                    .' days earlier.',
            );
        }

        return $reasons;
    }
}
