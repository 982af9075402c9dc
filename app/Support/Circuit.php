<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Contracts\Cache\Repository;
use Throwable;

/**
 * Keeps us from waiting for a service outside that does not answer: after some failures in a row nobody is let through
 * for a while, then one, and everybody again once that one came back well. Shared by all processes.
 */
final readonly class Circuit
{
    private const FAILURES = 3;

    private const SHORTEST_SECONDS = 5;

    private const LONGEST_SECONDS = 120;

    private const REMEMBERED_SECONDS = 3600;

    public function __construct(private Repository $cache, private Clock $clock)
    {
    }

    /**
     * @template T
     *
     * @param  callable(): T  $call that throws where nobody answers
     * @param  callable(): Throwable  $refusal what is thrown where nobody is let through
     * @return T
     */
    public function through(string $service, callable $call, callable $refusal): mixed
    {
        /** @var array{int, int} $known failures in a row, and until when nobody is let through */
        $known = $this->cache->get("circuit-{$service}", [0, 0]);
        [$failures, $openUntil] = $known;
        if (
            $openUntil > $this->clock->machine()->getTimestamp() ||
            ($failures >= self::FAILURES && ! $this->cache->add("circuit-{$service}-one", true, self::SHORTEST_SECONDS))
        ) {
            throw $refusal();
        }
        try {
            $answer = $call();
        } catch (Throwable $wrong) {
            $this->failed($service, $failures + 1);
            throw $wrong;
        }
        if ($failures > 0) {
            $this->cache->forget("circuit-{$service}");
        }

        return $answer;
    }

    private function failed(string $service, int $failures): void
    {
        $seconds =
            $failures < self::FAILURES
                ? 0
                : min(self::LONGEST_SECONDS, self::SHORTEST_SECONDS * 2 ** min(10, $failures - self::FAILURES));
        $this->cache->put(
            "circuit-{$service}",
            [$failures, $seconds === 0 ? 0 : $this->clock->machine()->getTimestamp() + $seconds],
            self::REMEMBERED_SECONDS,
        );
    }
}
