<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\Booking;
use YardBell\Core\Booking\State;

/** The bookings that share a mark, since they are the parts of one visit (rules.md T20). */
final class VisitParts
{
    /** @return list<Booking> in order of time; none where it is no part of a visit */
    public static function of(Booking $booking): array
    {
        return $booking->visit_id === null
            ? []
            : array_values(
                Booking::query()
                    ->where('business_id', $booking->business_id)
                    ->where('visit_id', $booking->visit_id)
                    ->orderBy('starts_at')
                    ->orderBy('id')
                    ->get()
                    ->all(),
            );
    }

    /** @return list<Booking> the others, as far as they can still be cancelled */
    public static function besides(Booking $booking): array
    {
        return array_values(
            array_filter(
                self::of($booking),
                static fn (Booking $other): bool => $other->id !== $booking->id &&
                    $other->state->mayBecome(State::Cancelled),
            ),
        );
    }
}
