<?php

declare(strict_types=1);

namespace App\Http;

/** By which names this installation is asked, and whom it believes when they say who asked them. */
final class Hosts
{
    /** @return list<string> patterns: its own address, and in the demonstration that of the stand-ins */
    public static function trusted(): array
    {
        $addresses = [
            config()->string('app.url'),
            ...config('yardbell.demonstration') === true ? [config()->string('yardbell.stand_ins')] : [],
        ];

        return array_map(
            static fn (string $address): string => '^'.preg_quote((string) parse_url($address, PHP_URL_HOST)).'\z',
            $addresses,
        );
    }

    /** @return list<string> read before there is a configuration */
    public static function proxies(): array
    {
        $named = array_map(trim(...), explode(',', (string) getenv('YARDBELL_PROXIES')));

        return array_values(array_diff($named, ['', 'none']));
    }
}
