<?php

declare(strict_types=1);

namespace App\Gate;

use App\Language\Speech;
use App\Models\Booking;
use App\Models\CurrentBusiness;

/** The booking that a client's link names. The link is all they have: from it follows whose business it is. */
final readonly class LinkedBooking
{
    public function __construct(private CurrentBusiness $current, private Speech $speech)
    {
    }

    public function find(string $id): Booking
    {
        $booking = $this->current->across(static fn (): Booking => Booking::query()->findOrFail($id));
        $this->current->set($booking->business_id);
        $this->speech->of($booking->locale ?? $booking->business()->firstOrFail()->locale);

        return $booking;
    }
}
