<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

/** One line of a quote: what for, and how much in the minor unit. */
final readonly class Line
{
    /**
     * @param  string  $kind base, people or addOn
     * @param  string|null  $id of the add-on
     * @param  int|null  $quantity of the add-on
     */
    public function __construct(
        public string $kind,
        public string $label,
        public int $amount,
        public ?string $id = null,
        public ?int $quantity = null,
    ) {
    }
}
