<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\Account;
use App\Models\Lock;
use App\Models\Movement;
use App\Models\Refund;
use App\Models\RefundState;
use App\Sales\Book;
use App\Sales\Posting;
use App\Support\Clock;

/** What became of money that was sent back, once the processor says so. Within a transaction. */
final readonly class SettleRefund
{
    /** Seconds between two askings after one that the processor has not decided yet. */
    private const ASK_SECONDS = 10;

    /** Who has done it where nobody has, as bookings' history says it. */
    private const BY_CLOCK = 'history.by_clock';

    public function __construct(private Book $book, private Clock $clock)
    {
    }

    public function done(string $id): void
    {
        $refund = Lock::on(Refund::query()->whereKey($id))->firstOrFail();
        if (! in_array($refund->state, RefundState::UNDERWAY, true)) {
            return; // heard twice
        }
        $refund->update(['state' => RefundState::Done, 'ask_at' => null]);
        $sale = $refund->sale()->firstOrFail();
        $this->book->write(
            $sale->business,
            [
                new Posting(
                    about: Movement::Returned,
                    to: Account::Returning,
                    from: Account::Processor,
                    amount: $refund->amount,
                    sale: $sale,
                    payment: $refund->payment_id,
                ),
            ],
            self::BY_CLOCK,
        );
    }

    /** It stays on its way back, until somebody tries it again or gives it by hand. */
    public function failed(string $id): void
    {
        $refund = Lock::on(Refund::query()->whereKey($id))->firstOrFail();
        if ($refund->state === RefundState::Pending) {
            $refund->update(['state' => RefundState::Failed, 'ask_at' => null]);
        }
    }

    public function pending(string $id): void
    {
        $refund = Lock::on(Refund::query()->whereKey($id))->firstOrFail();
        if (in_array($refund->state, RefundState::UNDERWAY, true)) {
            $refund->update([
                'state' => RefundState::Pending,
                'asks' => $refund->asks + 1,
                'ask_at' => $this->clock->machine()->addSeconds(self::ASK_SECONDS),
            ]);
        }
    }
}
