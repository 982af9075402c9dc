<?php

declare(strict_types=1);

namespace App\Sales;

use App\Clients\Guest;
use App\Clients\RegisterGuest;
use App\Models\Business;
use App\Models\Sale;
use App\Support\Clock;
use Illuminate\Database\ConnectionInterface;

/** Somebody buys a product at the desk and has booked nothing: a sale of its own (rules.md L1). */
final readonly class SellAtDesk
{
    public function __construct(
        private ConnectionInterface $db,
        private RegisterGuest $register,
        private WriteLine $write,
        private Clock $clock,
    ) {
    }

    /** @param  string  $id of the sale, made up by whoever asks: asked for again, it is the same sale */
    public function __invoke(Business $business, string $id, Guest $guest, Product $product, string $by): Sale
    {
        $line = $product->line($business);

        return $this->db->transaction(function () use ($business, $id, $guest, $line, $by): Sale {
            $isNew = Sale::query()->insertOrIgnore([
                'business_id' => $business->id,
                'id' => $id,
                'currency' => $business->currency,
                'created_at' => $this->clock->now(),
                'updated_at' => $this->clock->now(),
            ]);
            $sale = Sale::query()->where('business_id', $business->id)->findOrFail($id);
            if ($isNew > 0) {
                $client = ($this->register)($business, $guest);
                $sale->update(['client_id' => $client?->id, 'name' => $this->register->contact($client)['name']]);
                ($this->write)($sale, $line, $by);
            }

            return $sale;
        }, attempts: 5);
    }
}
