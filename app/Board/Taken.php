<?php

declare(strict_types=1);

namespace App\Board;

use App\Models\Booking;
use App\Models\Session;
use App\Support\Instants;
use YardBell\Core\Time\Timeline;

/** The time that a booking or a session takes of its people, with set-up and clear-up. */
final readonly class Taken
{
    public static function by(Booking|Session $booking): Timeline
    {
        return Timeline::between(Instants::minute($booking->taken_from), Instants::minute($booking->taken_until));
    }
}
