<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use YardBell\Core\Availability\Service;
use YardBell\Core\Price\OfferCode;
use YardBell\Core\Price\Percent;
use YardBell\Core\Price\PriceList;
use YardBell\Core\Price\Surcharge;
use YardBell\Core\Price\SurchargeWhen;
use YardBell\Core\Price\Taxes;
use YardBell\Core\Price\TaxRate;
use YardBell\Core\Time\Hours;
use YardBell\Core\Time\InvalidTime;
use YardBell\Core\Time\Wall;

use function array_column;
use function array_search;
use function in_array;
use function is_string;

/** Reads what a business charges beside its services' own prices (rules.md P1, P4, P7, P8, P11). */
final readonly class PriceListReader
{
    private const SURCHARGE = [
        'id',
        'name',
        'when',
        'hours',
        'weekdays',
        'dates',
        'amount',
        'percent',
        'staffAmount',
        'staffPercent',
    ];

    private const CODE = [
        'id',
        'code',
        'percent',
        'amount',
        'services',
        'from',
        'until',
        'minimum',
        'uses',
        'used',
        'usesPerClient',
        'usedBy',
        'firstVisitOnly',
        'includesExtras',
        'combines',
    ];

    /** Most uses of a code, and most visits. */
    private const MOST = 1_000_000_000;

    /**
     * @param  array<string, Service>  $services
     * @param  array<string, string>  $clients names by id
     */
    public function __construct(private TimeReader $times, private array $services, private array $clients)
    {
    }

    public function list(Node $document, Node $business): PriceList
    {
        return new PriceList(
            taxes: new Taxes($business->flag('pricesIncludeTax', false), $this->taxRates($business)),
            surcharges: $this->surcharges($business),
            codes: $this->codes($document),
            staffRates: $this->staffRates($document),
            clientRates: $this->clientRates($document),
        );
    }

    /** @return array<string, TaxRate> */
    private function taxRates(Node $business): array
    {
        $rates = [];
        foreach ($business->nodes('taxRates', ['id', 'name', 'percent']) as $node) {
            $id = Reader::newId($node, $rates);
            $rates[$id] = new TaxRate($id, $node->text('name', $id), AmountReader::percent($node, 'percent'));
        }

        return $rates;
    }

    /** @return array<string, Surcharge> */
    private function surcharges(Node $business): array
    {
        $surcharges = [];
        foreach ($business->nodes('surcharges', self::SURCHARGE) as $node) {
            $id = Reader::newId($node, $surcharges);
            if (! $node->has('when')) {
                $node->refuse('when', 'it is missing.');
            }
            $when = SurchargeWhen::from(
                $node->choice('when', array_column(SurchargeWhen::cases(), 'value'), 'outside_hours'),
            );
            $needs = match ($when) {
                SurchargeWhen::OutsideHours => 'hours',
                SurchargeWhen::Weekdays => 'weekdays',
                SurchargeWhen::Dates => 'dates',
            };
            if (! $node->has($needs)) {
                $node->refuse($needs, 'it is missing.');
            }
            $hours = $this->times->weekly($node, 'hours');
            $surcharges[$id] = new Surcharge(
                id: $id,
                name: $node->text('name', $id),
                when: $when,
                hours: $hours === null ? null : new Hours($hours),
                weekdays: $this->weekdays($node),
                days: $this->days($node),
                charge: AmountReader::either($node),
                staff: AmountReader::eitherOrNull($node, 'staffAmount', 'staffPercent'),
            );
        }

        return $surcharges;
    }

    /** @return list<int> 0 for Monday */
    private function weekdays(Node $node): array
    {
        $weekdays = [];
        foreach ($node->items('weekdays') as $i => $name) {
            $weekday = array_search($name, Wall::WEEKDAYS, true);
            if ($weekday === false || in_array($weekday, $weekdays, true)) {
                $node->problems->add(
                    "{$node->at('weekdays')}/{$i}",
                    $weekday === false ? 'one of mon to sun is needed.' : 'it stands here twice.',
                );
            } else {
                $weekdays[] = $weekday;
            }
        }

        return $weekdays;
    }

    /** @return list<int> day numbers */
    private function days(Node $node): array
    {
        $days = [];
        foreach ($node->items('dates') as $i => $date) {
            try {
                $day = Wall::day(is_string($date) ? $date : '');
            } catch (InvalidTime $wrong) {
                $node->problems->add("{$node->at('dates')}/{$i}", $wrong->getMessage());

                continue;
            }
            if (in_array($day, $days, true)) {
                $node->problems->add("{$node->at('dates')}/{$i}", 'it stands here twice.');
            }
            $days[] = $day;
        }

        return $days;
    }

    /** @return array<string, OfferCode> */
    private function codes(Node $document): array
    {
        $codes = [];
        foreach ($document->nodes('codes', self::CODE) as $node) {
            $id = Reader::newId($node, $codes);
            $text = $node->text('code');
            foreach ($codes as $other) {
                if ($text !== '' && OfferCode::isSame($text, $other->code)) {
                    $node->refuse('code', "\"{$text}\" is the same as code \"{$other->code}\".");
                }
            }
            if ($node->has('services') && $node->items('services') === []) {
                $node->refuse('services', 'a code names services, or all by null; an empty list would be for none.');
            }
            $codes[$id] = new OfferCode(
                id: $id,
                code: $text,
                off: AmountReader::either($node),
                services: $node->has('services') ? $node->ids('services', $this->services, 'service') : null,
                fromDay: $node->dayOrNull('from'),
                untilDay: $node->dayOrNull('until'),
                minimum: AmountReader::amountOrNull($node, 'minimum') ?? 0,
                uses: $node->numberOrNull('uses', 0, self::MOST),
                used: $node->number('used', 0, self::MOST, 0),
                usesPerClient: $node->numberOrNull('usesPerClient', 0, self::MOST),
                usedBy: AmountReader::table($node, 'usedBy', $this->clients, 'client'),
                firstVisitOnly: $node->flag('firstVisitOnly', false),
                includesExtras: $node->flag('includesExtras', false),
                combines: $node->flag('combines', false),
            );
        }

        return $codes;
    }

    /** @return array<string, array<string, int|Percent>> by member and service */
    private function staffRates(Node $document): array
    {
        $rates = [];
        foreach ($document->again('staff', ['rates']) as $member => $node) {
            [$table, $names] = AmountReader::named($node, 'rates', $this->services, 'service') ?? [$node, []];
            foreach ($names as $service) {
                $rate = $table->node($service, ['percent', 'amount']);
                if ($rate !== null) {
                    $rates[$member][$service] = AmountReader::either($rate);
                }
            }
        }

        return $rates;
    }

    /** @return array<string, array<string, int>> by client and service */
    private function clientRates(Node $document): array
    {
        $rates = [];
        foreach ($document->again('clients', ['rates']) as $client => $node) {
            $rates[$client] = AmountReader::table($node, 'rates', $this->services, 'service');
        }

        return array_filter($rates);
    }
}
