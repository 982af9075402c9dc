<?php

declare(strict_types=1);

namespace App\Support;

/** Too much of something from one side: says when to come back. */
final class TooMany extends Refusal
{
    public function __construct(string $message, public readonly int $seconds, string $kind = 'too_many')
    {
        parent::__construct($message, 429, $kind);
    }

    /** "2 minutes", "40 seconds": what a sentence says of a wait. */
    public static function wait(int $seconds): string
    {
        $minutes = (int) ceil($seconds / 60);

        return match (true) {
            $seconds <= 90 => max(1, $seconds).($seconds === 1 ? ' second' : ' seconds'),
            $minutes <= 90 => "{$minutes} minutes",
            default => (int) ceil($minutes / 60).' hours',
        };
    }

    public function details(): array
    {
        return ['retryAfter' => $this->seconds];
    }
}
