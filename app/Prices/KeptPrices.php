<?php

declare(strict_types=1);

namespace App\Prices;

use YardBell\Core\Price\PriceList;
use YardBell\Core\Price\Tariff;

/** What a business charges, as it was read last: of which version of its rules, and as which version it is kept. */
final readonly class KeptPrices
{
    /** @param  array<string, Tariff>  $tariffs by service */
    public function __construct(
        public ?string $rules,
        public PriceList $list,
        public array $tariffs,
        public string $version,
    ) {
    }
}
