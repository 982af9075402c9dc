<?php

declare(strict_types=1);

namespace App\Limits;

use Symfony\Component\HttpFoundation\IpUtils;

/** The network that somebody comes from, as a keyed hash that leads nowhere. */
final class Network
{
    public static function hash(string $address, string $key): string
    {
        return substr(hash_hmac('sha256', 'visitor '.self::of($address), $key), 0, 16);
    }

    /** Whoever has one address of such a network can easily have another: 256 of IPv4, a site's share of IPv6. */
    private static function of(string $address): string
    {
        $masked = str_contains($address, ':')
            ? inet_ntop((string) inet_pton($address) & (string) inet_pton('ffff:ffff:ffff::'))
            : IpUtils::anonymize($address);

        return $masked === false ? $address : $masked;
    }
}
