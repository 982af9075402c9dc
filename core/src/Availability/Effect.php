<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

/** What a change of the rules does. */
final readonly class Effect
{
    /**
     * @param  list<Change>  $opens starts that were not offered before
     * @param  list<Change>  $closes starts that no longer are
     * @param  list<Booking>  $stranded bookings to come that no longer lie in open time, or whose people or units are
     *   away
     * @param  GroundChange  $ground open time of those concerned
     */
    public function __construct(
        public array $opens,
        public array $closes,
        public array $stranded,
        public GroundChange $ground,
    ) {
    }
}
