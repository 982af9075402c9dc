<?php

declare(strict_types=1);

namespace App\Limits;

use Illuminate\Cache\RateLimiter;

/**
 * Counts that may be lost with a restart: requests in a minute. In the memory of the machine, or in one that several
 * machines share (config/cache.php, "limiter"): never in the database, where each would be a commit to the disk.
 */
final readonly class PassingCounts implements Counts
{
    public function __construct(private RateLimiter $limiter)
    {
    }

    public function add(string $what, int $seconds): int
    {
        return $this->limiter->hit($what, $seconds);
    }

    public function of(string $what): int
    {
        $times = $this->limiter->attempts($what);

        return is_numeric($times) ? (int) $times : 0;
    }

    public function wait(string $what): int
    {
        return $this->of($what) === 0 ? 0 : max(1, $this->limiter->availableIn($what));
    }

    public function forget(string $what): void
    {
        $this->limiter->clear($what);
    }
}
