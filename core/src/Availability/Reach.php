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
            : $zone
                ->dates($ask->fromDay, $last)
                ->intersect(Timeline::between($ask->now + $service->noticeMinutes, PHP_INT_MAX));
    }

    /** @return list<Reason> T19: why a start lies outside */
    public static function reasons(Zone $zone, Service $service, Ask $ask, int $at): array
    {
        if ($ask->relaxed->notice) {
            return [];
        }
        $reasons = [];
        $earliest = $ask->now + $service->noticeMinutes;
        if ($at < $earliest) {
            $reasons[] = new Reason('T11', Obstacle::TooSoon, new Cause(CauseKind::Notice, $service->id), [
                'minutes' => $service->noticeMinutes,
                'from' => $earliest,
                'by' => $earliest - $at,
            ]);
        }
        $last = $zone->day($ask->now) + $service->bookAheadDays;
        if ($zone->day($at) > $last) {
            $reasons[] = new Reason('T11', Obstacle::TooFar, new Cause(CauseKind::Reach, $service->id), [
                'days' => $service->bookAheadDays,
                'day' => $last,
                'by' => $zone->day($at) - $last,
            ]);
        }

        return $reasons;
    }
}
