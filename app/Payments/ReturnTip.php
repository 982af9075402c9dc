<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\Account;
use App\Models\BookEntry;
use App\Models\Business;
use App\Models\Movement;
use App\Models\Payment;
use App\Models\PaymentState;
use App\Models\Sale;
use App\Models\Sum;
use App\Sales\Book;
use App\Sales\Posting;
use App\Sales\SaleAct;
use App\Sales\TipShares;
use App\Sales\WrongAmount;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;

/** Some or all of the tips for a sale go back, the latest first, the way they came (rules.md L3, P10). */
final readonly class ReturnTip
{
    public function __construct(private SaleAct $act, private Book $book)
    {
    }

    public function __invoke(Business $business, string $id, Returning $returning, int $seen, string $by): Sale
    {
        return ($this->act)($business, $id, $seen, function (Sale $sale) use ($business, $returning, $by): void {
            $tips = self::tips($sale);
            $most = self::left($tips);
            if ($returning->amount > $most) {
                throw WrongAmount::at('amount', 'more_than_tip', $most, $sale->currency);
            }
            [$postings, $amount] = [[], $returning->amount];
            foreach ($tips->reverse() as $payment) {
                $part = min($amount, $payment->tip - self::back($payment));
                array_push($postings, ...self::postings($sale, $payment, $part, $returning->why));
                $amount -= $part;
            }
            $this->book->write($business, $postings, $by);
        });
    }

    /** What was tipped for a sale and has not gone back. */
    public static function returnable(Sale $sale): int
    {
        return self::left(self::tips($sale));
    }

    /** What went back of a payment's tip. */
    public static function back(Payment $payment): int
    {
        return $payment->tip === 0 ? 0 : Sum::of(self::entries($payment)->where('about', Movement::TipBack));
    }

    /** @return Collection<int, Payment> */
    private static function tips(Sale $sale): Collection
    {
        return $sale->payments()->where('state', PaymentState::Paid)->where('tip', '>', 0)->get()->toBase();
    }

    /** @param  Collection<int, Payment>  $tips */
    private static function left(Collection $tips): int
    {
        return array_sum($tips->map(static fn (Payment $payment): int => $payment->tip - self::back($payment))->all());
    }

    /** @return Builder<BookEntry> */
    private static function entries(Payment $payment): Builder
    {
        return BookEntry::query()->where('payment_id', $payment->id)->where('account', Account::Tips);
    }

    /**
     * What each has of the tip before it and after it.
     *
     * @return list<Posting>
     */
    private static function postings(Sale $sale, Payment $payment, int $part, string $why): array
    {
        $given = self::entries($payment)->where('about', Movement::Tip)->orderBy('id')->get();
        $staff = array_map(static fn (BookEntry $entry): string => $entry->staff_id ?? '', array_values($given->all()));
        $left = $payment->tip - self::back($payment);
        [$before, $after] = [TipShares::of($staff, $left), TipShares::of($staff, $left - $part)];
        $postings = [];
        foreach ($before as $member => $share) {
            $postings[] = new Posting(
                about: Movement::TipBack,
                to: Account::Tips,
                from: $payment->method->account(),
                amount: $share - $after[$member],
                sale: $sale,
                payment: $payment->id,
                staff: $member === '' ? null : (string) $member,
                why: $why,
            );
        }

        return $postings;
    }
}
