<?php

declare(strict_types=1);

namespace App\Sales;

use App\Models\SaleLineKind;

/** A line that a sale is about to have. */
final readonly class NewLine
{
    /**
     * @param  int  $amount with tax, minor unit; below zero it is owed no more
     * @param  list<array{name: string, percent: string, included: bool, net: int, amount: int}>  $taxes
     * @param  string|null  $booking the visit it is for
     * @param  list<Posting>  $more that goes with it
     */
    public function __construct(
        public SaleLineKind $kind,
        public string $label,
        public int $amount,
        public array $taxes = [],
        public string $why = '',
        public ?string $booking = null,
        public array $more = [],
    ) {
    }
}
