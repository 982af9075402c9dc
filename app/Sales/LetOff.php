<?php

declare(strict_types=1);

namespace App\Sales;

use App\Models\Business;
use App\Models\Sale;
use App\Models\SaleLineKind;

/**
 * Something of what is due is owed no more: a fee, a price. It is written down who let it off and why (rules.md L4).
 */
final readonly class LetOff
{
    public function __construct(private SaleAct $act, private WriteLine $write)
    {
    }

    public function __invoke(Business $business, string $id, int $amount, int $seen, string $why, string $by): Sale
    {
        return ($this->act)($business, $id, $seen, function (Sale $sale) use ($amount, $why, $by): void {
            if ($amount > $sale->owed()) {
                throw WrongAmount::at('amount', 'more_than_due', max(0, $sale->owed()), $sale->currency);
            }
            $taxes = SaleTaxes::part($sale, -$amount);
            ($this->write)($sale, new NewLine(
                kind: SaleLineKind::Discount,
                label: '',
                amount: -$amount,
                taxes: $taxes,
                why: $why,
            ), $by);
        });
    }
}
