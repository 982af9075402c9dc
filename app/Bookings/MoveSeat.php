<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Language\Sentence;
use App\Messages\UnsentMail;
use App\Models\Booking;
use App\Models\Business;
use App\Support\Instants;
use App\Times\Bookable;
use App\Times\Choice;
use App\Times\Claims;
use App\Times\RulesReader;
use App\Times\TimeTaken;
use App\Times\Wish;
use YardBell\Core\Availability\Slot;

/** Gives a booking a place in another session of its service (rules.md T15): number, price and history stay. */
final readonly class MoveSeat
{
    public function __construct(
        private RulesReader $rules,
        private Bookable $bookable,
        private Claims $claims,
        private WriteBooking $write,
        private MovedPrice $price,
        private History $history,
        private PlanReminders $reminders,
    ) {
    }

    /**
     * Within a transaction that has locked the booking. Nobody is told.
     *
     * @param  int  $start instant
     * @param  string|null  $staff who leads it; null: whoever does
     *
     * @throws TimeTaken
     */
    public function __invoke(Business $business, Booking $booking, int $start, ?string $staff): void
    {
        $wish = new Wish(Choice::of($booking)->with($staff), $start);
        $slot = $this->claims->settled(
            $business,
            fn (): ?Slot => $this->slot($business, $booking, $wish),
            $booking->setup,
            $booking->clearup,
        ) ?? throw $this->taken($business, $wish);
        $was = $booking->starts_at->format('Y-m-d\TH:i\Z');
        $booking->fill([
            'session_id' => $slot->session,
            'location_id' => $slot->location,
            'starts_at' => Instants::carbon($slot->start),
            'minutes' => $slot->end - $slot->start,
            'taken_from' => Instants::carbon($slot->start - $booking->setup),
            'taken_until' => Instants::carbon($slot->end + $booking->clearup),
        ]);
        $booking->calendar_sequence++;
        $booking->save();
        $this->write->again($booking, $slot->staff);
        $this->price->instead($booking, History::BY_CLIENT);
        $this->history->holds($booking);
        $why = (new Sentence('history.moved', ['from' => $was]))->text();
        $this->history->changed($booking, History::BY_CLIENT, $why);
        UnsentMail::drop($booking);
        $this->reminders->plan($booking);
    }

    private function slot(Business $business, Booking $booking, Wish $wish): ?Slot
    {
        foreach ($this->bookable->at($business, $this->rules->bookNow($business), $wish) as $slot) {
            if ($slot->session !== $booking->session_id) {
                return $slot;
            }
        }

        return null;
    }

    private function taken(Business $business, Wish $wish): TimeTaken
    {
        return TimeTaken::near($this->bookable->near($business, $wish));
    }
}
