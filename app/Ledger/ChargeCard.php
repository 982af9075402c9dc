<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Audience;
use App\Models\Occasion;
use App\Models\Payment;
use App\Models\PaymentKind;
use App\Models\PaymentState;
use App\Models\Sale;
use App\Outbox\Outbox;

/** Asks for a fee from a card that was kept for it (rules.md L4). Within a transaction that has locked the sale. */
final readonly class ChargeCard
{
    public function __construct(private Outbox $outbox)
    {
    }

    public function __invoke(Sale $sale, Payment $card, int $amount): void
    {
        $payment = $sale->payments()->create([
            'business_id' => $sale->business_id,
            'amount' => $amount,
            'currency' => $sale->currency,
            'kind' => PaymentKind::Fee,
            'state' => PaymentState::Charging,
            'checkout' => $card->checkout,
        ]);
        $this->outbox->add(
            ChargeChannel::NAME,
            Occasion::Charged,
            Audience::Processor,
            (string) $card->checkout,
            "charge-{$payment->id}",
            ['payment' => $payment->id],
            $sale->bookings()->firstOrFail(),
        );
    }
}
