<?php

declare(strict_types=1);

namespace App\Sales;

use App\Models\Business;
use App\Models\SaleLineKind;
use App\Models\TaxRate;

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

    /** As it is written to a sale, with its tax. */
    public function line(Business $business): NewLine
    {
        $rate = $this->taxRate === null
            ? null
            : TaxRate::query()->where('business_id', $business->id)->findOrFail($this->taxRate);
        [$amount, $taxes] = SaleTaxes::on($business, $this->price, $rate);

        return new NewLine(
            kind: SaleLineKind::Added,
            label: $this->label,
            amount: $amount,
            taxes: $taxes,
            why: $this->why,
        );
    }
}
