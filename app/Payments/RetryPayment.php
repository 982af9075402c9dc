<?php

declare(strict_types=1);

namespace App\Payments;

use App\Language\Sentence;
use App\Models\Account;
use App\Models\Business;
use App\Models\Lock;
use App\Models\Movement;
use App\Models\OutboxEntry;
use App\Models\PaymentKind;
use App\Models\PaymentMethod;
use App\Models\PaymentState;
use App\Models\Refund;
use App\Models\RefundState;
use App\Models\Sale;
use App\Sales\Book;
use App\Sales\Posting;
use App\Sales\SaleAct;
use App\Support\Refusal;

/** What the processor refused is tried again, or a refund is given by hand instead. */
final readonly class RetryPayment
{
    public function __construct(
        private SaleAct $act,
        private ChargeCard $charge,
        private Book $book,
        private SendRefund $send,
    ) {
    }

    /** A fee that the kept card did not give. */
    public function charge(Business $business, string $id, int $seen, string $by): Sale
    {
        return ($this->act)($business, $id, $seen, function (Sale $sale) use ($by): void {
            $cards = $sale->payments()->where('kind', PaymentKind::Card)->where('state', PaymentState::Kept);
            $card = $cards->get()->first();
            $isUnderway = $sale->payments()->where('state', PaymentState::Charging)->exists();
            $fee = $sale->payments()->where('state', PaymentState::Refused)->get()->last();
            if ($card === null || $fee === null || $isUnderway || $sale->owed() <= 0) {
                throw new Refusal(new Sentence('refusal.sale.nothing_to_charge'), 409, 'too_late');
            }
            $booking = $sale->bookings->firstWhere('id', $fee->booking_id) ?? $sale->bookings()->firstOrFail();
            ($this->charge)($booking, $card, min($fee->amount, $sale->owed()), $by);
        });
    }

    public function refund(Business $business, string $id, string $refund): Sale
    {
        return ($this->act)($business, $id, null, function (Sale $sale) use ($refund): void {
            $failed = Lock::on($sale->refunds()->whereKey($refund))->firstOrFail();
            $this->mustHaveFailed($failed->state);
            $this->forget($failed);
            $failed->update(['state' => RefundState::Waiting, 'tries' => $failed->tries + 1]);
            ($this->send)($failed);
        });
    }

    /** @param  PaymentMethod  $way cash or transfer */
    public function byHand(Business $business, string $id, string $refund, PaymentMethod $way, string $by): Sale
    {
        return ($this->act)($business, $id, null, function (Sale $sale) use ($business, $refund, $way, $by): void {
            $failed = Lock::on($sale->refunds()->whereKey($refund))->firstOrFail();
            $this->mustHaveFailed($failed->state);
            $failed->update(['state' => RefundState::Replaced]);
            $this->book->write(
                $business,
                [
                    new Posting(
                        about: Movement::Returned,
                        to: Account::Returning,
                        from: $way->account(),
                        amount: $failed->amount,
                        sale: $sale,
                        payment: $failed->payment_id,
                    ),
                ],
                $by,
            );
            $this->forget($failed);
        });
    }

    /** What was refused is no trouble any more. */
    private function forget(Refund $refund): void
    {
        OutboxEntry::query()->where('key', $refund->key())->update(['error' => '']);
    }

    private function mustHaveFailed(RefundState $state): void
    {
        if ($state !== RefundState::Failed) {
            throw new Refusal(new Sentence('refusal.sale.refund_goes_on'), 409, 'too_late');
        }
    }
}
