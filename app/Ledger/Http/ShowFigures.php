<?php

declare(strict_types=1);

namespace App\Ledger\Http;

use App\Http\Asker;
use App\Ledger\Figures;
use App\Models\Business;
use App\Support\Checks;
use App\Support\Given;
use App\Support\Money;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Tax by rate and staff pay by person of a period, with what each figure is made of; or one of them as a file. */
final readonly class ShowFigures
{
    public function __construct(private Figures $figures)
    {
    }

    public function __invoke(Request $request): JsonResponse|StreamedResponse
    {
        $business = Asker::business($request);
        $given = Given::in($request->validate([
            'from' => ['required', Checks::date()],
            'until' => ['required', Checks::date()],
            'as' => 'nullable|in:tax,pay',
        ]));
        [$from, $until] = [$given->string('from'), $given->string('until')];

        return match ($given->stringIf('as')) {
            'tax' => $this->tax($business, $from, $until),
            'pay' => $this->pay($business, $from, $until),
            default => new JsonResponse([
                'currency' => $business->currency,
                'tax' => $this->figures->tax($business, $from, $until),
                'pay' => $this->figures->pay($business, $from, $until),
            ]),
        };
    }

    private function tax(Business $business, string $from, string $until): StreamedResponse
    {
        $rows = [];
        foreach ($this->figures->tax($business, $from, $until) as $rate) {
            foreach ($rate['sales'] as $sale) {
                $amount = Money::plain($sale['amount'], $business->currency);
                $rows[] = [$rate['rate'], $sale['day'], $sale['sale'], $sale['name'], $amount, $business->currency];
            }
        }

        return Csv::of('tax', ['rate', 'date', 'sale', 'name', 'tax', 'currency'], $rows);
    }

    private function pay(Business $business, string $from, string $until): StreamedResponse
    {
        $rows = [];
        foreach ($this->figures->pay($business, $from, $until) as $person) {
            $plain = static fn (int $amount): string => Money::plain($amount, $business->currency);
            foreach ($person['visits'] as $visit) {
                $rows[] = [$person['name'], $visit['day'], $visit['service'], $plain($visit['amount'])];
            }
            if ($person['tips'] !== 0) {
                $rows[] = [$person['name'], '', 'tips', $plain($person['tips'])];
            }
        }
        $rows = array_map(static fn (array $row): array => [...$row, $business->currency], $rows);

        return Csv::of('staff-pay', ['name', 'date', 'what', 'amount', 'currency'], $rows);
    }
}
