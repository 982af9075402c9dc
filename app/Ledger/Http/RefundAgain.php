<?php

declare(strict_types=1);

namespace App\Ledger\Http;

use App\Http\Asker;
use App\Ledger\SaleSlip;
use App\Models\PaymentMethod;
use App\Payments\RetryPayment;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A refund that was refused: tried again, or given by hand. */
final readonly class RefundAgain
{
    public function __construct(private RetryPayment $retry, private SaleSlip $slip)
    {
    }

    public function __invoke(Request $request, string $slug, string $id, string $refund): JsonResponse
    {
        $business = Asker::business($request);
        $way = Amounts::check($request, ['by' => 'required|in:again,cash,transfer'])->string('by');
        $by = Asker::access($request)->user->name;
        $sale = $way === 'again'
            ? $this->retry->refund($business, $id, $refund)
            : $this->retry->byHand(
                business: $business,
                id: $id,
                refund: $refund,
                way: PaymentMethod::from($way),
                by: $by,
            );

        return new JsonResponse($this->slip->of($business, $sale));
    }
}
