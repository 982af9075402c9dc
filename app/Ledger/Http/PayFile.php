<?php

declare(strict_types=1);

namespace App\Ledger\Http;

use App\Http\Asker;
use App\Ledger\Figures;
use App\Support\Clock;
use App\Support\Money;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What staff are paid in a period, by person and visit, and their tips, as a file. */
final readonly class PayFile
{
    public function __construct(private Figures $figures, private Clock $clock)
    {
    }

    public function __invoke(Request $request): StreamedResponse
    {
        $business = Asker::business($request);
        $period = Period::read($request, $business, $this->clock);
        $plain = static fn (int $amount): string => Money::plain($amount, $business->currency);
        $rows = [];
        foreach ($this->figures->pay($business, $period->from, $period->until) as $person) {
            foreach ($person['visits'] as $visit) {
                $amount = $plain($visit['amount']);
                $rows[] = [$person['name'], $visit['day'], $visit['service'], $amount, $business->currency];
            }
            if ($person['tips'] !== 0) {
                $rows[] = [$person['name'], '', 'tips', $plain($person['tips']), $business->currency];
            }
        }

        return Csv::of('staff-pay', ['name', 'date', 'what', 'amount', 'currency'], $rows);
    }
}
