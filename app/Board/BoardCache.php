<?php

declare(strict_types=1);

namespace App\Board;

use App\Models\Business;
use App\Support\Clock;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Contracts\Foundation\Application;

/**
 * What was shown to one window, kept on this machine for all others that look at the same: after every act of anybody,
 * each window that is open asks for its day at once. It is true until something happens, or the minute is over.
 */
final readonly class BoardCache
{
    private const SECONDS = 60;

    public function __construct(
        private Repository $cache,
        private Pulse $pulse,
        private Clock $clock,
        private Application $app,
    ) {
    }

    /**
     * @param  string  $what part of the key: what is shown, and to whom
     * @param  callable(string): array<string, mixed>  $shown made where none is kept; from the version
     * @return string JSON
     */
    public function of(Business $business, string $what, callable $shown): string
    {
        $version = $this->pulse->of($business);
        $state = [$version, $this->clock->minute()];
        $key = "board-{$business->id}-".hash('xxh128', $what);
        $kept = $this->cache->get($key);
        if (is_array($kept) && $kept[0] === $state && is_string($kept[1])) {
            return $kept[1];
        }
        $json = json_encode($shown($version), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
        // once it is sent: writing it down takes as long as a tenth of its making
        $this->app->terminating(fn (): bool => $this->cache->put($key, [$state, $json], self::SECONDS));

        return $json;
    }
}
