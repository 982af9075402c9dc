<?php

declare(strict_types=1);

namespace YardBell\Core\Booking;

use YardBell\Core\Availability\Slot;

/** T22: a time that can be booked, and who waits for it. */
final readonly class WaitlistMatch
{
    /**
     * @param  Slot  $row as it is offered to a party of one
     * @param  non-empty-list<WaitlistEntry>  $entries who has waited longest first
     */
    public function __construct(public string $service, public Slot $row, public array $entries)
    {
    }
}
