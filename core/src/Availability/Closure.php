<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\WallSpan;

/** T4: a time in which nobody, or none of some, can be booked. */
final readonly class Closure
{
    /** @param  non-empty-list<string>|null  $staff null: everyone */
    public function __construct(
        public string $id,
        public WallSpan $span,
        public ?array $staff = null,
        public string $name = '',
    ) {
    }

    public function names(string $member): bool
    {
        return $this->staff === null || in_array($member, $this->staff, true);
    }
}
