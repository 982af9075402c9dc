<?php

declare(strict_types=1);

namespace App\Times;

use App\Models\Booking;
use YardBell\Core\Availability\Relaxed;
use YardBell\Core\Availability\VisitAsk;
use YardBell\Core\Availability\VisitPart;

/** Several services that somebody wants one after the other (rules.md T20). */
final readonly class VisitChoice
{
    /**
     * @param  non-empty-list<Choice>  $parts in the order asked; the first says how many come, and where
     * @param  int  $maxWait minutes between two of them
     */
    public function __construct(
        public array $parts,
        public int $maxWait = 0,
        public bool $anyOrder = false,
        public bool $samePerson = false,
    ) {
    }

    /**
     * A visit that is booked, as it was chosen: its parts in their order, no further apart than they are.
     *
     * @param  non-empty-list<Booking>  $parts in order of time
     */
    public static function of(array $parts): self
    {
        $wait = 0;
        foreach (array_slice($parts, 1) as $i => $part) {
            $wait = max($wait, (int) $parts[$i]->endsAt()->diffInMinutes($part->starts_at));
        }

        return new self(
            array_map(static fn (Booking $part): Choice => Choice::of($part)->with(null), $parts),
            $wait,
        );
    }

    /** The same, but for how they may follow. */
    public function but(?int $maxWait = null, ?bool $anyOrder = null, ?bool $samePerson = null): self
    {
        return new self(
            $this->parts,
            $maxWait ?? $this->maxWait,
            $anyOrder ?? $this->anyOrder,
            $samePerson ?? $this->samePerson,
        );
    }

    /** Whether somebody is wished for one of its parts. */
    public function isWithSomebody(): bool
    {
        return array_filter($this->parts, static fn (Choice $part): bool => $part->member !== null) !== [];
    }

    public function withAnyone(): self
    {
        return new self(
            array_map(static fn (Choice $part): Choice => $part->with(null), $this->parts),
            $this->maxWait,
            $this->anyOrder,
            $this->samePerson,
        );
    }

    public function during(int $fromDay, int $toDay, int $now, Relaxed $relaxed): VisitAsk
    {
        return new VisitAsk(
            parts: array_map(
                static fn (Choice $part): VisitPart => new VisitPart(
                    $part->service,
                    $part->minutes,
                    $part->extra,
                    $part->member,
                ),
                $this->parts,
            ),
            fromDay: $fromDay,
            toDay: $toDay,
            now: $now,
            party: $this->parts[0]->party,
            location: $this->parts[0]->location,
            maxWait: $this->maxWait,
            anyOrder: $this->anyOrder,
            samePerson: $this->samePerson,
            relaxed: $relaxed,
        );
    }
}
