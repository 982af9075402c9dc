<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Timeline;
use YardBell\Core\Time\Wall;

use function array_filter;
use function array_map;
use function count;
use function intdiv;
use function max;

/** Which bookings a change of the rules leaves outside of open time. They stay what they are. */
final class Stranding
{
    /** Days beside those that are looked at. */
    private const AROUND = 3;

    /** Days whose open time is worked out at once, where there is a booking a day to look at; otherwise it is one. */
    private const AT_ONCE = 14;

    /** @var array{int, int, Timeline}|null of which days, and when it shuts on them */
    private ?array $shut = null;

    public function __construct(private readonly RuleBook $before, private readonly RuleBook $after)
    {
    }

    /**
     * Where a booking has to lie to be stranded; null: anywhere, since more than the opening hours is another.
     *
     * @param  int  $longest minutes that a booking of these dates takes at most
     */
    public function where(int $fromDay, int $toDay, int $longest): ?Timeline
    {
        $same = $this->opensAlone() &&
            $this->before->locations === $this->after->locations &&
            $this->before->services === $this->after->services &&
            count($this->sameStaff()) === count($this->before->staff);

        return $same ? $this->shut($fromDay, $toDay, $longest) : null;
    }

    private function opensAlone(): bool
    {
        return $this->before->zone === $this->after->zone &&
            $this->before->closures === $this->after->closures &&
            $this->before->pools === $this->after->pools;
    }

    /** @return list<Booking> that lay in open time before and do not after; those to come */
    public function of(Diary $diary, int $fromDay, int $toDay, int $now): array
    {
        $dates = $this->after->zone->dates($fromDay, $toDay);
        $minutes = array_map(static fn (Booking $booking): int => $booking->minutes, $diary->bookings);
        $shut = $this->shut($fromDay, $toDay, max([0, ...$minutes]));
        $opensAlone = $this->opensAlone();
        [$services, $staff] = [$this->sameServices(), $this->sameStaff()];
        $touched = array_filter(
            $diary->bookings,
            fn (Booking $booking): bool => $booking->start >= $now &&
                $dates->covers($booking->start) &&
                $booking->holdsTime($now) &&
                (! $opensAlone || ! $this->isAsItWas($booking, $services, $staff) || self::meets($shut, $booking)),
        );
        $atOnce = count($touched) > $toDay - $fromDay ? self::AT_ONCE : 1;
        [$stranded, $known] = [[], []];
        foreach ($touched as $booking) {
            $first = intdiv($this->after->zone->day($booking->start), $atOnce) * $atOnce;
            $further = $atOnce + intdiv($booking->minutes, Wall::DAY);
            [$before, $after] = $known["{$first} {$further}"] ??= $this->around($first, $first + $further);
            if (! self::isOpen($this->after, $after, $booking) && self::isOpen($this->before, $before, $booking)) {
                $stranded[] = $booking;
            }
        }

        return $stranded;
    }

    /** When the business opened before and does not after, as far as a booking of the dates can last. */
    private function shut(int $fromDay, int $toDay, int $longest): Timeline
    {
        if ($this->before->openingHours === $this->after->openingHours) {
            return Timeline::none();
        }
        [$first, $last] = [$fromDay - self::AROUND, $toDay + self::AROUND + intdiv($longest, Wall::DAY)];
        if ($first !== ($this->shut[0] ?? null) || $last > $this->shut[1]) {
            $hours = static fn (RuleBook $book): Timeline => $book->openingHours->between($first, $last, $book->zone);
            $this->shut = [$first, $last, $hours($this->before)->subtract($hours($this->after))];
        }

        return $this->shut[2];
    }

    /**
     * Whether its service, place and people are as they were: what a draft leaves alone is the same object before and
     * after.
     *
     * @param  array<string, Service>  $services those that are
     * @param  array<string, Member>  $staff likewise
     */
    private function isAsItWas(Booking $booking, array $services, array $staff): bool
    {
        foreach ($booking->staff as $id) {
            if (! isset($staff[$id])) {
                return false;
            }
        }
        $location = $booking->location ?? '';

        return isset($services[$booking->service]) &&
            ($this->before->locations[$location] ?? null) === ($this->after->locations[$location] ?? null);
    }

    /**
     * Those who are as they were. Somebody who follows the opening hours but for days of their own does so window by
     * window, and counts as another.
     *
     * @return array<string, Member>
     */
    private function sameStaff(): array
    {
        return array_filter(
            $this->after->staff,
            fn (Member $member): bool => $member === ($this->before->staff[$member->id] ?? null) &&
                ($member->weekly !== null || $member->special === []),
        );
    }

    /** @return array<string, Service> */
    private function sameServices(): array
    {
        return array_filter(
            $this->after->services,
            fn (Service $service): bool => $service === ($this->before->services[$service->id] ?? null),
        );
    }

    private static function meets(Timeline $shut, Booking $booking): bool
    {
        return ! $shut->within($booking->start, $booking->start + $booking->minutes)->isEmpty();
    }

    /** @return array{WorkTime, WorkTime} before and after */
    private function around(int $first, int $last): array
    {
        [$from, $until] = [$first - self::AROUND, $last + self::AROUND];
        $before = new OpenTime($this->before, $from, $until);

        return [new WorkTime($before), new WorkTime(new OpenTime($this->after, $from, $until, $before))];
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
