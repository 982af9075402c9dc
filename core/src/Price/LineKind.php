<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

/** What a line of a quote is for, in the order lines stand (rules.md P12). */
enum LineKind: string
{
    case Base = 'base';
    case People = 'people';
    case AddOn = 'addOn';
    case Surcharge = 'surcharge';
    case Frequency = 'frequency';
    case Covered = 'covered';
    case Code = 'code';
    case Tax = 'tax';
}
