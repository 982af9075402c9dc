<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Account;
use App\Models\Booking;
use App\Models\Movement;
use App\Models\Payment;
use App\Models\PaymentKind;
use App\Models\PaymentMethod;
use App\Models\PaymentState;
use App\Models\Refund;
use App\Models\RefundState;
use App\Models\Sale;
use App\Models\SaleLineKind;

/** Gives money back the way it came (rules.md L3, L4). Within a transaction that has locked the booking. */
final readonly class ReturnMoney
{
    public function __construct(
        private SendRefund $send,
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

    /**
     * What was paid beyond what is owed, as far as nobody is needed for it. What came by hand stays to be given back
     * until somebody does.
     */
    public function overpaid(Sale $sale, string $by): void
    {
        $this->of($sale, -$sale->owed(), $by, methods: PaymentMethod::BY_ITSELF);
    }

    /**
     * So much of what was paid, the latest payment first.
     *
     * @param  int  $amount minor unit; at most what was paid and not yet given back
     * @param  list<PaymentMethod>  $methods of the payments that it is given back from
     */
    public function of(
        Sale $sale,
        int $amount,
        string $by,
        string $why = '',
        array $methods = PaymentMethod::ALL,
    ): void {
        $paid = $sale->payments()
            ->where('state', PaymentState::Paid)
            ->where('kind', '<>', PaymentKind::Card)
            ->whereIn('method', $methods)
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
            ($this->send)($refund);
        }
    }
}
