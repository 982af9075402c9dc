<?php

declare(strict_types=1);

namespace App\Scenario;

use App\Bookings\History;
use App\Bookings\QuoteColumns;
use App\Bookings\WriteBooking;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Client;
use App\Models\Service;
use App\Models\Session;
use App\Prices\PriceLists;
use App\Prices\Tariffs;
use App\Sales\SellBooking;
use App\Support\Ids;
use App\Support\Instants;
use YardBell\Core\Availability\Booking as Taken;
use YardBell\Core\Availability\Seat;
use YardBell\Core\Availability\Session as Scheduled;
use YardBell\Core\Booking\State;
use YardBell\Core\Price\Item;
use YardBell\Core\Scenario\Scenario;

/** Writes what a document has booked, as it was booked, without asking the rules again and without telling anybody. */
final readonly class WriteDiary
{
    public function __construct(
        private WriteBooking $write,
        private History $history,
        private Tariffs $tariffs,
        private PriceLists $lists,
        private SellBooking $sell,
    ) {
    }

    /** Within a transaction. */
    public function __invoke(Business $business, Scenario $scenario, Ids $ids): void
    {
        foreach ($scenario->clients as $id => $name) {
            Client::query()->create([
                'business_id' => $business->id,
                'id' => $ids->of('clients', (string) $id),
                'name' => $name,
                'rates' => self::rates($scenario->prices->clientRates[(string) $id] ?? [], $ids),
            ]);
        }
        foreach ($scenario->diary->sessions as $session) {
            $this->session($business, $scenario, $session, $ids);
        }
        $services = Service::query()->where('business_id', $business->id)->get()->keyBy('id')->all();
        $sessions = array_column($scenario->diary->sessions, null, 'id');
        foreach ($scenario->diary->bookings as $booking) {
            $this->booking(
                business: $business,
                service: $services[$ids->of('services', $booking->service)],
                scenario: $scenario,
                booking: $booking,
                ids: $ids,
            );
        }
        foreach ($scenario->diary->seats as $seat) {
            $this->seat(
                business: $business,
                service: $services[$ids->of('services', $sessions[$seat->session]->service)],
                scenario: $scenario,
                seat: $seat,
                session: $sessions[$seat->session],
                ids: $ids,
            );
        }
        $longest = static fn (string $model): int => (int) $model::query()
            ->where('business_id', $business->id)
            ->selectRaw('max(timestampdiff(minute, taken_from, taken_until)) as longest')
            ->value('longest');
        $business->update([
            'longest_taken' => max($business->longest_taken, $longest(Booking::class), $longest(Session::class)),
        ]);
    }

    /**
     * @param  array<string, int>  $own by service
     * @return list<array{service: string, amount: int}>
     */
    private static function rates(array $own, Ids $ids): array
    {
        $rates = [];
        foreach ($own as $service => $amount) {
            $rates[] = ['service' => $ids->of('services', (string) $service), 'amount' => $amount];
        }

        return $rates;
    }

    private function session(Business $business, Scenario $scenario, Scheduled $session, Ids $ids): void
    {
        $rules = $scenario->book->services[$session->service];
        Session::query()->create([
            'business_id' => $business->id,
            'id' => $ids->of('sessions', $session->id),
            'service_id' => $ids->of('services', $session->service),
            'location_id' => $session->location === null ? null : $ids->of('locations', $session->location),
            'starts_at' => Instants::carbon($session->start),
            'minutes' => $session->minutes,
            'taken_from' => Instants::carbon($session->start - $rules->setup),
            'taken_until' => Instants::carbon($session->start + $session->minutes + $rules->clearup),
            'staff_ids' => $ids->all('staff', $session->staff),
            'units' => $ids->all('units', $session->units),
            'places' => $session->places,
            'state' => $session->cancelled ? 'cancelled' : 'scheduled',
        ]);
    }

    private function booking(Business $business, Service $service, Scenario $scenario, Taken $booking, Ids $ids): void
    {
        $staff = $ids->all('staff', $booking->staff);
        $this->record(
            business: $business,
            service: $service,
            scenario: $scenario,
            of: $booking,
            ids: $ids,
            start: $booking->start,
            minutes: $booking->minutes,
            setup: $booking->setup,
            clearup: $booking->clearup,
            staff: $staff,
            more: [
                'location_id' => $booking->location === null ? null : $ids->of('locations', $booking->location),
                'staff_ids' => $staff,
                'units' => $ids->all('units', $booking->units),
                'double_booked' => $booking->doubleBooked,
            ],
        );
    }

    private function seat(
        Business $business,
        Service $service,
        Scenario $scenario,
        Seat $seat,
        Scheduled $session,
        Ids $ids,
    ): void {
        $rules = $scenario->book->services[$session->service];
        $this->record(
            business: $business,
            service: $service,
            scenario: $scenario,
            of: $seat,
            ids: $ids,
            start: $session->start,
            minutes: $session->minutes,
            setup: $rules->setup,
            clearup: $rules->clearup,
            staff: $ids->all('staff', $session->staff),
            more: [
                'location_id' => $session->location === null ? null : $ids->of('locations', $session->location),
                'session_id' => $ids->of('sessions', $session->id),
                'staff_ids' => [],
                'units' => [],
            ],
        );
    }

    /**
     * @param  list<string>  $staff
     * @param  array<string, mixed>  $more columns
     */
    private function record(
        Business $business,
        Service $service,
        Scenario $scenario,
        Taken|Seat $of,
        Ids $ids,
        int $start,
        int $minutes,
        int $setup,
        int $clearup,
        array $staff,
        array $more,
    ): void {
        $booking = Booking::query()->create(
            $more + [
                'business_id' => $business->id,
                'id' => $ids->of('bookings', $of->id),
                'service_id' => $service->id,
                'service_name' => $service->name,
                'client_id' => $of->client === null ? null : $ids->of('clients', $of->client),
                'contact' => $of->client === null
                        ? null
                        : ['name' => $scenario->clients[$of->client], 'email' => '', 'phone' => ''],
                'starts_at' => Instants::carbon($start),
                'minutes' => $minutes,
                'setup' => $setup,
                'clearup' => $clearup,
                'taken_from' => Instants::carbon($start - $setup),
                'taken_until' => Instants::carbon($start + $minutes + $clearup),
                'party' => $of->party,
                'state' => $of->state,
                'held_until' => $of->heldUntil === null ? null : Instants::carbon($of->heldUntil),
                'currency' => $business->currency,
                ...$this->sold($business, $service, new Item($minutes, $staff, $of->party, start: $start)),
                'created_at' => Instants::carbon($of->createdAt),
                'updated_at' => Instants::carbon($of->createdAt),
            ],
        );
        $this->write->people($booking, $staff, $of->createdAt, Instants::toDatabase(0));
        $this->history->holds($booking);
        $this->history->begin($booking, History::BY_IMPORT);
        if (! in_array($of->state, [State::Held, ...State::OVER], true)) {
            ($this->sell)($booking, History::BY_IMPORT, Instants::carbon($of->createdAt));
        }
    }

    /**
     * A document says nothing of what a booking was sold for: what it costs today, if the service still has its length.
     *
     * @return array<string, mixed> columns
     */
    private function sold(Business $business, Service $service, Item $visit): array
    {
        $tariff = $this->tariffs->of($service);
        $isSession = $tariff->lengths === null;
        if ($isSession || $tariff->lengths->named($visit->minutes) === null) {
            $minutes = $isSession ? $visit->minutes : null;
            $visit = new Item($minutes, $visit->staff, $visit->party, start: $visit->start, isSession: $isSession);
        }

        return QuoteColumns::columns($this->lists->quoting($business)->quote($tariff, $visit), $service);
    }
}
