<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

use YardBell\Core\Time\Hours;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\Zone;

use function in_array;

/** P4: what a visit costs more at some hours or on some dates. */
final readonly class Surcharge
{
    /**
     * @param  Hours|null  $hours outside of which it applies, where that is when it does
     * @param  list<int>  $weekdays 0 for Monday
     * @param  list<int>  $days day numbers
     * @param  int|Percent  $charge an amount, or a part of base and people
     * @param  int|Percent|null  $staff what who takes the visit gets of it: an amount, a part of it, or nothing
     */
    public function __construct(
        public string $id,
        public string $name,
        public SurchargeWhen $when,
        public ?Hours $hours,
        public array $weekdays,
        public array $days,
        public int|Percent $charge,
        public int|Percent|null $staff = null,
    ) {
    }

    /** @param  int  $start, $end instants of the visit, add-ons included */
    public function applies(int $start, int $end, Zone $zone): bool
    {
        $day = $zone->day($start);

        return match ($this->when) {
            SurchargeWhen::OutsideHours => $this->isOutside($start, $end, $zone),
            SurchargeWhen::Weekdays => in_array(Wall::weekday($day), $this->weekdays, true),
            SurchargeWhen::Dates => in_array($day, $this->days, true),
        };
    }

    private function isOutside(int $start, int $end, Zone $zone): bool
    {
        $stretch = $this->hours
            ?->between($zone->day($start) - 1, $zone->day($end), $zone)
            ->stretchAt($start);

        return $stretch === null || $stretch[1] < $end;
    }
}
