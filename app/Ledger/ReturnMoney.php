<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Audience;
use App\Models\Booking;
use App\Models\Occasion;
use App\Models\Payment;
use App\Models\PaymentKind;
use App\Models\PaymentState;
use App\Outbox\Outbox;

/** Gives money back the way it came (rules.md L3, L4). Within a transaction that has locked the booking. */
final readonly class ReturnMoney
{
    public function __construct(private Outbox $outbox)
    {
    }

    /** Some or all of one payment; amounts in the minor unit. */
    public function of(Payment $payment, int $amount): void
    {
        if ($amount > 0) {
            $payment->update(['state' => PaymentState::Refunding, 'returned' => $amount]);
            $this->send(RefundChannel::NAME, Occasion::Refunded, $payment);
        }
    }

    /** All that was paid for a booking, the latest first, less a fee; what the fee lacks is charged to a kept card. */
    public function less(int $fee, Booking $booking): void
    {
        $left = $fee;
        $paid = $booking->payments()->where('kind', PaymentKind::Payment)->where('state', PaymentState::Paid);
        foreach ($paid->lockForUpdate()->get() as $payment) {
            $keeps = min($left, $payment->amount);
            $left -= $keeps;
            $this->of($payment, $payment->amount - $keeps);
        }
        $card = CancellationCost::keptCard($booking);
        if ($left > 0 && $card !== null) {
            $this->charge($booking, $card, $left);
        }
        if ($fee > 0) {
            $booking->update(['fee' => $fee]);
        }
    }

    private function charge(Booking $booking, Payment $card, int $amount): void
    {
        $this->send(ChargeChannel::NAME, Occasion::Charged, $booking->payments()->create([
            'business_id' => $booking->business_id,
            'amount' => $amount,
            'currency' => $booking->currency,
            'kind' => PaymentKind::Fee,
            'state' => PaymentState::Charging,
            'checkout' => $card->checkout,
        ]));
    }

    private function send(string $channel, Occasion $occasion, Payment $payment): void
    {
        $this->outbox->add(
            $channel,
            $occasion,
            Audience::Processor,
            (string) $payment->checkout,
            "{$channel}-{$payment->id}",
            ['payment' => $payment->id],
            $payment->booking()->firstOrFail(),
        );
    }
}
