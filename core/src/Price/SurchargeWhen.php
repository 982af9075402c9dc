<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

/** P4: when a surcharge applies. */
enum SurchargeWhen: string
{
    case OutsideHours = 'outside_hours';
    case Weekdays = 'weekdays';
    case Dates = 'dates';
}
