<?php

declare(strict_types=1);

namespace App\Ledger\Http;

use App\Http\Asker;
use App\Ledger\SaleSlip;
use App\Models\Sale;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** One sale, whole. */
final readonly class ShowSale
{
    public function __construct(private SaleSlip $slip)
    {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $business = Asker::business($request);

        return new JsonResponse(
            $this->slip->of($business, Sale::query()->where('business_id', $business->id)->findOrFail($id)),
        );
    }
}
