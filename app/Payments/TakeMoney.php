<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\Account;
use App\Models\BookEntry;
use App\Models\Business;
use App\Models\Client;
use App\Models\Lock;
use App\Models\Movement;
use App\Models\Payment;
use App\Models\PaymentMethod;
use App\Models\PaymentState;
use App\Models\Sale;
use App\Models\Sum;
use App\Sales\Book;
use App\Sales\Posting;
use App\Sales\SaleAct;
use App\Sales\TipShares;
use App\Sales\WrongAmount;
use App\Support\Column;
use Carbon\CarbonImmutable;
use Illuminate\Validation\ValidationException;

/** Somebody at the desk takes money for a sale: in full or in part, with a tip, with change (rules.md L2, P10). */
final readonly class TakeMoney
{
    public function __construct(private SaleAct $act, private Book $book)
    {
    }

    /**
     * @param  int  $seen what is owed, as the screen showed it
     *
     * @throws ValidationException
     */
    public function __invoke(Business $business, string $id, DeskPayment $taking, int $seen, string $by): Sale
    {
        return ($this->act)($business, $id, $seen, function (Sale $sale) use ($business, $taking, $by): void {
            $this->take($business, $sale, $taking, $by);
        });
    }

    /** Within a transaction that has locked the sale. */
    public function take(
        Business $business,
        Sale $sale,
        DeskPayment $taking,
        string $by,
        ?CarbonImmutable $at = null,
    ): Payment {
        $this->check($sale, $taking);
        $payment = new Payment([
            'business_id' => $business->id,
            'sale_id' => $sale->id,
            'amount' => $taking->amount,
            'currency' => $sale->currency,
            'method' => $taking->method,
            'state' => PaymentState::Paid,
            'tip' => $taking->tip,
            'given' => $taking->method === PaymentMethod::Cash ? $taking->given ?? $taking->whole() : null,
            'by' => $by,
        ]);
        if ($at !== null) {
            $payment->setCreatedAt($at);
        }
        $payment->save();
        $this->book->write($business, $this->postings($sale, $taking, $payment), $by, $at);

        return $payment;
    }

    /** What the client has with the business, minor unit. */
    public static function credit(Sale $sale): int
    {
        if ($sale->client_id === null) {
            return 0;
        }

        return -Sum::of(BookEntry::query()
            ->where('business_id', $sale->business_id)
            ->where('client_id', $sale->client_id)
            ->where('account', Account::Credit));
    }

    /** The same, while nobody else takes of it: the client's row is locked, and what is committed by now counts. */
    private static function creditAlone(Sale $sale): int
    {
        Lock::on(Client::query()->whereKey($sale->client_id));

        return self::credit($sale);
    }

    private function check(Sale $sale, DeskPayment $taking): void
    {
        [$owed, $currency] = [max(0, $sale->owed()), $sale->currency];
        $credit = $taking->method === PaymentMethod::Credit ? self::creditAlone($sale) : null;
        $wrong = static fn (string $field, string $code, ?int $most = null): ValidationException => WrongAmount::at(
            $field,
            $code,
            $most,
            $currency,
        );
        match (true) {
            $taking->whole() === 0 => throw $wrong('amount', 'nothing'),
            $taking->amount > $owed => throw $wrong('amount', 'more_than_due', $owed),
            $taking->change() < 0 => throw $wrong('given', 'given_too_little', $taking->whole()),
            $taking->keepsRest && $sale->client_id === null => throw $wrong('keepsRest', 'nobody_to_keep_for'),
            $credit !== null && $taking->whole() > $credit => throw $wrong('amount', 'more_than_credit', $credit),
            default => null,
        };
    }

    /** @return list<Posting> */
    private function postings(Sale $sale, DeskPayment $taking, Payment $payment): array
    {
        $to = $taking->method->account();
        $postings = [new Posting(
            about: Movement::Paid,
            to: $to,
            from: Account::Due,
            amount: $taking->amount,
            sale: $sale,
            payment: $payment->id,
        )];
        foreach ($this->shares($sale, $taking->tip) as $member => $share) {
            $staff = $member === '' ? null : (string) $member;
            $postings[] = new Posting(
                about: Movement::Tip,
                to: $to,
                from: Account::Tips,
                amount: $share,
                sale: $sale,
                payment: $payment->id,
                staff: $staff,
            );
        }
        if ($taking->keepsRest) {
            $postings[] = new Posting(
                about: Movement::Credited,
                to: Account::Cash,
                from: Account::Credit,
                amount: $taking->change(),
                sale: $sale,
                payment: $payment->id,
            );
        }

        return $postings;
    }

    /**
     * What each who took the visits has of a tip.
     *
     * @return array<string, int> by member; '' where nobody did
     */
    private function shares(Sale $sale, int $tip): array
    {
        $staff = [];
        foreach ($sale->bookings()->get() as $booking) {
            array_push($staff, ...$booking->staff_ids ?: Column::strings($booking->staff()->pluck('staff.id')));
        }

        return TipShares::of($staff, $tip);
    }
}
