<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Http\Refusal;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Service;
use App\Support\Clock;
use App\Support\Instants;
use Illuminate\Database\ConnectionInterface;
use YardBell\Core\Availability\Relaxed;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Booking\State;

/** Keeps a time for somebody while they fill in the rest. */
final readonly class HoldTime
{
    /** How often "anyone" is tried again with another person, when somebody else was quicker. */
    private const TRIES = 5;

    public function __construct(
        private ConnectionInterface $db,
        private Bookable $bookable,
        private Claims $claims,
        private Clock $clock,
        private History $history,
    ) {
    }

    /**
     * @param  string|null  $member null: anyone
     * @param  int  $start instant
     *
     * @throws TimeTaken with the nearest times that are free
     */
    public function __invoke(Business $business, Service $service, ?string $member, int $start): Booking
    {
        for ($try = 0; $try < self::TRIES; $try++) {
            $slot = $this->wanted($business, $service, $member, $start);
            if ($slot === null) {
                break;
            }
            $booking = $this->db->transaction(fn (): ?Booking => $this->take($business, $service, $slot), attempts: 5);
            if ($booking !== null) {
                return $booking;
            }
        }

        throw TimeTaken::near($this->bookable->near($business, $service->id, $start, $this->clock->minute(), $member));
    }

    /**
     * Takes an expired hold's time again, if nobody else has it: whoever typed slowly, or paid late, loses nothing.
     * To be called within a transaction that has locked the booking.
     *
     * @throws TimeTaken
     */
    public function again(Booking $booking, Business $business, int $until): void
    {
        if ($booking->state !== State::Held) {
            throw new Refusal('This booking is not waiting for anything any more.', 409, 'not_held');
        }
        $start = intdiv($booking->starts_at->getTimestamp(), 60);
        $staff = $this->db->table('booking_staff')->where('business_id', $business->id)->where('booking_id', $booking->id)->pluck('staff_id')->all();
        $this->claims->take($business, array_values(array_map(strval(...), $staff)), $start - $booking->setup, $start + $booking->minutes + $booking->clearup);
        $now = $this->clock->minute();
        if ($booking->held_until === null || Instants::fromDatabase($booking->held_until->format('Y-m-d H:i:s')) <= $now) {
            $slots = $this->bookable->at($business, $booking->service_id, $start, $now, $staff[0] ?? null, new Relaxed(notice: true));
            if ($slots === [] || $start < $now) {
                throw TimeTaken::near($this->bookable->near($business, $booking->service_id, $start, $now, null));
            }
        }
        $this->history->holdUntil($booking, $until);
    }

    private function wanted(Business $business, Service $service, ?string $member, int $start): ?Slot
    {
        $slots = $this->bookable->at($business, $service->id, $start, $this->clock->minute(), $member);
        foreach ($slots as $slot) {
            if ($slot->next === true) {
                return $slot;
            }
        }

        return $slots[0] ?? null;
    }

    /** Claims the days of the people, asks the core again, and writes. Null: somebody was quicker. */
    private function take(Business $business, Service $service, Slot $slot): ?Booking
    {
        $this->claims->take($business, $slot->staff, $slot->start - $service->setup, $slot->end + $service->clearup);
        $now = $this->clock->minute();
        $still = array_filter(
            $this->bookable->at($business, $service->id, $slot->start, $now),
            static fn (Slot $offered): bool => $offered->staff === $slot->staff && $offered->location === $slot->location,
        );

        return $still === [] ? null : $this->write($business, $service, $slot, $now);
    }

    private function write(Business $business, Service $service, Slot $slot, int $now): Booking
    {
        $until = $now + (int) config('yardbell.hold_minutes');
        $booking = Booking::query()->create([
            'business_id' => $business->id, 'service_id' => $service->id, 'location_id' => $slot->location,
            'service_name' => $service->name, 'starts_at' => Instants::carbon($slot->start), 'minutes' => $slot->end - $slot->start,
            'setup' => $service->setup, 'clearup' => $service->clearup,
            'taken_from' => Instants::carbon($slot->start - $service->setup), 'taken_until' => Instants::carbon($slot->end + $service->clearup),
            'party' => 1, 'note' => '', 'calendar_sequence' => 0, 'state' => State::Held, 'held_until' => Instants::carbon($until), 'price' => $service->price,
            'currency' => $business->currency, 'payment' => $service->payment, 'created_at' => $this->clock->now(), 'updated_at' => $this->clock->now(),
        ]);
        foreach ($slot->staff as $member) {
            $this->db->table('booking_staff')->insert([
                'business_id' => $business->id, 'booking_id' => $booking->id, 'staff_id' => $member, 'service_id' => $service->id,
                'made_at' => Instants::toDatabase($now), 'holds_until' => Instants::toDatabase($until),
            ]);
        }
        $this->history->begin($booking, 'client');

        return $booking;
    }
}
