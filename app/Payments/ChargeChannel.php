<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\OutboxEntry;
use App\Models\Payment;
use App\Models\PaymentState;
use App\Outbox\Channel;
use App\Processor\ChargeRefused;
use App\Processor\Processor;

/** A fee on its way from a card that was kept for it (rules.md L4). */
final readonly class ChargeChannel implements Channel
{
    public function __construct(
        private Processor $processor,
        private RecordPayment $takeIn,
        private ReturnMoney $return,
        private TellsPayer $tell,
    ) {
    }

    /** A fee that was let off, or paid at the desk meanwhile, is not charged. */
    public function isWanted(OutboxEntry $entry): bool
    {
        $payment = $this->payment($entry);
        $isWanted = $payment->state === PaymentState::Charging && $payment->sale()->firstOrFail()->owed() > 0;
        if (! $isWanted && $payment->state === PaymentState::Charging) {
            $payment->update(['state' => PaymentState::Lapsed]);
        }

        return $isWanted;
    }

    public function send(OutboxEntry $entry): callable
    {
        $payment = $this->payment($entry);
        try {
            $this->processor->charge($entry->key, $entry->recipient, $payment->amount);
        } catch (ChargeRefused $refused) {
            $payment->update(['state' => PaymentState::Refused]);
            throw $refused;
        }

        return function () use ($payment): void {
            ($this->takeIn)($payment->id);
            $sale = $payment->sale()->firstOrFail();
            if ($this->return->overpaid($sale, RecordPayment::BY) > 0) { // it was paid at the desk meanwhile
                $this->tell->sentBack($sale, $payment);
            }
        };
    }

    private function payment(OutboxEntry $entry): Payment
    {
        return Payment::query()->findOrFail($entry->text('payment'));
    }
}
