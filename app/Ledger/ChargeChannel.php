<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\OutboxEntry;
use App\Models\Payment;
use App\Models\PaymentState;
use App\Outbox\Channel;

/** A fee on its way from a card that was kept for it (rules.md L4). */
final readonly class ChargeChannel implements Channel
{
    public const NAME = 'charge';

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
        $this->processor->charge($entry->key, $entry->recipient, $payment->amount);

        return static fn (): bool => $payment->update(['state' => PaymentState::Paid]);
    }
}
