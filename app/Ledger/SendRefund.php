<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Audience;
use App\Models\Occasion;
use App\Models\Refund;
use App\Outbox\Outbox;

/** Sends money back through the processor. Within the transaction that decides it. */
final readonly class SendRefund
{
    public function __construct(private Outbox $outbox)
    {
    }

    public function __invoke(Refund $refund): void
    {
        $this->outbox->add(
            RefundChannel::NAME,
            Occasion::Refunded,
            Audience::Processor,
            (string) $refund->payment->checkout,
            $refund->key(),
            ['refund' => $refund->id],
            $refund->sale()->firstOrFail()->bookings()->firstOrFail(),
        );
    }
}
