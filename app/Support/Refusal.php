<?php

declare(strict_types=1);

namespace App\Support;

use App\Language\Sentence;
use RuntimeException;

/** A "no" that is told to whoever asked: one sentence, a status of the 400s, and what helps them on. */
class Refusal extends RuntimeException
{
    /** @param  Sentence|string  $sentence a string is one as text */
    public function __construct(
        public readonly Sentence|string $sentence,
        public readonly int $status,
        private readonly string $kind = 'refused',
    ) {
        parent::__construct(is_string($sentence) ? $sentence : $sentence->code);
    }

    public function code(): string
    {
        return $this->kind;
    }

    /** @return array<string, mixed> */
    public function details(): array
    {
        return [];
    }
}
