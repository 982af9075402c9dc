<?php

declare(strict_types=1);

namespace App\Clients\Http;

use App\Clients\ClientList;
use App\Http\Asker;
use App\Models\Business;
use App\Models\Client;
use App\Support\Checks;
use App\Support\Given;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What services cost this client, in place of what they cost everybody (rules.md P1). */
final readonly class PutRates
{
    private const MOST = 1_000_000_000_000;

    public function __construct(private ConnectionInterface $db)
    {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $business = Asker::business($request);
        $client = Client::query()->where('business_id', $business->id)->findOrFail($id);
        $given = Given::in($request->validate([
            'rates' => 'present|array|list|max:200',
            'rates.*.service' => ['required', 'distinct', ...Checks::of($business, 'services')],
            'rates.*.amount' => 'required|integer|min:0|max:'.self::MOST,
        ], ['rates.*.amount' => 'wrong.money.no_amount']));
        $rates = array_map(
            static fn (Given $rate): array => [
                'service' => $rate->string('service'),
                'amount' => $rate->int('amount'),
            ],
            $given->each('rates'),
        );
        $this->db->transaction(static function () use ($business, $client, $rates): void {
            $client->update(['rates' => $rates]);
            Business::rulesChanged($business->id);
        });

        return new JsonResponse(ClientList::one($client));
    }
}
