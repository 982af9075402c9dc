<?php

declare(strict_types=1);

namespace App\Ledger\Http;

use App\Http\Asker;
use App\Ledger\SaleSlip;
use App\Payments\RetryPayment;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Asks the kept card once more for a fee it did not give. */
final readonly class ChargeAgain
{
    public function __construct(private RetryPayment $retry, private SaleSlip $slip)
    {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $business = Asker::business($request);
        $seen = Amounts::check($request, ['seen' => 'required|integer'])->int('seen');

        $sale = $this->retry->charge($business, $id, $seen, Asker::access($request)->user->name);

        return new JsonResponse($this->slip->of($business, $sale));
    }
}
