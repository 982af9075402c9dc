<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Gate\LinkedClient;
use App\Ledger\Http\PrintDocument;
use App\Models\Business;
use App\Models\Client;
use App\Models\Sale;
use App\Papers\Paper;
use App\Support\Clock;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** An invoice, a credit note or a receipt of a client, from their own page. */
final readonly class OwnPaper
{
    public function __construct(
        private LinkedClient $linked,
        private Paper $paper,
        private Clock $clock,
    ) {
    }

    public function document(Request $request, string $id, string $document): Response
    {
        $client = $this->linked->find($request, $id);
        foreach ($this->sales($client)->with('documents')->get() as $sale) {
            $found = $sale->documents->find($document);
            if ($found !== null) {
                return PrintDocument::pdf(
                    $this->paper->document(Business::query()->findOrFail($client->business_id), $found),
                    $found->written(),
                );
            }
        }
        abort(404);
    }

    public function receipt(Request $request, string $id, string $sale): Response
    {
        $client = $this->linked->find($request, $id);
        $business = Business::query()->findOrFail($client->business_id);

        return PrintDocument::pdf(
            $this->paper->receipt($business, $this->sales($client)->findOrFail($sale), $this->clock->now()),
            'receipt',
        );
    }

    /** @return Builder<Sale> their own */
    private function sales(Client $client): Builder
    {
        return Sale::query()->where('business_id', $client->business_id)->where('client_id', $client->id);
    }
}
