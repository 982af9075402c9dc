<?php

declare(strict_types=1);

namespace App\Offer;

use App\Bookings\QuoteColumns;
use App\Language\Catalogue;
use App\Models\AddOn;
use App\Models\Business;
use App\Models\Service;
use App\Offer\Contents\ServiceContent;
use App\Prices\CodeUses;
use App\Prices\PriceLists;
use App\Prices\Tariffs;
use App\Support\Clock;
use Illuminate\Database\Eloquent\Collection;
use YardBell\Core\Price\Client;
use YardBell\Core\Price\CodeUse;
use YardBell\Core\Price\InvalidPrice;
use YardBell\Core\Price\Item;
use YardBell\Core\Price\KnownBooking;
use YardBell\Core\Price\Order;
use YardBell\Core\Price\Quote;
use YardBell\Core\Price\Quoting;
use YardBell\Core\Price\StaffShare;

/** What a visit costs by prices that are being set, beside what it costs by those that are saved. */
final readonly class DraftedQuote
{
    public function __construct(
        private PriceLists $lists,
        private CodeUses $uses,
        private Catalogue $catalogue,
        private Clock $clock,
    ) {
    }

    /** @return array{before: array<string, mixed>|null, after: array<string, mixed>|null} null: there is no price */
    public function of(Business $business, string $id, ServiceContent $content, QuoteAsked $asked): array
    {
        $saved = Service::query()->where('business_id', $business->id)->find($id);
        $addOns = AddOn::query()->where('business_id', $business->id)->orderBy('position')->orderBy('id')->get();

        return [
            'before' => $saved === null ? null : $this->quoted($business, $saved, $addOns, $asked),
            'after' => $this->quoted($business, self::drafted($id, $content), $addOns, $asked),
        ];
    }

    private static function drafted(string $id, ServiceContent $content): Service
    {
        return new Service(['id' => $id, ...$content->columns()]);
    }

    /**
     * A session is taken to last as long as its service says.
     *
     * @param  Collection<int, AddOn>  $addOns of the business
     * @return array<string, mixed>|null
     */
    private function quoted(Business $business, Service $service, Collection $addOns, QuoteAsked $asked): ?array
    {
        $tariff = Tariffs::with($service, $addOns);
        $isSession = $tariff->lengths === null;
        $list = $this->lists->of($business);
        $list = $list->withCodes($this->uses->counted($business));
        $start = $business->zone()->first($asked->wall);
        $visit = new Item(
            $isSession ? $service->minutes : $asked->minutes,
            $asked->staff === null ? [] : [$asked->staff],
            $asked->party,
            array_intersect_key($asked->addOns, $tariff->addOns),
            start: $start,
            isSession: $isSession,
        );
        $order = new Order(
            $asked->client === null ? null : new Client($asked->client, $list->clientRates[$asked->client] ?? []),
            day: $business->zone()->day($this->clock->minute()),
            codes: $asked->codes,
            others: array_fill(0, $asked->visit - 1, new KnownBooking($tariff->service, $start)),
        );
        try {
            $quote = (new Quoting($list, $business->zone()))->quote($tariff, $visit, $order);
        } catch (InvalidPrice) {
            return null; // it has no such length any more, or not yet
        }
        $why = new LineWhy(
            catalogue: $this->catalogue,
            business: $business,
            list: $list,
            tariff: $tariff,
            visit: $visit,
            nth: $asked->visit,
        );

        return $this->shown($quote, $why);
    }

    /** @return array<string, mixed> */
    private function shown(Quote $quote, LineWhy $why): array
    {
        $lines = [];
        foreach (QuoteColumns::lines($quote) as $at => $line) {
            $lines[] = [...$line, 'why' => $why->of($quote->lines, $at)];
        }

        return [
            'priced' => $quote->isPriced(),
            'lines' => $lines,
            'includedTax' => QuoteColumns::includedTax($quote),
            'total' => $quote->total ?? 0,
            'dueNow' => $quote->dueNow,
            'keepsCard' => $quote->keepsCard,
            'staffPay' => array_map(
                static fn (StaffShare $share): array => ['staff' => $share->staff, 'amount' => $share->amount],
                $quote->staffPay,
            ),
            'codes' => array_map(
                fn (CodeUse $use): array => [
                    'code' => $use->named,
                    'applied' => $use->isApplied(),
                    'why' => $use->reason === null ? null : $this->catalogue->say("refusal.code.{$use->reason->value}"),
                ],
                $quote->codes,
            ),
        ];
    }
}
