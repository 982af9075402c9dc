<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

/** T15: a scheduled group event that is not cancelled or is. Instants and lengths in minutes. */
final readonly class Session
{
    /**
     * @param  list<string>  $staff
     * @param  list<string>  $units
     */
    public function __construct(
        public string $id,
        public string $service,
        public int $start,
        public int $minutes,
        public array $staff,
        public ?string $location,
        public array $units,
        public int $places,
        public bool $cancelled = false,
    ) {
    }
}
