<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use function array_filter;
use function array_values;
use function count;
use function usort;

/**
 * Commitments that overlap without being marked as deliberate, and sessions with more people than places. Holds are
 * left out: they end by themselves.
 */
final class CheckDiary
{
    /** More than so many are not told. */
    private const MOST = 200;

    /** @var array<string, Booking> by id */
    private array $bookings = [];

    /** @var array<string, Finding> */
    private array $findings = [];

    public function __construct(private readonly RuleBook $book, private readonly Diary $diary)
    {
        foreach ($diary->bookings as $booking) {
            $this->bookings[$booking->id] = $booking;
        }
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        $taken = $this->diary->seatsTaken(PHP_INT_MAX);
        foreach ($this->diary->sessions as $session) {
            if (! $session->cancelled && ($taken[$session->id] ?? 0) > $session->places) {
                $this->findings["session {$session->id}"] = new Finding(
                    list: 'sessions',
                    id: $session->id,
                    part: '/places',
                    fault: Fault::SessionOverbooked,
                    facts: ['count' => $taken[$session->id], 'places' => $session->places],
                );
            }
            if (! $session->cancelled) {
                $scheduled[$session->service] = true;
            }
        }
        foreach ($this->book->services as $service) {
            if ($service->hasSessions && ! isset($scheduled[$service->id])) {
                $this->findings["service {$service->id}"] = new Finding(
                    list: 'services',
                    id: $service->id,
                    part: '',
                    fault: Fault::NothingScheduled,
                    facts: ['name' => $service->name],
                );
            }
        }
        $commitments = new Commitments($this->book, $this->diary, PHP_INT_MAX, [PHP_INT_MIN >> 1, PHP_INT_MAX >> 1]);
        foreach ($this->book->staff as $member) {
            $this->overlaps($commitments->ofMember($member->id), Fault::MemberOverlap, $member->id);
        }
        foreach ($this->book->pools as $pool) {
            foreach ($pool->units as $unit) {
                $this->overlaps($commitments->ofUnit($unit), Fault::UnitOverlap, $unit);
            }
        }

        return array_values($this->findings);
    }

    /** @param  list<Commitment>  $commitments */
    private function overlaps(array $commitments, Fault $fault, string $whose): void
    {
        usort(
            $commitments,
            static fn (Commitment $a, Commitment $b): int => $a->start <=> $b->start ?: $a->end <=> $b->end,
        );
        $running = [];
        foreach ($commitments as $commitment) {
            $running = array_filter(
                $running,
                static fn (Commitment $earlier): bool => $earlier->end > $commitment->start,
            );
            foreach ($running as $earlier) {
                if (count($this->findings) >= self::MOST) {
                    return;
                }
                $this->pair($earlier, $commitment, $fault, $whose);
            }
            $running[] = $commitment;
        }
    }

    private function pair(Commitment $earlier, Commitment $later, Fault $fault, string $whose): void
    {
        [$one, $other] = [$this->booking($earlier), $this->booking($later)];
        $held = array_values(
            array_filter(
                [$later, $earlier],
                static fn (Commitment $commitment): bool => in_array(
                    $commitment->cause->kind,
                    [CauseKind::Booking, CauseKind::Session],
                    true,
                ),
            ),
        );
        $deliberate = ($one->doubleBooked ?? false) || ($other->doubleBooked ?? false);
        $together =
            $one !== null &&
            $other !== null &&
            $this->book->services[$one->service]->isShared() &&
            Group::key($one) === Group::key($other);
        if ($held === [] || $deliberate || $together) {
            return;
        }
        $cause = $held[0]->cause;
        $with = $held[0] === $later ? $earlier : $later;
        $this->findings["{$cause->written()} {$with->cause->written()} {$fault->value} {$whose}"] = new Finding(
            list: $cause->kind === CauseKind::Booking ? 'bookings' : 'sessions',
            id: $cause->id,
            part: '',
            fault: $fault,
            facts: [
                'with' => $with->cause->written(),
                'whose' => $whose,
                'minutes' => min($earlier->end, $later->end) - $later->start,
            ],
        );
    }

    private function booking(Commitment $commitment): ?Booking
    {
        return $commitment->cause->kind === CauseKind::Booking ? $this->bookings[$commitment->cause->id] : null;
    }
}
