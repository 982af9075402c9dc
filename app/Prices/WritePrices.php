<?php

declare(strict_types=1);

namespace App\Prices;

use App\Models\AddOn;
use App\Models\Business;
use App\Support\Ids;
use YardBell\Core\Price\AddOn as PricedAddOn;
use YardBell\Core\Price\Frequency;
use YardBell\Core\Price\FrequencyLevel;
use YardBell\Core\Price\Percent;
use YardBell\Core\Price\Pricing;
use YardBell\Core\Price\Tariff;
use YardBell\Core\Scenario\Scenario;

/** Writes what a document's services cost. */
final readonly class WritePrices
{
    /**
     * @param  bool  $hasSessions a session lasts as long as it is scheduled, so its service has one amount
     * @return array<string, mixed> columns of the service
     */
    public static function columns(Tariff $tariff, Ids $ids, bool $hasSessions): array
    {
        $pricing = $tariff->pricing;
        if ($hasSessions) {
            $pricing = new Pricing(
                kind: $pricing->kind,
                amount: $pricing->amount ?? $pricing->base($tariff->lengths, null, []),
                byMinutes: [],
                perStep: null,
                byStaff: $pricing->byStaff,
                perPerson: $pricing->perPerson,
                extraPeople: $pricing->extraPeople,
                extraPeopleStaff: $pricing->extraPeopleStaff,
                frequencies: $pricing->frequencies,
                excludeSurcharges: $pricing->excludeSurcharges,
                taxRates: $pricing->taxRates,
            );
        }
        $deposit = $tariff->payment->deposit;

        return [
            'pricing' => [
                'kind' => $pricing->kind->value,
                'amount' => $pricing->amount ?? 0,
                'byMinutes' => array_map(
                    static fn (int $minutes, int $amount): array => ['minutes' => $minutes, 'amount' => $amount],
                    array_keys($pricing->byMinutes),
                    $pricing->byMinutes,
                ),
                'perStep' => $pricing->perStep,
                'byStaff' => array_map(
                    static fn (string $member, int $amount): array => [
                        'staff' => $ids->of('staff', $member),
                        'amount' => $amount,
                    ],
                    array_map(strval(...), array_keys($pricing->byStaff)),
                    $pricing->byStaff,
                ),
                'perPerson' => $pricing->perPerson,
                'extraPeople' => $pricing->extraPeople,
                'extraPeopleStaff' => $pricing->extraPeopleStaff,
                'frequency' => array_map(self::frequency(...), $pricing->frequencies),
                'excludeSurcharges' => $ids->all('surcharges', $pricing->excludeSurcharges),
                'taxRates' => $ids->all('tax_rates', $pricing->taxRates),
            ],
            'payment_terms' => [
                'kind' => $tariff->payment->kind->value,
                'amount' => $deposit instanceof Percent ? null : $deposit,
                'percent' => $deposit instanceof Percent ? $deposit->written() : null,
            ],
            'staff_pay' => match (true) {
                $tariff->staffPay === null => null,
                $tariff->staffPay instanceof Percent => ['amount' => null, 'percent' => $tariff->staffPay->written()],
                default => ['amount' => $tariff->staffPay, 'percent' => null],
            },
        ];
    }

    /**
     * @return array{
     *     period: string, levels: list<array{from: int, amount: int, staffAmount: int|null}>, earlier: bool,
     * }
     */
    private static function frequency(Frequency $frequency): array
    {
        return [
            'period' => $frequency->period->value,
            'levels' => array_map(
                static fn (FrequencyLevel $level): array => [
                    'from' => $level->from,
                    'amount' => $level->amount,
                    'staffAmount' => $level->staffAmount,
                ],
                $frequency->levels,
            ),
            'earlier' => $frequency->earlier,
        ];
    }

    /**
     * @return list<string> what a document says of money that cannot be set up here yet, so that it is not lost in
     *   silence
     */
    public static function leftOut(Scenario $scenario): array
    {
        return array_keys(
            array_filter([
                'rates of clients' => $scenario->prices->clientRates !== [],
            ]),
        );
    }

    /**
     * In a document every service lists its own add-ons; here one that is the same with several services is one. What
     * the document no longer has goes: a booking keeps the line it was sold with.
     */
    public function addOns(Business $business, Scenario $scenario, Ids $ids): void
    {
        $services = [];
        $written = [];
        foreach ($scenario->tariffs as $service => $tariff) {
            foreach ($tariff->addOns as $addOn) {
                $name = $this->name($written, $addOn);
                $written[$name] = $addOn;
                $services[$name][] = $ids->of('services', (string) $service);
            }
        }
        $position = 0;
        foreach ($written as $name => $addOn) {
            AddOn::query()->updateOrCreate(
                ['business_id' => $business->id, 'id' => $ids->of('add_ons', (string) $name)],
                [
                    'name' => $addOn->name,
                    'price' => $addOn->amount,
                    'minutes' => $addOn->minutes,
                    'per_person' => $addOn->perPerson,
                    'tax_rates' => $ids->all('tax_rates', $addOn->taxRates),
                    'position' => $position++,
                    'services' => count($services[$name]) === count($scenario->tariffs) ? null : $services[$name],
                ],
            );
        }
        AddOn::query()->where('business_id', $business->id)->whereNotIn('id', $ids->taken('add_ons'))->delete();
    }

    /**
     * The id, or another where this id means something else with another service.
     *
     * @param  array<string, PricedAddOn>  $written
     */
    private function name(array $written, PricedAddOn $addOn): string
    {
        for (
            $name = $addOn->id, $i = 2;
            isset($written[$name]) && $written[$name] != $addOn;
            $name = "{$addOn->id} {$i}", $i++
        );

        return $name;
    }
}
