<?php

declare(strict_types=1);

namespace App\Times;

use YardBell\Core\Availability\Ask;
use YardBell\Core\Availability\Relaxed;
use YardBell\Core\Time\Zone;

/** The time somebody wants, and for what. */
final readonly class Wish
{
    /**
     * @param  int  $start instant
     * @param  Relaxed  $relaxed what is left out for whoever asks (rules.md T18)
     * @param  Override  $override and what is left out on purpose
     * @param  string|null  $visit id of the visit that it is a part of
     */
    public function __construct(
        public Choice $choice,
        public int $start,
        public Relaxed $relaxed = new Relaxed(),
        public Override $override = new Override(),
        public ?string $visit = null,
    ) {
    }

    public function with(Override $override): self
    {
        return new self(
            choice: $this->choice,
            start: $this->start,
            relaxed: $this->relaxed,
            override: $override,
            visit: $this->visit,
        );
    }

    /** As a part of a visit (rules.md T20). */
    public function ofVisit(string $visit): self
    {
        return new self(
            choice: $this->choice,
            start: $this->start,
            relaxed: $this->relaxed,
            override: $this->override,
            visit: $visit,
        );
    }

    /** All rows of that day, so that the one "anyone" would get is among them. */
    public function onItsDay(Zone $zone, int $now): Ask
    {
        $day = $zone->day($this->start);

        return $this->choice->during($day, $day, $now, $this->override->relaxed($this->relaxed));
    }
}
