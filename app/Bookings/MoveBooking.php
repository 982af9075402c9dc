<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Language\Sentence;
use App\Messages\Announcements;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Occasion;
use App\Support\Clock;
use App\Support\Instants;
use App\Support\Refusal;
use Illuminate\Database\ConnectionInterface;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Booking\State;

/** Gives a booking another time, perhaps other people: its number, price and history stay, everyone is told. */
final readonly class MoveBooking
{
    private const MOVABLE = [State::Pending, State::Confirmed];

    public function __construct(
        private ConnectionInterface $db,
        private RulesReader $rules,
        private OtherTimes $times,
        private Claims $claims,
        private WriteBooking $write,
        private MovedPay $pay,
        private History $history,
        private Announcements $announcements,
        private Clock $clock,
    ) {
    }

    /**
     * @param  int  $start instant
     * @param  list<string>|null  $staff null: whoever is free then, the same people first
     * @param  bool  $told whether the client and the staff are mailed
     *
     * @throws Refusal|TimeTaken
     */
    public function __invoke(
        Business $business,
        string $id,
        int $start,
        ?array $staff,
        string $by,
        bool $told = true,
    ): Booking {
        return $this->db->transaction(function () use ($business, $id, $start, $staff, $by, $told): Booking {
            $booking = Booking::query()->where('business_id', $business->id)->lockForUpdate()->findOrFail($id);
            if (! self::may($booking)) {
                throw new Refusal(
                    new Sentence('refusal.booking.not_moved'),
                    409,
                    'too_late',
                );
            }
            $slot = $this->slot($business, $booking, $start, $staff) ?? throw $this->taken($business, $booking);
            $this->claims->take(
                $business,
                [...$slot->staff, ...$slot->units],
                $slot->start - $booking->setup,
                $slot->end + $booking->clearup,
            );
            $slot = $this->slot($business, $booking, $start, $slot->staff) ?? throw $this->taken($business, $booking);
            $this->put($booking, $slot, $by, $told);

            return $booking;
        }, attempts: 5);
    }

    public static function may(Booking $booking): bool
    {
        return in_array($booking->state, self::MOVABLE, true) && $booking->session_id === null;
    }

    /** @param  list<string>|null  $staff */
    private function slot(Business $business, Booking $booking, int $start, ?array $staff): ?Slot
    {
        $slots = $this->times->at($business, $this->rules->bookNow($business), $booking, $start);
        foreach ($slots as $slot) {
            if ($slot->staff === ($staff ?? $booking->staff_ids)) {
                return $slot;
            }
        }

        return $staff === null ? $slots[0] ?? null : null;
    }

    private function taken(Business $business, Booking $booking): TimeTaken
    {
        return TimeTaken::near($this->times->of($business, $this->rules->bookNow($business), $booking, 4));
    }

    private function put(Booking $booking, Slot $slot, string $by, bool $told): void
    {
        [$was, $before] = [$booking->starts_at->format('Y-m-d\TH:i\Z'), $booking->staff_ids];
        $booking->fill([
            'starts_at' => Instants::carbon($slot->start),
            'location_id' => $slot->location,
            'staff_ids' => $slot->staff,
            'units' => $slot->units,
            'taken_from' => Instants::carbon($slot->start - $booking->setup),
            'taken_until' => Instants::carbon($slot->end + $booking->clearup),
        ]);
        $booking->calendar_sequence++;
        $booking->save();
        $this->db
            ->table('booking_staff')
            ->where('business_id', $booking->business_id)
            ->where('booking_id', $booking->id)
            ->delete();
        $this->write->people(
            $booking,
            $slot->staff,
            Instants::minute($booking->created_at),
            Instants::toDatabase($this->clock->minute()),
        );
        if ($slot->staff !== $before) {
            ($this->pay)($booking, $by);
        }
        $this->history->holds($booking);
        $this->history->changed($booking, $by, (new Sentence('history.moved', ['from' => $was]))->text());
        $this->announcements->drop($booking);
        if ($told) {
            $this->announcements->of($booking, Occasion::Moved);
        }
        $this->announcements->remind($booking);
    }
}
