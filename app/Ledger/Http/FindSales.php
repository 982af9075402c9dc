<?php

declare(strict_types=1);

namespace App\Ledger\Http;

use App\Http\Asker;
use App\Ledger\SaleFinder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Sales, the latest first, narrowed down: a page of them. */
final readonly class FindSales
{
    public function __construct(private SaleFinder $find)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $business = Asker::business($request);
        $request->validate(['page' => 'nullable|integer|min:0|max:10000']);
        $found = ($this->find)($business, SalesAsked::read($request), $request->integer('page'));

        return new JsonResponse([...$found, 'currency' => $business->currency]);
    }
}
