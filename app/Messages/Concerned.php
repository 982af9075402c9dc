<?php

declare(strict_types=1);

namespace App\Messages;

use App\Facts\VisitParts;
use App\Facts\WholeVisit;
use App\Models\Booking;
use App\Models\Occasion;
use App\Models\OutboxEntry;
use YardBell\Core\Booking\State;

/** The bookings that a mail is about: one, or those that were made together, of which it still is true. */
final class Concerned
{
    /** @return list<Booking> in order of time; none: it would tell what is not so any more */
    public static function of(OutboxEntry $entry, Booking $booking): array
    {
        $ids = array_values(array_filter(explode(' ', $entry->text('all'))));
        $all = array_values(
            Booking::query()
                ->where('business_id', $booking->business_id)
                ->whereIn('id', $ids)
                ->orderBy('starts_at')
                ->get()
                ->all(),
        ) ?: self::alone($entry->occasion, $booking);

        return array_values(
            array_filter($all, static fn (Booking $one): bool => self::isTrue($entry->occasion, $one->state)),
        );
    }

    /**
     * Of a visit of several services, a reminder is of all that is on its date.
     *
     * @return non-empty-list<Booking>
     */
    private static function alone(Occasion $occasion, Booking $booking): array
    {
        $parts = $occasion === Occasion::Reminder ? VisitParts::of($booking) : [];

        return $parts === [] ? [$booking] : WholeVisit::onDayOf(WholeVisit::standing($parts), $booking);
    }

    private static function isTrue(Occasion $occasion, State $state): bool
    {
        return match ($occasion) {
            Occasion::Cancelled => $state === State::Cancelled,
            Occasion::NoShow => $state === State::NoShow,
            Occasion::Restored => $state !== State::Cancelled,
            default => true,
        };
    }
}
