<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

/** A visit as it was sold, as far as L7 asks. */
final readonly class SoldItem
{
    /**
     * @param  int  $start instant
     * @param  int  $base what one person pays for it, after P5 and what was corrected before; minor unit
     */
    public function __construct(public int $start, public int $party, public int $base)
    {
    }
}
