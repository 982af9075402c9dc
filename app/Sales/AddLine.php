<?php

declare(strict_types=1);

namespace App\Sales;

use App\Models\Business;
use App\Models\Sale;

/** A product, or a correction with its reason, becomes a line of a sale (rules.md L1). */
final readonly class AddLine
{
    public function __construct(private SaleAct $act, private WriteLine $write)
    {
    }

    /** @param  int  $seen what is owed, as the screen showed it: a second press is not a second line */
    public function __invoke(Business $business, string $id, Product $product, int $seen, string $by): Sale
    {
        $line = $product->line($business);

        return ($this->act)($business, $id, $seen, function (Sale $sale) use ($line, $by): void {
            $total = $sale->total();
            if ($total + $line->amount < 0) {
                throw WrongAmount::at('amount', 'below_nothing', $total, $sale->currency);
            }
            ($this->write)($sale, $line, $by);
        });
    }
}
