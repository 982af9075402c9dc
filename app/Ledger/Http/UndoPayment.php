<?php

declare(strict_types=1);

namespace App\Ledger\Http;

use App\Http\Asker;
use App\Ledger\SaleSlip;
use App\Payments\UndoDeskPayment;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Takes back what was written down by mistake. */
final readonly class UndoPayment
{
    public function __construct(private UndoDeskPayment $undo, private SaleSlip $slip)
    {
    }

    public function __invoke(Request $request, string $slug, string $id, string $payment): JsonResponse
    {
        $business = Asker::business($request);
        $by = Asker::access($request)->user->name;

        return new JsonResponse($this->slip->of($business, ($this->undo)($business, $id, $payment, $by)));
    }
}
