<?php

declare(strict_types=1);

namespace App\Support;

use App\Language\Sentence;

/** Too much of something from one side: says when to come back. */
final class TooMany extends Refusal
{
    public function __construct(Sentence $sentence, public readonly int $seconds, string $kind = 'too_many')
    {
        parent::__construct($sentence, 429, $kind);
    }

    /** "2 minutes", "40 seconds": what a sentence says of a wait. */
    public static function wait(int $seconds): Sentence
    {
        $minutes = (int) ceil($seconds / 60);

        return match (true) {
            $seconds <= 90 => new Sentence('refusal.wait.seconds', ['seconds' => max(1, $seconds)]),
            $minutes <= 90 => new Sentence('refusal.wait.minutes', ['minutes' => $minutes]),
            default => new Sentence('refusal.wait.hours', ['hours' => (int) ceil($minutes / 60)]),
        };
    }

    public function details(): array
    {
        return ['retryAfter' => $this->seconds];
    }
}
