<?php

declare(strict_types=1);

namespace App\Bookings;

use YardBell\Core\Price\PriceList;

/** A business's price list as it was read last: under which mark of its set-up, and as which version it is kept. */
final readonly class KeptPrices
{
    public function __construct(public ?string $mark, public PriceList $list, public string $version)
    {
    }
}
