<?php

declare(strict_types=1);

namespace App\Models;

/** On which day the tax of what is sold counts: the owner chooses once, as their country has it. */
enum TaxDay: string
{
    case Booked = 'booked';
    case Visited = 'visited';
    case Paid = 'paid';

    /** Countries where small businesses owe tax on what has been paid to them. */
    private const PAID = ['US', 'CA', 'AU', 'NZ', 'IN'];

    /** @param  string  $locale "en-GB": what most of that country's businesses do */
    public static function usual(string $locale): self
    {
        return in_array(strtoupper(substr($locale, -2)), self::PAID, true) ? self::Paid : self::Visited;
    }
}
