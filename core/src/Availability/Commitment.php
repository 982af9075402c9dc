<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

/** T6: what a person, or a unit, is taken by: [start, end) in minutes, set-up and clear-up included. */
final readonly class Commitment
{
    /** @param  string|null  $location of a booking or session; null needs no travel (T7) */
    public function __construct(
        public int $start,
        public int $end,
        public Cause $cause,
        public ?string $location = null,
    ) {
    }

    /**
     * The starts at which an appointment of $minutes with its own set-up and clear-up would overlap this.
     *
     * @return array{int, int}
     */
    public function blocks(int $minutes, int $setup, int $clearup, int $travel = 0): array
    {
        return [$this->start - $travel - $minutes - $clearup + 1, $this->end + $travel + $setup];
    }

    /** T7: minutes of travel between this and an appointment at $location. */
    public function travelTo(?string $location, int $travelMinutes): int
    {
        return $this->location === null || $this->location === $location ? 0 : $travelMinutes;
    }
}
