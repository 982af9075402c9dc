<?php

declare(strict_types=1);

namespace App\Support;

/** What the booking page's own address says: no answer that a link brings along is named like it. */
final class LinkWords
{
    public const RESERVED = [
        'service', 'with', 'place', 'minutes', 'party', 'then', 'wait', 'order', 'same', 'day', 'at', 'code', 'lang',
        'of', 'until', 'seal', 'mailed', 'back', 'from', 'start',
    ];
}
