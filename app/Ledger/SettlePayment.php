<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Booking;
use App\Models\Lock;
use App\Models\Payment;
use App\Models\PaymentState;
use App\Models\Sale;
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
        private Fulfilment $fulfilment,
        private TakeIn $takeIn,
        private ReturnMoney $return,
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

    /**
     * @param  list<Booking>  $bookings
     * @return ($bookings is non-empty-list<Booking> ? non-empty-list<Booking> : list<Booking>) in order of time
     */
    private static function sorted(array $bookings): array
    {
        usort($bookings, static fn (Booking $a, Booking $b): int => $a->starts_at <=> $b->starts_at);

        return $bookings;
    }

    /** Locked in the order in which everybody locks: what is booked, its sale, the payment. */
    private function came(string $paymentId, string $saleId, PaymentState $state): void
    {
        $bookings = array_values(
            Lock::on(Booking::query()->where('sale_id', $saleId)->orderBy('id'))->get()->all(),
        );
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
        if ($bookings === [] || $sale->lines()->exists()) {
            if ($this->return->overpaid($sale, TakeIn::BY) > 0) { // it was paid at the desk, or cancelled, meanwhile
                $this->fulfilment->sentBack(self::sorted($bookings), $payment);
            }
        } else {
            $this->fulfilment->paid(self::sorted($bookings), $payment);
        }
    }
}
