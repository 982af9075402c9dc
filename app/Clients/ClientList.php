<?php

declare(strict_types=1);

namespace App\Clients;

use App\Models\Booking;
use App\Models\Business;
use App\Models\Client;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use stdClass;

/** Clients by a part of their name, mail or number, with what they pay for themselves and when they are here. */
final class ClientList
{
    private const MOST = 50;

    /** @return list<array<string, mixed>> those with prices of their own first */
    public static function of(Business $business, string $text, CarbonImmutable $now): array
    {
        $own = self::found($business, $text)->where('rates', '<>', '[]')->get();
        $others = self::found($business, $text)->where('rates', '[]')->get();
        $clients = $own->concat($others)->take(self::MOST);
        $visits = self::visits($business, array_values($clients->modelKeys()), $now);

        return array_values($clients
            ->map(static fn (Client $client): array => self::one($client) + [
                'last' => $visits[$client->id]['last'] ?? null,
                'next' => $visits[$client->id]['next'] ?? null,
            ])
            ->all());
    }

    /**
     * @param  list<mixed>  $clients ids
     * @return array<string, array{last: string|null, next: string|null}> instants, by client
     */
    private static function visits(Business $business, array $clients, CarbonImmutable $now): array
    {
        /** @var list<stdClass> $rows */
        $rows = Booking::query()
            ->toBase()
            ->where('business_id', $business->id)
            ->whereIn('client_id', $clients)
            ->whereIn('state', ['pending', 'confirmed', 'arrived', 'started', 'completed'])
            ->groupBy('client_id')
            ->selectRaw(
                'client_id, max(if(starts_at <= ?, starts_at, null)) as last, '
                    .'min(if(starts_at > ?, starts_at, null)) as next',
                [$now->format('Y-m-d H:i:s'), $now->format('Y-m-d H:i:s')],
            )
            ->get()
            ->all();
        $instant = static fn (?string $at): ?string => $at === null
            ? null
            : CarbonImmutable::parse($at, 'UTC')->format('Y-m-d\TH:i\Z');
        $visits = [];
        foreach ($rows as $row) {
            $visits[$row->client_id] = ['last' => $instant($row->last), 'next' => $instant($row->next)];
        }

        return $visits;
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
