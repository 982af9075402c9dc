<?php

declare(strict_types=1);

namespace App\Clients;

use App\Language\Catalogue;
use App\Models\Business;
use App\Models\Client;
use App\Support\MailAddress;

/** Makes a client of whom the desk has before it. Within the transaction that books or sells. */
final readonly class RegisterGuest
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    /** @return array{name: string, email: string, phone: string} as it stays with what they book or buy */
    public function contact(?Client $client): array
    {
        return [
            'name' => $client->name ?? $this->catalogue->say('history.walk_in'),
            'email' => (string) $client?->email,
            'phone' => $client->phone ?? '',
        ];
    }

    /** @return Client|null whoever is known by the address already is the same; null: a walk-in, who is not kept */
    public function __invoke(Business $business, Guest $guest): ?Client
    {
        if ($guest->client !== null) {
            return Client::query()->where('business_id', $business->id)->findOrFail($guest->client);
        }
        if ($guest->name === '') {
            return null;
        }
        $made = ['name' => $guest->name, 'phone' => $guest->phone];
        if ($guest->email === '') {
            return Client::query()->create(['business_id' => $business->id, 'email' => null] + $made);
        }
        $email = MailAddress::normal($guest->email) ?? mb_strtolower($guest->email);

        return Client::query()->firstOrCreate(['business_id' => $business->id, 'email' => $email], $made);
    }
}
