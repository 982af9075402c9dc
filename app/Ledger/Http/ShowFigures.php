<?php

declare(strict_types=1);

namespace App\Ledger\Http;

use App\Http\Asker;
use App\Ledger\Figures;
use App\Ledger\TaxFigures;
use App\Support\Clock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Tax by rate and staff pay by person of a period, with what each figure is made of. */
final readonly class ShowFigures
{
    public function __construct(private Figures $figures, private TaxFigures $tax, private Clock $clock)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $business = Asker::business($request);
        $period = Period::read($request, $business, $this->clock);

        return new JsonResponse([
            'from' => $period->from,
            'until' => $period->until,
            'currency' => $business->currency,
            'taxDay' => $business->tax_day->value,
            'tax' => $this->tax->of($business, $period->from, $period->until),
            'pay' => $this->figures->pay($business, $period->from, $period->until),
            'payouts' => $this->figures->payouts($business, $period->from, $period->until),
        ]);
    }
}
