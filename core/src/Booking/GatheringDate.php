<?php

declare(strict_types=1);

namespace YardBell\Core\Booking;

use YardBell\Core\Availability\Slot;
use YardBell\Core\Availability\Verdict;

/** One date of a session or a series of them, before it is scheduled. */
final readonly class GatheringDate
{
    /**
     * @param  int  $start instant
     * @param  Slot|null  $row what it takes; null where somebody or something it needs is taken (T6–T9)
     * @param  list<Verdict>  $verdicts what speaks against it: with a row, only that it lies outside open time (T4, T5)
     * @param  Slot|null  $nearest within open time, where anything speaks against it
     */
    public function __construct(
        public int $start,
        public ?Slot $row,
        public array $verdicts = [],
        public ?Slot $nearest = null,
    ) {
    }

    public function isOutsideOpenTime(): bool
    {
        return $this->row !== null && $this->verdicts !== [];
    }
}
