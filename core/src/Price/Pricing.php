<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

use YardBell\Core\Availability\Lengths;

use function array_filter;
use function array_map;
use function intdiv;
use function max;

/** P1 and P2: what a service costs, by its length, by who does it and for how many. Amounts in the minor unit. */
final readonly class Pricing
{
    /**
     * @param  int|null  $amount of a service with one length; what is shown where the price is "from …"
     * @param  array<int, int>  $byMinutes amount by length, for a list of lengths
     * @param  int|null  $perStep amount for each step of the length that is begun, for a length of the client's own
     * @param  array<string, int>  $byStaff amount by staff member, in place of the service's for every length
     * @param  bool  $perPerson everyone costs as much as the first
     * @param  list<int>  $extraPeople what the second costs, the third, …; everyone after the last as much as the last
     * @param  list<int>  $extraPeopleStaff what staff get for them, likewise (rules.md P11); none: their share of it
     * @param  list<Frequency>  $frequencies of different periods
     * @param  list<string>  $excludeSurcharges of the business, that are not on this service
     * @param  list<string>  $taxRates on base, people and surcharges
     *
     * @throws InvalidPrice
     */
    public function __construct(
        public PriceKind $kind,
        public ?int $amount = null,
        public array $byMinutes = [],
        public ?int $perStep = null,
        public array $byStaff = [],
        public bool $perPerson = false,
        public array $extraPeople = [],
        public array $extraPeopleStaff = [],
        public array $frequencies = [],
        public array $excludeSurcharges = [],
        public array $taxRates = [],
    ) {
        foreach (
            [
                'amount' => [$amount ?? 0],
                'a length' => $byMinutes,
                'a step' => [$perStep ?? 0],
                'a staff member' => $byStaff,
                'a person more' => $extraPeople,
                'staff for a person more' => $extraPeopleStaff,
            ] as $what => $amounts
        ) {
            foreach ($amounts as $one) {
                $one >= 0 ?: throw InvalidPrice::amount($what, $one);
            }
        }
        if ($perPerson && $extraPeople !== []) {
            throw InvalidPrice::twoWaysForPeople();
        }
    }

    public static function free(): self
    {
        return new self(PriceKind::Free);
    }

    /**
     * What one person pays: the highest of what those who take it cost.
     *
     * @param  int|null  $minutes without add-ons; null: the service's own
     * @param  list<string>  $staff who take it; nobody yet: the service's own price
     * @return int|null null: settled at the desk
     *
     * @throws InvalidPrice if there is no price for this length
     */
    public function base(?Lengths $lengths, ?int $minutes, array $staff): ?int
    {
        $own = $this->kind->isSettledLater() ? null : $this->ofLength($lengths, $minutes);
        $amounts = array_filter(
            array_map(fn (string $member): ?int => $this->byStaff[$member] ?? $own, $staff),
            static fn (?int $amount): bool => $amount !== null,
        );

        return $amounts === [] ? $own : max($amounts);
    }

    /** P2: what those cost who come along. */
    public function more(int $base, int $party): int
    {
        return $this->perPerson ? Amounts::times($base, $party - 1) : Amounts::more($this->extraPeople, $party);
    }

    private function ofLength(?Lengths $lengths, ?int $minutes): int
    {
        $minutes ??= $lengths?->named(null);

        return match (true) {
            $this->kind === PriceKind::Free => 0,
            $this->perStep !== null && $lengths !== null && $minutes !== null => Amounts::times(
                $this->perStep,
                intdiv($minutes + $lengths->step - 1, $lengths->step),
            ),
            $this->byMinutes !== [] => $this->byMinutes[$minutes ?? 0] ?? throw InvalidPrice::length($minutes),
            default => $this->amount ?? 0,
        };
    }
}
