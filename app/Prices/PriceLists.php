<?php

declare(strict_types=1);

namespace App\Prices;

use App\Models\Business;
use App\Models\PriceVersion;
use App\Models\Service;
use App\Support\Clock;
use App\Support\CoreSentence;
use App\Support\Refusal;
use App\Times\RuleBooks;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use YardBell\Core\Price\InvalidPrice;
use YardBell\Core\Price\PriceList;
use YardBell\Core\Price\Quoting;
use YardBell\Core\Price\Tariff;

/**
 * What a business charges, as the core reckons with it; kept on this machine as its
 * rule book is (see RuleBooks). What is set up is written down by version, a row a change, so that what is booked can
 * be reckoned with again as it was (rules.md, part 5).
 */
final readonly class PriceLists
{
    public function __construct(private Repository $cache, private ConnectionInterface $db, private Clock $clock)
    {
    }

    public function of(Business $business): PriceList
    {
        return $this->now($business)->list;
    }

    /**
     * What a service costs, with its add-ons.
     *
     * @throws ModelNotFoundException
     */
    public function tariff(Business $business, string $service): Tariff
    {
        return $this->now($business)->tariffs[$service] ??
            throw (new ModelNotFoundException())->setModel(Service::class, $service);
    }

    /**
     * What is chosen with a service lengthens it by.
     *
     * @param  array<string, int>  $addOns quantity by id
     *
     * @throws Refusal where the service has no such add-on
     */
    public function extraMinutes(Business $business, string $service, array $addOns): int
    {
        if ($addOns === []) {
            return 0;
        }
        try {
            return $this->tariff($business, $service)->extraMinutes($addOns);
        } catch (InvalidPrice $wrong) {
            throw new Refusal(CoreSentence::of($wrong), 422, 'invalid');
        }
    }

    public function quoting(Business $business): Quoting
    {
        return new Quoting($this->of($business), $business->zone());
    }

    /** What holds now: it is named by what is booked under it. */
    public function version(Business $business): string
    {
        return $this->now($business)->version;
    }

    /** As it was; null: before versions were kept. */
    public function was(Business $business, ?string $version): ?PriceSettings
    {
        $row = $version === null
            ? null
            : PriceVersion::query()->where('business_id', $business->id)->where('id', $version)->first();

        return $row === null ? null : PriceSettings::kept($row->content);
    }

    private function now(Business $business): KeptPrices
    {
        $key = "price-versions-{$business->id}";
        $kept = $this->cache->get($key);
        if ($kept instanceof KeptPrices && $kept->rules === $business->rules_version) {
            return $kept;
        }
        $settings = PriceSettings::today($business);
        $now = new KeptPrices(
            $business->rules_version,
            $settings->list(),
            $settings->tariffs(),
            $this->written($business, $settings),
        );
        if ($this->db->transactionLevel() === 0) { // else the row may be rolled back
            $this->cache->forever($key, $now);
        }

        return $now;
    }

    private function written(Business $business, PriceSettings $settings): string
    {
        $content = json_encode($settings->toArray(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
        $id = substr(hash('sha256', $content), 0, 26);
        $this->db->table('price_versions')->insertOrIgnore([
            'business_id' => $business->id,
            'id' => $id,
            'content' => $content,
            'at' => $this->clock->now()->format('Y-m-d H:i:s'),
        ]);

        return $id;
    }
}
