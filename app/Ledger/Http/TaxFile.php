<?php

declare(strict_types=1);

namespace App\Ledger\Http;

use App\Http\Asker;
use App\Ledger\Figures;
use App\Support\Clock;
use App\Support\Money;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The tax of a period by rate and sale, as a file. */
final readonly class TaxFile
{
    public function __construct(private Figures $figures, private Clock $clock)
    {
    }

    public function __invoke(Request $request): StreamedResponse
    {
        $business = Asker::business($request);
        $period = Period::read($request, $business, $this->clock);
        $rows = [];
        foreach ($this->figures->tax($business, $period->from, $period->until) as $rate) {
            foreach ($rate['sales'] as $sale) {
                $amount = Money::plain($sale['amount'], $business->currency);
                $rows[] = [$rate['rate'], $sale['day'], $sale['sale'], $sale['name'], $amount, $business->currency];
            }
        }

        return Csv::of('tax', ['rate', 'date', 'sale', 'name', 'tax', 'currency'], $rows);
    }
}
