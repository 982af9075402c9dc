<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Ledger\SellVisit;
use App\Models\Booking;
use App\Models\Service;
use App\Support\Refusal;

/** A visit keeps its price when it is moved; those who take it now are paid for it, by what they are paid today. */
final readonly class MovedPay
{
    public function __construct(
        private PriceLists $lists,
        private Tariffs $tariffs,
        private BookedVisit $visit,
        private SellVisit $sell,
    ) {
    }

    /** Within a transaction that has locked the booking. */
    public function __invoke(Booking $booking, string $by): void
    {
        $this->sell->payInstead($booking, $this->pay($booking), $by);
    }

    /** @return array<string, int> by member; what is not sold like this any more is paid as it was */
    private function pay(Booking $booking): array
    {
        try {
            $quote = Tariffs::quote(
                $this->lists->quoting($booking->business()->firstOrFail()),
                $this->tariffs->of(Service::query()->findOrFail($booking->service_id)),
                $this->visit->of($booking),
            );
        } catch (Refusal) {
            $before = array_values($booking->staff_pay);
            $pay = [];
            foreach ($booking->staff_ids as $i => $member) {
                $pay[$member] = $before[$i] ?? 0;
            }

            return $pay;
        }

        return array_column($quote->staffPay, 'amount', 'staff');
    }
}
