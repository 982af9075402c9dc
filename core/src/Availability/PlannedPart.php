<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

/** T20: a part of a visit in its place. Instants in minutes. */
final readonly class PlannedPart
{
    /**
     * @param  int  $part its place in what was asked
     * @param  list<string>  $staff
     * @param  list<string>  $units
     */
    public function __construct(
        public int $part,
        public string $service,
        public int $start,
        public int $end,
        public array $staff,
        public array $units,
    ) {
    }
}
