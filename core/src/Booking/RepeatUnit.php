<?php

declare(strict_types=1);

namespace YardBell\Core\Booking;

/** T23: what a rule counts in. */
enum RepeatUnit: string
{
    case Days = 'days';
    case Weeks = 'weeks';
    case Months = 'months';
}
