<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Facts\VisitParts;
use App\Messages\Announcements;
use App\Models\Booking;
use App\Models\Occasion;
use App\Models\OutboxEntry;
use App\Models\OutboxState;
use App\Outbox\Outbox;
use Illuminate\Database\Eloquent\Builder;
use YardBell\Core\Booking\State;

/** A visit is reminded of once a date, by the part it begins with then (rules.md, part 6). */
final readonly class PlanReminders
{
    public function __construct(private Announcements $announcements)
    {
    }

    /** Plans those of a booking that has been moved or cancelled, and of all that it is a part of. */
    public function plan(Booking $booking): void
    {
        $zone = $booking->business->time_zone;
        $dates = [];
        foreach (VisitParts::of($booking) ?: [$booking] as $part) {
            if ($part->state === State::Confirmed) {
                $dates[$part->starts_at->setTimezone($zone)->format('Y-m-d')][] = $part;
            }
        }
        foreach ($dates as $parts) {
            if (! self::isPlanned($parts[0])) {
                $this->announcements->remind($parts[0]);
            }
            foreach (array_slice($parts, 1) as $later) {
                self::drop($later);
            }
        }
    }

    private static function isPlanned(Booking $booking): bool
    {
        return self::waiting($booking)->exists();
    }

    private static function drop(Booking $booking): void
    {
        Outbox::drop(array_values(array_filter(self::waiting($booking)->pluck('id')->all(), is_int(...))));
    }

    /** @return Builder<OutboxEntry> */
    private static function waiting(Booking $booking): Builder
    {
        return OutboxEntry::query()
            ->where('business_id', $booking->business_id)
            ->where('booking_id', $booking->id)
            ->where('occasion', Occasion::Reminder)
            ->where('state', OutboxState::Waiting);
    }
}
