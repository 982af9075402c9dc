<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Facts\VisitParts;
use App\Facts\WholeVisit;
use App\Models\Booking;
use App\Support\Refusal;
use App\Times\OpenTimes;

/** The times a client can move to: a booking, all of a visit, or one part of it. */
final readonly class MoveTimes
{
    public function __construct(private OpenTimes $times, private ClientChanges $changes)
    {
    }

    /**
     * @param  bool  $alone of a visit, this part alone
     * @param  int|null  $fromDay day number; null: today
     * @return array<string, mixed> the almanac, as when it was booked
     *
     * @throws Refusal
     */
    public function of(Booking $booking, bool $alone, ?int $fromDay): array
    {
        $parts = self::asked(VisitParts::of($booking) ?: [$booking], $booking->id, $alone);
        $this->changes->checkMove($parts);

        return $this->times->ofMove($booking->business, $parts, $fromDay);
    }

    /**
     * @param  non-empty-list<Booking>  $all
     * @return non-empty-list<Booking> those that are to be moved
     */
    public static function asked(array $all, string $id, bool $alone): array
    {
        $own = array_values(array_filter($all, static fn (Booking $part): bool => $part->id === $id));

        return $alone && $own !== [] ? $own : WholeVisit::standing($all);
    }
}
