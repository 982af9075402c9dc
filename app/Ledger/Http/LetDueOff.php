<?php

declare(strict_types=1);

namespace App\Ledger\Http;

use App\Http\Asker;
use App\Ledger\SaleSlip;
use App\Sales\LetOff;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Something of what is due is owed no more. */
final readonly class LetDueOff
{
    public function __construct(private LetOff $let, private SaleSlip $slip)
    {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $business = Asker::business($request);
        $asked = Amounts::withReason($request);
        $sale = ($this->let)(
            business: $business,
            id: $id,
            amount: $asked->int('amount'),
            seen: $asked->int('seen'),
            why: $asked->string('why'),
            by: Asker::access($request)->user->name,
        );

        return new JsonResponse($this->slip->of($business, $sale));
    }
}
