<?php

declare(strict_types=1);

namespace App\Ledger;

/** Something added to a sale at the desk. */
final readonly class Product
{
    /**
     * @param  int  $price as the business states prices, minor unit; below zero it takes something off
     * @param  string|null  $taxRate id
     */
    public function __construct(
        public string $label,
        public int $price,
        public ?string $taxRate = null,
        public string $why = '',
    ) {
    }
}
