<?php

declare(strict_types=1);

namespace App\Models;

/** What a pair of entries in the book was written for. */
enum Movement: string
{
    case Sold = 'sold';
    /** A visit that is not taken: what it was sold for is owed no more. */
    case TakenBack = 'taken_back';
    case Fee = 'fee';
    case Added = 'added';
    /** Owed no more: a discount, an offer code. */
    case Less = 'less';
    /** A fee that is not asked for. */
    case Waived = 'waived';

    case Paid = 'paid';
    case Undone = 'undone';
    case Tip = 'tip';
    case TipBack = 'tip_back';
    case Returned = 'returned';
    /** Cash beyond what was due, kept for the client. */
    case Credited = 'credited';

    case Pay = 'pay';
    case Payout = 'payout';
    case Counted = 'counted';
    case Banked = 'banked';
    case Disputed = 'disputed';
}
