<?php

declare(strict_types=1);

namespace App\Payments;

/** What is done to a visit that moves its money: it is given up, taken after all, or becomes another. */
enum GivingUp: string
{
    case Cancelled = 'late';
    case Missed = 'missed';
    case TakenBack = 'taken_back';
    case Changed = 'changed';
}
