<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

/** T12: how many appointments and sessions start on each of the local dates asked for, of a service and of a person. */
final class DayCounts
{
    /** @var array<string, array<int, int>> */
    private array $services = [];

    /** @var array<string, array<int, int>> */
    private array $people = [];

    public function __construct(private readonly RuleBook $book, Diary $diary, Ask $ask)
    {
        if (! self::matter($book, $book->services[$ask->service])) {
            return;
        }
        $dates = $book->zone->dates($ask->fromDay, $ask->toDay);
        $joined = [];
        foreach ($diary->bookings as $booking) {
            if (! $dates->covers($booking->start) || ! $booking->holdsTime($ask->now)) {
                continue;
            }
            if (($book->services[$booking->service] ?? null)?->isShared() === true) {
                $key = Group::key($booking);
                if (isset($joined[$key])) {
                    continue;
                }
                $joined[$key] = true;
            }
            $this->count($booking);
        }
        foreach ($diary->sessions as $session) {
            if (! $session->cancelled && $dates->covers($session->start)) {
                $this->count($session);
            }
        }
    }

    public function serviceIsFull(Service $service, int $day): bool
    {
        return $service->maxPerDay !== null && $this->ofService($service, $day) >= $service->maxPerDay;
    }

    public function memberIsFull(Member $member, int $day): bool
    {
        return $member->maxPerDay !== null && $this->ofMember($member, $day) >= $member->maxPerDay;
    }

    /** How many of the service start on that date. */
    public function ofService(Service $service, int $day): int
    {
        return $this->services[$service->id][$day] ?? 0;
    }

    public function ofMember(Member $member, int $day): int
    {
        return $this->people[$member->id][$day] ?? 0;
    }

    /** Whether the service, or anybody who does it, has a limit. */
    private static function matter(RuleBook $book, Service $service): bool
    {
        foreach ($service->staff as $id) {
            if ($book->staff[$id]->maxPerDay !== null) {
                return true;
            }
        }

        return $service->maxPerDay !== null;
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
