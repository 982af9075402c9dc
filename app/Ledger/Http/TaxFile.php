<?php

declare(strict_types=1);

namespace App\Ledger\Http;

use App\Http\Asker;
use App\Ledger\TaxFigures;
use App\Support\Clock;
use App\Support\Money;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The tax of a period by rate and sale, as a file. */
final readonly class TaxFile
{
    private const HEAD = ['rate', 'counts', 'date', 'sale', 'name', 'net', 'tax', 'gross', 'currency'];

    public function __construct(private TaxFigures $figures, private Clock $clock)
    {
    }

    public function __invoke(Request $request): StreamedResponse
    {
        $business = Asker::business($request);
        $period = Period::read($request, $business, $this->clock);
        $plain = static fn (int $amount): string => Money::plain($amount, $business->currency);
        $rows = [];
        foreach ($this->figures->of($business, $period->from, $period->until) as $rate) {
            foreach ($rate['sales'] as $sale) {
                $rows[] = [
                    $rate['rate'],
                    $business->tax_day->value,
                    $sale['day'],
                    $sale['sale'],
                    $sale['name'],
                    $plain($sale['net']),
                    $plain($sale['amount']),
                    $plain($sale['net'] + $sale['amount']),
                    $business->currency,
                ];
            }
        }

        return Csv::of('tax', self::HEAD, $rows);
    }
}
