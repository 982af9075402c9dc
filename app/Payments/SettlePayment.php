<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\Lock;
use App\Models\Payment;
use App\Models\PaymentState;
use App\Models\Sale;
use App\Processor\Processor;
use App\Processor\ProcessorUnreachable;
use Illuminate\Database\ConnectionInterface;

/**
 * Asks the processor what became of a payment and lets the room that sold it draw the consequence.
 *
 * Called when the client comes back, when the processor sends its notice (perhaps twice), and by the worker for
 * everything still open: whoever comes first does it, the others find it done. One transaction holds all of it, so a
 * process that dies half-way has done nothing, and the worker finds the payment still open.
 */
final readonly class SettlePayment
{
    public function __construct(
        private ConnectionInterface $db,
        private Processor $processor,
        private Fulfilments $fulfilments,
        private RecordPayment $takeIn,
        private ReturnMoney $return,
        private TellsPayer $tell,
    ) {
    }

    /** @throws ProcessorUnreachable */
    public function __invoke(Payment $payment): void
    {
        if (! in_array($payment->state, PaymentState::UNSETTLED, true) || $payment->checkout === null) {
            return;
        }
        $state = PaymentState::tryFrom($this->processor->find($payment->checkout)->state);
        if ($state === PaymentState::Paid || $state === PaymentState::Kept) {
            $this->db->transaction(fn () => $this->came($payment->id, $payment->sale_id, $state), attempts: 5);
        } elseif ($state === PaymentState::Failed) {
            Payment::query()
                ->whereKey($payment->id)
                ->where('state', PaymentState::Open)
                ->update(['state' => $state]);
        }
    }

    /** Locked in the order in which everybody locks: what was asked for, its sale, the payment. */
    private function came(string $paymentId, string $saleId, PaymentState $state): void
    {
        $this->fulfilments->lock($saleId);
        $sale = Lock::on(Sale::query()->whereKey($saleId))->firstOrFail();
        $payment = Lock::on(Payment::query()->whereKey($paymentId))->firstOrFail();
        if (! in_array($payment->state, PaymentState::UNSETTLED, true)) {
            return;
        }
        if ($state === PaymentState::Kept) {
            $payment->update(['state' => $state]);
        } else {
            ($this->takeIn)($payment->id);
        }
        if (! $this->fulfilments->paid($sale, $payment) && $this->return->overpaid($sale, RecordPayment::BY) > 0) {
            $this->tell->sentBack($sale, $payment); // it was paid at the desk, or cancelled, meanwhile
        }
    }
}
