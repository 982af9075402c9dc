<?php

declare(strict_types=1);

namespace App\Board;

/** What somebody looks at on the Board. */
final readonly class BoardView
{
    /**
     * @param  int|null  $day day number; null: today
     * @param  bool  $week whether at the week around the day too
     * @param  bool  $working whether only at those who have open time or something booked
     * @param  list<string>  $chosen staff members; none: all
     * @param  string|null  $location the only one; null: all
     */
    public function __construct(
        public ?int $day = null,
        public bool $week = false,
        public LanesBy $by = LanesBy::People,
        public bool $working = false,
        public array $chosen = [],
        public ?string $location = null,
    ) {
    }

    /** The same for somebody who sees their own lane alone. */
    public function only(string $member): self
    {
        return new self(
            day: $this->day,
            week: $this->week,
            by: LanesBy::People,
            working: false,
            chosen: [$member],
            location: null,
        );
    }
}
