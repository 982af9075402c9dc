<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

use Brick\Math\BigDecimal;

use function array_map;

/** P11: what those who take a visit are paid for it, each in full. */
final readonly class Payroll
{
    /**
     * @param  int  $base, $people what P5 leaves of them
     * @param  FrequencyLevel|null  $level that reduces the base
     * @param  list<array{Surcharge, int}>  $surcharges that apply, with what they come to
     */
    public function __construct(
        private Tariff $tariff,
        private int $party,
        private int $base,
        private int $people,
        private ?FrequencyLevel $level,
        private array $surcharges,
    ) {
    }

    /**
     * @param  list<string>  $staff
     * @param  array<string, array<string, int|Percent>>  $rates of their own, by member and service
     * @return list<StaffShare>
     */
    public function shares(array $staff, array $rates): array
    {
        return array_map(
            fn (string $member): StaffShare => new StaffShare(
                $member,
                $this->pay($rates[$member][$this->tariff->service] ?? $this->tariff->staffPay ?? 0),
            ),
            $staff,
        );
    }

    private function pay(int|Percent $rate): int
    {
        $extra = $this->tariff->pricing->extraPeopleStaff;
        $ofLevel = $this->level?->staffAmount;
        $pay = ($ofLevel === null ? self::part($rate, $this->base) : BigDecimal::of($ofLevel))->plus(
            match (true) {
                $extra !== [] => Amounts::more($extra, $this->party),
                $rate instanceof Percent => $rate->exact($this->people),
                default => 0,
            },
        );
        foreach ($this->surcharges as [$surcharge, $amount]) {
            $pay = $pay->plus(self::part($surcharge->staff ?? 0, $amount));
        }

        return Amounts::rounded($pay);
    }

    private static function part(int|Percent $rate, int $amount): BigDecimal
    {
        return $rate instanceof Percent ? $rate->exact($amount) : BigDecimal::of($rate);
    }
}
