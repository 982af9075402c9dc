<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Language\Sentence;
use App\Messages\Announcements;
use App\Messages\Telling;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Lock;
use App\Support\Clock;
use App\Support\Refusal;
use App\Times\RulesReader;
use App\Times\TimeTaken;
use Illuminate\Database\ConnectionInterface;
use YardBell\Core\Time\Wall;

/**
 * Other times for somebody who has asked for one: they take one by its link, and it is booked. Until then what they
 * asked for stays kept for them, and the others are not.
 */
final readonly class SuggestTimes
{
    public function __construct(
        private ConnectionInterface $db,
        private RulesReader $rules,
        private OtherTimes $times,
        private MoveBooking $move,
        private DecideBooking $decide,
        private History $history,
        private Announcements $announcements,
        private Clock $clock,
    ) {
    }

    /**
     * @param  list<Destination>  $times
     * @param  string  $why a word with it
     *
     * @throws Refusal|TimeTaken where it does not wait any more, or one of them is not free
     */
    public function __invoke(Business $business, string $id, array $times, string $by, string $why): Booking
    {
        return $this->db->transaction(function () use ($business, $id, $times, $by, $why): Booking {
            $booking = Lock::on(Booking::query()->where('business_id', $business->id)->whereKey($id))->firstOrFail();
            DecideBooking::check($booking);
            $book = $this->rules->bookNow($business);
            $suggested = [];
            foreach ($times as $to) {
                $free = array_column($this->times->at($business, $book, $booking, $to), 'staff');
                $staff = $to->staff ?? $free[0] ?? [];
                if (! in_array($staff, $free, true)) {
                    throw $this->times->taken($business, $book, $booking, $to);
                }
                $suggested[] = ['start' => Wall::writeInstant($to->start), 'staff' => $staff];
            }
            $booking->update(['suggested' => $suggested]);
            $this->history->changed($booking, $by, (new Sentence('history.suggested'))->text());
            $this->announcements->suggest($booking, array_column($suggested, 'start'), $why);

            return $booking;
        }, attempts: 5);
    }

    /** @throws Refusal|TimeTaken where it was not suggested, does not wait any more, is over or is taken meanwhile */
    public function take(Business $business, string $id, string $start): Booking
    {
        return $this->db->transaction(function () use ($business, $id, $start): Booking {
            $booking = Lock::on(Booking::query()->where('business_id', $business->id)->whereKey($id))->firstOrFail();
            DecideBooking::check($booking);
            $staff = array_column($booking->suggested, 'staff', 'start')[$start] ?? null;
            if ($staff === null || Wall::instant($start) <= $this->clock->minute()) {
                throw new Refusal(new Sentence('refusal.booking.not_suggested'), 409, 'too_late');
            }
            $to = new Destination(Wall::instant($start), $staff);
            ($this->move)(business: $business, id: $id, to: $to, by: History::BY_CLIENT, whom: Telling::Nobody);
            $booking->refresh()->update(['suggested' => []]);

            return ($this->decide)($business->id, $id, true, History::BY_CLIENT);
        }, attempts: 5);
    }
}
