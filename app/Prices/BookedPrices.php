<?php

declare(strict_types=1);

namespace App\Prices;

use App\Models\Booking;
use App\Models\Business;
use App\Models\Service;
use YardBell\Core\Price\PriceList;
use YardBell\Core\Price\Tariff;

/**
 * A booking keeps the prices it was made under (rules.md, part 5). What those lack costs what it costs today.
 */
final readonly class BookedPrices
{
    public function __construct(private PriceLists $lists, private Tariffs $tariffs)
    {
    }

    /** @return array{Tariff, PriceList} */
    public function of(Business $business, Booking $booking): array
    {
        $isOfToday = $booking->price_version === $this->lists->version($business);
        $then = $isOfToday ? null : $this->lists->was($business, $booking->price_version);
        [$tariff, $list] = $then?->or(PriceSettings::today($business), $booking->service_id) ?? [null, null];

        return [
            $tariff ?? $this->tariffs->of(Service::known($booking->business_id, $booking->service_id)),
            $list ?? $this->lists->of($business),
        ];
    }
}
