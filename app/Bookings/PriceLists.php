<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Ledger\Contents\StaffPayContent;
use App\Ledger\Contents\SurchargeContent;
use App\Ledger\Contents\TaxRateContent;
use App\Models\Business;
use App\Models\Client;
use App\Models\Member;
use App\Models\Surcharge;
use App\Models\TaxRate;
use App\Support\Given;
use Illuminate\Contracts\Cache\Repository;
use YardBell\Core\Price\Percent;
use YardBell\Core\Price\PriceList;
use YardBell\Core\Price\Quoting;
use YardBell\Core\Price\Taxes;

/**
 * What a business charges beside its services' own prices, as the core reckons with it; kept on this machine as its
 * rule book is (see RuleBooks).
 */
final readonly class PriceLists
{
    public function __construct(private Repository $cache)
    {
    }

    public function of(Business $business): PriceList
    {
        $key = "prices-{$business->id}";
        $kept = $this->cache->get($key);
        if (is_array($kept) && $kept[0] === $business->rules_mark && $kept[1] instanceof PriceList) {
            return $kept[1];
        }
        $list = self::read($business);
        $this->cache->forever($key, [$business->rules_mark, $list]);

        return $list;
    }

    public function quoting(Business $business): Quoting
    {
        return new Quoting($this->of($business), $business->zone());
    }

    private static function read(Business $business): PriceList
    {
        [$rates, $surcharges] = [[], []];
        foreach (
            TaxRate::query()->where('business_id', $business->id)->orderBy('position')->orderBy('id')->get() as $row
        ) {
            $rates[$row->id] = TaxRateContent::of($row)->toCore($row->id);
        }
        foreach (
            Surcharge::query()->where('business_id', $business->id)->orderBy('position')->orderBy('id')->get() as $row
        ) {
            $surcharges[$row->id] = SurchargeContent::of($row)->toCore($row->id);
        }

        return new PriceList(
            new Taxes($business->prices_include_tax, $rates),
            $surcharges,
            staffRates: self::staffRates($business),
            clientRates: self::clientRates($business),
        );
    }

    /** @return array<string, array<string, int>> by client and service, of those who have any */
    private static function clientRates(Business $business): array
    {
        $rates = [];
        $own = Client::query()->where('business_id', $business->id)->where('rates', '<>', '[]')->get(['id', 'rates']);
        foreach ($own as $client) {
            $rates[$client->id] = array_column($client->rates, 'amount', 'service');
        }

        return $rates;
    }

    /** @return array<string, array<string, int|Percent>> by member and service */
    private static function staffRates(Business $business): array
    {
        $rates = [];
        foreach (Member::query()->where('business_id', $business->id)->get(['id', 'rates']) as $member) {
            foreach ($member->rates as $rate) {
                $rates[$member->id][$rate['service']] = StaffPayContent::from(Given::in($rate))->toCore();
            }
        }

        return $rates;
    }
}
