<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use function array_filter;
use function array_values;
use function count;
use function str_starts_with;
use function usort;

/**
 * Commitments that overlap without being marked as deliberate, and sessions with more people than places. Holds are
 * left out: they end by themselves.
 */
final class CheckDiary
{
    /** More than so many are not told. */
    private const MOST = 200;

    /** @var array<string, Booking> by what a commitment names as its cause */
    private array $bookings = [];

    /** @var array<string, Finding> */
    private array $findings = [];

    public function __construct(private readonly RuleBook $book, private readonly Diary $diary)
    {
        foreach ($diary->bookings as $booking) {
            $this->bookings["booking {$booking->id}"] = $booking;
        }
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        $taken = $this->diary->seatsTaken(PHP_INT_MAX);
        foreach ($this->diary->sessions as $session) {
            if (! $session->cancelled && ($taken[$session->id] ?? 0) > $session->places) {
                $this->findings["session {$session->id}"] = new Finding(
                    'sessions',
                    $session->id,
                    '/places',
                    "{$taken[$session->id]} are booked into {$session->places} places.",
                    'Add places, or move somebody.',
                );
            }
            if (! $session->cancelled) {
                $scheduled[$session->service] = true;
            }
        }
        foreach ($this->book->services as $service) {
            if ($service->hasSessions && ! isset($scheduled[$service->id])) {
                $this->findings["service {$service->id}"] = new Finding(
                    'services',
                    $service->id,
                    '',
                    "\"{$service->name}\" has no session that is scheduled.",
                    'Schedule one: it is offered at its sessions only.',
                );
            }
        }
        $commitments = new Commitments($this->book, $this->diary, PHP_INT_MAX, [PHP_INT_MIN >> 1, PHP_INT_MAX >> 1]);
        foreach ($this->book->staff as $member) {
            $this->overlaps($commitments->ofMember($member->id), "staff member \"{$member->id}\"");
        }
        foreach ($this->book->pools as $pool) {
            foreach ($pool->units as $unit) {
                $this->overlaps($commitments->ofUnit($unit), "unit \"{$unit}\"");
            }
        }

        return array_values($this->findings);
    }

    /** @param  list<Commitment>  $commitments */
    private function overlaps(array $commitments, string $whose): void
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
                $this->pair($earlier, $commitment, $whose);
            }
            $running[] = $commitment;
        }
    }

    private function pair(Commitment $earlier, Commitment $later, string $whose): void
    {
        [$one, $other] = [$this->bookings[$earlier->cause] ?? null, $this->bookings[$later->cause] ?? null];
        $held = array_values(
            array_filter(
                [$later, $earlier],
                static fn (Commitment $commitment): bool => str_starts_with($commitment->cause, 'booking ') ||
                    str_starts_with($commitment->cause, 'session '),
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
        [$kind, $id] = explode(' ', $held[0]->cause, 2);
        $with = $held[0] === $later ? $earlier : $later;
        $this->findings["{$held[0]->cause} {$with->cause} {$whose}"] = new Finding(
            $kind === 'booking' ? 'bookings' : 'sessions',
            $id,
            '',
            "It overlaps with {$with->cause} of {$whose}, by "
                .(min($earlier->end, $later->end) - $later->start)
                .' minutes, set-up and clear-up included.',
            'Move one of them, or mark the booking "doubleBooked" if it is meant.',
        );
    }
}
