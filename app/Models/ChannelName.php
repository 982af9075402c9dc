<?php

declare(strict_types=1);

namespace App\Models;

/** The ways out of the house (see Outbox\Channel). */
enum ChannelName: string
{
    case Mail = 'mail';
    case Refund = 'refund';
    case Charge = 'charge';
}
