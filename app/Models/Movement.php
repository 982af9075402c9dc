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
    /** Owed no more: a reduction, a fee that was let off. */
    case Less = 'less';

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
