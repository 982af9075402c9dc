<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Language\Catalogue;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Service;
use App\Prices\PriceLists;
use App\Prices\Tariffs;
use App\Support\Clock;
use App\Support\Instants;
use App\Times\ReachBack;
use App\Times\Wish;
use Illuminate\Database\ConnectionInterface;
use YardBell\Core\Availability\Service as ServiceRules;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Booking\State;
use YardBell\Core\Price\Item;
use YardBell\Core\Price\Quoting;

/** Writes a held booking of an offered row. Within the transaction that has claimed what it takes. */
final readonly class WriteBooking
{
    public function __construct(
        private ConnectionInterface $db,
        private Clock $clock,
        private History $history,
        private PriceLists $lists,
        private ClientPrices $prices,
        private Catalogue $catalogue,
    ) {
    }

    public function __invoke(
        Business $business,
        ServiceRules $rules,
        Slot $slot,
        Wish $wish,
        ?Visitor $visitor = null,
        string $by = History::BY_CLIENT,
    ): Booking {
        $choice = $wish->choice;
        $now = $this->clock->minute();
        $until = $now + config()->integer('yardbell.hold_minutes');
        $service = Service::known($business->id, $rules->id);
        $extra = $slot->session === null ? $choice->extra : 0; // a session lasts as long as it lasts
        $length = $slot->end - $slot->start;
        $list = $this->lists->of($business);
        $quote = Tariffs::quote(
            new Quoting($list, $business->zone()),
            $this->lists->tariff($business, $service->id),
            new Item(
                $length - $extra,
                $slot->staff,
                $choice->party,
                $choice->addOns,
                start: $slot->start,
                isSession: $slot->session !== null,
            ),
            $this->prices->order($business, $list, $visitor?->client),
        );
        $booking = Booking::query()->create([
            'business_id' => $business->id,
            'service_id' => $service->id,
            'location_id' => $slot->location,
            'session_id' => $slot->session,
            'service_name' => $service->name,
            'starts_at' => Instants::carbon($slot->start),
            'minutes' => $length,
            'extra_minutes' => $extra,
            'setup' => $rules->setup,
            'clearup' => $rules->clearup,
            'taken_from' => Instants::carbon($slot->start - $rules->setup),
            'taken_until' => Instants::carbon($slot->end + $rules->clearup),
            'staff_ids' => $slot->session === null ? $slot->staff : [],
            'wished_staff' => $choice->member,
            'units' => $slot->session === null ? $slot->units : [],
            'party' => $choice->party,
            'note' => '',
            'calendar_sequence' => 0,
            'state' => State::Held,
            'held_until' => Instants::carbon($until),
            'locale' => $visitor === null ? null : $this->catalogue->locale(),
            'visitor' => $visitor?->network,
            'priced_for' => $visitor?->client,
            'price_version' => $this->lists->version($business),
            'visit_id' => $wish->visit,
            'currency' => $business->currency,
            ...QuoteColumns::columns($quote, $service),
            'created_at' => $this->clock->now(),
            'updated_at' => $this->clock->now(),
        ]);
        ReachBack::over($business, $booking->taken_from, $booking->taken_until);
        $this->people($booking, $slot->staff, $now, Instants::toDatabase($until));
        $this->history->begin($booking, $by);

        return $booking;
    }

    /**
     * Keeps by person who takes a booking, which of a session too: whose turn it is, and who is told.
     *
     * @param  list<string>  $staff
     * @param  string  $holdsUntil date-time of the database
     */
    public function people(Booking $booking, array $staff, int $madeAt, string $holdsUntil): void
    {
        $this->db->table('booking_staff')->insert(
            array_map(
                static fn (string $member): array => [
                    'business_id' => $booking->business_id,
                    'booking_id' => $booking->id,
                    'staff_id' => $member,
                    'service_id' => $booking->service_id,
                    'made_at' => Instants::toDatabase($madeAt),
                    'holds_until' => $holdsUntil,
                ],
                $staff,
            ),
        );
    }

    /**
     * Others take it, at another time, which may be longer.
     *
     * @param  list<string>|null  $staff who leads the session that it is in
     */
    public function again(Booking $booking, ?array $staff = null): void
    {
        $now = Instants::toDatabase($this->clock->minute());
        $this->db
            ->table('booking_staff')
            ->where('business_id', $booking->business_id)
            ->where('booking_id', $booking->id)
            ->delete();
        $booking->unsetRelation('staff');
        ReachBack::over($booking->business, $booking->taken_from, $booking->taken_until);
        $this->people($booking, $staff ?? $booking->staff_ids, Instants::minute($booking->created_at), $now);
    }
}
