<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Bookings\SettlePrice;
use App\Http\Asker;
use App\Ledger\SaleSlip;
use App\Prices\Contents\Amounts;
use App\Support\Given;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Settles a price that was left open. */
final readonly class Price
{
    public function __construct(private SettlePrice $settle, private SaleSlip $slip)
    {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $business = Asker::business($request);
        $given = Given::in($request->validate(
            ['amount' => 'required|'.Amounts::RULE, 'told' => 'required|boolean'],
            ['amount.*' => 'wrong.price.amount_required'],
        ));
        $by = Asker::access($request)->user->name;
        $sale = ($this->settle)(
            business: $business,
            id: $id,
            amount: $given->int('amount'),
            told: $given->bool('told'),
            by: $by,
        );

        return new JsonResponse($this->slip->of($business, $sale));
    }
}
