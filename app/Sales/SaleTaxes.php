<?php

declare(strict_types=1);

namespace App\Sales;

use App\Models\Business;
use App\Models\Sale;
use App\Models\SaleLine;
use App\Models\TaxRate;
use Brick\Math\BigInteger;
use Brick\Math\RoundingMode;
use Illuminate\Support\Collection;
use YardBell\Core\Price\Percent;

/**
 * The tax of a sale, by rate, as its lines have it.
 *
 * @phpstan-type Tax array{name: string, percent: string, included: bool, net: int, amount: int}
 */
final readonly class SaleTaxes
{
    /**
     * @param  Collection<int, SaleLine>  $lines
     * @return list<Tax>
     */
    public static function of(Collection $lines): array
    {
        $rates = [];
        foreach ($lines as $line) {
            foreach ($line->taxes as $tax) {
                $rate = "{$tax['name']} {$tax['percent']}";
                $rates[$rate] ??= [...$tax, 'net' => 0, 'amount' => 0];
                $rates[$rate]['net'] += $tax['net'];
                $rates[$rate]['amount'] += $tax['amount'];
            }
        }

        return array_values(array_filter($rates, static fn (array $tax): bool => $tax['net'] !== 0));
    }

    /**
     * What part of a sale's tax an amount of it has: in proportion, each rate rounded half up.
     *
     * @return list<Tax>
     */
    public static function part(Sale $sale, int $amount): array
    {
        $whole = $sale->total();
        $share = static fn (int $of): int => $whole === 0
            ? 0
            : BigInteger::of($of)
                ->multipliedBy($amount)
                ->dividedBy($whole, RoundingMode::HALF_UP)
                ->toInt();

        return array_map(
            static fn (array $tax): array => [
                ...$tax,
                'net' => $share($tax['net']),
                'amount' => $share($tax['amount']),
            ],
            self::of($sale->lines),
        );
    }

    /**
     * @param  int  $price as the business states prices: with tax where they include it
     * @return array{int, list<Tax>} with tax, and the tax
     */
    public static function on(Business $business, int $price, ?TaxRate $rate): array
    {
        if ($rate === null) {
            return [$price, []];
        }
        $percent = Percent::of($rate->percent);
        $size = abs($price);
        $tax = $business->prices_include_tax ? $percent->included($size, [$percent]) : $percent->part($size);
        $tax = $price < 0 ? -$tax : $tax;
        $whole = $business->prices_include_tax ? $price : $price + $tax;

        return [
            $whole,
            [
                [
                    'name' => $rate->name,
                    'percent' => $percent->written(),
                    'included' => $business->prices_include_tax,
                    'net' => $whole - $tax,
                    'amount' => $tax,
                ],
            ],
        ];
    }
}
