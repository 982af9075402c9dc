<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Language\Sentence;
use App\Messages\Announcements;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Lock;
use App\Models\Occasion;
use App\Models\Sale;
use App\Models\SaleLineKind;
use App\Payments\ReturnMoney;
use App\Prices\BookedPrices;
use App\Prices\PriceLists;
use App\Sales\NewLine;
use App\Sales\WriteLine;
use App\Support\Clock;
use App\Support\Instants;
use YardBell\Core\Booking\State;
use YardBell\Core\Price\EarlierBookings;
use YardBell\Core\Price\Frequency;
use YardBell\Core\Price\LineKind;
use YardBell\Core\Price\PriceList;
use YardBell\Core\Price\SoldItem;
use YardBell\Core\Price\Tariff;
use YardBell\Core\Price\Tax;

/**
 * Whoever books once more in a period may let the visits before cost less too (rules.md L7): a line of their sale
 * corrects them, and what that leaves overpaid becomes account credit. Within the transaction that books.
 */
final readonly class LowerEarlier
{
    public function __construct(
        private BookedPrices $prices,
        private PriceLists $lists,
        private WriteLine $write,
        private ReturnMoney $return,
        private History $history,
        private Announcements $announcements,
        private Clock $clock,
    ) {
    }

    /** @param  bool  $told whether the client is mailed of what costs less now */
    public function __invoke(Booking $booking, string $by, bool $told): void
    {
        $business = $booking->business;
        foreach ($this->corrections($business, $booking, locks: true) as $id => $less) {
            $earlier = Booking::query()->where('business_id', $business->id)->findOrFail($id);
            $this->correct($business, $earlier, $less, $by);
            if ($told) {
                $this->announcements->of($earlier, Occasion::Cheaper);
            }
        }
    }

    /** What earlier visits of a client would cost less if they booked another: minor unit, as prices are stated. */
    public function wouldTakeOff(Business $business, string $service, int $start, string $client): int
    {
        $tariff = $this->lists->tariff($business, $service);

        return array_sum($this->lowered(
            business: $business,
            tariff: $tariff,
            list: $this->lists->of($business),
            start: $start,
            client: $client,
        ));
    }

    /**
     * What earlier visits would cost less once all that is asked for together is booked.
     *
     * @param  array<int, Booking>  $asked
     * @return int minor unit, as prices are stated
     */
    public function onceBooked(array $asked): int
    {
        $less = [];
        foreach ($asked as $booking) {
            $business = $booking->business;
            foreach ($this->corrections($business, $booking, locks: false) as $id => $amount) {
                $less[$id] = max($less[$id] ?? 0, $amount);
            }
        }

        return array_sum($less);
    }

    /** @return array<string, int> by booking */
    private function corrections(Business $business, Booking $booking, bool $locks): array
    {
        if ($booking->priced_for === null) {
            return [];
        }
        [$tariff, $list] = $this->prices->of($business, $booking);
        $start = Instants::minute($booking->starts_at);

        return $this->lowered(
            business: $business,
            tariff: $tariff,
            list: $list,
            start: $start,
            client: $booking->priced_for,
            but: $booking->id,
            locks: $locks,
        );
    }

    /** @return array<string, int> by booking */
    private function lowered(
        Business $business,
        Tariff $tariff,
        PriceList $list,
        int $start,
        string $client,
        string $but = '',
        bool $locks = false,
    ): array {
        $says = array_filter($tariff->pricing->frequencies, static fn (Frequency $rule): bool => $rule->earlier);
        $hasOwn = isset($list->clientRates[$client][$tariff->service]);

        return $says === [] || $hasOwn
            ? []
            : EarlierBookings::corrections(
                $tariff,
                $start,
                $this->sold(
                    business: $business,
                    service: $tariff->service,
                    client: $client,
                    but: $but,
                    locks: $locks,
                ),
                $business->zone(),
            );
    }

    /** @return array<string, SoldItem> the client's others of the service that are booked, by booking */
    private function sold(Business $business, string $service, string $client, string $but, bool $locks): array
    {
        $others = Booking::query()
            ->where('business_id', $business->id)
            ->where('service_id', $service)
            ->where('client_id', $client)
            ->whereKeyNot($but)
            ->whereNot('state', State::Held)
            ->orderBy('id');
        $others = ($locks ? Lock::on($others) : $others)->get();
        $sold = [];
        foreach ($others as $other) {
            if ($other->state->holdsTime(null, $this->clock->minute())) {
                $sold[$other->id] = new SoldItem(
                    Instants::minute($other->starts_at),
                    $other->party,
                    self::base($other),
                );
            }
        }

        return $sold;
    }

    /** What one person pays for it: P5 reduces everybody's only where all pay the same. */
    private static function base(Booking $booking): int
    {
        $of = static fn (LineKind $kind): int => array_sum(array_column(
            array_filter($booking->lines, static fn (array $line): bool => $line['kind'] === $kind->value),
            'amount',
        ));
        $base = $of(LineKind::Base);
        $isShared = $of(LineKind::People) !== $base * ($booking->party - 1);

        return $base + intdiv($of(LineKind::Frequency), $isShared ? 1 : $booking->party);
    }

    /** @param  int  $less as the business states prices */
    private function correct(Business $business, Booking $booking, int $less, string $by): void
    {
        $sale = Lock::on(Sale::query()->whereKey($booking->sale_id))->firstOrFail();
        [$tariff, $list] = $this->prices->of($business, $booking);
        $taxes = $list->taxes->on(0, $less, $tariff->pricing->taxRates);
        $isIncluded = $list->taxes->included;
        $tax = array_sum(array_map(static fn (Tax $one): int => $one->amount, $taxes));
        $off = $isIncluded ? $less : $less + $tax;
        $net = $off - $tax;
        $why = (new Sentence('history.cheaper'))->text();
        $rates = array_map(static fn (Tax $one): array => [
            'name' => $one->rate->name,
            'percent' => $one->rate->percent->written(),
            'included' => $isIncluded,
            'net' => -$net,
            'amount' => -$one->amount,
        ], $taxes);
        ($this->write)(
            $sale,
            new NewLine(
                kind: SaleLineKind::Discount,
                label: $booking->service_name,
                amount: -$off,
                taxes: $rates,
                why: $why,
                booking: $booking->id,
            ),
            $by,
        );
        $lines = [...$booking->lines, [
            'kind' => LineKind::Frequency->value,
            'label' => $booking->service_name,
            'amount' => -$less,
        ]];
        foreach ($isIncluded ? [] : $taxes as $one) {
            $lines[] = [
                'kind' => LineKind::Tax->value,
                'label' => $one->rate->name,
                'amount' => -$one->amount,
                'id' => $one->rate->id,
                'line' => 0,
            ];
        }
        $booking->update([
            'price' => $booking->price - $off,
            'lines' => $lines,
            'taxes' => self::added($booking->taxes, $rates),
        ]);
        $this->return->asCredit(sale: $sale, most: $off, why: $why, by: $by, booking: $booking->id);
        $this->history->changed($booking, $by, $why);
    }

    /**
     * @param  list<array{name: string, percent: string, included: bool, net: int, amount: int}>  $taxes
     * @param  list<array{name: string, percent: string, included: bool, net: int, amount: int}>  $less
     * @return list<array{name: string, percent: string, included: bool, net: int, amount: int}>
     */
    private static function added(array $taxes, array $less): array
    {
        foreach ($less as $one) {
            foreach ($taxes as $i => $tax) {
                if ([$tax['name'], $tax['percent']] === [$one['name'], $one['percent']]) {
                    $taxes[$i] = [
                        ...$tax,
                        'net' => $tax['net'] + $one['net'],
                        'amount' => $tax['amount'] + $one['amount'],
                    ];
                }
            }
        }

        return $taxes;
    }
}
