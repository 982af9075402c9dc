<?php

declare(strict_types=1);

namespace App\Ledger;

/** How a visit is given up, or that it is taken after all. */
enum GivingUp: string
{
    case Cancelled = 'late';
    case Missed = 'missed';
    case TakenBack = 'taken_back';
}
