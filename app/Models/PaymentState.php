<?php

declare(strict_types=1);

namespace App\Models;

/** How far a payment has come. */
enum PaymentState: string
{
    /** Its page waits for the client. */
    case Open = 'open';
    /** Not asked for any more; money that comes all the same still counts. */
    case Lapsed = 'lapsed';
    /** The card was refused; another may be tried on the same page. */
    case Failed = 'failed';
    case Paid = 'paid';
    /** Some or all of it is on its way back. */
    case Refunding = 'refunding';
    case Refunded = 'refunded';
    /** A card that may be charged later; nothing was paid with it. */
    case Kept = 'kept';
    /** A fee on its way from a kept card. */
    case Charging = 'charging';

    /** Nothing is known yet of what became of it. */
    public const UNSETTLED = [self::Open, self::Failed, self::Lapsed];

    /** Of the unsettled ones, those that the processor is still asked after. */
    public const ASKED_FOR = [self::Open, self::Failed];

    /** Its money came in, whatever went back since. */
    public const CAME_IN = [self::Paid, self::Refunding, self::Refunded];
}
