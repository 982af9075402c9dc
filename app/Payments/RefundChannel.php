<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\OutboxEntry;
use App\Models\Refund;
use App\Models\RefundState;
use App\Outbox\Channel;
use App\Processor\Processor;
use App\Processor\RefundRefused;

/** Money on its way back, the way it came (rules.md L3). */
final readonly class RefundChannel implements Channel
{
    public function __construct(private Processor $processor, private SettleRefund $settle)
    {
    }

    public function isWanted(OutboxEntry $entry): bool
    {
        return in_array($this->refund($entry)->state, [RefundState::Waiting, RefundState::Failed], true);
    }

    public function send(OutboxEntry $entry): callable
    {
        $refund = $this->refund($entry);
        try {
            $isDone = $this->processor->refund($entry->key, $entry->recipient, $refund->amount);
        } catch (RefundRefused $refused) {
            $refund->update(['state' => RefundState::Failed]);
            throw $refused;
        }

        return fn () => $isDone ? $this->settle->done($refund->id) : $this->settle->pending($refund->id);
    }

    private function refund(OutboxEntry $entry): Refund
    {
        return Refund::query()->findOrFail($entry->text('refund'));
    }
}
