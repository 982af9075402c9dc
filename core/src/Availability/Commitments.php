<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use function in_array;

/** T6, T8, T9: what people and units are taken by within a stretch of time; gathered in one pass over the diary. */
final class Commitments
{
    /** @var array<string, list<Commitment>> */
    private array $people = [];

    /** @var array<string, list<Commitment>> */
    private array $units = [];

    /** @param  array{int, int}  $within instants: what ends before or starts after (travel included) is left out */
    public function __construct(private readonly RuleBook $book, Diary $diary, int $now, array $within)
    {
        $from = $within[0] - $book->travelMinutes;
        $until = $within[1] + $book->travelMinutes;
        foreach ($diary->bookings as $booking) {
            if (
                $booking->start - $booking->setup < $until &&
                $booking->start + $booking->minutes + $booking->clearup > $from &&
                $booking->holdsTime($now)
            ) {
                $this->take($booking, $booking->setup, $booking->clearup, CauseKind::Booking);
            }
        }
        foreach ($diary->sessions as $session) {
            $service = $book->services[$session->service] ?? null;
            [$setup, $clearup] = [$service->setup ?? 0, $service->clearup ?? 0];
            if (
                ! $session->cancelled &&
                $session->start - $setup < $until &&
                $session->start + $session->minutes + $clearup > $from
            ) {
                $this->take($session, $setup, $clearup, CauseKind::Session);
            }
        }
        foreach ($book->staff as $member) {
            $this->keepAway($member);
        }
        foreach ($book->pools as $pool) {
            foreach ($pool->outages as $unit => $outages) {
                foreach ($outages as $span) {
                    if ($span->interval !== null) {
                        $this->units[$unit][] = new Commitment(
                            $span->interval->start,
                            $span->interval->end,
                            new Cause(CauseKind::Outage, (string) $unit),
                        );
                    }
                }
            }
        }
    }

    /** @return list<Commitment> */
    public function ofMember(string $member): array
    {
        return $this->people[$member] ?? [];
    }

    /** @return list<Commitment> */
    public function ofUnit(string $unit): array
    {
        return $this->units[$unit] ?? [];
    }

    private function take(Booking|Session $taken, int $setup, int $clearup, CauseKind $kind): void
    {
        $end = $taken->start + $taken->minutes;
        $cause = new Cause($kind, $taken->id);
        $padded = new Commitment($taken->start - $setup, $end + $clearup, $cause, $taken->location);
        foreach ($taken->staff as $member) {
            $this->people[$member][] = $padded;
        }
        foreach ($taken->units as $unit) {
            $this->units[$unit][] = $this->holdsBuffers($taken->service, $unit)
                ? $padded
                : new Commitment($taken->start, $end, $cause, $taken->location);
        }
    }

    /** T9: a service that does not name the unit's pool holds it with set-up and clear-up. */
    private function holdsBuffers(string $service, string $unit): bool
    {
        foreach ($this->book->services[$service]->needs ?? [] as $need) {
            if (! $need->holdsBuffers && in_array($unit, $this->book->pools[$need->pool]->units, true)) {
                return false;
            }
        }

        return true;
    }

    private function keepAway(Member $member): void
    {
        foreach ($member->timeOff as [$id, $span]) {
            if ($span->interval !== null) {
                $this->people[$member->id][] = new Commitment(
                    $span->interval->start,
                    $span->interval->end,
                    new Cause(CauseKind::TimeOff, $id),
                );
            }
        }
        foreach ($member->respectBusy ? $member->busy : [] as $interval) {
            $cause = new Cause(CauseKind::Calendar);
            $this->people[$member->id][] = new Commitment($interval->start, $interval->end, $cause);
        }
    }
}
