<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Account;
use App\Models\Audience;
use App\Models\Booking;
use App\Models\Movement;
use App\Models\Occasion;
use App\Models\Payment;
use App\Models\PaymentKind;
use App\Models\PaymentMethod;
use App\Models\PaymentState;
use App\Models\Refund;
use App\Models\RefundState;
use App\Models\Sale;
use App\Models\SaleLineKind;
use App\Outbox\Outbox;

/** Gives money back the way it came (rules.md L3, L4). Within a transaction that has locked the booking. */
final readonly class ReturnMoney
{
    public function __construct(
        private Outbox $outbox,
        private Book $book,
        private SellVisit $sell,
        private WriteLine $write,
        private ChargeCard $charge,
    ) {
    }

    /**
     * A visit is not taken: it is owed no more, but for a fee. What was paid goes back, less the fee; what the fee
     * lacks is charged to a kept card.
     *
     * @param  int  $fee minor unit
     */
    public function less(int $fee, Booking $booking, string $by): void
    {
        if ($booking->sale_id === null) {
            return; // nothing was ever owed or paid
        }
        $sale = Sale::query()->lockForUpdate()->findOrFail($booking->sale_id);
        $this->sell->takeBack($booking, $by);
        if ($fee > 0) {
            $booking->update(['fee' => $fee]);
            $line = new NewLine(SaleLineKind::Fee, $booking->service_name, $fee, booking: $booking->id);
            ($this->write)($sale, $line, $by);
        }
        $this->overpaid($sale, $by);
        $left = min($fee, $sale->owed());
        $card = CancellationCost::keptCard($booking);
        if ($left > 0 && $card !== null) {
            ($this->charge)($sale, $card, $left);
        }
    }

    /** What was paid beyond what is owed. */
    public function overpaid(Sale $sale, string $by, string $why = ''): void
    {
        $this->of($sale, -$sale->owed(), $by, $why);
    }

    /**
     * So much of what was paid, the latest payment first.
     *
     * @param  int  $amount minor unit; at most what was paid and not yet given back
     * @return int what of it there was nothing to give back from
     */
    public function of(Sale $sale, int $amount, string $by, string $why = ''): int
    {
        $paid = $sale->payments()
            ->where('state', PaymentState::Paid)
            ->where('kind', '<>', PaymentKind::Card)
            ->lockForUpdate()
            ->get()
            ->reverse();
        foreach ($paid as $payment) {
            $part = min($amount, $payment->refundable());
            if ($part > 0) {
                $this->payment($sale, $payment, $part, $by, $why);
                $amount -= $part;
            }
        }

        return max(0, $amount);
    }

    private function payment(Sale $sale, Payment $payment, int $amount, string $by, string $why): void
    {
        $isSent = $payment->method === PaymentMethod::Processor;
        $refund = Refund::query()->create([
            'business_id' => $sale->business_id,
            'sale_id' => $sale->id,
            'payment_id' => $payment->id,
            'amount' => $amount,
            'state' => $isSent ? RefundState::Waiting : RefundState::Done,
            'why' => $why,
            'by' => $by,
        ]);
        $from = $isSent ? Account::Returning : $payment->method->account();
        $this->book->write(
            $sale->business()->firstOrFail(),
            [new Posting(Movement::Returned, Account::Due, $from, $amount, $sale, $payment->id, why: $why)],
            $by,
        );
        if ($isSent) {
            $this->send($sale, $payment, $refund);
        }
    }

    private function send(Sale $sale, Payment $payment, Refund $refund): void
    {
        $this->outbox->add(
            RefundChannel::NAME,
            Occasion::Refunded,
            Audience::Processor,
            (string) $payment->checkout,
            "refund-{$refund->id}",
            ['refund' => $refund->id],
            $sale->bookings()->firstOrFail(),
        );
    }
}
