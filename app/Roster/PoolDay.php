<?php

declare(strict_types=1);

namespace App\Roster;

use App\Models\Business;
use App\Support\Clock;
use App\Times\RulesReader;
use YardBell\Core\Availability\Booking;
use YardBell\Core\Availability\Pool;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Session;
use YardBell\Core\Time\Timeline;
use YardBell\Core\Time\Wall;

/** One day of a pool on the ruler: what each unit is taken by, and when it is out of order. */
final readonly class PoolDay
{
    public function __construct(private RulesReader $rules, private Clock $clock)
    {
    }

    /** @return array<string, mixed>|null null: there is no such pool */
    public function of(Business $business, string $id, ?int $asked): ?array
    {
        $book = $this->rules->book($business);
        $pool = $book->pools[$id] ?? null;
        if ($pool === null) {
            return null;
        }
        $now = $this->clock->minute();
        $day = $asked ?? $book->zone->day($now);
        $diary = $this->rules->diaryBetween($business, $book, $day, $day);
        $holding = array_filter($diary->bookings, static fn (Booking $booking): bool => $booking->holdsTime($now));
        $sessions = array_filter($diary->sessions, static fn (Session $session): bool => ! $session->cancelled);
        $span = $book->zone->dates($day, $day);

        return [
            'date' => Wall::date($day),
            'units' => array_map(
                fn (string $unit): array => [
                    'id' => $unit,
                    'taken' => $this->taken($book, $span, $unit, [...$holding, ...$sessions]),
                    'out' => $this->out($pool, $unit, $span),
                ],
                $pool->units,
            ),
        ];
    }

    /**
     * @param  list<Booking|Session>  $all
     * @return list<array{from: int, to: int, service: string}> in minutes since midnight
     */
    private function taken(RuleBook $book, Timeline $span, string $unit, array $all): array
    {
        $taken = [];
        foreach ($all as $one) {
            if (in_array($unit, $one->units, true)) {
                foreach (self::within($span, $one->start, $one->start + $one->minutes) as $stretch) {
                    $taken[] = $stretch + ['service' => $book->services[$one->service]->name ?? ''];
                }
            }
        }

        return $taken;
    }

    /** @return list<array{from: int, to: int}> */
    private function out(Pool $pool, string $unit, Timeline $span): array
    {
        $out = [];
        foreach ($pool->outages[$unit] ?? [] as $outage) {
            array_push(
                $out,
                ...$outage->interval === null
                    ? []
                    : self::within($span, $outage->interval->start, $outage->interval->end),
            );
        }

        return $out;
    }

    /** @return list<array{from: int, to: int}> */
    private static function within(Timeline $span, int $start, int $end): array
    {
        $midnight = $span->stretches()[0][0] ?? 0;

        return array_map(
            static fn (array $stretch): array => ['from' => $stretch[0] - $midnight, 'to' => $stretch[1] - $midnight],
            Timeline::between($start, $end)->intersect($span)->stretches(),
        );
    }
}
