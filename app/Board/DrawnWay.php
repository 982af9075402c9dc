<?php

declare(strict_types=1);

namespace App\Board;

/** What a drawn stretch is to be. */
enum DrawnWay: string
{
    /** Time off, or blocked for whatever reason. */
    case Off = 'off';
    case Open = 'open';
    case Closed = 'closed';
}
