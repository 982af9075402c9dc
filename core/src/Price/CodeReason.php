<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

/** P7: why a code that was named does not apply. */
enum CodeReason: string
{
    case Unknown = 'unknown';
    case Service = 'service';
    case Dates = 'dates';
    case FirstVisit = 'first_visit';
    case Uses = 'uses';
    case ClientUses = 'client_uses';
    case Minimum = 'minimum';
    case Combines = 'combines';
}
