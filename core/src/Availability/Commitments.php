<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use function array_map;
use function in_array;

/**
 * T6, T8, T9: what people and units are taken by within a stretch of time: gathered in one pass over the diary, worked
 * out for whom it is asked.
 */
final class Commitments
{
    /** @var array<string, list<Booking|Session>> by person */
    private array $takePeople = [];

    /** @var array<string, list<Booking|Session>> by unit */
    private array $takeUnits = [];

    /** @var array<string, list<Commitment>> */
    private array $people = [];

    /** @var array<string, list<Commitment>> */
    private array $units = [];

    /** @param  array{int, int}  $within instants: what ends before or starts after (travel included) is left out */
    public function __construct(private readonly RuleBook $book, Diary $diary, int $now, array $within)
    {
        $from = $within[0] - $book->lookAround();
        $until = $within[1] + $book->lookAround();
        foreach ($diary->bookings as $booking) {
            if (
                $booking->start - $booking->setup < $until &&
                $booking->start + $booking->minutes + $booking->clearup > $from &&
                $booking->holdsTime($now)
            ) {
                $this->take($booking);
            }
        }
        foreach ($diary->sessions as $session) {
            [$setup, $clearup] = $this->buffers($session);
            if (
                ! $session->cancelled &&
                $session->start - $setup < $until &&
                $session->start + $session->minutes + $clearup > $from
            ) {
                $this->take($session);
            }
        }
    }

    /** @return list<Commitment> */
    public function ofMember(string $member): array
    {
        return $this->people[$member] ??= [
            ...array_map($this->padded(...), $this->takePeople[$member] ?? []),
            ...self::away($this->book->staff[$member] ?? null),
        ];
    }

    /** @return list<Commitment> */
    public function ofUnit(string $unit): array
    {
        return $this->units[$unit] ??= [
            ...array_map(
                fn (Booking|Session $taken): Commitment => $this->holdsBuffers($taken->service, $unit)
                    ? $this->padded($taken)
                    : self::commitment($taken, 0, 0),
                $this->takeUnits[$unit] ?? [],
            ),
            ...$this->outages($unit),
        ];
    }

    private function take(Booking|Session $taken): void
    {
        foreach ($taken->staff as $member) {
            $this->takePeople[$member][] = $taken;
        }
        foreach ($taken->units as $unit) {
            $this->takeUnits[$unit][] = $taken;
        }
    }

    private function padded(Booking|Session $taken): Commitment
    {
        return self::commitment($taken, ...$this->buffers($taken));
    }

    /** @return array{int, int} set-up and clear-up, in minutes */
    private function buffers(Booking|Session $taken): array
    {
        if ($taken instanceof Booking) {
            return [$taken->setup, $taken->clearup];
        }
        $service = $this->book->services[$taken->service] ?? null;

        return [$service->setup ?? 0, $service->clearup ?? 0];
    }

    private static function commitment(Booking|Session $taken, int $setup, int $clearup): Commitment
    {
        return new Commitment(
            $taken->start - $setup,
            $taken->start + $taken->minutes + $clearup,
            new Cause($taken instanceof Booking ? CauseKind::Booking : CauseKind::Session, $taken->id),
            $taken->location,
        );
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

    /** @return list<Commitment> */
    private function outages(string $unit): array
    {
        $outages = [];
        foreach ($this->book->pools as $pool) {
            foreach ($pool->outages[$unit] ?? [] as $span) {
                if ($span->interval !== null) {
                    $cause = new Cause(CauseKind::Outage, $unit);
                    $outages[] = new Commitment($span->interval->start, $span->interval->end, $cause);
                }
            }
        }

        return $outages;
    }

    /** @return list<Commitment> time off, and what their calendar says */
    private static function away(?Member $member): array
    {
        $away = [];
        foreach ($member->timeOff ?? [] as [$id, $span]) {
            if ($span->interval !== null) {
                $cause = new Cause(CauseKind::TimeOff, $id);
                $away[] = new Commitment($span->interval->start, $span->interval->end, $cause);
            }
        }
        foreach ($member?->respectBusy === true ? $member->busy : [] as $interval) {
            $away[] = new Commitment($interval->start, $interval->end, new Cause(CauseKind::Calendar));
        }

        return $away;
    }
}
