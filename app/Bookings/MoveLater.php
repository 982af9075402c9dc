<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Language\Sentence;
use App\Messages\Announcements;
use App\Messages\Telling;
use App\Messages\UnsentMail;
use App\Models\Booking;
use App\Models\Business;
use App\Support\Instants;
use App\Support\LocalTime;
use App\Support\Refusal;
use App\Times\Override;
use App\Times\TimeTaken;
use Illuminate\Database\ConnectionInterface;

/**
 * Moves one booking of a repeat and all later ones by as much on the clock (rules.md T23), but for those that somebody
 * gave another time or left where they are: all of them or none, and told in one mail.
 */
final readonly class MoveLater
{
    public function __construct(
        private ConnectionInterface $db,
        private MoveBooking $move,
        private Announcements $announcements,
    ) {
    }

    /**
     * @param  array<string, int|null>  $each another start, by booking; null: it stays where it is
     *
     * @throws Refusal|TimeTaken that names the first date that does not fit
     */
    public function __invoke(
        Business $business,
        Booking $booking,
        Destination $to,
        string $by,
        Telling $whom,
        array $each = [],
    ): Booking {
        return $this->db->transaction(function () use ($business, $booking, $to, $by, $whom, $each) {
            $all = self::planned($business, $booking, $to, $each);
            $bookings = array_map(static fn (LaterOne $one): Booking => $one->booking, $all);
            $known = UnsentMail::knownPlaces($bookings);
            foreach ($all as $one) {
                if ($one->to !== null) {
                    $this->one(
                        business: $business,
                        booking: $one->booking,
                        to: $one->to,
                        isAsked: $one->booking->id === $booking->id,
                        by: $by,
                    );
                }
            }
            $this->announcements->undoable()->moved($bookings, $known, $whom);

            return $booking->refresh();
        }, attempts: 5);
    }

    /** @throws Refusal|TimeTaken */
    private function one(Business $business, Booking $booking, Destination $to, bool $isAsked, string $by): void
    {
        try {
            ($this->move)(business: $business, id: $booking->id, to: $to, by: $by, whom: Telling::Nobody);
        } catch (TimeTaken $taken) {
            throw $isAsked ? $taken : new Refusal(
                new Sentence('refusal.booking.later_not_moved', [
                    'date' => LocalTime::date($business->zone()->day($to->start)),
                ]),
                409,
                'time_taken',
            );
        }
        $booking->refresh();
    }

    /**
     * In the order in which they are moved: those ahead make room for those behind.
     *
     * @param  array<string, int|null>  $each
     * @return list<LaterOne> itself among them
     */
    public static function planned(Business $business, Booking $booking, Destination $to, array $each): array
    {
        $zone = $business->zone();
        $shift = $zone->wall($to->start) - $zone->wall(Instants::minute($booking->starts_at));
        $later = array_map(static function (Booking $one) use ($zone, $shift, $to, $each): LaterOne {
            $start = array_key_exists($one->id, $each)
                ? $each[$one->id]
                : $zone->first($zone->wall(Instants::minute($one->starts_at)) + $shift);

            return new LaterOne(
                $one,
                // what is left out on purpose is meant for the one it was said of
                $start === null ? null : $to->unseen()->at($start)->with(new Override()),
            );
        }, Repeated::after($booking));
        $own = new LaterOne($booking, $to);

        return $shift > 0 ? [...array_reverse($later), $own] : [$own, ...$later];
    }
}
