<?php

declare(strict_types=1);

namespace App\Bookings;

use YardBell\Core\Availability\Ask;
use YardBell\Core\Availability\Relaxed;
use YardBell\Core\Time\Zone;

/** The time somebody wants: a service at an instant, with whom and for how many where they care. */
final readonly class Wish
{
    /**
     * @param  int  $start instant
     * @param  string|null  $member null: anyone
     * @param  int|null  $minutes null: the service's own length (rules.md T17)
     * @param  string|null  $location null: whichever comes first
     */
    public function __construct(
        public string $service,
        public int $start,
        public ?string $member = null,
        public int $party = 1,
        public ?int $minutes = null,
        public ?string $location = null,
    ) {
    }

    /** All rows of that day, so that the one "anyone" would get is among them. */
    public function onItsDay(Zone $zone, int $now, Relaxed $relaxed = new Relaxed()): Ask
    {
        $day = $zone->day($this->start);

        return $this->during($day, $day, $now, $relaxed);
    }

    public function during(int $fromDay, int $toDay, int $now, Relaxed $relaxed = new Relaxed()): Ask
    {
        return new Ask($this->service, $fromDay, $toDay, $now, $this->minutes, 0, $this->party, $this->member, $this->location, $relaxed);
    }
}
