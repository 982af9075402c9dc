<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Zone;

/** T14: a shared appointment: all bookings of the same service, start, length, set of staff and location. */
final class Group
{
    public int $party = 0;

    /** @var array<string, true> */
    public array $units = [];

    /** @var list<string> */
    public array $bookings = [];

    private function __construct(public readonly int $start)
    {
    }

    public static function key(Booking $booking): string
    {
        return "{$booking->service} {$booking->start} {$booking->minutes} "
            .self::where($booking->staff, $booking->location);
    }

    /** @param  list<string>  $staff */
    private static function where(array $staff, ?string $location): string
    {
        sort($staff);

        return implode(',', $staff)." {$location}";
    }

    /** @param  non-empty-list<Member>  $crew */
    public static function of(array $crew, Location $location): string
    {
        return self::where(array_map(static fn (Member $member): string => $member->id, $crew), $location->id);
    }

    /**
     * The groups of a service and length that hold time on the dates asked for.
     *
     * @return array<string, array<int, self>> by of(), then by start
     */
    public static function gather(Diary $diary, Service $service, int $minutes, Ask $ask, Zone $zone): array
    {
        $groups = [];
        $dates = $zone->dates($ask->fromDay, $ask->toDay);
        foreach ($diary->bookings as $booking) {
            if (
                $booking->minutes !== $minutes ||
                $booking->service !== $service->id ||
                ! $dates->covers($booking->start) ||
                ! $booking->holdsTime($ask->now)
            ) {
                continue;
            }
            $group = $groups[self::where($booking->staff, $booking->location)][$booking->start] ??= new self(
                $booking->start,
            );
            $group->party += $booking->party;
            $group->units += array_fill_keys($booking->units, true);
            $group->bookings[] = $booking->id;
        }

        return $groups;
    }
}
