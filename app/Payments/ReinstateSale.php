<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\Booking;
use App\Models\SaleLine;
use App\Models\SaleLineKind;
use App\Sales\NewLine;
use App\Sales\OpenSale;
use App\Sales\SellBooking;
use App\Sales\WriteLine;

/**
 * A visit that was given up is taken after all: it is owed for as it was sold, and what giving it up cost is not
 * (rules.md L4). A refund or a charge that has not left yet is stopped; one that has pays for the visit, or is owed
 * again. Within a transaction that has locked the booking.
 */
final readonly class ReinstateSale
{
    public function __construct(
        private OpenSale $open,
        private SellBooking $sell,
        private WriteLine $write,
        private StopMoney $stop,
        private ReturnMoney $return,
    ) {
    }

    /** @param  bool  $refundsCharge what a kept card was charged goes back to it, and does not pay for the visit */
    public function __invoke(Booking $booking, string $by, bool $refundsCharge = false): void
    {
        $sale = ($this->open)($booking);
        if ((int) $booking->fee > 0) {
            $line = new NewLine(
                self::feeOf($booking),
                $booking->service_name,
                -(int) $booking->fee,
                booking: $booking->id,
            );
            ($this->write)($sale, $line, $by);
        }
        $booking->update(['fee' => null]);
        ($this->sell)($booking, $by);
        $this->stop->charges($sale, $booking->id);
        $this->stop->refunds($sale, $booking->id, $by);
        if ($refundsCharge) {
            $this->return->charged($sale, $by);
        }
        $this->return->overpaid($sale, $by, $booking->id);
    }

    private static function feeOf(Booking $booking): SaleLineKind
    {
        return SaleLine::query()
            ->where('booking_id', $booking->id)
            ->whereIn('kind', SaleLineKind::FEES)
            ->latest('at')
            ->latest('id')
            ->first()
            ->kind ?? SaleLineKind::Fee;
    }
}
