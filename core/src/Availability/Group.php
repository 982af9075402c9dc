<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

/** T14: a shared appointment: all bookings of the same service, start, length, set of staff and location. */
final class Group
{
    public int $party = 0;

    /** @var array<string, true> */
    public array $units = [];

    private function __construct(public readonly int $start)
    {
    }

    public static function key(Booking $booking): string
    {
        return "{$booking->service} {$booking->start} {$booking->minutes} ".self::where($booking->staff, $booking->location);
    }

    /** @param  list<string>  $staff */
    public static function where(array $staff, ?string $location): string
    {
        sort($staff);

        return implode(',', $staff)." {$location}";
    }

    /**
     * The groups of a service and length that hold time, by who and where, in order of time.
     *
     * @return array<string, array<int, self>> by where(), then by start
     */
    public static function gather(Diary $diary, Service $service, int $minutes, int $now): array
    {
        $groups = [];
        foreach ($diary->bookings as $booking) {
            if ($booking->service !== $service->id || $booking->minutes !== $minutes || ! $booking->holdsTime($now)) {
                continue;
            }
            $group = $groups[self::where($booking->staff, $booking->location)][$booking->start] ??= new self($booking->start);
            $group->party += $booking->party;
            $group->units += array_fill_keys($booking->units, true);
        }

        return $groups;
    }
}
