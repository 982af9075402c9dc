<?php

declare(strict_types=1);

namespace App\Support;

use RuntimeException;

/** A "no" that is told to whoever asked: one sentence, a status of the 400s, and what helps them on. */
class Refusal extends RuntimeException
{
    public function __construct(string $message, public readonly int $status, private readonly string $kind = 'refused')
    {
        parent::__construct($message);
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
