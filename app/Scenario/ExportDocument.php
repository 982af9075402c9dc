<?php

declare(strict_types=1);

namespace App\Scenario;

use App\Models\AddOn;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Client;
use App\Models\Service;
use App\Models\Session;
use App\Offer\SetupReader;
use App\Prices\CodeUses;
use App\Prices\PriceLists;
use App\Prices\Tariffs;
use App\Support\Instants;
use Generator;
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
    /** Rows that are read at once. */
    private const AT_ONCE = 1000;

    public function __construct(private SetupReader $setup, private PriceLists $lists, private CodeUses $uses)
    {
    }

    public function __invoke(Business $business): string
    {
        return implode('', iterator_to_array($this->pieces($business), false));
    }

    /** @return Generator<string> the same in pieces, however many bookings and clients there are */
    public function pieces(Business $business): Generator
    {
        $scenario = new Scenario(
            book: $this->setup->book($business),
            diary: new Diary(sessions: $this->sessions($business)),
            name: $business->name,
            currency: $business->currency,
            prices: $this->prices($business),
            tariffs: $this->tariffs($business),
        );

        return Writer::pieces($scenario, $this->bookings($business), self::clients($business));
    }

    /** @return Generator<int, Taken|Seat> */
    private function bookings(Business $business): Generator
    {
        foreach (Booking::query()->where('business_id', $business->id)->lazyById(self::AT_ONCE) as $booking) {
            yield $booking->session_id === null ? $this->taken($booking) : $this->seat($booking);
        }
    }

    /** @return Generator<string, string> names by id */
    private static function clients(Business $business): Generator
    {
        foreach (Client::query()->where('business_id', $business->id)->lazyById(self::AT_ONCE) as $client) {
            yield $client->id => $client->name;
        }
    }

    /** @return list<Scheduled> */
    private function sessions(Business $business): array
    {
        $sessions = Session::query()->where('business_id', $business->id)->orderBy('starts_at')->orderBy('id')->get();

        return array_values($sessions->map($this->scheduled(...))->all());
    }

    public function diary(Business $business): Diary
    {
        $bookings = Booking::query()->where('business_id', $business->id)->orderBy('id')->get();

        return new Diary(
            array_values($bookings->whereNull('session_id')->map($this->taken(...))->all()),
            $this->sessions($business),
            array_values($bookings->whereNotNull('session_id')->map($this->seat(...))->all()),
        );
    }

    private function taken(Booking $booking): Taken
    {
        return new Taken(
            id: $booking->id,
            service: $booking->service_id,
            start: Instants::minute($booking->starts_at),
            minutes: $booking->minutes,
            setup: $booking->setup,
            clearup: $booking->clearup,
            staff: $booking->staff_ids,
            location: $booking->location_id,
            units: $booking->units,
            party: $booking->party,
            state: $booking->state,
            heldUntil: $this->heldUntil($booking),
            createdAt: Instants::minute($booking->created_at),
            doubleBooked: $booking->double_booked,
            client: $booking->client_id,
        );
    }

    private function seat(Booking $booking): Seat
    {
        return new Seat(
            id: $booking->id,
            session: (string) $booking->session_id,
            party: $booking->party,
            state: $booking->state,
            heldUntil: $this->heldUntil($booking),
            createdAt: Instants::minute($booking->created_at),
            client: $booking->client_id,
        );
    }

    private function heldUntil(Booking $booking): ?int
    {
        return $booking->held_until === null ? null : Instants::minute($booking->held_until);
    }

    private function scheduled(Session $session): Scheduled
    {
        return new Scheduled(
            id: $session->id,
            service: $session->service_id,
            start: Instants::minute($session->starts_at),
            minutes: $session->minutes,
            staff: $session->staff_ids,
            location: $session->location_id,
            units: $session->units,
            places: $session->places,
            cancelled: $session->state === 'cancelled',
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
