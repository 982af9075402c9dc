<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Timeline;

use function array_diff_key;
use function array_filter;
use function array_values;
use function implode;

/**
 * What a change of the rules does on a range of dates: which starts open and which close, and which bookings no longer
 * lie in open time. The bookings stay what they are; both rule books are asked with the same diary.
 */
final readonly class ChangePreview
{
    public function __construct(private RuleBook $before, private RuleBook $after, private Diary $diary)
    {
    }

    /**
     * @param  int  $fromDay, $toDay local dates as day numbers, both included
     * @param  int  $now instant
     */
    public function of(int $fromDay, int $toDay, int $now): Effect
    {
        [$opens, $closes] = [[], []];
        foreach ($this->before->services + $this->after->services as $id => $service) {
            $ask = new Ask((string) $id, $fromDay, $toDay, $now);
            $had = $this->starts($this->before, $ask);
            $has = $this->starts($this->after, $ask);
            foreach ([[&$opens, array_diff_key($has, $had)], [&$closes, array_diff_key($had, $has)]] as [&$changes, $slots]) {
                array_push($changes, ...$this->byDay((string) $id, $slots));
            }
        }

        return new Effect($opens, $closes, $this->stranded($fromDay, $toDay, $now));
    }

    /** @return array<string, Slot> by start, place and people */
    private function starts(RuleBook $book, Ask $ask): array
    {
        $slots = [];
        foreach (isset($book->services[$ask->service]) ? (new SlotSearch($book, $this->diary))->slots($ask) : [] as $slot) {
            $slots["{$slot->start} {$slot->location} ".implode(',', $slot->staff)] = $slot;
        }

        return $slots;
    }

    /**
     * @param  array<string, Slot>  $slots
     * @return list<Change>
     */
    private function byDay(string $service, array $slots): array
    {
        $changes = [];
        foreach ($slots as $slot) {
            $day = $this->after->zone->day($slot->start);
            $key = "{$day} {$slot->location} ".implode(',', $slot->staff);
            $changes[$key] ??= new Change($service, $slot->staff, $slot->location, $day);
            $changes[$key]->starts[] = $slot->start;
        }

        return array_values($changes);
    }

    /** @return list<Booking> that lay in open time before and do not after; those to come */
    private function stranded(int $fromDay, int $toDay, int $now): array
    {
        $before = new OpenTime($this->before, $fromDay - 3, $toDay + 3);
        $after = new OpenTime($this->after, $fromDay - 3, $toDay + 3);
        $dates = $this->after->zone->dates($fromDay, $toDay);

        return array_values(array_filter($this->diary->bookings, fn (Booking $booking): bool => $booking->start >= $now && $dates->covers($booking->start)
            && $booking->holdsTime($now) && self::isOpen($this->before, $before, $booking) && ! self::isOpen($this->after, $after, $booking)));
    }

    private static function isOpen(RuleBook $book, OpenTime $open, Booking $booking): bool
    {
        $service = $book->services[$booking->service] ?? null;
        $location = $book->locations[$booking->location ?? ''] ?? null;
        if ($service === null || ($location === null && $booking->location !== null)) {
            return false;
        }
        $appointment = Timeline::between($booking->start, $booking->start + $booking->minutes);
        foreach ($booking->staff as $id) {
            $member = $book->staff[$id] ?? null;
            if ($member === null || ! $member->active || ! $appointment->subtract($open->of($member, $location ?? new Location('', ''), $service))->isEmpty()) {
                return false;
            }
        }

        return true;
    }
}
