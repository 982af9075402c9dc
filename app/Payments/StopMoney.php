<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\Account;
use App\Models\Lock;
use App\Models\Movement;
use App\Models\OutboxEntry;
use App\Models\OutboxState;
use App\Models\PaymentState;
use App\Models\Refund;
use App\Models\RefundState;
use App\Models\Sale;
use App\Sales\Book;
use App\Sales\Posting;
use App\Support\Clock;
use Illuminate\Database\Eloquent\Builder;

/**
 * Refunds and charges for a booking that have not left yet do not leave: what they were for is taken back. What the
 * worker has in its hands goes on. Within a transaction that has locked the sale.
 */
final readonly class StopMoney
{
    public function __construct(private Book $book, private Clock $clock)
    {
    }

    public function charges(Sale $sale, string $booking): void
    {
        $charges = $sale->payments()->where('booking_id', $booking)->where('state', PaymentState::Charging);
        foreach (Lock::on($charges)->get() as $charge) {
            if ($this->holdsBack("charge-{$charge->id}")) {
                $charge->update(['state' => PaymentState::Lapsed]);
            }
        }
    }

    public function refunds(Sale $sale, string $booking, string $by): void
    {
        $here = $sale->refunds()
            ->where('booking_id', $booking)
            ->whereIn('state', [RefundState::Waiting, RefundState::Failed]);
        foreach (Lock::on($here)->get() as $refund) {
            if ($this->holdsBack($refund->key())) {
                $this->stop($sale, $refund, $by);
            }
        }
    }

    private function stop(Sale $sale, Refund $refund, string $by): void
    {
        $refund->update(['state' => RefundState::Stopped]);
        $this->book->write(
            $sale->business,
            [
                new Posting(
                    about: Movement::Returned,
                    to: Account::Due,
                    from: Account::Returning,
                    amount: -$refund->amount,
                    sale: $sale,
                    payment: $refund->payment_id,
                    booking: $refund->booking_id,
                ),
            ],
            $by,
        );
    }

    /** Whether it had not left yet: it is locked, so the worker cannot take it up meanwhile. */
    private function holdsBack(string $key): bool
    {
        return OutboxEntry::query()
            ->where('key', $key)
            ->whereIn('state', [OutboxState::Waiting, OutboxState::Failed])
            ->where(fn (Builder $free) => $free
                ->whereNull('leased_until')
                ->orWhere('leased_until', '<=', $this->clock->machine()))
            ->update(['state' => OutboxState::Dropped, 'error' => '']) > 0;
    }
}
