<?php

declare(strict_types=1);

namespace App\Ledger\Http;

use App\Http\Asker;
use App\Ledger\SaleSlip;
use App\Models\Sale;
use App\Papers\IssueDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Issues the credit note that takes an invoice back. */
final readonly class TakeInvoiceBack
{
    public function __construct(private IssueDocument $issue, private SaleSlip $slip)
    {
    }

    public function __invoke(Request $request, string $slug, string $id, string $document): JsonResponse
    {
        $business = Asker::business($request);
        $this->issue->credit($business, $id, $document, Asker::access($request)->user->name);

        return new JsonResponse($this->slip->of($business, Sale::query()->findOrFail($id)));
    }
}
