<?php

declare(strict_types=1);

namespace App\Clients;

use App\Models\Business;
use App\Models\Client;
use Illuminate\Database\Eloquent\Builder;

/** Clients by a part of their name, mail or number, with what they pay for themselves. */
final class ClientList
{
    private const MOST = 50;

    /** @return list<array<string, mixed>> those with prices of their own first */
    public static function of(Business $business, string $text): array
    {
        $own = self::found($business, $text)->where('rates', '<>', '[]')->get();
        $others = self::found($business, $text)->where('rates', '[]')->get();

        return array_values($own->concat($others)->take(self::MOST)->map(self::one(...))->all());
    }

    /** @return Builder<Client> */
    private static function found(Business $business, string $text): Builder
    {
        $like = '%'.addcslashes($text, '%_\\').'%';

        return Client::query()
            ->where('business_id', $business->id)
            ->when($text !== '', static fn (Builder $query) => $query->where(
                static fn (Builder $either) => $either
                    ->where('name', 'like', $like)
                    ->orWhere('email', 'like', $like)
                    ->orWhere('phone', 'like', $like),
            ))
            ->orderBy('name')
            ->orderBy('id')
            ->limit(self::MOST);
    }

    /** @return array<string, mixed> */
    public static function one(Client $client): array
    {
        return [
            'id' => $client->id,
            'name' => $client->name,
            'email' => $client->email ?? '',
            'phone' => $client->phone,
            'rates' => $client->rates,
        ];
    }
}
