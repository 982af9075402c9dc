<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\Account;
use App\Models\BookEntry;
use App\Models\Lock;
use App\Models\Movement;
use App\Models\Payment;
use App\Models\PaymentState;
use App\Models\Sale;
use App\Models\Sum;
use App\Processor\Processor;
use App\Processor\ProcessorUnreachable;
use App\Sales\Book;
use App\Sales\Posting;
use Illuminate\Database\ConnectionInterface;

/**
 * A client's bank has taken a payment back: it stands apart until it is decided whose it is. Heard twice it is the
 * same.
 */
final readonly class HearDispute
{
    private const BY = 'history.by_clock';

    public function __construct(private ConnectionInterface $db, private Processor $processor, private Book $book)
    {
    }

    /** @throws ProcessorUnreachable */
    public function __invoke(Payment $payment): void
    {
        if ($payment->state !== PaymentState::Paid || $payment->checkout === null) {
            return;
        }
        $dispute = $this->processor->find($payment->checkout)->dispute;
        $this->db->transaction(fn () => $this->write($payment, $dispute), attempts: 5);
    }

    /** What of a payment is disputed, minor unit. */
    public static function standing(string $payment): int
    {
        return Sum::of(
            BookEntry::query()->where('payment_id', $payment)->where('account', Account::Disputed),
        );
    }

    private function write(Payment $payment, string $dispute): void
    {
        $sale = Lock::on(Sale::query()->whereKey($payment->sale_id))->firstOrFail();
        $standing = self::standing($payment->id);
        [$to, $from] = match (true) {
            $dispute === 'open' && $standing === 0 => [Account::Disputed, Account::Processor],
            $dispute === 'won' && $standing > 0 => [Account::Processor, Account::Disputed],
            $dispute === 'lost' && $standing > 0 => [Account::Fees, Account::Disputed],
            default => [null, null],
        };
        if ($to !== null && $from !== null) {
            $this->book->write(
                $sale->business,
                [new Posting(
                    about: Movement::Disputed,
                    to: $to,
                    from: $from,
                    amount: $payment->amount,
                    sale: $sale,
                    payment: $payment->id,
                )],
                self::BY,
            );
        }
    }
}
