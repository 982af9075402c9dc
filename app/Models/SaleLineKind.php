<?php

declare(strict_types=1);

namespace App\Models;

/** What a line of a sale is for (rules.md L1). */
enum SaleLineKind: string
{
    case Visit = 'visit';
    /** A visit that is not taken: the line that takes its price off again. */
    case Off = 'off';
    case Fee = 'fee';
    /** Added at the desk: a product, a correction. */
    case Added = 'added';
    /** What an offer code takes off, named after it was booked. */
    case Code = 'code';
    /** Let off. */
    case Less = 'less';

    public function movement(): Movement
    {
        return match ($this) {
            self::Visit => Movement::Sold,
            self::Off => Movement::TakenBack,
            self::Fee => Movement::Fee,
            self::Added => Movement::Added,
            self::Code, self::Less => Movement::Less,
        };
    }
}
