<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\Booking;

/** One of the later ones of a repeat, and where it is to go. */
final readonly class LaterOne
{
    /** @param  Destination|null  $to null: it stays where it is */
    public function __construct(public Booking $booking, public ?Destination $to)
    {
    }
}
