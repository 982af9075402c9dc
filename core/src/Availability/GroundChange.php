<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Timeline;

use function array_map;
use function array_push;

/** Open time before and after a change: what stays, what opens, what closes. */
final class GroundChange
{
    /** @var array<string, Timeline> */
    private array $known = [];

    private function __construct(
        public readonly Timeline $stays,
        public readonly Timeline $opens,
        public readonly Timeline $closes,
    ) {
    }

    public static function between(Timeline $before, Timeline $after): self
    {
        return new self($before->intersect($after), $after->subtract($before), $before->subtract($after));
    }

    /**
     * Of several people together: what changes for one of them counts as changed.
     *
     * @param  array<self>  $changes
     */
    public static function together(array $changes): self
    {
        [$stays, $opens, $closes] = [[], [], []];
        foreach ($changes as $one) {
            array_push($stays, ...$one->stays->stretches());
            array_push($opens, ...$one->opens->stretches());
            array_push($closes, ...$one->closes->stretches());
        }

        return new self(Timeline::of($stays), Timeline::of($opens), Timeline::of($closes));
    }

    /** The instants from so many minutes before what opens or closes until so many after it. */
    public function within(int $before, int $after): Timeline
    {
        return $this->known["{$before} {$after}"] ??= Timeline::of(
            array_map(
                static fn (array $stretch): array => [$stretch[0] - $before, $stretch[1] + $after],
                [...$this->opens->stretches(), ...$this->closes->stretches()],
            ),
        );
    }

    public function isNothing(): bool
    {
        return $this->opens->isEmpty() && $this->closes->isEmpty();
    }
}
