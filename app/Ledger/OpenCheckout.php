<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Gate\ClientLink;
use App\Models\Payment;

/** Asks the processor for a payment page. Asked again for the same payment, it is the same page. */
final readonly class OpenCheckout
{
    public function __construct(private Processor $processor, private ClientLink $links)
    {
    }

    public function __invoke(Payment $payment): string
    {
        $booking = $payment->booking()->firstOrFail();
        $checkout = $this->processor->open(
            $payment->id,
            $payment->amount,
            $payment->currency,
            $booking->service_name,
            $this->links->to($booking),
            keepsCard: $payment->kind === 'card',
        );
        $payment->update(['checkout' => $checkout->id]);

        return $checkout->page;
    }
}
