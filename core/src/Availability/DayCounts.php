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

    private bool $counted = false;

    public function __construct(
        private readonly RuleBook $book,
        private readonly Diary $diary,
        private readonly Ask $ask,
    ) {
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
        $this->countAll();

        return $this->services[$service->id][$day] ?? 0;
    }

    public function ofMember(Member $member, int $day): int
    {
        $this->countAll();

        return $this->people[$member->id][$day] ?? 0;
    }

    /** Once it is asked: where nobody has a limit, nobody asks. */
    private function countAll(): void
    {
        if ($this->counted) {
            return;
        }
        $this->counted = true;
        $dates = $this->book->zone->dates($this->ask->fromDay, $this->ask->toDay);
        $joined = [];
        foreach ($this->diary->bookings as $booking) {
            if (! $dates->covers($booking->start) || ! $booking->holdsTime($this->ask->now)) {
                continue;
            }
            if (($this->book->services[$booking->service] ?? null)?->isShared() === true) {
                $key = Group::key($booking);
                if (isset($joined[$key])) {
                    continue;
                }
                $joined[$key] = true;
            }
            $this->count($booking);
        }
        foreach ($this->diary->sessions as $session) {
            if (! $session->cancelled && $dates->covers($session->start)) {
                $this->count($session);
            }
        }
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
