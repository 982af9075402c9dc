<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

use function array_map;

/** P8: the business's taxes, and whether its prices include them. */
final readonly class Taxes
{
    /** @param  array<string, TaxRate>  $rates by id */
    public function __construct(public bool $included = false, public array $rates = [])
    {
    }

    /**
     * @param  int  $net what reductions left of the line
     * @param  list<string>  $rates of the line, in its order
     * @return list<Tax>
     *
     * @throws InvalidPrice where a line names a rate that there is not
     */
    public function on(int $line, int $net, array $rates): array
    {
        $known = array_map(fn (string $id): TaxRate => $this->rates[$id] ?? throw InvalidPrice::taxRate($id), $rates);
        $percents = array_map(static fn (TaxRate $rate): Percent => $rate->percent, $known);

        return array_map(
            fn (TaxRate $rate): Tax => new Tax(
                $rate,
                $line,
                $this->included ? $rate->percent->included($net, $percents) : $rate->percent->part($net),
            ),
            $known,
        );
    }
}
