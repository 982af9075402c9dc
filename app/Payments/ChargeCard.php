<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\Audience;
use App\Models\Booking;
use App\Models\ChannelName;
use App\Models\Occasion;
use App\Models\Payment;
use App\Models\PaymentKind;
use App\Models\PaymentState;
use App\Outbox\NewEntry;
use App\Outbox\Outbox;
use App\Outbox\Recipient;
use App\Sales\Fee;

/**
 * Asks for a fee from a card that was kept for it (rules.md L4). Within a transaction that has locked the sale of the
 * booking.
 */
final readonly class ChargeCard
{
    public function __construct(private Outbox $outbox)
    {
    }

    public function __invoke(Booking $booking, Payment $card, int $amount, string $by): void
    {
        $payment = Payment::query()->create([
            'business_id' => $booking->business_id,
            'sale_id' => $booking->sale_id,
            'booking_id' => $booking->id,
            'amount' => $amount,
            'currency' => $booking->currency,
            'kind' => PaymentKind::Fee,
            'state' => PaymentState::Charging,
            'checkout' => $card->checkout,
            'by' => $by,
        ]);
        $this->outbox->add(
            new NewEntry(
                key: "charge-{$payment->id}",
                channel: ChannelName::Charge,
                occasion: Occasion::Charged,
                recipient: new Recipient(Audience::Processor, (string) $card->checkout),
                content: ['payment' => $payment->id],
                about: $booking,
            ),
        );
    }
}
