<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\Business;
use App\Support\Clock;
use App\Support\Instants;
use Illuminate\Database\ConnectionInterface;

/**
 * Who books takes the days of the people and units it needs first: an update of one row a taker and local date, in a
 * fixed order. Whoever comes second waits here until the first has written, and then sees what was written.
 *
 * What is claimed is all that the rules look at: the padded interval, and the way to and from it (rules.md T6, T7).
 */
final readonly class Claims
{
    public function __construct(private ConnectionInterface $db, private Clock $clock)
    {
    }

    /**
     * @param  list<string>  $takers people, units, a session, a service
     * @param  int  $from instant, $until instant: all that will be taken, set-up and clear-up included
     */
    public function take(Business $business, array $takers, int $from, int $until): void
    {
        $zone = $business->zone();
        $from -= $business->travel_minutes;
        $until += $business->travel_minutes;
        sort($takers);
        foreach ($takers as $taker) {
            for ($day = $zone->day($from); $day <= $zone->day($until - 1); $day++) {
                $this->db->statement(
                    'insert into claims (business_id, taker, day, times) values (?, ?, ?, 1) on duplicate key update '
                        .'times = times + 1',
                    [$business->id, $taker, substr(Instants::toDatabase($day * 1440), 0, 10)],
                );
            }
        }
        $this->lapse($business, $from, $until);
    }

    /**
     * A hold that has run out loses its time for good once somebody takes it: written down here, so that no clock that
     * goes back, and no other machine's, can make it hold again. Whoever finds their hold lapsed asks the core anew.
     */
    private function lapse(Business $business, int $from, int $until): void
    {
        $this->db->update(
            "update bookings set held_until = null where business_id = ? and state = 'held' and held_until <= ? and "
                .'taken_from < ? and taken_until > ?',
            [
                $business->id,
                Instants::toDatabase($this->clock->minute()),
                Instants::toDatabase($until),
                Instants::toDatabase($from),
            ],
        );
    }
}
