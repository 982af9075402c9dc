<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\Booking;
use YardBell\Core\Booking\State;

/** The bookings that share an id, since they were booked as one repeat (rules.md T23). */
final class Repeated
{
    /** @return list<Booking> all of them, in order of time; none where it is no repeat */
    public static function all(Booking $booking): array
    {
        return $booking->repeat_id === null
            ? []
            : array_values(
                Booking::query()
                    ->where('business_id', $booking->business_id)
                    ->where('repeat_id', $booking->repeat_id)
                    ->orderBy('starts_at')
                    ->get()
                    ->all(),
            );
    }

    /** @return list<Booking> those that come later and can still be cancelled */
    public static function after(Booking $booking): array
    {
        return array_values(array_filter(
            self::all($booking),
            static fn (Booking $one): bool => $one->starts_at > $booking->starts_at
                && in_array($one->state, [State::Pending, State::Confirmed], true),
        ));
    }
}
