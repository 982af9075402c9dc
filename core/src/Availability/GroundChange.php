<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Timeline;

/** Open time before and after a change: what stays, what opens, what closes. */
final readonly class GroundChange
{
    private function __construct(public Timeline $stays, public Timeline $opens, public Timeline $closes)
    {
    }

    public static function none(): self
    {
        return new self(Timeline::none(), Timeline::none(), Timeline::none());
    }

    public static function between(Timeline $before, Timeline $after): self
    {
        return new self($before->intersect($after), $after->subtract($before), $before->subtract($after));
    }

    /** Of several people together: what changes for one of them counts as changed. */
    public function with(self $other): self
    {
        return new self(
            $this->stays->union($other->stays),
            $this->opens->union($other->opens),
            $this->closes->union($other->closes),
        );
    }

    public function isNothing(): bool
    {
        return $this->opens->isEmpty() && $this->closes->isEmpty();
    }
}
