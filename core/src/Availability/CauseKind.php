<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

/** T19: the kinds of things that stand in the way, as the command `why` names them. */
enum CauseKind: string
{
    case OpeningHours = 'opening hours';
    case SpecialDay = 'special day';
    case HoursOfLocation = 'hours of location';
    case SpecialDayOfLocation = 'special day of location';
    case HoursOfService = 'hours of service';
    case HoursOfMember = 'hours of staff member';
    case SpecialDayOfMember = 'special day of staff member';
    case BreakOfMember = 'break of staff member';
    case Closure = 'closure';
    case AvailableFrom = 'availableFrom of service';
    case AvailableUntil = 'availableUntil of service';
    case Dayparts = 'dayparts of service';
    case Notice = 'notice of service';
    case Reach = 'reach of service';
    case Service = 'service';
    case Location = 'location';
    case Member = 'staff member';
    case Pool = 'pool';
    case Booking = 'booking';
    case Session = 'session';
    case TimeOff = 'time off';
    case Outage = 'outage of';
    case Calendar = 'outside calendar';
    case TightDays = 'tight days';
}
