<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

/** T19: what speaks against one place and crew at one instant; nothing, where it is offered. */
final readonly class Verdict
{
    /**
     * @param  list<string>  $staff
     * @param  list<Reason>  $reasons
     */
    public function __construct(public ?string $location, public array $staff, public array $reasons)
    {
    }

    public function isOffered(): bool
    {
        return $this->reasons === [];
    }
}
