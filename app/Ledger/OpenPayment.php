<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Booking;
use App\Models\PaymentKind;
use App\Models\PaymentState;

/**
 * Writes down what is to be paid when booking, or that a card is to be kept; the worker asks for its page, and the
 * client's page shows it. Within a transaction that has locked the booking; asked again, the same payment is asked for
 * anew.
 */
final readonly class OpenPayment
{
    public function __construct(private OpenSale $sale)
    {
    }

    /** @param  int  $amount minor unit; 0: a card is to be kept */
    public function __invoke(Booking $booking, int $amount): void
    {
        $sale = ($this->sale)($booking);
        $open = $sale->payments()->where('state', PaymentState::Open)->where('amount', $amount);
        if ($open->exists()) {
            $open->whereNull('checkout')->update(['asks' => 0, 'ask_at' => null]);

            return;
        }
        $sale->payments()->create([
            'business_id' => $sale->business_id,
            'amount' => $amount,
            'currency' => $sale->currency,
            'kind' => $amount === 0 ? PaymentKind::Card : PaymentKind::Payment,
        ]);
    }
}
