<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\Account;
use App\Models\Business;
use App\Models\CurrentBusiness;
use App\Models\Movement;
use App\Models\Payment;
use App\Models\PaymentKind;
use App\Models\PaymentState;
use App\Processor\Processor;
use App\Processor\ProcessorPayout;
use App\Processor\ProcessorUnreachable;
use App\Sales\Book;
use App\Sales\Posting;
use App\Support\Clock;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Database\ConnectionInterface;
use RuntimeException;

/**
 * What the processor has paid out is held against the book, payment by payment: what a lost notice has left open is
 * settled, what nothing here has is told of, and what went to the bank and what it kept for itself is written down.
 */
final readonly class FetchPayouts
{
    /** Seconds between two rounds. */
    private const EVERY_SECONDS = 30;

    private const BY = 'history.by_clock';

    private const LAST = 'the last payout';

    public function __construct(
        private ConnectionInterface $db,
        private Processor $processor,
        private SettlePayment $settle,
        private HearDispute $disputes,
        private Book $book,
        private Repository $cache,
        private Clock $clock,
        private CurrentBusiness $current,
    ) {
    }

    /** One round, where the last is long enough ago. */
    public function __invoke(): void
    {
        if ($this->cache->add('payouts', true, self::EVERY_SECONDS)) {
            $this->all();
        }
    }

    /** @throws ProcessorUnreachable */
    public function all(): void
    {
        $last = $this->cache->get(self::LAST);
        foreach ($this->processor->payouts(is_string($last) ? $last : '') as $payout) {
            $this->book($payout);
            $this->cache->forever(self::LAST, $payout->id); // forgotten, it begins anew and finds all of it written
        }
    }

    /** One of them, for every business that has something in it. */
    public function book(ProcessorPayout $payout): void
    {
        foreach ($this->payments($payout) as $business => $items) {
            $this->current->of($business, fn () => $this->write($business, $payout, $items));
        }
    }

    /** @return array<int, list<array{Payment, int, int}>> by business: the payment, its amount, its fee */
    private function payments(ProcessorPayout $payout): array
    {
        $found = [];
        foreach ($payout->items as $item) {
            $payment = $this->payment($item['checkout']);
            if ($payment === null) {
                report(new RuntimeException(
                    "The processor has paid out checkout {$item['checkout']}, which nothing here has.",
                ));

                continue;
            }
            if (in_array($payment->state, PaymentState::UNSETTLED, true)) {
                $this->current->of($payment->business_id, fn () => ($this->settle)($payment));
            }
            if ($item['amount'] < 0) {
                $this->current->of($payment->business_id, fn () => ($this->disputes)($payment)); // or a refund
            }
            $found[$payment->business_id][] = [$payment, $item['amount'], $item['fee']];
        }

        return $found;
    }

    /** A fee that was charged to a kept card has the checkout of the card; it is the fee that is money. */
    private function payment(string $checkout): ?Payment
    {
        return $this->current
            ->across(static fn () => Payment::query()->where('checkout', $checkout)->orderBy('id')->get())
            ->sortBy(static fn (Payment $payment): bool => $payment->kind === PaymentKind::Card)
            ->first();
    }

    /** @param  list<array{Payment, int, int}>  $items */
    private function write(int $id, ProcessorPayout $payout, array $items): void
    {
        $this->db->transaction(function () use ($id, $payout, $items): void {
            $business = Business::query()->findOrFail($id);
            $isNew = $this->db->table('payouts')->insertOrIgnore([
                'business_id' => $id,
                'id' => $payout->id,
                'day' => $payout->at->setTimezone($business->time_zone)->format('Y-m-d'),
                'at' => $payout->at->format('Y-m-d H:i:s'),
            ]);
            if ($isNew === 0) {
                return;
            }
            $postings = [];
            foreach ($items as [$payment, $amount, $fee]) {
                foreach ([[Account::Bank, $amount - $fee], [Account::Fees, $fee]] as [$to, $part]) {
                    $postings[] = new Posting(
                        about: Movement::Payout,
                        to: $to,
                        from: Account::Processor,
                        amount: $part,
                        sale: $payment->sale()->firstOrFail(),
                        payment: $payment->id,
                        why: $payout->id,
                        payout: $payout->id,
                    );
                }
            }
            $this->book->write($business, $postings, self::BY, $this->clock->now());
        }, attempts: 5);
    }
}
