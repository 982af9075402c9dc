<?php

declare(strict_types=1);

namespace YardBell\Core\Time;

/** T2: from one wall date-time to another, both in wall minutes; as instants it is nothing where they do not exist. */
final readonly class WallSpan
{
    private function __construct(public int $from, public int $to, public ?Interval $interval)
    {
    }

    /** @throws InvalidTime if $to is not after $from */
    public static function between(int $from, int $to, Zone $zone): self
    {
        return $from < $to
            ? new self($from, $to, Interval::ifAny($zone->first($from), $zone->last($to)))
            : throw InvalidTime::endsTooEarly($from, $to);
    }
}
