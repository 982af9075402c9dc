<?php

declare(strict_types=1);

namespace App\Ledger\Http;

use App\Http\Asker;
use App\Ledger\SaleSlip;
use App\Payments\Returning;
use App\Payments\ReturnTip;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Gives some or all of a tip back, the way it came. */
final readonly class GiveTipBack
{
    public function __construct(private ReturnTip $return, private SaleSlip $slip)
    {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $business = Asker::business($request);
        $asked = Amounts::withReason($request);
        $returning = new Returning($asked->int('amount'), $asked->string('why'));
        $by = Asker::access($request)->user->name;
        $sale = ($this->return)(
            business: $business,
            id: $id,
            returning: $returning,
            seen: $asked->int('seen'),
            by: $by,
        );

        return new JsonResponse($this->slip->of($business, $sale));
    }
}
