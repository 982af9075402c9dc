<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Language\Sentence;
use App\Messages\Announcements;
use App\Messages\Telling;
use App\Messages\UnsentMail;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Lock;
use App\Support\Instants;
use App\Support\Refusal;
use App\Times\Claims;
use App\Times\Override;
use App\Times\TimeTaken;
use Illuminate\Database\ConnectionInterface;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Booking\State;

/** Gives a booking another time, perhaps other people: its number, price and history stay, everyone is told. */
final readonly class MoveBooking
{
    private const MOVABLE = [State::Pending, State::Confirmed];

    public function __construct(
        private ConnectionInterface $db,
        private OtherTimes $times,
        private Claims $claims,
        private WriteBooking $write,
        private MovedPrice $price,
        private History $history,
        private Announcements $announcements,
        private PlanReminders $reminders,
    ) {
    }

    /**
     * @throws Refusal|TimeTaken
     */
    public function __invoke(
        Business $business,
        string $id,
        Destination $to,
        string $by,
        Telling $whom = Telling::Everybody,
    ): Booking {
        return $this->db->transaction(function () use ($business, $id, $to, $by, $whom): Booking {
            $booking = Lock::on(Booking::query()->where('business_id', $business->id)->whereKey($id))->firstOrFail();
            if (! self::may($booking)) {
                throw new Refusal(
                    new Sentence('refusal.booking.not_moved'),
                    409,
                    'too_late',
                );
            }
            if ($to->was !== null && $to->was !== Instants::minute($booking->starts_at)) {
                throw SeenVersion::moved($booking);
            }
            $there = $to;
            $ask = function () use ($business, $booking, &$there): ?Slot {
                $slot = $this->slot($business, $booking, $there);
                $there = $slot === null ? $there : $there->by($slot->staff); // whom it was claimed with

                return $slot;
            };
            $slot = $this->claims->settled(
                business: $business,
                ask: $ask,
                before: $booking->setup,
                after: $booking->clearup,
                // what the service takes a day is counted by one at a time, where it is asked
                also: $to->relaxed->limits ? [] : [$booking->service_id],
            ) ?? throw $this->taken($business, $booking, $to);
            if (! self::isThere($booking, $slot)) {
                $this->put(booking: $booking, slot: $slot, override: $to->override, by: $by, whom: $whom);
            }

            return $booking;
        }, attempts: 5);
    }

    /** A move to where it is is no move. */
    private static function isThere(Booking $booking, Slot $slot): bool
    {
        return Instants::minute($booking->starts_at) === $slot->start &&
            $booking->minutes === $slot->end - $slot->start &&
            $booking->staff_ids === $slot->staff &&
            $booking->location_id === $slot->location;
    }

    public static function may(Booking $booking): bool
    {
        return in_array($booking->state, self::MOVABLE, true) && $booking->session_id === null;
    }

    /** @return list<string> whom its client wished for; else who takes it */
    public static function wished(Booking $booking): array
    {
        return $booking->wished_staff === null || in_array($booking->wished_staff, $booking->staff_ids, true)
            ? $booking->staff_ids
            : [$booking->wished_staff];
    }

    /** Where it is, if it can stay there; with whom was wished for, else with the same people, if they can. */
    private function slot(Business $business, Booking $booking, Destination $to): ?Slot
    {
        $slots = $this->times->now($business, $booking, $to);
        $wanted = $to->staff ?? self::wished($booking);
        $stays = static fn (Slot $slot): int => $slot->location === $booking->location_id ? 0 : 1;
        $others = static fn (Slot $slot): int => match ($slot->staff) {
            $wanted => 0,
            $booking->staff_ids => 1,
            default => 2,
        };
        usort($slots, static fn (Slot $a, Slot $b): int => $others($a) <=> $others($b) ?: $stays($a) <=> $stays($b));
        $first = $slots[0] ?? null;

        return $to->staff === null || $first?->staff === $wanted ? $first : null;
    }

    private function taken(Business $business, Booking $booking, Destination $to): TimeTaken
    {
        return $this->times->takenNow($business, $booking, $to);
    }

    private function put(Booking $booking, Slot $slot, Override $override, string $by, Telling $whom): void
    {
        $known = UnsentMail::knownPlaces([$booking]);
        [$was, $before] = [$booking->starts_at->format('Y-m-d\TH:i\Z'), $booking->staff_ids];
        $lasts = $booking->minutes;
        $booking->fill([
            'starts_at' => Instants::carbon($slot->start),
            'minutes' => $slot->end - $slot->start,
            'location_id' => $slot->location,
            'staff_ids' => $slot->staff,
            'units' => $slot->units,
            'taken_from' => Instants::carbon($slot->start - $booking->setup),
            'taken_until' => Instants::carbon($slot->end + $booking->clearup),
            ...$override->columns(),
        ]);
        $booking->calendar_sequence++;
        $booking->save();
        $this->write->again($booking);
        if ($booking->minutes !== $lasts) {
            $this->price->priced($booking, $by);
        } elseif ($slot->staff !== $before) {
            $this->price->instead($booking, $by);
        }
        $this->history->holds($booking);
        $this->history->changed($booking, $by, (new Sentence('history.moved', ['from' => $was]))->text());
        if ($whom === Telling::Nobody) {
            UnsentMail::drop($booking);
        } else {
            $this->announcements->undoable()->moved([$booking], $known, $whom);
        }
        $this->reminders->plan($booking);
    }
}
