<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Timeline;
use YardBell\Core\Time\Wall;

use function intdiv;

/** Which bookings a change of the rules leaves outside of open time. They stay what they are. */
final readonly class Stranding
{
    /** Days beside those that are looked at. */
    private const AROUND = 3;

    /** Days whose open time is worked out at once, where bookings of a whole year are looked at. */
    private const AT_ONCE = 14;

    public function __construct(private RuleBook $before, private RuleBook $after, private Diary $diary)
    {
    }

    /** @return list<Booking> that lay in open time before and do not after; those to come */
    public function of(int $fromDay, int $toDay, int $now): array
    {
        $dates = $this->after->zone->dates($fromDay, $toDay);
        [$stranded, $known] = [[], []];
        foreach ($this->diary->bookings as $booking) {
            if ($booking->start < $now || ! $dates->covers($booking->start) || ! $booking->holdsTime($now)) {
                continue;
            }
            $first = intdiv($this->after->zone->day($booking->start), self::AT_ONCE) * self::AT_ONCE;
            $further = intdiv($booking->minutes, Wall::DAY);
            [$before, $after] = $known["{$first} {$further}"] ??= [
                self::around($this->before, $first, $further),
                self::around($this->after, $first, $further),
            ];
            if (! self::isOpen($this->after, $after, $booking) && self::isOpen($this->before, $before, $booking)) {
                $stranded[] = $booking;
            }
        }

        return $stranded;
    }

    private static function around(RuleBook $book, int $first, int $further): WorkTime
    {
        return new WorkTime(
            new OpenTime($book, $first - self::AROUND, $first + self::AT_ONCE + self::AROUND + $further),
        );
    }

    private static function isOpen(RuleBook $book, WorkTime $time, Booking $booking): bool
    {
        $service = $book->services[$booking->service] ?? null;
        $location = $book->locations[$booking->location ?? ''] ?? null;
        if ($service === null || ($location === null && $booking->location !== null)) {
            return false;
        }
        foreach ($booking->staff as $id) {
            $member = $book->staff[$id] ?? null;
            if ($member === null || ! $member->active) {
                return false;
            }
            $stretch = $time->of($member, $location ?? new Location('', ''), $service)->stretchAt($booking->start);
            if ($stretch === null || $stretch[1] < $booking->start + $booking->minutes) {
                return false;
            }
        }

        return self::unitsWork($book, $booking);
    }

    private static function unitsWork(RuleBook $book, Booking $booking): bool
    {
        $appointment = Timeline::between($booking->start, $booking->start + $booking->minutes);
        foreach ($book->pools as $pool) {
            foreach ($booking->units as $unit) {
                foreach ($pool->outages[$unit] ?? [] as $outage) {
                    if (
                        $outage->interval !== null &&
                        ! $appointment
                            ->intersect(Timeline::between($outage->interval->start, $outage->interval->end))
                            ->isEmpty()
                    ) {
                        return false;
                    }
                }
            }
        }

        return true;
    }
}
