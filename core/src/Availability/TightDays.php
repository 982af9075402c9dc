<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

/** T21: whether rows that leave a gap too short to be used are told apart, or left out where there are better ones. */
enum TightDays: string
{
    case Off = 'off';
    case Mark = 'mark';
    case Only = 'only';
}
