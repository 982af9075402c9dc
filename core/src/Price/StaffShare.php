<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

/** What one member of staff is paid for a visit (rules.md P11). */
final readonly class StaffShare
{
    public function __construct(public string $staff, public int $amount)
    {
    }
}
