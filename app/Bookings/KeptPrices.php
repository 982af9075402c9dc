<?php

declare(strict_types=1);

namespace App\Bookings;

use YardBell\Core\Price\PriceList;

/** A business's price list as it was read last, under which mark of its set-up, and the version it is written down as. */
final readonly class KeptPrices
{
    public function __construct(public ?string $mark, public PriceList $list, public string $version)
    {
    }
}
