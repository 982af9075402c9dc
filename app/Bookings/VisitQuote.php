<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\Booking;
use App\Models\Business;
use App\Models\Service;
use App\Support\Clock;
use App\Support\Instants;
use YardBell\Core\Price\Client;
use YardBell\Core\Price\ClientVisit;
use YardBell\Core\Price\Order;
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
        private Clock $clock,
    ) {
    }

    /**
     * @param  list<string>  $codes as they were typed
     * @param  string|null  $client null: nobody is known yet
     */
    public function of(Business $business, Booking $booking, array $codes, ?string $client): Quote
    {
        $list = $this->lists->of($business);
        $zone = $business->zone();
        $who = $client === null
            ? null
            : new Client($client, $list->clientRates[$client] ?? [], $this->visits($business, $booking, $client));

        return Tariffs::quote(
            new Quoting($list->withCodes($this->uses->counted($business, $booking->id)), $zone),
            $this->tariffs->of(Service::query()->findOrFail($booking->service_id)),
            $this->visit->of($booking),
            new Order($who, $zone->day($this->clock->minute()), $codes),
        );
    }

    /** @return list<ClientVisit> others of the client that hold time */
    private function visits(Business $business, Booking $booking, string $client): array
    {
        $visits = [];
        foreach (
            Booking::query()
                ->where('business_id', $business->id)
                ->where('client_id', $client)
                ->where('id', '<>', $booking->id)
                ->get(['service_id', 'starts_at', 'state', 'held_until']) as $other
        ) {
            $until = $other->held_until === null ? null : Instants::minute($other->held_until);
            if ($other->state->holdsTime($until, $this->clock->minute())) {
                $visits[] = new ClientVisit($other->service_id, Instants::minute($other->starts_at));
            }
        }

        return $visits;
    }
}
