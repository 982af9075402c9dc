<?php

declare(strict_types=1);

namespace YardBell\Core\Booking;

use YardBell\Core\Price\Percent;

/**
 * What cancelling costs (rules.md, part 4): free until so long before the start, after that and on a no-show a part of
 * the price or an amount.
 */
final readonly class CancellationTerms
{
    /**
     * @param  int  $freeMinutes before the start until which it is free, that instant included
     * @param  int|Percent  $fee an amount in the minor unit, at most what the visit costs where that is anything (a
     *   card may be kept for a free one, rules.md P9), or a part of it
     */
    public function __construct(public int $freeMinutes, public int|Percent $fee)
    {
    }

    /**
     * @param  int  $total of the visit, in the minor unit
     * @param  int  $start instant
     * @param  int  $at instant at which it is cancelled
     */
    public function cost(int $total, int $start, int $at): int
    {
        return $at <= $this->freeUntil($start) ? 0 : $this->noShow($total);
    }

    public function noShow(int $total): int
    {
        return match (true) {
            $this->fee instanceof Percent => $this->fee->part($total),
            $total > 0 => min($this->fee, $total),
            default => $this->fee,
        };
    }

    /** The last instant at which cancelling is free. */
    public function freeUntil(int $start): int
    {
        return $start - $this->freeMinutes;
    }
}
