<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

/** T12: how many appointments and sessions start on a local date, of a service and of a person. */
final class DayCounts
{
    /** @var array<string, array<int, int>> */
    private array $services = [];

    /** @var array<string, array<int, int>> */
    private array $people = [];

    public function __construct(private readonly RuleBook $book, Diary $diary, int $now)
    {
        if (! self::matter($book)) {
            return;
        }
        $joined = [];
        foreach ($diary->bookings as $booking) {
            if (! $booking->holdsTime($now)) {
                continue;
            }
            if ($book->services[$booking->service]->isShared()) {
                $key = Group::key($booking);
                if (isset($joined[$key])) {
                    continue;
                }
                $joined[$key] = true;
            }
            $this->count($booking);
        }
        foreach ($diary->sessions as $session) {
            if (! $session->cancelled) {
                $this->count($session);
            }
        }
    }

    public function serviceIsFull(Service $service, int $day): bool
    {
        return $service->maxPerDay !== null && ($this->services[$service->id][$day] ?? 0) >= $service->maxPerDay;
    }

    public function memberIsFull(Member $member, int $day): bool
    {
        return $member->maxPerDay !== null && ($this->people[$member->id][$day] ?? 0) >= $member->maxPerDay;
    }

    private static function matter(RuleBook $book): bool
    {
        foreach ([...array_values($book->services), ...array_values($book->staff)] as $limited) {
            if ($limited->maxPerDay !== null) {
                return true;
            }
        }

        return false;
    }

    private function count(Booking|Session $taken): void
    {
        $day = $this->book->zone->day($taken->start);
        $this->services[$taken->service][$day] = ($this->services[$taken->service][$day] ?? 0) + 1;
        foreach ($taken->staff as $member) {
            $this->people[$member][$day] = ($this->people[$member][$day] ?? 0) + 1;
        }
    }
}
