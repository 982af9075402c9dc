<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use YardBell\Core\Price\AddOn;
use YardBell\Core\Price\Percent;
use YardBell\Core\Price\Tariff;

use function array_map;
use function array_values;

/** Writes what a service costs into the document. */
final class PriceWriter
{
    /**
     * @return array{pricing: array<string, mixed>, payment: array<string, mixed>, addOns?: list<array<string, mixed>>}
     */
    public static function tariff(Tariff $tariff): array
    {
        $pricing = $tariff->pricing;
        $deposit = $tariff->payment->deposit;

        return [
            'pricing' => Writer::some([
                'kind' => $pricing->kind->value,
                'amount' => $pricing->amount,
                'byMinutes' => $pricing->byMinutes === [] ? null : (object) $pricing->byMinutes,
                'perStep' => $pricing->perStep,
                'byStaff' => $pricing->byStaff === [] ? null : (object) $pricing->byStaff,
                'perPerson' => $pricing->perPerson ?: null,
                'extraPeople' => $pricing->extraPeople,
            ]),
            'payment' => Writer::some([
                'kind' => $tariff->payment->kind->value,
                'percent' => $deposit instanceof Percent ? $deposit->written() : null,
                'amount' => $deposit instanceof Percent ? null : $deposit,
            ]),
        ] + ($tariff->addOns === [] ? [] : ['addOns' => array_map(self::addOn(...), array_values($tariff->addOns))]);
    }

    /** @return array<string, mixed> */
    private static function addOn(AddOn $addOn): array
    {
        return [
            'id' => $addOn->id,
            'name' => $addOn->name,
            'amount' => $addOn->amount,
            'minutes' => $addOn->minutes,
            'perPerson' => $addOn->perPerson,
        ];
    }
}
