<?php

declare(strict_types=1);

namespace App\Bookings;

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
     */
    public function __construct(
        public int $start,
        public ?array $staff = null,
        public ?int $minutes = null,
        public Freedom $freedom = new Freedom(),
        public ?string $location = null,
        public Relaxed $relaxed = new Relaxed(notice: true, limits: true),
    ) {
    }

    /**
     * The same for others.
     *
     * @param  list<string>  $staff
     */
    public function by(array $staff): self
    {
        return new self($this->start, $staff, $this->minutes, $this->freedom, $this->location, $this->relaxed);
    }

    /** The same with what is left out on purpose. */
    public function with(Freedom $freedom): self
    {
        return new self($this->start, $this->staff, $this->minutes, $freedom, $this->location, $this->relaxed);
    }

    /** The same at another time. */
    public function at(int $start): self
    {
        return new self($start, $this->staff, $this->minutes, $this->freedom, $this->location, $this->relaxed);
    }
}
