<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Limits\Network;

/**
 * Who holds a time: before anything is known of them the network they come from, as a keyed hash that leads nowhere;
 * else a client whose address is proven.
 */
final readonly class Visitor
{
    /** @param  string|null  $client who is known: others’ holds do not lock them out, and they have their own prices */
    private function __construct(public string $network, public ?string $client = null)
    {
    }

    public static function known(string $client, string $key): self
    {
        return new self(substr(hash_hmac('sha256', "client {$client}", $key), 0, 16), $client);
    }

    public static function from(string $address, string $key): self
    {
        return new self(Network::hash($address, $key));
    }
}
