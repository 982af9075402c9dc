<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\Booking;
use App\Models\Business;
use App\Models\Client as ClientRow;
use App\Models\Service;
use Illuminate\Validation\ValidationException;
use YardBell\Core\Price\Quote;
use YardBell\Core\Price\Quoting;

/** What a booking costs today, for whom it is: with their own prices, their other visits and the codes named. */
final readonly class VisitQuote
{
    public function __construct(
        private PriceLists $lists,
        private CodeUses $uses,
        private Tariffs $tariffs,
        private BookedVisit $visit,
        private ClientPrices $prices,
    ) {
    }

    /**
     * @param  list<string>  $codes as they were typed
     * @param  string|null  $client null: nobody is known yet
     */
    public function of(Business $business, Booking $booking, array $codes, ?string $client): Quote
    {
        $list = $this->lists->of($business);

        return Tariffs::quote(
            new Quoting($list->withCodes($this->uses->counted($business, $booking->id)), $business->zone()),
            $this->tariffs->of(Service::query()->findOrFail($booking->service_id)),
            $this->visit->of($booking),
            $this->prices->order($business, $list, $client, $booking->id, $codes),
        );
    }

    /**
     * Whoever comes by a link of their own has their own prices, and nobody else has them.
     *
     * @param  ClientRow  $client by the address that was typed
     *
     * @throws ValidationException at the address
     */
    public function checkWhose(Business $business, Booking $booking, ClientRow $client): void
    {
        if ($booking->priced_for === null || $booking->priced_for === $client->id) {
            return;
        }
        $codes = UseCodes::soldWith($booking);
        $theirs = $this->of($business, $booking, $codes, $booking->priced_for)->total;
        if ($theirs !== $this->of($business, $booking, $codes, null)->total) {
            throw ValidationException::withMessages(['email' => 'wrong.details.own_prices']);
        }
    }
}
