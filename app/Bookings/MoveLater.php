<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Language\Sentence;
use App\Models\Booking;
use App\Models\Business;
use App\Support\Instants;
use App\Support\LocalTime;
use App\Support\Refusal;
use Illuminate\Database\ConnectionInterface;

/** Moves one booking of a repeat and all later ones by as much on the clock, all of them or none (rules.md T23). */
final readonly class MoveLater
{
    public function __construct(private ConnectionInterface $db, private MoveBooking $move)
    {
    }

    /** @throws Refusal|TimeTaken that names the first date that does not fit */
    public function __invoke(Business $business, Booking $booking, Destination $to, string $by, bool $told): Booking
    {
        $zone = $business->zone();
        $shift = $zone->wall($to->start) - $zone->wall(Instants::minute($booking->starts_at));
        $later = Repeated::after($booking);
        // those ahead make room for those behind
        $all = $shift > 0 ? [...array_reverse($later), $booking] : [$booking, ...$later];

        return $this->db->transaction(function () use ($business, $booking, $to, $by, $told, $zone, $shift, $all) {
            foreach ($all as $one) {
                $start = $zone->first($zone->wall(Instants::minute($one->starts_at)) + $shift);
                // what is left out on purpose is meant for the one it was said of
                $freedom = $one->id === $booking->id ? $to->freedom : new Freedom();
                $there = ($one->id === $booking->id ? $to : $to->unseen())->at($start)->with($freedom);
                try {
                    ($this->move)($business, $one->id, $there, $by, $told);
                } catch (TimeTaken $taken) {
                    throw $one->id === $booking->id ? $taken : new Refusal(
                        new Sentence('refusal.booking.later_not_moved', [
                            'date' => LocalTime::date($zone->day($start)),
                        ]),
                        409,
                        'time_taken',
                    );
                }
            }

            return $booking->refresh();
        }, attempts: 5);
    }
}
