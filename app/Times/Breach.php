<?php

declare(strict_types=1);

namespace App\Times;

/** A rule that is broken on purpose, and in what words it stood in the way (rules.md T19). */
final readonly class Breach
{
    /** Those that keep a person, a unit or a place from being taken twice. */
    private const TAKEN = ['T6', 'T7', 'T9', 'T14', 'T15'];

    public function __construct(public string $rule, public string $says)
    {
    }

    public function isTaken(): bool
    {
        return in_array($this->rule, self::TAKEN, true);
    }

    /** @return array{rule: string, says: string} as the booking keeps it */
    public function toArray(): array
    {
        return ['rule' => $this->rule, 'says' => $this->says];
    }
}
