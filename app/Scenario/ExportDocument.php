<?php

declare(strict_types=1);

namespace App\Scenario;

use App\Bookings\CodeUses;
use App\Bookings\PriceLists;
use App\Bookings\Tariffs;
use App\Models\AddOn;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Client;
use App\Models\Service;
use App\Models\Session;
use App\Offer\SetupReader;
use App\Support\Column;
use App\Support\Instants;
use YardBell\Core\Availability\Booking as Taken;
use YardBell\Core\Availability\Diary;
use YardBell\Core\Availability\Seat;
use YardBell\Core\Availability\Session as Scheduled;
use YardBell\Core\Price\PriceList;
use YardBell\Core\Price\Tariff;
use YardBell\Core\Scenario\Scenario;
use YardBell\Core\Scenario\Writer;

/**
 * A business as a `yardbell/1` document: all it has set up, and every booking, also those that hold nothing any more.
 */
final readonly class ExportDocument
{
    public function __construct(private SetupReader $setup, private PriceLists $lists, private CodeUses $uses)
    {
    }

    public function __invoke(Business $business): string
    {
        return Writer::write(
            new Scenario(
                book: $this->setup->book($business),
                diary: $this->diary($business),
                bookingIds: Column::strings(
                    Booking::query()->where('business_id', $business->id)->orderBy('id')->pluck('id'),
                ),
                name: $business->name,
                currency: $business->currency,
                clients: $this->clients($business),
                prices: $this->prices($business),
                tariffs: $this->tariffs($business),
            ),
        );
    }

    /** @return array<string, string> names by id */
    private function clients(Business $business): array
    {
        $names = [];
        foreach (Client::query()->where('business_id', $business->id)->orderBy('id')->get() as $client) {
            $names[$client->id] = $client->name;
        }

        return $names;
    }

    public function diary(Business $business): Diary
    {
        $bookings = Booking::query()->where('business_id', $business->id)->orderBy('id')->get();

        $sessions = Session::query()->where('business_id', $business->id)->orderBy('starts_at')->orderBy('id')->get();

        return new Diary(
            array_values($bookings->whereNull('session_id')->map($this->taken(...))->all()),
            array_values($sessions->map($this->scheduled(...))->all()),
            array_values($bookings->whereNotNull('session_id')->map($this->seat(...))->all()),
        );
    }

    private function taken(Booking $booking): Taken
    {
        return new Taken(
            $booking->id,
            $booking->service_id,
            Instants::minute($booking->starts_at),
            $booking->minutes,
            $booking->setup,
            $booking->clearup,
            $booking->staff_ids,
            $booking->location_id,
            $booking->units,
            $booking->party,
            $booking->state,
            $this->heldUntil($booking),
            Instants::minute($booking->created_at),
            $booking->double_booked,
            $booking->client_id,
        );
    }

    private function seat(Booking $booking): Seat
    {
        return new Seat(
            $booking->id,
            (string) $booking->session_id,
            $booking->party,
            $booking->state,
            $this->heldUntil($booking),
            Instants::minute($booking->created_at),
            $booking->client_id,
        );
    }

    private function heldUntil(Booking $booking): ?int
    {
        return $booking->held_until === null ? null : Instants::minute($booking->held_until);
    }

    private function scheduled(Session $session): Scheduled
    {
        return new Scheduled(
            $session->id,
            $session->service_id,
            Instants::minute($session->starts_at),
            $session->minutes,
            $session->staff_ids,
            $session->location_id,
            $session->units,
            $session->places,
            $session->state === 'cancelled',
        );
    }

    private function prices(Business $business): PriceList
    {
        $list = $this->lists->of($business);

        return $list->withCodes($this->uses->counted($business));
    }

    /** @return array<string, Tariff> by service */
    private function tariffs(Business $business): array
    {
        $addOns = AddOn::query()->where('business_id', $business->id)->orderBy('position')->orderBy('id')->get();
        $tariffs = [];
        foreach ($business->services()->get() as $service) {
            $tariffs[$service->id] = Tariffs::with($service, $addOns);
        }

        return $tariffs;
    }
}
