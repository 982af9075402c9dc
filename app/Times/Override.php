<?php

declare(strict_types=1);

namespace App\Times;

use YardBell\Core\Availability\Diary;
use YardBell\Core\Availability\Relaxed;

/** What somebody of the house leaves out on purpose (rules.md T18), and what that breaks: it stands on the booking. */
final readonly class Override
{
    /**
     * @param  bool  $outside whether hours, grids, limits and the like are left out
     * @param  bool  $double whether others' bookings are: a deliberate double booking
     * @param  list<Breach>  $breaches
     */
    public function __construct(
        public bool $outside = false,
        public bool $double = false,
        public array $breaches = [],
    ) {
    }

    /**
     * Where nothing is taken there is nothing to book over: what others have stays in the way.
     *
     * @param  list<Breach>  $breaches
     */
    public function breaking(array $breaches): self
    {
        $isOver = array_filter($breaches, static fn (Breach $breach): bool => $breach->isTaken()) !== [];

        return new self($this->outside, $this->double && $isOver, $breaches);
    }

    /** Whether anything is left out. */
    public function isAny(): bool
    {
        return $this->outside || $this->double;
    }

    public function relaxed(Relaxed $usual): Relaxed
    {
        return $this->outside ? Relaxed::wholly() : $usual;
    }

    /** What can be in the way still. */
    public function left(Diary $diary): Diary
    {
        return $this->double ? new Diary() : $diary;
    }

    /** @return array{double_booked: bool, outside: list<array{rule: string, says: string}>} of the booking */
    public function columns(): array
    {
        return [
            'double_booked' => $this->double,
            'outside' => array_map(static fn (Breach $breach): array => $breach->toArray(), $this->breaches),
        ];
    }
}
