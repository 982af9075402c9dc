<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Language\Sentence;
use App\Messages\Announcements;
use App\Models\AskedToPay;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Lock;
use App\Models\Occasion;
use App\Models\Sale;
use App\Models\Service;
use App\Prices\BookedItem;
use App\Prices\BookedPrices;
use App\Prices\Tariffs;
use App\Sales\OpenPrices;
use App\Sales\SellBooking;
use App\Support\Refusal;
use Illuminate\Database\ConnectionInterface;
use YardBell\Core\Price\PriceKind;
use YardBell\Core\Price\Pricing;
use YardBell\Core\Price\Quoting;
use YardBell\Core\Price\Tariff;

/**
 * A price that was left open (rules.md P1: "from …", or on request) is settled, once: from then on the visit is sold
 * for it, with its tax and what staff are paid. What is changed after that is a line of the sale.
 */
final readonly class SettlePrice
{
    public function __construct(
        private ConnectionInterface $db,
        private BookedPrices $prices,
        private BookedItem $visit,
        private SellBooking $sell,
        private History $history,
        private Announcements $announcements,
    ) {
    }

    /**
     * @param  int  $amount for all of it, in the minor unit, as the business states prices: with tax where they include
     *   it
     * @param  bool  $told whether the client is mailed
     *
     * @throws Refusal where there is no open price
     */
    public function __invoke(Business $business, string $id, int $amount, bool $told, string $by): Sale
    {
        return $this->db->transaction(function () use ($business, $id, $amount, $told, $by): Sale {
            $booking = Lock::on(Booking::query()->where('business_id', $business->id)->whereKey($id))->firstOrFail();
            if (! OpenPrices::isOpen($booking)) {
                throw new Refusal(new Sentence('refusal.sale.no_open_price'), 409, 'too_late');
            }
            $this->sell->anew($booking, $this->columns($business, $booking, $amount), $by);
            $this->history->changed($booking, $by, (new Sentence('history.priced'))->text());
            if ($told) {
                $this->announcements->of($booking, Occasion::Priced);
            }

            return Sale::query()->findOrFail($booking->sale_id);
        }, attempts: 5);
    }

    /** @return array<string, mixed> */
    private function columns(Business $business, Booking $booking, int $amount): array
    {
        [$tariff, $list] = $this->prices->of($business, $booking);
        $settled = new Tariff(
            $tariff->service,
            $tariff->name,
            null, // for its length as it is
            new Pricing(
                PriceKind::Fixed,
                $amount,
                excludeSurcharges: array_map(strval(...), array_keys($list->surcharges)),
                taxRates: $tariff->pricing->taxRates,
            ),
            staffPay: $tariff->staffPay,
        );
        $quote = Tariffs::quote(
            new Quoting($list, $business->zone()),
            $settled,
            $this->visit->of($booking),
        );
        $columns = QuoteColumns::columns($quote, Service::known($booking->business_id, $booking->service_id));

        return ['payment' => AskedToPay::Nothing, 'from_price' => null]
            + array_intersect_key($columns, array_flip(['price', 'lines', 'taxes', 'staff_pay']));
    }
}
