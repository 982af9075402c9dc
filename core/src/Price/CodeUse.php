<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

/** What became of a code that was named. */
final readonly class CodeUse
{
    /**
     * @param  string  $named as it was spelt
     * @param  OfferCode|null  $code null: there is none
     * @param  CodeReason|null  $reason null: it applies
     */
    public function __construct(public string $named, public ?OfferCode $code, public ?CodeReason $reason)
    {
    }

    public function isApplied(): bool
    {
        return $this->reason === null;
    }
}
