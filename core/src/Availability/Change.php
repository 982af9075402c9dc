<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

/** CrewStarts of one service, place and people on one local date (a day number) that open or close. */
final readonly class Change
{
    /**
     * @param  list<string>  $staff
     * @param  list<int>  $starts instants
     */
    public function __construct(
        public string $service,
        public array $staff,
        public ?string $location,
        public int $day,
        public array $starts,
    ) {
    }
}
