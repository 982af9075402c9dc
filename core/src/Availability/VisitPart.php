<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

/** T20: one of the services asked for in a visit. */
final readonly class VisitPart
{
    /**
     * @param  int|null  $minutes T17: null for the service's own length
     * @param  int  $extra minutes that add-ons add
     * @param  string|null  $staff with this member, among others or alone
     */
    public function __construct(
        public string $service,
        public ?int $minutes = null,
        public int $extra = 0,
        public ?string $staff = null,
    ) {
    }
}
