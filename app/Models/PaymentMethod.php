<?php

declare(strict_types=1);

namespace App\Models;

/** The way money comes in, and goes back (rules.md L2, L3). What is taken at the desk joins here. */
enum PaymentMethod: string
{
    /** A card, on the processor's own page. */
    case Processor = 'processor';
}
