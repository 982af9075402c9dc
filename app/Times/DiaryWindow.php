<?php

declare(strict_types=1);

namespace App\Times;

/** The stretch of time whose bookings, and sessions where there are any, can be in the way of what is asked. */
final readonly class DiaryWindow
{
    /**
     * @param  int  $from instant, taken in
     * @param  int  $until instant, left out
     */
    public function __construct(public int $from, public int $until, public bool $hasSessions)
    {
    }
}
