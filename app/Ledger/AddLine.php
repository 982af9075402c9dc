<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Business;
use App\Models\Sale;
use App\Models\SaleLine;
use App\Models\SaleLineKind;
use App\Models\TaxRate;

/** A product, or a correction with its reason, becomes a line of a sale (rules.md L1). */
final readonly class AddLine
{
    public function __construct(private SaleAct $act, private WriteLine $write)
    {
    }

    /** @param  int  $price as the business states prices; below zero it takes something off */
    public function __invoke(
        Business $business,
        string $id,
        string $label,
        int $price,
        ?string $rate,
        string $why,
        string $by,
    ): Sale {
        $taxRate = $rate === null ? null : TaxRate::query()->where('business_id', $business->id)->findOrFail($rate);
        [$amount, $taxes] = SaleTaxes::on($business, $price, $taxRate);

        return ($this->act)($business, $id, null, function (Sale $sale) use ($label, $amount, $taxes, $why, $by): void {
            $total = array_sum($sale->lines->map(static fn (SaleLine $line): int => $line->amount)->all());
            if ($total + $amount < 0) {
                throw WrongAmount::at('amount', 'below_nothing', $total, $sale->currency);
            }
            ($this->write)($sale, SaleLineKind::Added, $label, $amount, $by, $taxes, $why);
        });
    }
}
