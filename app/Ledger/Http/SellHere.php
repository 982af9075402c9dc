<?php

declare(strict_types=1);

namespace App\Ledger\Http;

use App\Clients\Http\GuestAsked;
use App\Http\Asker;
use App\Ledger\SaleSlip;
use App\Models\Id;
use App\Sales\Product;
use App\Sales\SellAtDesk;
use App\Support\Checks;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Sells a product at the desk to somebody who has booked nothing. */
final readonly class SellHere
{
    public function __construct(private SellAtDesk $sell, private SaleSlip $slip)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $business = Asker::business($request);
        $given = Amounts::check(
            $request,
            [
                ...GuestAsked::rules($business),
                'id' => ['required', 'string', 'regex:'.Id::ULID],
                'label' => 'required|string|max:120',
                'amount' => Amounts::something(),
                'taxRate' => ['nullable', ...Checks::of($business, 'tax_rates')],
            ],
            GuestAsked::sentences(),
        );
        $sale = ($this->sell)(
            business: $business,
            id: Id::of($given->string('id')),
            guest: GuestAsked::read($given, $business),
            product: new Product($given->string('label'), $given->int('amount'), $given->stringIf('taxRate')),
            by: Asker::access($request)->user->name,
        );

        return new JsonResponse($this->slip->of($business, $sale), 201);
    }
}
