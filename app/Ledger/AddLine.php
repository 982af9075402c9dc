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

    public function __invoke(Business $business, string $id, Product $product, string $by): Sale
    {
        $rate = $product->taxRate === null
            ? null
            : TaxRate::query()->where('business_id', $business->id)->findOrFail($product->taxRate);
        [$amount, $taxes] = SaleTaxes::on($business, $product->price, $rate);
        $line = new NewLine(
            kind: SaleLineKind::Added,
            label: $product->label,
            amount: $amount,
            taxes: $taxes,
            why: $product->why,
        );

        return ($this->act)($business, $id, null, function (Sale $sale) use ($line, $by): void {
            $total = array_sum($sale->lines->map(static fn (SaleLine $line): int => $line->amount)->all());
            if ($total + $line->amount < 0) {
                throw WrongAmount::at('amount', 'below_nothing', $total, $sale->currency);
            }
            ($this->write)($sale, $line, $by);
        });
    }
}
