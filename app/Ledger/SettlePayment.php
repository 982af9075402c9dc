<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Booking;
use App\Models\Payment;
use App\Models\PaymentKind;
use App\Models\PaymentState;
use Illuminate\Database\ConnectionInterface;
use YardBell\Core\Booking\State;

/**
 * Asks the processor what became of a payment and lets the room that sold it draw the consequence.
 *
 * Called when the client comes back, when the processor sends its notice (perhaps twice), and by the worker for
 * everything still open: whoever comes first does it, the others find it done. One transaction holds all of it, so a
 * process that dies half-way has done nothing, and the worker finds the payment still open.
 */
final readonly class SettlePayment
{
    public function __construct(
        private ConnectionInterface $db,
        private Processor $processor,
        private Fulfilment $fulfilment,
    ) {
    }

    /** @throws ProcessorUnreachable */
    public function __invoke(Payment $payment): void
    {
        if (! in_array($payment->state, PaymentState::UNSETTLED, true) || $payment->checkout === null) {
            return;
        }
        $state = PaymentState::tryFrom($this->processor->find($payment->checkout)->state);
        if ($state === PaymentState::Paid || $state === PaymentState::Kept) {
            $this->db->transaction(fn () => $this->paid($payment->id, $state), attempts: 5);
        } elseif ($state === PaymentState::Failed) {
            Payment::query()
                ->whereKey($payment->id)
                ->where('state', PaymentState::Open)
                ->update(['state' => $state]);
        }
    }

    private function paid(string $paymentId, PaymentState $state): void
    {
        $bookingId = Payment::query()->findOrFail($paymentId)->booking_id;
        $booking = Booking::query()->lockForUpdate()->findOrFail($bookingId);
        $payment = Payment::query()->lockForUpdate()->findOrFail($paymentId);
        if (! in_array($payment->state, PaymentState::UNSETTLED, true)) {
            return;
        }
        $isOwed =
            $payment->kind === PaymentKind::Payment &&
            in_array($booking->state, [State::Confirmed, State::Pending], true) &&
            Balance::of($booking)->due >= $payment->amount; // booked without paying, paid after all
        $payment->update(['state' => $state]);
        if (! $isOwed) {
            $this->fulfilment->paid($booking, $payment);
        }
    }
}
