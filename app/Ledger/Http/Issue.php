<?php

declare(strict_types=1);

namespace App\Ledger\Http;

use App\Http\Asker;
use App\Ledger\SaleSlip;
use App\Models\Sale;
use App\Papers\IssueDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Issues the invoice of a sale. */
final readonly class Issue
{
    public function __construct(private IssueDocument $issue, private SaleSlip $slip)
    {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $business = Asker::business($request);
        $asked = Amounts::check($request, [
            'name' => 'required|string|max:120',
            'address' => 'nullable|string|max:300',
        ]);
        $by = Asker::access($request)->user->name;
        $this->issue->invoice(
            business: $business,
            id: $id,
            name: $asked->string('name'),
            address: $asked->stringIf('address') ?? '',
            by: $by,
        );

        return new JsonResponse($this->slip->of($business, Sale::query()->findOrFail($id)));
    }
}
