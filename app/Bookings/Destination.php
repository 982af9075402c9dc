<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Times\Override;
use YardBell\Core\Availability\Relaxed;

/** Where a booking is to go. */
final readonly class Destination
{
    /**
     * @param  int  $start instant
     * @param  list<string>|null  $staff null: whoever is free then, the same people first
     * @param  int|null  $minutes add-ons included; null: as long as it is
     * @param  string|null  $location null: where it is, or where it can be had
     * @param  Relaxed  $relaxed what is not asked (rules.md T18): for the house notice and limits, for a client nothing
     * @param  int|null  $was instant at which it was seen when it was taken up; null: no matter
     * @param  list<string>  $ignoring ids of bookings that move with it, and are not in its way
     */
    public function __construct(
        public int $start,
        public ?array $staff = null,
        public ?int $minutes = null,
        public Override $override = new Override(),
        public ?string $location = null,
        public Relaxed $relaxed = new Relaxed(notice: true, limits: true),
        public array $ignoring = [],
        public ?int $was = null,
    ) {
    }

    /**
     * The same for others.
     *
     * @param  list<string>  $staff
     */
    public function by(array $staff): self
    {
        return $this->but(staff: $staff);
    }

    /** The same with what is left out on purpose. */
    public function with(Override $override): self
    {
        return $this->but(override: $override);
    }

    /** The same, wherever it is now. */
    public function unseen(): self
    {
        return new self(
            start: $this->start,
            staff: $this->staff,
            minutes: $this->minutes,
            override: $this->override,
            location: $this->location,
            relaxed: $this->relaxed,
            ignoring: $this->ignoring,
        );
    }

    /** The same at another time. */
    public function at(int $start): self
    {
        return $this->but(start: $start);
    }

    /** @param  list<string>|null  $staff */
    private function but(?int $start = null, ?array $staff = null, ?Override $override = null): self
    {
        return new self(
            start: $start ?? $this->start,
            staff: $staff ?? $this->staff,
            minutes: $this->minutes,
            override: $override ?? $this->override,
            location: $this->location,
            relaxed: $this->relaxed,
            ignoring: $this->ignoring,
            was: $this->was,
        );
    }
}
