<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

/** T16: who takes an appointment. */
enum Assignment: string
{
    case All = 'all';
    case Choose = 'choose';
    case First = 'first';
    case Rotate = 'rotate';
    case Random = 'random';
}
