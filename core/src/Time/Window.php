<?php

declare(strict_types=1);

namespace YardBell\Core\Time;

/** T2: from one wall time to another on a date, both in minutes since 00:00; $to ≤ $from runs past midnight. */
final readonly class Window
{
    /** @param  string|null  $at the location it counts for (T4), null for every one */
    private function __construct(public int $from, public int $to, public ?string $at)
    {
    }

    /** @throws InvalidTime unless $from is 00:00 … 23:59 and $to 00:00 … 24:00 */
    public static function between(string $from, string $to, ?string $at = null): self
    {
        return new self(Wall::timeOfDay($from), Wall::timeOfDay($to, midnightEnds: true), $at);
    }

    public static function wholeDay(): self
    {
        return new self(0, Wall::DAY, null);
    }

    /** @return array{int, int} the instants it lasts on a date; empty or negative where its wall times do not exist */
    public function on(int $day, Zone $zone): array
    {
        $end = $this->to > $this->from ? $this->to : $this->to + Wall::DAY;

        return [$zone->first($day * Wall::DAY + $this->from), $zone->last($day * Wall::DAY + $end)];
    }
}
