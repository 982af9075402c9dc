<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Ledger\CancellationCost;
use App\Messages\Outbox;
use App\Models\Booking;
use App\Models\Payment;
use App\Support\Clock;
use App\Support\Refusal;
use Illuminate\Database\ConnectionInterface;
use YardBell\Core\Booking\State;

/** Gives the time back, the money too as far as the terms say, and tells everyone. Doing it twice does what doing it once does. */
final readonly class CancelBooking
{
    public function __construct(
        private ConnectionInterface $db,
        private History $history,
        private Outbox $outbox,
        private Clock $clock,
        private CancellationCost $cost,
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
            $fee = $by === 'client' ? $this->cost->of($booking) : 0;
            $booking->calendar_sequence++;
            $this->history->become($booking, State::Cancelled, $by, $why);
            $this->outbox->drop($booking);
            if ($wasBooked) {
                $this->outbox->announce($booking, 'cancelled', $by === 'client' ? '' : $why);
            }
            $this->settle($booking, $fee);

            return $booking;
        }, attempts: 5);
    }

    /** Within a transaction: some or all of a payment goes back the way it came. */
    public function refund(Payment $payment, int $amount): void
    {
        if ($amount > 0) {
            $payment->update(['state' => 'refunding', 'returned' => $amount]);
            $this->outbox->refund($payment);
        }
    }

    /** Within a transaction: what was paid goes back, the latest first, less the fee; what the fee lacks is charged to a kept card. */
    public function settle(Booking $booking, int $fee): void
    {
        $left = $fee;
        foreach ($booking->payments()->where('kind', 'payment')->where('state', 'paid')->lockForUpdate()->get() as $payment) {
            $keeps = min($left, $payment->amount);
            $left -= $keeps;
            $this->refund($payment, $payment->amount - $keeps);
        }
        $card = CancellationCost::keptCard($booking);
        if ($left > 0 && $card !== null) {
            $this->outbox->charge($booking->payments()->create(['business_id' => $booking->business_id, 'amount' => $left, 'currency' => $booking->currency,
                'kind' => 'fee', 'state' => 'charging', 'checkout' => $card->checkout]));
        }
        if ($fee > 0) {
            $booking->update(['fee' => $fee]);
        }
    }
}
