<?php

declare(strict_types=1);

namespace YardBell\Core\Booking;

use YardBell\Core\Time\Window;

/** Somebody who waits for a time (rules, T22). What is null or left out is not wished for. */
final readonly class WaitlistEntry
{
    /**
     * @param  int  $fromDay, $untilDay local dates as day numbers, both included; none where the first is the later
     * @param  int  $createdAt instant: whoever has waited longer stands before
     * @param  int|null  $minutes null: the service's own length; says nothing of sessions
     * @param  int  $extra minutes that add-ons add
     * @param  non-empty-list<string>|null  $staff any of these people
     * @param  non-empty-list<string>|null  $locations any of these places
     * @param  array<int, list<Window>>|null  $windows by weekday, 0 = Monday: when all of it is to be
     */
    public function __construct(
        public string $id,
        public string $service,
        public int $fromDay,
        public int $untilDay,
        public int $createdAt,
        public ?int $minutes = null,
        public int $extra = 0,
        public int $party = 1,
        public ?array $staff = null,
        public ?array $locations = null,
        public ?array $windows = null,
        public ?string $client = null,
    ) {
    }
}
