<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Booking;
use App\Models\Payment;
use App\Models\PaymentKind;
use App\Models\PaymentState;

/**
 * Writes down what is to be paid when booking, or that a card is to be kept; the worker asks for its page, and the
 * client's page shows it. Within a transaction that has locked the booking; asked again, the same payment is asked for
 * anew.
 */
final readonly class OpenPayment
{
    public function __invoke(Booking $booking): void
    {
        $open = $booking->payments()->where('state', PaymentState::Open)->where('amount', $booking->due_now);
        if ($open->exists()) {
            $open->whereNull('checkout')->update(['asks' => 0, 'ask_at' => null]);

            return;
        }
        Payment::query()->create([
            'business_id' => $booking->business_id,
            'booking_id' => $booking->id,
            'amount' => $booking->due_now,
            'currency' => $booking->currency,
            'kind' => $booking->payment === 'card_hold' ? PaymentKind::Card : PaymentKind::Payment,
        ]);
    }
}
