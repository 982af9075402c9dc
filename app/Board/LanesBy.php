<?php

declare(strict_types=1);

namespace App\Board;

/** What the lanes of the Board stand for. */
enum LanesBy: string
{
    case People = 'people';
    case Places = 'places';
    case Units = 'units';
}
