<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Timeline;

use function array_diff_key;
use function array_filter;
use function array_keys;
use function array_map;
use function array_values;
use function implode;
use function in_array;
use function strval;

/**
 * What a change of the rules does on a range of dates: which starts open and which close, and which bookings no longer
 * lie in open time. The bookings stay what they are; both rule books are asked with the same diary.
 */
final readonly class ChangePreview
{
    /** Days beside those asked about. */
    private const AROUND = 3;

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
        foreach ($this->touched() as $id) {
            $ask = new Ask((string) $id, $fromDay, $toDay, $now);
            $had = $this->starts($this->before, $ask);
            $has = $this->starts($this->after, $ask);
            foreach ([[&$opens, array_diff_key($has, $had)], [&$closes, array_diff_key($had, $has)]] as [&$changes, $slots]) {
                array_push($changes, ...$this->byDay((string) $id, $slots));
            }
        }

        [$had, $has] = $this->openTimes($fromDay, $toDay);

        return new Effect($opens, $closes, $this->stranded($fromDay, $toDay, $now), $this->ground($had, $has));
    }

    /**
     * The services whose times can be different: what a draft leaves alone is the same object before and after.
     *
     * @return list<string>
     */
    private function touched(): array
    {
        $ids = array_map(strval(...), array_keys($this->before->services + $this->after->services));
        foreach (['zone', 'openingHours', 'closures', 'dayparts', 'travelMinutes'] as $shared) {
            if ($this->before->$shared !== $this->after->$shared) {
                return $ids;
            }
        }

        return array_values(array_filter($ids, $this->isTouched(...)));
    }

    private function isTouched(string $id): bool
    {
        $service = $this->before->services[$id] ?? null;
        if ($service === null || $service !== ($this->after->services[$id] ?? null)) {
            return true;
        }
        $pools = array_map(static fn (Need $need): string => $need->pool, $service->needs);
        foreach (['staff' => $service->staff, 'locations' => $service->locations, 'pools' => $pools] as $list => $used) {
            foreach ($used as $one) {
                if ($this->before->$list[$one] !== $this->after->$list[$one]) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return array{OpenTime, OpenTime} before and after, with the nights that reach into the dates and out of them */
    private function openTimes(int $fromDay, int $toDay): array
    {
        [$first, $last] = [$fromDay - self::AROUND, $toDay + self::AROUND];

        return [new OpenTime($this->before, $first, $last), new OpenTime($this->after, $first, $last)];
    }

    /** The open time of the people for whom it changes; where it does for nobody, of everybody concerned. */
    private function ground(OpenTime $had, OpenTime $has): GroundChange
    {
        $all = $changed = GroundChange::none();
        $concerned = array_filter($this->after->staff, fn (Member $member): bool => $member !== ($this->before->staff[$member->id] ?? null));
        foreach ($this->touched() as $id) {
            foreach ($this->crews($id) as [$member, $location]) {
                if ($concerned !== [] && ! isset($concerned[$member])) {
                    continue; // it is about somebody else
                }
                $one = GroundChange::between($this->time($this->before, $had, $id, $member, $location), $this->time($this->after, $has, $id, $member, $location));
                $all = $all->with($one);
                $changed = $one->isNothing() ? $changed : $changed->with($one);
            }
        }

        return $changed->isNothing() ? $all : $changed;
    }

    /** @return list<array{string, string}> who does a service and where, before or after */
    private function crews(string $service): array
    {
        $crews = [];
        foreach ([$this->before, $this->after] as $book) {
            foreach ($book->services[$service]->staff ?? [] as $member) {
                foreach ($book->services[$service]->locations ?? [] as $location) {
                    $crews["{$member} {$location}"] = [$member, $location];
                }
            }
        }

        return array_values($crews);
    }

    private function time(RuleBook $book, OpenTime $open, string $service, string $member, string $location): Timeline
    {
        $rules = $book->services[$service] ?? null;
        $person = $book->staff[$member] ?? null;
        $place = $book->locations[$location] ?? null;
        $does = $rules !== null && $place !== null && $person?->active === true && in_array($member, $rules->staff, true) && in_array($location, $rules->locations, true);

        return $does ? $open->of($person, $place, $rules)->subtract($person->off()) : Timeline::none();
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
    public function stranded(int $fromDay, int $toDay, int $now): array
    {
        [$before, $after] = $this->openTimes($fromDay, $toDay);
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
            if ($member === null || ! $member->active || ! $appointment->subtract($open->of($member, $location ?? new Location('', ''), $service)->subtract($member->off()))->isEmpty()) {
                return false;
            }
        }

        return self::unitsWork($book, $booking, $appointment);
    }

    private static function unitsWork(RuleBook $book, Booking $booking, Timeline $appointment): bool
    {
        foreach ($book->pools as $pool) {
            foreach ($booking->units as $unit) {
                foreach ($pool->outages[$unit] ?? [] as $outage) {
                    if ($outage->interval !== null && ! $appointment->intersect(Timeline::between($outage->interval->start, $outage->interval->end))->isEmpty()) {
                        return false;
                    }
                }
            }
        }

        return true;
    }
}
