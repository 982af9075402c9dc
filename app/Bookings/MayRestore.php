<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\Booking;
use App\Models\BookingChange;
use App\Support\Clock;
use YardBell\Core\Booking\State;

/** Which cancellings can be taken back: for a day, and before the visit would begin. */
final readonly class MayRestore
{
    private const HOURS = 24;

    /** What one press cancels may take so long, one after the other. */
    private const PRESS_SECONDS = 5;

    public function __construct(private Clock $clock)
    {
    }

    public function of(Booking $booking): bool
    {
        $cancelled = self::cancelled($booking);

        return $cancelled !== null &&
            $cancelled->by !== History::BY_CLOCK &&
            History::before($booking) !== null &&
            $cancelled->at > $this->clock->now()->subHours(self::HOURS) &&
            $booking->starts_at > $this->clock->now();
    }

    /**
     * Those that were cancelled with it in one press: of its visit or its repeat, about the same moment by the same.
     *
     * @return list<Booking> in order of time, itself among them
     */
    public function together(Booking $booking): array
    {
        $cancelled = self::cancelled($booking);
        if ($cancelled === null || ($booking->visit_id ?? $booking->repeat_id) === null) {
            return [$booking];
        }
        $cancelledWith = Booking::query()
            ->where('business_id', $booking->business_id)
            ->where('state', State::Cancelled)
            ->where(
                static fn ($query) => $booking->visit_id === null
                    ? $query->where('repeat_id', $booking->repeat_id)
                    : $query->where('visit_id', $booking->visit_id),
            )
            ->whereExists(
                static fn ($query) => $query
                    ->from('booking_changes')
                    ->whereColumn('booking_changes.business_id', 'bookings.business_id')
                    ->whereColumn('booking_changes.booking_id', 'bookings.id')
                    ->where('state', State::Cancelled)
                    ->whereBetween('at', [
                        $cancelled->at->subSeconds(self::PRESS_SECONDS),
                        $cancelled->at->addSeconds(self::PRESS_SECONDS),
                    ])
                    ->where('by', $cancelled->by),
            )
            ->orderBy('starts_at')
            ->get();

        return array_values($cancelledWith->filter($this->of(...))->all());
    }

    private static function cancelled(Booking $booking): ?BookingChange
    {
        $last = $booking->changes()->get()->last();

        return $booking->state === State::Cancelled && $last?->state === State::Cancelled->value ? $last : null;
    }
}
