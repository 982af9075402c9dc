<?php

declare(strict_types=1);

namespace App\Board;

use YardBell\Core\Availability\Slot;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\Zone;

/** What a caller adds to their wish: with one of some people, after some hour, on some weekdays. */
final readonly class Narrowed
{
    /**
     * @param  list<string>  $people one of them; none: anybody
     * @param  int  $after minute of the day from which on it may begin
     * @param  list<int>  $weekdays 0 is Monday; none: any
     */
    public function __construct(public array $people = [], public int $after = 0, public array $weekdays = [])
    {
    }

    public function isAny(): bool
    {
        return $this->people !== [] || $this->after > 0 || $this->weekdays !== [];
    }

    public function suits(Slot $slot, Zone $zone): bool
    {
        $wall = $zone->wall($slot->start);
        $day = $zone->day($slot->start);

        return ($this->people === [] || array_intersect($this->people, $slot->staff) !== []) &&
            $wall - $day * Wall::DAY >= $this->after &&
            ($this->weekdays === [] || in_array(Wall::weekday($day), $this->weekdays, true));
    }
}
