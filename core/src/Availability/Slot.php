<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

/** A row of the answer: a time that can be booked. Instants in minutes. */
final readonly class Slot
{
    /**
     * @param  list<string>  $staff
     * @param  list<string>  $units
     * @param  int  $places what is left for others and the asking party together
     * @param  bool|null  $next T16: the one "anyone" would get; null where it is drawn afresh
     * @param  bool|null  $tight T21: whether it leaves no gap that is lost; null where nobody asks
     */
    public function __construct(
        public int $start,
        public int $end,
        public ?string $location,
        public array $staff,
        public array $units,
        public int $places,
        public ?bool $next,
        public ?string $session = null,
        public ?bool $tight = null,
    ) {
    }
}
