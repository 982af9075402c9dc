<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\Booking;
use App\Models\PaymentKind;
use App\Models\PaymentState;
use App\Models\Sale;
use App\Sales\OpenSale;

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

    /**
     * @param  non-empty-list<int>  $amounts minor unit; 0: a card is to be kept. What was to be paid before and is
     *                                       none of them lapses.
     */
    public function __invoke(Booking $booking, array $amounts): Sale
    {
        $sale = ($this->sale)($booking);
        $open = $sale->payments()->where('state', PaymentState::Open);
        $sale->payments()
            ->whereIn('state', PaymentState::ASKED_FOR)
            ->whereNotIn('amount', $amounts)
            ->update(['state' => PaymentState::Lapsed]);
        foreach ($amounts as $amount) {
            $same = (clone $open)->where('amount', $amount);
            if ($same->exists()) {
                $same->whereNull('checkout')->update(['asks' => 0, 'ask_at' => null]);

                continue;
            }
            $sale->payments()->create([
                'business_id' => $sale->business_id,
                'amount' => $amount,
                'currency' => $sale->currency,
                'kind' => $amount === 0 ? PaymentKind::Card : PaymentKind::Payment,
            ]);
        }

        return $sale;
    }
}
