<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\Account;
use App\Models\Booking;
use App\Models\Lock;
use App\Models\Movement;
use App\Models\Payment;
use App\Models\PaymentKind;
use App\Models\PaymentMethod;
use App\Models\PaymentState;
use App\Models\Refund;
use App\Models\RefundState;
use App\Models\Sale;
use App\Models\SaleLineKind;
use App\Sales\Book;
use App\Sales\Fee;
use App\Sales\NewLine;
use App\Sales\Posting;
use App\Sales\SellBooking;
use App\Sales\WriteLine;
use App\Support\Clock;

/** Gives money back the way it came (rules.md L3, L4). Within a transaction that has locked the booking. */
final readonly class ReturnMoney
{
    public function __construct(
        private SendRefund $send,
        private Book $book,
        private SellBooking $sell,
        private WriteLine $write,
        private ChargeCard $charge,
        private Clock $clock,
    ) {
    }

    /**
     * A visit is not taken: it is owed no more, but for a fee. What was paid goes back, less the fee; what the fee
     * lacks is charged to a kept card.
     */
    public function forGivingUp(Fee $fee, Booking $booking, string $by): void
    {
        if ($booking->sale_id === null) {
            return; // nothing was ever owed or paid
        }
        $sale = Lock::on(Sale::query()->whereKey($booking->sale_id))->firstOrFail();
        $this->sell->takeBack($booking, $by, of: $sale);
        if ($fee->amount > 0) {
            $booking->update(['fee' => $fee->asked() ?: null]);
            $this->fee($sale, $fee, $booking, $by);
        }
        $this->overpaid($sale, $by, $booking->id);
        $left = min($fee->asked(), $sale->owed());
        $card = CancellationCost::keptCard($booking);
        if ($left > 0 && $card !== null) {
            ($this->charge)($booking, $card, $left, $by);
        }
    }

    /** One that is waived is written down all the same, and who did it and why. */
    private function fee(Sale $sale, Fee $fee, Booking $booking, string $by): void
    {
        $line = new NewLine($fee->kind, $booking->service_name, $fee->amount, booking: $booking->id);
        ($this->write)($sale, $line, $by);
        if ($fee->waived !== '') {
            $off = new NewLine(
                SaleLineKind::Waived,
                $booking->service_name,
                -$fee->amount,
                why: $fee->waived,
                booking: $booking->id,
            );
            ($this->write)($sale, $off, $by);
        }
    }

    /**
     * What was paid beyond what is owed, as far as nobody is needed for it. What came by hand stays to be given back
     * until somebody does.
     *
     * @return int what goes back, minor unit
     */
    public function overpaid(Sale $sale, string $by, ?string $booking = null): int
    {
        return $this->of($sale, new Returning(-$sale->owed(), booking: $booking), $by, PaymentMethod::BY_ITSELF);
    }

    /** What was paid beyond what is owed, at most so much of it, becomes the client's account credit (rules.md L7). */
    public function asCredit(Sale $sale, int $most, string $why, string $by, string $booking): int
    {
        $amount = min($most, -$sale->owed());

        return $this->of($sale, new Returning($amount, $why, booking: $booking, asCredit: true), $by);
    }

    /**
     * So much of what was paid, the latest payment first.
     *
     * @param  list<PaymentMethod>  $methods of the payments that it is given back from
     * @return int what goes back, minor unit
     */
    public function of(Sale $sale, Returning $returning, string $by, array $methods = PaymentMethod::ALL): int
    {
        if ($returning->amount <= 0) {
            return 0;
        }
        $of = $sale->payments()
            ->where('state', PaymentState::Paid)
            ->where('kind', '<>', PaymentKind::Card)
            ->whereIn('method', $methods);
        $paid = Lock::on($of)->get()->reverse();
        $left = $returning->amount;
        foreach ($paid as $payment) {
            $part = min($left, $payment->refundable());
            if ($part > 0) {
                $this->payment($payment, $part, $returning, $by);
                $left -= $part;
            }
        }

        return max(0, $returning->amount - $left);
    }

    /** What a kept card was charged goes back to it; what it was charged for is to be paid in another way. */
    public function charged(Sale $sale, string $by): void
    {
        $of = $sale->payments()->where('kind', PaymentKind::Fee)->where('state', PaymentState::Paid);
        $charged = Lock::on($of)->get();
        foreach ($charged as $payment) {
            if ($payment->refundable() > 0) {
                $this->payment($payment, $payment->refundable(), new Returning($payment->refundable()), $by);
            }
        }
    }

    private function payment(Payment $payment, int $amount, Returning $returning, string $by): void
    {
        $sale = $payment->sale()->firstOrFail();
        $isSent = $payment->method === PaymentMethod::Processor && ! $returning->asCredit;
        $refund = Refund::query()->create([
            'business_id' => $sale->business_id,
            'sale_id' => $sale->id,
            'booking_id' => $returning->booking,
            'payment_id' => $payment->id,
            'as_credit' => $returning->asCredit,
            'amount' => $amount,
            'state' => $isSent ? RefundState::Waiting : RefundState::Done,
            'why' => $returning->why,
            'by' => $by,
            'decided_at' => $this->clock->now(),
        ]);
        $from = $isSent ? Account::Returning : $refund->method()->account();
        $posting = new Posting(
            about: Movement::Returned,
            to: Account::Due,
            from: $from,
            amount: $amount,
            sale: $sale,
            payment: $payment->id,
            booking: $returning->booking,
            why: $returning->why,
        );
        $this->book->write($sale->business, [$posting], $by);
        if ($isSent) {
            ($this->send)($refund);
        }
    }
}
