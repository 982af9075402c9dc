<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Hours;

use function array_filter;

/** A service, as far as time is concerned. All lengths in minutes, dates as day numbers. */
final readonly class Service
{
    /**
     * @param  Lengths|null  $lengths null for a service that is only offered at its sessions
     * @param  bool  $gridFromOpening T10: starts counted from the beginning of the open stretch, not by the clock
     * @param  list<string>  $dayparts ids; empty: no limit
     * @param  list<string>  $locations ids in the service's order
     * @param  list<string>  $staff ids in the service's order
     * @param  list<Need>  $needs
     * @param  int|null  $maxParty null: left out (T13)
     */
    public function __construct(
        public string $id,
        public string $name,
        public ?Lengths $lengths,
        public bool $hasSessions = false,
        public int $setup = 0,
        public int $clearup = 0,
        public int $startEvery = 15,
        public bool $gridFromOpening = false,
        public int $noticeMinutes = 0,
        public int $bookAheadDays = 60,
        public ?Hours $hours = null,
        public array $dayparts = [],
        public ?int $availableFrom = null,
        public ?int $availableUntil = null,
        public array $locations = [],
        public array $staff = [],
        public Assignment $assignment = Assignment::Choose,
        public array $needs = [],
        public int $places = 1,
        public ?int $maxParty = null,
        public ?int $maxPerDay = null,
    ) {
    }

    /** The same without the dates it is limited to. */
    public function always(): self
    {
        // @phpstan-ignore argument.type (its own properties, by their names)
        return new self(...['availableFrom' => null, 'availableUntil' => null] + get_object_vars($this));
    }

    /**
     * The same, done by others.
     *
     * @param  list<string>  $staff ids, in the order they are taken
     */
    public function doneBy(array $staff): self
    {
        // @phpstan-ignore argument.type (its own properties, by their names)
        return new self(...['staff' => $staff] + get_object_vars($this));
    }

    /**
     * What its times depend on besides the people and the place: two services of which this is the same are offered at
     * the same times. Null where they depend on hours of its own, or on what is booked of itself.
     */
    public function timesLike(): ?string
    {
        return $this->isShared() || $this->hasSessions || $this->maxPerDay !== null || $this->hours !== null
            ? null
            : serialize([
                $this->lengths,
                $this->setup,
                $this->clearup,
                $this->startEvery,
                $this->gridFromOpening,
                $this->noticeMinutes,
                $this->bookAheadDays,
                $this->dayparts,
                $this->availableFrom,
                $this->availableUntil,
                $this->needs,
            ]);
    }

    public function isShared(): bool
    {
        return $this->places > 1;
    }

    /** T13: the largest party; null where there is no limit of its own. */
    public function largestParty(): ?int
    {
        return $this->maxParty ?? ($this->isShared() || $this->hasSessions ? null : 1);
    }

    public function needsUnitsPerPerson(): bool
    {
        return array_filter($this->needs, static fn (Need $need): bool => $need->perPerson) !== [];
    }

    public function needOf(string $pool): ?Need
    {
        foreach ($this->needs as $need) {
            if ($need->pool === $pool) {
                return $need;
            }
        }

        return null;
    }
}
