<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Bookings\CancelBooking;
use App\Bookings\ConfirmBooking;
use App\Bookings\HoldTime;
use App\Bookings\TimeTaken;
use App\Messages\Outbox;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Payment;
use App\Support\Clock;
use App\Support\Refusal;
use Illuminate\Database\ConnectionInterface;
use YardBell\Core\Booking\State;

/**
 * Asks the processor what became of a payment and draws the consequence: a booking, or a full refund.
 *
 * Called when the client comes back, when the processor sends its notice (perhaps twice), and by the worker for
 * everything still open: whoever comes first does it, the others find it done. One transaction holds all of it, so a
 * process that dies half-way has done nothing, and the worker finds the payment still open.
 */
final readonly class SettlePayment
{
    /** A payment that failed may still succeed: with another card on the same payment page. */
    public const ASKED_FOR = ['open', 'failed'];

    /** One that is no longer asked for can still be paid; its notice tells. */
    private const UNSETTLED = ['open', 'failed', 'lapsed'];

    public function __construct(
        private ConnectionInterface $db,
        private Processor $processor,
        private HoldTime $hold,
        private ConfirmBooking $confirm,
        private CancelBooking $cancel,
        private Outbox $outbox,
        private Clock $clock,
    ) {
    }

    /** @throws ProcessorUnreachable */
    public function __invoke(Payment $payment): void
    {
        if (! in_array($payment->state, self::UNSETTLED, true) || $payment->checkout === null) {
            return;
        }
        $state = $this->processor->find($payment->checkout)->state;
        if ($state === 'paid' || $state === 'kept') {
            $this->db->transaction(fn () => $this->paid($payment->id, $state), attempts: 5);
        } elseif ($state === 'failed') {
            Payment::query()->whereKey($payment->id)->where('state', 'open')->update(['state' => 'failed']);
        }
    }

    private function paid(string $paymentId, string $state): void
    {
        $bookingId = Payment::query()->findOrFail($paymentId)->booking_id;
        $booking = Booking::query()->lockForUpdate()->findOrFail($bookingId);
        $payment = Payment::query()->lockForUpdate()->findOrFail($paymentId);
        if (! in_array($payment->state, self::UNSETTLED, true)) {
            return;
        }
        $isOwed = $payment->kind === 'payment' && in_array($booking->state, [State::Confirmed, State::Pending], true) && Balance::of($booking)->due >= $payment->amount;
        $payment->update(['state' => $state]);
        if ($isOwed) {
            return; // booked without paying, paid after all
        }
        try {
            $this->hold->again($booking, Business::query()->findOrFail($booking->business_id), $this->clock->minute() + 1);
            $this->confirm->book($booking);
        } catch (TimeTaken|Refusal) {
            if ($booking->state === State::Held) {
                ($this->cancel)($booking->business_id, $booking->id, 'the clock', 'The payment came after the time was given to somebody else.');
            } else {
                $this->cancel->refund($payment, $payment->amount);
            }
            $this->outbox->announce($booking, 'paid_too_late');
        }
    }
}
