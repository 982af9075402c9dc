<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Http\Refusal;
use App\Messages\Outbox;
use App\Models\Booking;
use App\Models\Payment;
use App\Support\Clock;
use Illuminate\Database\ConnectionInterface;
use YardBell\Core\Booking\State;

/** Gives the time back, the money too, and tells everyone. Doing it twice does what doing it once does. */
final readonly class CancelBooking
{
    public function __construct(
        private ConnectionInterface $db,
        private History $history,
        private Outbox $outbox,
        private Clock $clock,
    ) {
    }

    /** @param  string  $by "client", or the name of who did it in the workspace */
    public function __invoke(int $businessId, string $bookingId, string $by, string $why = ''): Booking
    {
        return $this->db->transaction(function () use ($businessId, $bookingId, $by, $why): Booking {
            $booking = Booking::query()->where('business_id', $businessId)->lockForUpdate()->findOrFail($bookingId);
            if ($booking->state === State::Cancelled) {
                return $booking;
            }
            if (! $booking->state->mayBecome(State::Cancelled)) {
                throw new Refusal("This booking is {$booking->state->value} and can no longer be cancelled.", 409, 'too_late');
            }
            if ($by === 'client' && $booking->starts_at <= $this->clock->now()) {
                throw new Refusal('It has begun already, so it can no longer be cancelled here. Please call.', 409, 'too_late');
            }
            $wasBooked = $booking->state !== State::Held;
            $booking->calendar_sequence++;
            $this->history->become($booking, State::Cancelled, $by, $why);
            $this->outbox->drop($booking);
            if ($wasBooked) {
                $this->outbox->announce($booking, 'cancelled', $by === 'client' ? '' : $why);
            }
            foreach ($booking->payments()->where('state', 'paid')->lockForUpdate()->get() as $payment) {
                $this->refund($payment);
            }

            return $booking;
        }, attempts: 5);
    }

    /** Within a transaction: the whole payment goes back the way it came. */
    public function refund(Payment $payment): void
    {
        $payment->update(['state' => 'refunding']);
        $this->outbox->refund($payment);
    }
}
