<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

use YardBell\Core\Availability\Fault;
use YardBell\Core\Availability\Finding;
use YardBell\Core\Availability\Service;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\Zone;

use function array_map;
use function array_merge;
use function array_values;
use function count;
use function in_array;

/** What of the prices can never come into effect, though nothing is wrong with how it is said. */
final readonly class CheckPrices
{
    /** A Monday, as a day number. */
    private const MONDAY = 20_878;

    /**
     * @param  array<string, Tariff>  $tariffs by service
     * @param  array<string, Service>  $services
     */
    public function __construct(private PriceList $list, private array $tariffs, private array $services)
    {
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        return [
            ...$this->rates(),
            ...$this->surcharges(),
            ...array_merge(...array_map($this->levels(...), array_values($this->tariffs))),
            ...$this->codes(),
        ];
    }

    /** @return list<Finding> rates that no price names */
    private function rates(): array
    {
        $named = [];
        foreach ($this->tariffs as $tariff) {
            array_push($named, ...$tariff->pricing->taxRates);
            foreach ($tariff->addOns as $addOn) {
                array_push($named, ...$addOn->taxRates);
            }
        }
        $findings = [];
        foreach (array_values($this->list->taxes->rates) as $at => $rate) {
            if (! in_array($rate->id, $named, true)) {
                $findings[] = self::ofBusiness("/taxRates/{$at}", Fault::RateUnnamed, $rate->name);
            }
        }

        return $findings;
    }

    /** @return list<Finding> surcharges for no hour of any week and no date */
    private function surcharges(): array
    {
        $findings = [];
        foreach (array_values($this->list->surcharges) as $at => $surcharge) {
            $never = match ($surcharge->when) {
                SurchargeWhen::OutsideHours => self::isAlwaysWithin($surcharge),
                SurchargeWhen::Weekdays => $surcharge->weekdays === [],
                SurchargeWhen::Dates => $surcharge->days === [],
            };
            if ($never) {
                $findings[] = self::ofBusiness("/surcharges/{$at}", Fault::SurchargeNever, $surcharge->name);
            }
        }

        return $findings;
    }

    private static function isAlwaysWithin(Surcharge $surcharge): bool
    {
        $week = [self::MONDAY * Wall::DAY, (self::MONDAY + 7) * Wall::DAY];
        $stretch = $surcharge->hours
            ?->between(self::MONDAY - 1, self::MONDAY + 7, Zone::named('UTC'))
            ->stretchAt($week[0]);

        return $stretch !== null && $stretch[1] >= $week[1];
    }

    /** @return list<Finding> levels that are not below any price of the service */
    private function levels(Tariff $tariff): array
    {
        $span = $tariff->span($this->services[$tariff->service]->staff);
        $findings = [];
        $rules = $tariff->pricing->frequencies;
        foreach ($rules as $rule => $frequency) {
            $under = count($rules) === 1 ? '/pricing/frequency' : "/pricing/frequency/{$rule}"; // as it is written
            foreach ($frequency->levels as $at => $level) {
                if ($span === null || $level->amount >= $span[1]) {
                    $findings[] = new Finding(
                        list: 'services',
                        id: $tariff->service,
                        part: "{$under}/levels/{$at}",
                        fault: Fault::LevelNever,
                        facts: ['name' => $tariff->name, 'visits' => $level->from],
                    );
                }
            }
        }

        return $findings;
    }

    /** @return list<Finding> codes that end before they begin */
    private function codes(): array
    {
        $findings = [];
        foreach ($this->list->codes as $code) {
            if ($code->fromDay !== null && $code->untilDay !== null && $code->untilDay < $code->fromDay) {
                $findings[] = new Finding(
                    list: 'codes',
                    id: $code->id,
                    part: '/until',
                    fault: Fault::CodeNever,
                    facts: ['name' => $code->code],
                );
            }
        }

        return $findings;
    }

    private static function ofBusiness(string $part, Fault $fault, string $name): Finding
    {
        return new Finding(list: 'business', id: null, part: $part, fault: $fault, facts: ['name' => $name]);
    }
}
