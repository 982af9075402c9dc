<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\Business;
use App\Support\Instants;
use Illuminate\Database\ConnectionInterface;

/**
 * Who books takes the days of the people it needs first: an update of one row a person and local date, in a fixed
 * order. Whoever comes second waits here until the first has written, and then sees what was written.
 */
final readonly class Claims
{
    public function __construct(private ConnectionInterface $db)
    {
    }

    /**
     * @param  list<string>  $takers people (later units too)
     * @param  int  $from instant, $until instant: all that will be taken, set-up and clear-up included
     */
    public function take(Business $business, array $takers, int $from, int $until): void
    {
        $zone = $business->zone();
        sort($takers);
        foreach ($takers as $taker) {
            for ($day = $zone->day($from); $day <= $zone->day($until - 1); $day++) {
                $this->db->statement(
                    'insert into claims (business_id, taker, day, times) values (?, ?, ?, 1) on duplicate key update times = times + 1',
                    [$business->id, $taker, substr(Instants::toDatabase($day * 1440), 0, 10)],
                );
            }
        }
    }
}
