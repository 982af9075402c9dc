<?php

declare(strict_types=1);

namespace YardBell\Core\Time;

/** T1: half-open [start, end), whole minutes since 1970-01-01T00:00Z. Never empty. */
final readonly class Interval
{
    private function __construct(public int $start, public int $end)
    {
    }

    /** @throws InvalidTime if $end is not after $start */
    public static function between(int $start, int $end): self
    {
        return $start < $end ? new self($start, $end) : throw InvalidTime::endsTooEarly($start, $end);
    }

    /** T2: an interval that comes out empty or negative is nothing. */
    public static function ifAny(int $start, int $end): ?self
    {
        return $start < $end ? new self($start, $end) : null;
    }

    public function overlaps(self $other): bool
    {
        return $this->start < $other->end && $other->start < $this->end;
    }

    /** T6: longer at both ends by whole minutes. */
    public function padded(int $before, int $after): self
    {
        return new self($this->start - $before, $this->end + $after);
    }
}
