<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\Business;
use App\Models\Payment;
use App\Models\PaymentKind;
use App\Models\PaymentState;
use App\Models\Sale;
use App\Models\SaleLineKind;
use App\Sales\NewLine;
use App\Sales\SaleAct;
use App\Sales\SaleTaxes;
use App\Sales\WriteLine;
use App\Sales\WrongAmount;

/** Somebody gives back some or all of what was paid for a sale, the latest payment first (rules.md L3). */
final readonly class GiveBack
{
    public function __construct(
        private SaleAct $act,
        private WriteLine $write,
        private ReturnMoney $return,
        private TellsPayer $tell,
    ) {
    }

    /**
     * @param  int  $seen what is owed less what was paid, as the screen showed it
     * @param  bool  $told whether the client hears of it by mail
     */
    public function __invoke(
        Business $business,
        string $id,
        Returning $returning,
        int $seen,
        string $by,
        bool $told,
    ): Sale {
        $give = function (Sale $sale) use ($returning, $by, $told): void {
            $most = self::refundable($sale);
            if ($returning->amount > $most) {
                throw WrongAmount::at('amount', 'more_than_paid', $most, $sale->currency);
            }
            $extra = $returning->amount - max(0, -$sale->owed());
            if ($extra > 0 && ! $returning->staysOwed) {
                $taxes = SaleTaxes::part($sale, -$extra);
                $line = new NewLine(
                    kind: SaleLineKind::Discount,
                    label: '',
                    amount: -$extra,
                    taxes: $taxes,
                    why: $returning->why,
                );
                ($this->write)($sale, $line, $by);
            }
            $this->return->of($sale, $returning, $by);
            if ($told) {
                $this->tell->refunded($sale, $sale->refunds()->latest('id')->firstOrFail(), $returning->why);
            }
        };

        return ($this->act)($business, $id, $seen, $give);
    }

    /** What was paid and neither went back nor is on its way. */
    public static function refundable(Sale $sale): int
    {
        $paid = $sale->payments()->where('state', PaymentState::Paid)->where('kind', '<>', PaymentKind::Card)->get();

        return array_sum($paid->map(static fn (Payment $payment): int => $payment->refundable())->all());
    }
}
