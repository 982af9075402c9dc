<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Hours;
use YardBell\Core\Time\Interval;
use YardBell\Core\Time\Timeline;
use YardBell\Core\Time\WallSpan;
use YardBell\Core\Time\Window;

use function array_map;

/** A staff member, as far as time is concerned. */
final readonly class Member
{
    /**
     * @param  array<int, list<Window>>|null  $weekly own hours by weekday; null: follows the opening hours (T4)
     * @param  array<int, list<Window>>  $special own special days by day number
     * @param  list<array{string, WallSpan}>  $timeOff with its id
     * @param  list<Interval>  $busy of the outside calendar, in whole minutes
     */
    public function __construct(
        public string $id,
        public string $name,
        public bool $active = true,
        public ?array $weekly = null,
        public array $special = [],
        public ?Hours $breaks = null,
        public array $timeOff = [],
        public array $busy = [],
        public bool $respectBusy = true,
        public ?int $maxPerDay = null,
    ) {
    }

    /** The same but for what is named: `with(timeOff: […])`. */
    public function with(mixed ...$changes): self
    {
        // @phpstan-ignore argument.type (its own properties, by their names)
        return new self(...$changes + get_object_vars($this));
    }

    /** Whether all that can be different is when they are open: own hours, special days, breaks, time off, resting. */
    public function differsByHoursAlone(self $other): bool
    {
        return $this === $other ||
            ($this->busy == $other->busy &&
                $this->respectBusy === $other->respectBusy &&
                $this->maxPerDay === $other->maxPerDay);
    }

    /** T6: their time off. */
    public function off(): Timeline
    {
        $off = [];
        foreach ($this->timeOff as [, $span]) {
            if ($span->interval !== null) {
                $off[] = [$span->interval->start, $span->interval->end];
            }
        }

        return Timeline::of($off);
    }

    /** T6: what their outside calendar says, where it is respected. */
    public function busy(): Timeline
    {
        return Timeline::of(
            array_map(
                static fn (Interval $busy): array => [$busy->start, $busy->end],
                $this->respectBusy ? $this->busy : [],
            ),
        );
    }
}
