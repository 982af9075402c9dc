<?php

declare(strict_types=1);

namespace App\Ledger\Http;

use App\Http\Asker;
use App\Ledger\SaleSlip;
use App\Payments\GiveBack;
use App\Payments\Returning;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Gives some or all of what was paid back, the way it came. */
final readonly class GiveMoneyBack
{
    public function __construct(private GiveBack $give, private SaleSlip $slip)
    {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $business = Asker::business($request);
        $asked = Amounts::withReason($request, ['staysOwed' => 'required|boolean', 'told' => 'required|boolean']);
        $returning = new Returning($asked->int('amount'), $asked->string('why'), $asked->bool('staysOwed'));
        $by = Asker::access($request)->user->name;
        $sale = ($this->give)(
            business: $business,
            id: $id,
            returning: $returning,
            seen: $asked->int('seen'),
            by: $by,
            told: $asked->bool('told'),
        );

        return new JsonResponse($this->slip->of($business, $sale));
    }
}
