<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\Audience;
use App\Models\ChannelName;
use App\Models\Occasion;
use App\Models\Refund;
use App\Outbox\NewEntry;
use App\Outbox\Outbox;
use App\Outbox\Recipient;
use App\Processor\Processor;

/** Sends money back through the processor. Within the transaction that decides it. */
final readonly class SendRefund
{
    public function __construct(private Outbox $outbox)
    {
    }

    public function __invoke(Refund $refund): void
    {
        $this->outbox->add(
            new NewEntry(
                key: $refund->key(),
                channel: ChannelName::Refund,
                occasion: Occasion::Refunded,
                recipient: new Recipient(Audience::Processor, (string) $refund->payment->checkout),
                content: ['refund' => $refund->id],
                about: $refund->sale()->firstOrFail()->about(),
            ),
        );
    }
}
