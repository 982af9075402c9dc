<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\Account;
use App\Models\Lock;
use App\Models\Movement;
use App\Models\Payment;
use App\Models\PaymentState;
use App\Models\Sale;
use App\Processor\Processor;
use App\Sales\Book;
use App\Sales\Posting;
use Carbon\CarbonImmutable;

/** A payment through the processor has come in: written down once, whoever hears of it. Within a transaction. */
final readonly class RecordPayment
{
    public const BY = 'history.by_client';

    public function __construct(private Book $book)
    {
    }

    public function __invoke(string $paymentId, ?CarbonImmutable $at = null): void
    {
        $saleId = Payment::query()->findOrFail($paymentId)->sale_id;
        $sale = Lock::on(Sale::query()->whereKey($saleId))->firstOrFail();
        $payment = Lock::on(Payment::query()->whereKey($paymentId))->firstOrFail();
        if ($payment->state === PaymentState::Paid) {
            return;
        }
        $payment->update(['state' => PaymentState::Paid]);
        $this->book->write(
            $sale->business,
            [new Posting(
                about: Movement::Paid,
                to: Account::Processor,
                from: Account::Due,
                amount: $payment->amount,
                sale: $sale,
                payment: $payment->id,
            )],
            $payment->by === '' ? self::BY : $payment->by,
            $at,
        );
    }
}
