<?php

declare(strict_types=1);

namespace App\Times;

/** Something can be taken that was taken before, and that is committed: whoever waits for it looks again. */
final readonly class TimeOpened
{
    /**
     * @param  int  $business id
     * @param  string  $taker a person, a unit, or the session that has places again
     * @param  int  $from instant, $until instant: the stretch that opened, set-up and clear-up included
     */
    public function __construct(
        public int $business,
        public string $taker,
        public int $from,
        public int $until,
    ) {
    }
}
