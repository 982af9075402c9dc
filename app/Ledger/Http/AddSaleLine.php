<?php

declare(strict_types=1);

namespace App\Ledger\Http;

use App\Http\Asker;
use App\Ledger\SaleSlip;
use App\Sales\AddLine;
use App\Sales\Product;
use App\Support\Checks;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Adds a product, or a correction with its reason. */
final readonly class AddSaleLine
{
    public function __construct(private AddLine $add, private SaleSlip $slip)
    {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $business = Asker::business($request);
        $asked = Amounts::check($request, [
            'label' => 'required|string|max:120',
            'amount' => Amounts::eitherWay(),
            'taxRate' => ['nullable', ...Checks::of($business, 'tax_rates')],
            'why' => 'nullable|string|max:300',
            'seen' => 'required|integer',
        ]);
        $product = new Product(
            $asked->string('label'),
            $asked->int('amount'),
            $asked->stringIf('taxRate'),
            $asked->stringIf('why') ?? '',
        );
        $sale = ($this->add)(
            business: $business,
            id: $id,
            product: $product,
            seen: $asked->int('seen'),
            by: Asker::access($request)->user->name,
        );

        return new JsonResponse($this->slip->of($business, $sale));
    }
}
