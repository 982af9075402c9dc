<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Timeline;

use function array_filter;
use function array_key_exists;
use function array_map;
use function array_push;
use function array_values;
use function count;
use function in_array;

/** T9: which units an appointment of a service would take, start by start. */
final class Units
{
    /** @var array<string, array<string, Timeline>> by pool and unit: the starts at which it is not free */
    private array $taken = [];

    /** @var array<int, list<string>|null> what was found for a start before */
    private array $known = [];

    public function __construct(
        private readonly RuleBook $book,
        private readonly Service $service,
        private readonly int $minutes,
        private readonly int $party,
        private readonly Commitments $commitments,
    ) {
        foreach ($service->needs as $need) {
            $this->taken[$need->pool] = [];
            foreach ($book->pools[$need->pool]->units as $unit) {
                $this->taken[$need->pool][$unit] = Timeline::of(
                    array_map(fn (Commitment $use): array => $this->blocked($use, $need), $commitments->ofUnit($unit)),
                );
            }
        }
    }

    /** @return array{int, int} the starts at which this use keeps the unit from being taken as the service needs it */
    private function blocked(Commitment $use, Need $need): array
    {
        return $need->holdsBuffers
            ? $use->blocks($this->minutes, $this->service->setup, $this->service->clearup)
            : $use->blocks($this->minutes, 0, 0);
    }

    /**
     * T19: the uses that stand in the way of a need at a start, by unit; nothing where enough units are free.
     *
     * @return array<string, list<Commitment>>
     */
    public function inTheWay(Need $need, int $start): array
    {
        if ($this->free($need, $start) !== null) {
            return [];
        }
        $uses = [];
        foreach ($this->book->pools[$need->pool]->units as $unit) {
            foreach ($this->commitments->ofUnit($unit) as $use) {
                [$from, $until] = $this->blocked($use, $need);
                if ($start >= $from && $start < $until) {
                    $uses[$unit][] = $use;
                }
            }
        }

        return $uses;
    }

    public function serveAt(string $location): bool
    {
        foreach ($this->service->needs as $need) {
            if (! $this->book->pools[$need->pool]->servesAt($location)) {
                return false;
            }
        }

        return true;
    }

    /** @return list<string>|null the units taken, pool by pool in the service's order; null: too few are free */
    public function at(int $start): ?array
    {
        if (! array_key_exists($start, $this->known)) {
            $this->known[$start] = $this->find($start);
        }

        return $this->known[$start];
    }

    /**
     * T20: the units taken where some are held already by what comes before.
     *
     * @param  array<string, int>  $heldUntil instants by unit
     * @return list<string>|null
     */
    public function besides(int $start, array $heldUntil): ?array
    {
        return $heldUntil === [] ? $this->at($start) : $this->find($start, $heldUntil);
    }

    /**
     * Until when an appointment that ends then holds the units it has taken.
     *
     * @param  list<string>  $units
     * @return array<string, int> instants by unit
     */
    public function heldUntil(int $end, array $units): array
    {
        $until = [];
        foreach ($this->service->needs as $need) {
            foreach ($this->book->pools[$need->pool]->units as $unit) {
                if (in_array($unit, $units, true)) {
                    $until[$unit] = $end + ($need->holdsBuffers ? $this->service->clearup : 0);
                }
            }
        }

        return $until;
    }

    /**
     * T14: the units of a booking that joins: the shared ones, and further free ones of the pools counted by person.
     *
     * @param  array<string, true>  $held what those already in it hold
     * @return list<string>|null
     */
    public function joining(int $start, array $held, string $location): ?array
    {
        $units = [];
        foreach ($this->service->needs as $need) {
            $pool = $this->book->pools[$need->pool];
            if (! $need->perPerson) {
                array_push(
                    $units,
                    ...array_values(array_filter($pool->units, static fn (string $unit): bool => isset($held[$unit]))),
                );

                continue;
            }
            $free = $pool->servesAt($location) ? $this->free($need, $start) : null;
            if ($free === null) {
                return null;
            }
            array_push($units, ...$free);
        }

        return $units;
    }

    /**
     * @param  array<string, int>  $heldUntil
     * @return list<string>|null
     */
    private function find(int $start, array $heldUntil = []): ?array
    {
        $units = [];
        foreach ($this->service->needs as $need) {
            $free = $this->free($need, $start, $heldUntil);
            if ($free === null) {
                return null;
            }
            array_push($units, ...$free);
        }

        return $units;
    }

    /**
     * @param  array<string, int>  $heldUntil
     * @return list<string>|null the first free ones in the pool's order
     */
    private function free(Need $need, int $start, array $heldUntil = []): ?array
    {
        $wanted = $need->unitsFor($this->party);
        $from = $start - ($need->holdsBuffers ? $this->service->setup : 0);
        $free = [];
        foreach ($this->taken[$need->pool] as $unit => $taken) {
            if (count($free) === $wanted) {
                break;
            }
            if (! $taken->covers($start) && ($heldUntil[$unit] ?? $from) <= $from) {
                $free[] = (string) $unit; // PHP makes a key of digits a number
            }
        }

        return count($free) === $wanted ? $free : null;
    }
}
