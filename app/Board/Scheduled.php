<?php

declare(strict_types=1);

namespace App\Board;

/** A session as the Board needs it; instants are minutes. */
final readonly class Scheduled
{
    /**
     * @param  list<string>  $staff
     * @param  list<string>  $units
     */
    public function __construct(
        public string $id,
        public string $serviceId,
        public string $service,
        public ?string $location,
        public int $start,
        public int $minutes,
        public int $takenFrom,
        public int $takenUntil,
        public array $staff,
        public array $units,
        public int $places,
    ) {
    }
}
