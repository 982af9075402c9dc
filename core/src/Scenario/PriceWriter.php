<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use YardBell\Core\Price\AddOn;
use YardBell\Core\Price\Frequency;
use YardBell\Core\Price\FrequencyLevel;
use YardBell\Core\Price\OfferCode;
use YardBell\Core\Price\Percent;
use YardBell\Core\Price\PriceList;
use YardBell\Core\Price\Pricing;
use YardBell\Core\Price\Surcharge;
use YardBell\Core\Price\Tariff;
use YardBell\Core\Price\TaxRate;
use YardBell\Core\Time\Wall;

use function array_map;
use function array_values;
use function count;

/** Writes what is charged into the document. */
final class PriceWriter
{
    /** @return array<string, mixed> what a service says of it */
    public static function tariff(Tariff $tariff): array
    {
        return Writer::some([
            'pricing' => self::pricing($tariff->pricing),
            'payment' => ['kind' => $tariff->payment->kind->value] + self::either($tariff->payment->deposit),
            'addOns' => array_map(self::addOn(...), array_values($tariff->addOns)),
            'staffPay' => self::either($tariff->staffPay),
        ]);
    }

    /** @return array<string, mixed> what the business says of it */
    public static function business(PriceList $list): array
    {
        return Writer::some([
            'pricesIncludeTax' => $list->taxes->included ?: null,
            'taxRates' => array_map(
                static fn (TaxRate $rate): array => [
                    'id' => $rate->id,
                    'name' => $rate->name,
                    'percent' => $rate->percent->written(),
                ],
                array_values($list->taxes->rates),
            ),
            'surcharges' => array_map(self::surcharge(...), array_values($list->surcharges)),
        ]);
    }

    /** @return list<array<string, mixed>> */
    public static function codes(PriceList $list): array
    {
        return array_map(self::code(...), array_values($list->codes));
    }

    /** @return array{rates?: object} what a member of staff says of it */
    public static function member(PriceList $list, string $member): array
    {
        $rates = array_map(self::either(...), $list->staffRates[$member] ?? []);

        return $rates === [] ? [] : ['rates' => (object) $rates];
    }

    /** @return array{rates?: object} what a client says of it */
    public static function client(PriceList $list, string $client): array
    {
        $rates = $list->clientRates[$client] ?? [];

        return $rates === [] ? [] : ['rates' => (object) $rates];
    }

    /** @return array<string, mixed> */
    private static function pricing(Pricing $pricing): array
    {
        return Writer::some([
            'kind' => $pricing->kind->value,
            'amount' => $pricing->amount,
            'byMinutes' => $pricing->byMinutes === [] ? null : (object) $pricing->byMinutes,
            'perStep' => $pricing->perStep,
            'byStaff' => $pricing->byStaff === [] ? null : (object) $pricing->byStaff,
            'perPerson' => $pricing->perPerson ?: null,
            'extraPeople' => $pricing->extraPeople,
            'extraPeopleStaff' => $pricing->extraPeopleStaff,
            'frequency' => self::frequencies($pricing->frequencies),
            'excludeSurcharges' => $pricing->excludeSurcharges,
            'taxRates' => $pricing->taxRates,
        ]);
    }

    /**
     * One alone is written as such.
     *
     * @param  list<Frequency>  $rules
     * @return array<array-key, mixed>
     */
    private static function frequencies(array $rules): array
    {
        $written = array_map(self::frequency(...), $rules);

        return count($written) === 1 ? $written[0] : $written;
    }

    /** @return array<string, mixed> */
    private static function frequency(Frequency $frequency): array
    {
        return [
            'period' => $frequency->period->value,
            'levels' => array_map(
                static fn (FrequencyLevel $level): array => Writer::some([
                    'from' => $level->from,
                    'amount' => $level->amount,
                    'staffAmount' => $level->staffAmount,
                ]),
                $frequency->levels,
            ),
        ] + Writer::some(['earlier' => $frequency->earlier ?: null]);
    }

    /** @return array<string, mixed> */
    private static function addOn(AddOn $addOn): array
    {
        return Writer::some([
            'id' => $addOn->id,
            'name' => $addOn->name,
            'amount' => $addOn->amount,
            'minutes' => $addOn->minutes,
            'perPerson' => $addOn->perPerson,
            'taxRates' => $addOn->taxRates,
        ]);
    }

    /** @return array<string, mixed> */
    private static function surcharge(Surcharge $surcharge): array
    {
        return Writer::some([
            'id' => $surcharge->id,
            'name' => $surcharge->name,
            'when' => $surcharge->when->value,
            'hours' => $surcharge->hours === null ? null : Writer::weekly($surcharge->hours->weekly()),
            'weekdays' => array_map(static fn (int $weekday): string => Wall::WEEKDAYS[$weekday], $surcharge->weekdays),
            'dates' => array_map(Wall::date(...), $surcharge->days),
            ...self::either($surcharge->charge),
            ...self::either($surcharge->staff, 'staffAmount', 'staffPercent'),
        ]);
    }

    /** @return array<string, mixed> */
    private static function code(OfferCode $code): array
    {
        return Writer::some([
            'id' => $code->id,
            'code' => $code->code,
            ...self::either($code->off),
            'services' => $code->services,
            'from' => $code->fromDay === null ? null : Wall::date($code->fromDay),
            'until' => $code->untilDay === null ? null : Wall::date($code->untilDay),
            'minimum' => $code->minimum,
            'uses' => $code->uses,
            'used' => $code->used,
            'usesPerClient' => $code->usesPerClient,
            'usedBy' => $code->usedBy === [] ? null : (object) $code->usedBy,
            'firstVisitOnly' => $code->firstVisitOnly,
            'includesExtras' => $code->includesExtras,
            'combines' => $code->combines,
        ]);
    }

    /** @return array<string, int|string> */
    private static function either(
        int|Percent|null $value,
        string $amount = 'amount',
        string $percent = 'percent',
    ): array {
        return match (true) {
            $value === null => [],
            $value instanceof Percent => [$percent => $value->written()],
            default => [$amount => $value],
        };
    }
}
