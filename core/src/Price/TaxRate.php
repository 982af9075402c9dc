<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

/** A rate of a tax, as the business calls it. */
final readonly class TaxRate
{
    public function __construct(public string $id, public string $name, public Percent $percent)
    {
    }
}
