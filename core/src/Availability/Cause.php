<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Wall;

/** T19: the thing that causes a reason: which closure, which booking, whose hours. */
final readonly class Cause
{
    /**
     * @param  string  $id of that thing, or of whose it is; empty where there is only one
     * @param  int|null  $day day number, of special days
     */
    public function __construct(public CauseKind $kind, public string $id = '', public ?int $day = null)
    {
    }

    /** "booking b1", "special day of location harbour 2027-03-01" */
    public function written(): string
    {
        return $this->kind->value
            .($this->id === '' ? '' : " {$this->id}")
            .($this->day === null ? '' : ' '.Wall::date($this->day));
    }
}
