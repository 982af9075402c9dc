<?php

declare(strict_types=1);

namespace YardBell\Core\Booking;

/** T23: which day of each month a repeat by months is on. */
enum MonthDay
{
    /** The first date's day of the month; in a shorter month its last. */
    case Same;

    /** The same weekday, counted from the month's beginning; where there is no fifth, the last. */
    case Weekday;

    /** The last of that weekday. */
    case LastWeekday;
}
