<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Booking;
use App\Models\Sale;
use App\Models\SaleLineKind;

/**
 * A visit that was given up is taken after all: it is owed for as it was sold, and what giving it up cost is not
 * (rules.md L4). Within a transaction that has locked the booking.
 */
final readonly class TakeAfterAll
{
    public function __construct(private SellVisit $sell, private WriteLine $write)
    {
    }

    public function __invoke(Booking $booking, string $by): void
    {
        if ((int) $booking->fee > 0) {
            $sale = Sale::query()->lockForUpdate()->findOrFail($booking->sale_id);
            $line = new NewLine(
                SaleLineKind::Fee,
                $booking->service_name,
                -(int) $booking->fee,
                booking: $booking->id,
            );
            ($this->write)($sale, $line, $by);
        }
        $booking->update(['fee' => null]);
        ($this->sell)($booking, $by);
    }
}
