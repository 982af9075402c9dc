<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

/** P3: something that can be had with a service. */
final readonly class AddOn
{
    /**
     * @param  int  $amount of one, in the minor unit
     * @param  int  $minutes by which one lengthens the appointment
     * @param  bool  $perPerson whether everyone who comes takes it
     * @param  list<string>  $taxRates on it
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $amount,
        public int $minutes = 0,
        public bool $perPerson = false,
        public array $taxRates = [],
    ) {
        $amount >= 0 ?: throw InvalidPrice::amount($name, $amount);
    }
}
