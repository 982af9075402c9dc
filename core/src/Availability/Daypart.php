<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Timeline;
use YardBell\Core\Time\Window;
use YardBell\Core\Time\Zone;

/** T5: a window of every date in which an appointment may start. */
final readonly class Daypart
{
    public function __construct(public string $id, public string $name, public Window $window)
    {
    }

    public function between(int $fromDay, int $toDay, Zone $zone): Timeline
    {
        $stretches = [];
        for ($day = $fromDay; $day <= $toDay; $day++) {
            $stretches[] = $this->window->on($day, $zone);
        }

        return Timeline::of($stretches);
    }
}
