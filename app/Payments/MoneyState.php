<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\Account;
use App\Models\BookEntry;
use App\Models\Booking;
use App\Models\Payment;
use App\Models\PaymentKind;
use App\Models\PaymentState;
use App\Models\Refund;
use App\Models\RefundState;
use App\Models\SaleLine;
use App\Models\SaleLineKind;
use App\Models\Sum;

/** What the money of some sales stands at, in sums that an act changes. Amounts are in the minor unit. */
final readonly class MoneyState
{
    /** @param  array<string, int>  $back what went back or is on its way, by way of paying */
    private function __construct(
        public int $owed,
        public int $paid,
        public array $back,
        public int $fees,
        public int $waived,
        public int $charging,
        public int $charged,
    ) {
    }

    /** @param  array<Booking>  $bookings */
    public static function of(array $bookings): self
    {
        $sales = array_values(array_unique(array_filter(
            array_map(static fn (Booking $one): ?string => $one->sale_id, $bookings),
        )));
        if ($sales === []) {
            return new self(owed: 0, paid: 0, back: [], fees: 0, waived: 0, charging: 0, charged: 0);
        }
        $payments = Payment::query()->whereIn('sale_id', $sales)->where('kind', '<>', PaymentKind::Card)->get();
        $amount = static fn (PaymentState $state, ?PaymentKind $kind = null): int => array_sum(
            $payments
                ->filter(static fn (Payment $one): bool => $one->state === $state)
                ->filter(static fn (Payment $one): bool => in_array($kind, [null, $one->kind]))
                ->map(static fn (Payment $one): int => $one->amount)
                ->all(),
        );
        $lines = SaleLine::query()
            ->whereIn('sale_id', $sales)
            ->whereIn('kind', [...SaleLineKind::FEES, SaleLineKind::Waived])
            ->get(['kind', 'amount']);
        $isWaived = static fn (SaleLine $line): bool => $line->kind === SaleLineKind::Waived;

        return new self(
            owed: Sum::of(BookEntry::query()->whereIn('sale_id', $sales)->where('account', Account::Due)),
            paid: $amount(PaymentState::Paid),
            back: self::back($sales),
            fees: array_sum($lines->reject($isWaived)->pluck('amount')->all()),
            waived: -array_sum($lines->filter($isWaived)->pluck('amount')->all()),
            charging: $amount(PaymentState::Charging),
            charged: $amount(PaymentState::Paid, PaymentKind::Fee),
        );
    }

    /**
     * @param  list<string>  $sales
     * @return array<string, int>
     */
    private static function back(array $sales): array
    {
        $refunds = Refund::query()
            ->with('payment')
            ->whereIn('sale_id', $sales)
            ->where('state', '<>', RefundState::Stopped);
        $back = [];
        foreach ($refunds->get() as $refund) {
            $way = $refund->method()->value;
            $back[$way] = ($back[$way] ?? 0) + $refund->amount;
        }

        return $back;
    }

    /** What was paid and stays. */
    public function kept(): int
    {
        return $this->paid - array_sum($this->back);
    }
}
