<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\Business;
use YardBell\Core\Availability\Ask;
use YardBell\Core\Availability\Relaxed;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Availability\SlotSearch;

/** Asks the core what can be booked, with what the database says now. */
final readonly class Bookable
{
    public function __construct(private RulesReader $rules)
    {
    }

    /** @return list<Slot> */
    public function slots(Business $business, Ask $ask, ?RuleBook $book = null): array
    {
        $book ??= $this->rules->book($business);

        return isset($book->services[$ask->service])
            ? (new SlotSearch($book, $this->rules->diary($business, $ask->fromDay, $ask->toDay, $ask->service)))->slots($ask)
            : [];
    }

    /** @return list<Slot> what is offered at exactly this instant */
    public function at(Business $business, string $service, int $start, int $now, ?string $member = null, Relaxed $relaxed = new Relaxed()): array
    {
        $day = $business->zone()->day($start);
        $slots = $this->slots($business, new Ask($service, $day, $day, $now, staff: $member, relaxed: $relaxed));

        return array_values(array_filter($slots, static fn (Slot $slot): bool => $slot->start === $start));
    }

    /** @return list<Slot> the free starts closest to $start, in order of time */
    public function near(Business $business, string $service, int $start, int $now, ?string $member, int $count = 4): array
    {
        $day = $business->zone()->day($start);
        $slots = [];
        foreach ($this->slots($business, new Ask($service, max($day - 1, $business->zone()->day($now)), $day + 3, $now, staff: $member)) as $slot) {
            $slots[$slot->start] ??= $slot;
        }
        unset($slots[$start]);
        usort($slots, static fn (Slot $a, Slot $b): int => abs($a->start - $start) <=> abs($b->start - $start));
        $near = array_slice($slots, 0, $count);
        usort($near, static fn (Slot $a, Slot $b): int => $a->start <=> $b->start);

        return $near;
    }
}
