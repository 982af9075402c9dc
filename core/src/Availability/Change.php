<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

/** Starts of one service, place and people on one local date (a day number) that open or close. */
final class Change
{
    /** @var list<int> instants */
    public array $starts = [];

    /** @param  list<string>  $staff */
    public function __construct(
        public readonly string $service,
        public readonly array $staff,
        public readonly ?string $location,
        public readonly int $day,
    ) {
    }
}
