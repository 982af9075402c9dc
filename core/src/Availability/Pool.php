<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\WallSpan;

/** T9: a pool of units. */
final readonly class Pool
{
    /**
     * @param  string|null  $location the one it serves at, null for every one
     * @param  list<string>  $units in the order in which they are taken
     * @param  array<string, list<WallSpan>>  $outages by unit
     */
    public function __construct(
        public string $id,
        public ?string $location,
        public array $units,
        public array $outages = [],
        public string $name = '',
    ) {
    }

    public function servesAt(?string $location): bool
    {
        return $this->location === null || $this->location === $location;
    }
}
