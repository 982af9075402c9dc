<?php

declare(strict_types=1);

namespace App\Ledger\Http;

use App\Http\Asker;
use App\Models\Sale;
use App\Papers\Paper;
use App\Support\Clock;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What was sold and paid, as PDF. */
final readonly class PrintReceipt
{
    public function __construct(private Paper $paper, private Clock $clock)
    {
    }

    public function __invoke(Request $request, string $slug, string $id): Response
    {
        $business = Asker::business($request);
        $sale = Sale::query()->where('business_id', $business->id)->findOrFail($id);

        return PrintDocument::pdf($this->paper->receipt($business, $sale, $this->clock->now()), 'receipt');
    }
}
