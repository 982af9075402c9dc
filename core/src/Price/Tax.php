<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

/** The tax of one rate on one line of a quote. */
final readonly class Tax
{
    /** @param  int  $line index of the line taxed */
    public function __construct(public TaxRate $rate, public int $line, public int $amount)
    {
    }
}
