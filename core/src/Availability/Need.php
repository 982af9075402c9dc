<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

/** T9: so many units of a pool, times the party where $perPerson; held with set-up and clear-up or without. */
final readonly class Need
{
    public function __construct(
        public string $pool,
        public int $units,
        public bool $perPerson = false,
        public bool $holdsBuffers = true,
    ) {
    }

    public function unitsFor(int $party): int
    {
        return $this->perPerson ? $this->units * $party : $this->units;
    }
}
