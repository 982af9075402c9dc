<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\OutboxEntry;
use App\Models\Payment;
use App\Models\PaymentState;
use App\Outbox\Channel;

/** Money on its way back, the way it came (rules.md L3). */
final readonly class RefundChannel implements Channel
{
    public const NAME = 'refund';

    public function __construct(private Processor $processor)
    {
    }

    public function isWanted(OutboxEntry $entry): bool
    {
        return true;
    }

    public function send(OutboxEntry $entry): callable
    {
        $payment = Payment::query()->findOrFail($entry->text('payment'));
        $this->processor->refund($entry->key, $entry->recipient, $payment->returned);

        return static fn (): bool => $payment->update(['state' => PaymentState::Refunded]);
    }
}
