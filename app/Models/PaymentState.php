<?php

declare(strict_types=1);

namespace App\Models;

/** How far a payment has come. What went back of it is in its refunds. */
enum PaymentState: string
{
    /** Its page waits for the client. */
    case Open = 'open';
    /** Not asked for any more; money that comes all the same still counts. */
    case Lapsed = 'lapsed';
    /** The card was refused; another may be tried on the same page. */
    case Failed = 'failed';
    case Paid = 'paid';
    /** Written down at the desk by mistake, and taken back. */
    case Undone = 'undone';
    /** A card that may be charged later; nothing was paid with it. */
    case Kept = 'kept';
    /** A fee on its way from a kept card. */
    case Charging = 'charging';
    /** The kept card did not give the fee. */
    case Refused = 'refused';

    /** Nothing is known yet of what became of it. */
    public const UNSETTLED = [self::Open, self::Failed, self::Lapsed];

    /** Of the unsettled ones, those that the processor is still asked after. */
    public const ASKED_FOR = [self::Open, self::Failed];
}
