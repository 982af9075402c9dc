<?php

declare(strict_types=1);

namespace App\Models;

/** What a line of a sale is for (rules.md L1). */
enum SaleLineKind: string
{
    case Booking = 'visit';
    /** A visit that is not taken: the line that takes its price off again. */
    case TakenOff = 'off';
    /** For cancelling late. */
    case Fee = 'fee';
    /** For not coming. */
    case NoShow = 'no_show';
    /** A fee that is not asked for. */
    case Waived = 'waived';
    /** Added at the desk: a product, a correction. */
    case Added = 'added';
    /** What an offer code takes off, named after it was booked. */
    case Code = 'code';
    /** A discount given at the desk. */
    case Discount = 'less';

    public const FEES = [self::Fee, self::NoShow];

    public function movement(): Movement
    {
        return match ($this) {
            self::Booking => Movement::Sold,
            self::TakenOff => Movement::TakenBack,
            self::Fee, self::NoShow => Movement::Fee,
            self::Added => Movement::Added,
            self::Waived => Movement::Waived,
            self::Code, self::Discount => Movement::Less,
        };
    }
}
