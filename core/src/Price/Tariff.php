<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

use YardBell\Core\Availability\Lengths;

use function array_keys;
use function array_map;
use function array_sum;
use function max;
use function min;

/** All that decides what a visit of one service costs, and what of it is due when booking. */
final readonly class Tariff
{
    /**
     * @param  string  $service its id
     * @param  string  $name the service's, which its lines carry
     * @param  Lengths|null  $lengths null: of a session, which has its own
     * @param  array<string, AddOn>  $addOns by id
     * @param  int|Percent|null  $staffPay what who takes it is paid: an amount, or a part of base and people; null: an
     *   amount of 0 (rules.md P11)
     */
    public function __construct(
        public string $service,
        public string $name,
        public ?Lengths $lengths,
        public Pricing $pricing,
        public array $addOns = [],
        public PaymentTerms $payment = new PaymentTerms(),
        public int|Percent|null $staffPay = null,
    ) {
    }

    /**
     * How long a visit lasts without its add-ons; null: a session's service has no length of its own.
     *
     * @throws InvalidPrice if the service has no such length
     */
    public function minutes(Item $visit): ?int
    {
        if ($visit->isSession || $this->lengths === null) {
            return $visit->minutes;
        }

        return $this->lengths->named($visit->minutes) ?? throw InvalidPrice::length($visit->minutes);
    }

    /**
     * P3: by how many minutes these lengthen the appointment.
     *
     * @param  array<string, int>  $addOns quantity by id
     *
     * @throws InvalidPrice
     */
    public function extraMinutes(array $addOns): int
    {
        return array_sum(
            array_map(fn (string $id): int => $this->addOn($id)->minutes * $addOns[$id], self::ids($addOns)),
        );
    }

    /**
     * What one person pays at least and at most, whatever the length and whoever takes it.
     *
     * @param  list<string>  $staff who may take it, one at a time
     * @return array{int, int}|null null: settled at the desk
     */
    public function span(array $staff): ?array
    {
        $lengths =
            $this->pricing->byMinutes !== []
                ? array_keys($this->pricing->byMinutes)
                : ($this->pricing->perStep === null
                    ? [null]
                    : [$this->lengths?->min, $this->lengths?->max]);
        $amounts = [];
        foreach ($lengths as $minutes) {
            foreach ($staff === [] ? [[]] : array_map(static fn (string $member): array => [$member], $staff) as $who) {
                $amounts[] = $this->pricing->base($this->lengths, $minutes, $who);
            }
        }
        $amounts = array_filter($amounts, static fn (?int $amount): bool => $amount !== null);

        return $amounts === [] ? null : [min($amounts), max($amounts)];
    }

    /**
     * @param  array<string, int>  $addOns
     * @return list<string> also where an id is all digits, which PHP makes a number of
     */
    private static function ids(array $addOns): array
    {
        return array_map(strval(...), array_keys($addOns));
    }

    /** @throws InvalidPrice if there is none */
    public function addOn(string $id): AddOn
    {
        return $this->addOns[$id] ?? throw InvalidPrice::addOn($id);
    }
}
