<?php

declare(strict_types=1);

namespace YardBell\Core\Booking;

/** T23: which day of each month a repeat by months is on. */
enum MonthDay: string
{
    /** The first date's day of the month; in a shorter month its last. */
    case Same = 'same';

    /** The same weekday, counted from the month's beginning; where there is no fifth, the last. */
    case Weekday = 'weekday';

    /** The last of that weekday. */
    case LastWeekday = 'lastWeekday';
}
