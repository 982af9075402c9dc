<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use function get_object_vars;

/** What is asked of the search: which service, on which local dates (day numbers, both included), by whom. */
final readonly class Ask
{
    /**
     * @param  int  $now instant in minutes
     * @param  int|null  $minutes T17: null for the service's own length
     * @param  int  $extra minutes that add-ons add
     * @param  string|null  $staff only rows with this member
     * @param  string|null  $location only rows at this location
     */
    public function __construct(
        public string $service,
        public int $fromDay,
        public int $toDay,
        public int $now,
        public ?int $minutes = null,
        public int $extra = 0,
        public int $party = 1,
        public ?string $staff = null,
        public ?string $location = null,
        public Relaxed $relaxed = new Relaxed(),
    ) {
    }

    /** The same on other dates. */
    public function during(int $fromDay, int $toDay): self
    {
        return $this->with(fromDay: $fromDay, toDay: $toDay);
    }

    /** The same with other rules left out. */
    public function leaving(Relaxed $relaxed): self
    {
        return $this->with(relaxed: $relaxed);
    }

    /** The same with somebody. */
    public function by(string $staff): self
    {
        return $this->with(staff: $staff);
    }

    /** The same at a place. */
    public function at(string $location): self
    {
        return $this->with(location: $location);
    }

    /** The same for so many people. */
    public function of(int $party): self
    {
        return $this->with(party: $party);
    }

    /** The same for another length. */
    public function lasting(?int $minutes, int $extra): self
    {
        return $this->with(minutes: $minutes, extra: $extra);
    }

    private function with(mixed ...$changes): self
    {
        // @phpstan-ignore argument.type (its own properties, by their names)
        return new self(...[...get_object_vars($this), ...$changes]);
    }
}
