<?php

declare(strict_types=1);

namespace App\Payments;

use App\Language\Sentence;
use App\Models\BookEntry;
use App\Models\Business;
use App\Models\DayClose;
use App\Models\Lock;
use App\Models\Movement;
use App\Models\Payment;
use App\Models\PaymentMethod;
use App\Models\PaymentState;
use App\Models\Sale;
use App\Sales\Book;
use App\Sales\Handed;
use App\Sales\Posting;
use App\Sales\SaleAct;
use App\Support\Clock;
use App\Support\Refusal;
use Carbon\CarbonImmutable;

/** What was taken at the desk by mistake is taken back, on the day it was written down and before that is closed. */
final readonly class UndoDeskPayment
{
    public function __construct(private SaleAct $act, private Book $book, private Clock $clock)
    {
    }

    public function __invoke(Business $business, string $id, string $paymentId, string $by): Sale
    {
        return ($this->act)($business, $id, null, function (Sale $sale) use ($business, $paymentId, $by): void {
            $payment = Lock::on($sale->payments()->whereKey($paymentId))->firstOrFail();
            if (! $this->may($business, $payment)) {
                throw new Refusal(new Sentence('refusal.sale.not_undone'), 409, 'too_late');
            }
            $this->undo($business, $sale, $payment, $by);
        });
    }

    public function may(Business $business, Payment $payment): bool
    {
        return in_array($payment->method, PaymentMethod::AT_THE_DESK, true) &&
            $payment->state === PaymentState::Paid &&
            $payment->refunds()->doesntExist() &&
            $this->isOfToday($business, $payment) &&
            DayClose::query()
                ->where('business_id', $business->id)
                ->where('at', '>=', Handed::of($payment)->at)
                ->doesntExist();
    }

    private function isOfToday(Business $business, Payment $payment): bool
    {
        $day = static fn (?CarbonImmutable $at): ?string => $at?->setTimezone($business->time_zone)->format('Y-m-d');

        return $day(Handed::of($payment)->at) === $day($this->clock->now());
    }

    private function undo(Business $business, Sale $sale, Payment $payment, string $by): void
    {
        $payment->update(['state' => PaymentState::Undone]);
        $entries = BookEntry::query()->where('payment_id', $payment->id)->orderBy('id')->get()->groupBy('pair');
        $postings = [];
        foreach ($entries as $pair) {
            [$to, $from] = [$pair->firstOrFail(), $pair->last() ?? $pair->firstOrFail()];
            $postings[] = new Posting(
                about: Movement::Undone,
                to: $from->account,
                from: $to->account,
                amount: $to->amount,
                sale: $sale,
                payment: $payment->id,
                staff: $to->staff_id,
            );
        }
        $this->book->write($business, $postings, $by);
        if (TakeMoney::credit($sale) < 0) {
            throw new Refusal(new Sentence('refusal.sale.credit_used'), 409, 'too_late');
        }
    }
}
