<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

/** P5: what a visit costs from so many in the period. */
final readonly class FrequencyLevel
{
    /** @param  int|null  $staffAmount what is paid for the base instead; null: as always (rules.md P11) */
    public function __construct(public int $from, public int $amount, public ?int $staffAmount = null)
    {
    }
}
