<?php

declare(strict_types=1);

namespace YardBell\Core\Booking;

use YardBell\Core\Time\Window;

/** Somebody who waits for a time (rules, part 5). An empty list of wishes wishes nothing in particular. */
final readonly class WaitlistEntry
{
    /**
     * @param  int|null  $minutes null: the service's own length
     * @param  list<string>  $staff any of these people
     * @param  list<string>  $locations any of these places
     * @param  int  $fromDay, $toDay local dates as day numbers, both included
     * @param  array<int, list<Window>>  $weekdays by weekday, 0 = Monday, the windows it may start in; empty: any day
     *   and hour
     */
    public function __construct(
        public string $id,
        public string $service,
        public ?int $minutes,
        public int $party,
        public array $staff,
        public array $locations,
        public int $fromDay,
        public int $toDay,
        public array $weekdays = [],
    ) {
    }
}
