<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Messages\Announcements;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Occasion;
use App\Support\Refusal;
use Illuminate\Database\ConnectionInterface;
use YardBell\Core\Availability\Relaxed;
use YardBell\Core\Booking\State;

/**
 * A client moves a booking, or one part of a visit, to a time that clients are offered. It keeps its price; where the
 * business says yes or no to each time, it waits for that again.
 */
final readonly class MoveByClient
{
    public function __construct(
        private ConnectionInterface $db,
        private MoveBooking $move,
        private OpenTimes $times,
        private ClientChanges $changes,
        private History $history,
        private Announcements $announcements,
        private Reminders $reminders,
    ) {
    }

    public function may(Booking $booking): bool
    {
        return MoveBooking::may($booking) && $this->changes->mayChange($booking) && $this->changes->isFree($booking);
    }

    /**
     * @param  int|null  $fromDay day number; null: today
     * @return array<string, mixed> the almanac, as when it was booked
     *
     * @throws Refusal
     */
    public function times(Booking $booking, ?int $fromDay): array
    {
        $this->changes->checkFree($booking);

        return $this->times->ofMove(
            $booking->business()->firstOrFail(),
            $booking,
            Choice::of($booking)->with(null),
            $fromDay,
        );
    }

    /**
     * @param  int  $start instant
     * @param  string|null  $staff null: the same, where they are free, else whoever is
     *
     * @throws Refusal|TimeTaken
     */
    public function __invoke(Business $business, string $id, int $start, ?string $staff): Booking
    {
        return $this->db->transaction(function () use ($business, $id, $start, $staff): Booking {
            $booking = Booking::query()->where('business_id', $business->id)->lockForUpdate()->findOrFail($id);
            $this->changes->checkFree($booking);
            $to = new Destination(
                $start,
                $staff === null ? null : [$staff],
                location: $booking->location_id,
                relaxed: new Relaxed(),
            );
            $waits = $booking->state === State::Confirmed && ConfirmBooking::mustBeApproved($booking);
            $moved = ($this->move)($business, $id, $to, History::BY_CLIENT, told: ! $waits);
            if ($waits) {
                $this->history->become($moved, State::Pending, History::BY_CLIENT);
                $this->announcements->drop($moved);
                $this->reminders->plan($moved);
                $this->announcements->of($moved, Occasion::Pending);
            }

            return $moved;
        }, attempts: 5);
    }
}
