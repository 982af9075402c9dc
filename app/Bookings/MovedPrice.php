<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\Booking;
use App\Models\Service;
use App\Prices\BookedItem;
use App\Prices\BookedPrices;
use App\Prices\CodeUses;
use App\Prices\Tariffs;
use App\Sales\SellBooking;
use App\Support\Refusal;
use YardBell\Core\Price\Quoting;

/**
 * A visit that is moved keeps its price; those who take it now are paid for it. One whose length has changed, or to
 * which others come, is sold anew, by the prices it was made under (rules.md, parts 3 and 5).
 */
final readonly class MovedPrice
{
    public function __construct(
        private BookedPrices $prices,
        private BookedItem $visit,
        private SellBooking $sell,
        private BookingQuote $quote,
    ) {
    }

    /** What it costs at its new length, where it is sold at that; else the price stays. */
    public function priced(Booking $booking, string $by): void
    {
        $business = $booking->business;
        try {
            $quote = $this->quote->of($business, $booking, CodeUses::soldWith($booking), self::whose($booking));
        } catch (Refusal) {
            $this->instead($booking, $by);

            return;
        }
        $columns = QuoteColumns::columns($quote, Service::known($booking->business_id, $booking->service_id));
        $changed = ['price', 'from_price', 'lines', 'taxes', 'staff_pay'];
        if ($booking->due_now > 0) {
            $changed[] = 'due_now'; // more of it is asked for at once, as it was when booking
        }
        $this->sell->anew(
            $booking,
            array_intersect_key($columns, array_flip($changed)),
            $by,
        );
    }

    /**
     * At whose prices: at a client's own only where it was sold at those. Before versions were kept it was not noted.
     */
    private static function whose(Booking $booking): ?string
    {
        return $booking->price_version === null ? $booking->client_id : $booking->priced_for;
    }

    /** Others take it, at the same price. Within a transaction that has locked the booking, as the above. */
    public function instead(Booking $booking, string $by): void
    {
        $this->sell->payInstead($booking, $this->pay($booking), $by);
    }

    /** @return array<string, int> by member; what is not sold like this any more is paid as it was */
    private function pay(Booking $booking): array
    {
        try {
            $business = $booking->business;
            [$tariff, $list] = $this->prices->of($business, $booking);
            $quote = Tariffs::quote(new Quoting($list, $business->zone()), $tariff, $this->visit->of($booking));
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
