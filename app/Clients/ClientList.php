<?php

declare(strict_types=1);

namespace App\Clients;

use App\Models\Booking;
use App\Models\Business;
use App\Models\Client;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\Builder as QueryBuilder;
use stdClass;

/** Clients by a part of their name, mail or number, with what they pay for themselves and when they are here. */
final class ClientList
{
    private const MOST = 50;

    private const CAME_ABOUT = ['pending', 'confirmed', 'arrived', 'started', 'completed'];

    /** What is shorter is in no key of words. */
    private const SHORTEST_WORD = 3;

    /** @return list<array<string, mixed>> those with prices of their own first */
    public static function of(Business $business, string $text, CarbonImmutable $now): array
    {
        $clients = new Collection();
        foreach ([self::byName($text), self::byWords($text), self::byPart($text)] as $i => $narrow) {
            if ($i < 2 || $clients->isEmpty()) { // in the middle of a word only where nothing begins so
                $clients = $clients->concat(self::found($business, $narrow))->unique('id')->take(self::MOST);
            }
            if ($clients->count() === self::MOST) {
                break;
            }
        }
        $clients = $clients->sortBy('without_rates');
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
        // each is one step into a key, however often somebody has been here
        $nearest = static fn (string $side, string $order): QueryBuilder => Booking::query()
            ->toBase()
            ->where('bookings.business_id', $business->id)
            ->whereColumn('bookings.client_id', 'clients.id')
            ->where('starts_at', $side, $now->format('Y-m-d H:i:s'))
            ->whereIn('state', self::CAME_ABOUT)
            ->orderBy('starts_at', $order)
            ->limit(1)
            ->select('starts_at');
        /** @var list<stdClass> $rows */
        $rows = Client::query()
            ->toBase()
            ->where('business_id', $business->id)
            ->whereIn('id', $clients)
            ->select('id as client_id')
            ->selectSub($nearest('<=', 'desc'), 'last')
            ->selectSub($nearest('>', 'asc'), 'next')
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

    /**
     * Those with prices of their own first: looked for in the key that has them in this order, and then read.
     *
     * @param  callable(Builder<Client>): mixed  $narrow
     * @return Collection<int, Client>
     */
    private static function found(Business $business, callable $narrow): Collection
    {
        $ids = self::ordered($business)->tap($narrow)->limit(self::MOST)->pluck('id');

        return self::ordered($business)->whereKey($ids)->get();
    }

    /** @return Builder<Client> */
    private static function ordered(Business $business): Builder
    {
        return Client::query()
            ->where('business_id', $business->id)
            ->orderBy('without_rates')
            ->orderBy('name')
            ->orderBy('id');
    }

    /** @return callable(Builder<Client>): mixed by the beginning of the name; all where nothing is asked */
    private static function byName(string $text): callable
    {
        $like = addcslashes($text, '%_\\').'%';

        return static fn (Builder $query) => $query
            ->whereIn('without_rates', [false, true])
            ->when($text !== '', static fn (Builder $named) => $named->where('name', 'like', $like));
    }

    /**
     * By the beginnings of words, which a key finds among however many clients; nothing where it is too short for that.
     *
     * @return callable(Builder<Client>): mixed
     */
    private static function byWords(string $text): callable
    {
        $words = preg_split('/[^\pL\pN]+/u', $text, flags: PREG_SPLIT_NO_EMPTY) ?: [];
        $long = array_filter($words, static fn (string $word): bool => mb_strlen($word) >= self::SHORTEST_WORD);
        $asked = implode(' ', array_map(static fn (string $word): string => "+{$word}*", $long));

        return static fn (Builder $query) => match (true) {
            $long === [] || count($long) < count($words) => $query->whereRaw('1 = 0'),
            default => $query->whereFullText('words', $asked, ['mode' => 'boolean']),
        };
    }

    /** @return callable(Builder<Client>): mixed */
    private static function byPart(string $text): callable
    {
        $like = '%'.addcslashes($text, '%_\\').'%';

        return static fn (Builder $query) => $query->where('words', 'like', $like);
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
