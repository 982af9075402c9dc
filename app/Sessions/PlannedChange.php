<?php

declare(strict_types=1);

namespace App\Sessions;

use App\Models\Session;
use YardBell\Core\Booking\GatheringDate;

/** What a session would become. */
final readonly class PlannedChange
{
    /** @param  int  $taken places that are taken in it */
    public function __construct(public Session $session, public GatheringDate $date, public int $taken)
    {
    }
}
