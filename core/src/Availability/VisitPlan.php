<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use function count;

/** T20: a row of the answer: a visit that can be booked, its parts in the order they are done. */
final readonly class VisitPlan
{
    /** @param  list<PlannedPart>  $parts at least two */
    public function __construct(public string $location, public array $parts)
    {
    }

    public function start(): int
    {
        return $this->parts[0]->start;
    }

    public function end(): int
    {
        return $this->parts[count($this->parts) - 1]->end;
    }
}
