<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use function json_encode;
use function ksort;
use function max;

/** T20: what the parts of a visit that are in their place already have taken, as far as it matters to those after. */
final readonly class Placed
{
    /**
     * @param  int  $end of the last of them, instant
     * @param  array<string, int>  $people until when, by member
     * @param  array<string, int>  $units until when, by unit
     * @param  array<string, int>  $counts of the daily limits that the visit could reach (T12)
     * @param  string  $who those who take the last of them
     */
    private function __construct(
        public int $end,
        private array $people,
        public array $units,
        private array $counts,
        public string $who,
    ) {
    }

    public static function none(): self
    {
        return new self(end: PHP_INT_MIN, people: [], units: [], counts: [], who: '');
    }

    /**
     * @param  list<string>  $members
     * @param  int  $until when they are free again
     * @param  array<string, int>  $units
     * @param  list<string>  $counted
     */
    public function with(int $end, array $members, int $until, array $units, array $counted, string $who): self
    {
        [$people, $held, $counts] = [$this->people, $this->units, $this->counts];
        foreach ($members as $member) {
            $people[$member] = max($until, $people[$member] ?? $until);
        }
        foreach ($units as $unit => $time) {
            $held[$unit] = max($time, $held[$unit] ?? $time);
        }
        foreach ($counted as $what) {
            $counts[$what] = ($counts[$what] ?? 0) + 1;
        }

        return new self(end: $end, people: $people, units: $held, counts: $counts, who: $who);
    }

    public function count(string $what): int
    {
        return $this->counts[$what] ?? 0;
    }

    /**
     * When all of them could begin something, from the end of the last part on.
     *
     * @param  non-empty-list<Member>  $crew
     */
    public function from(array $crew, int $setup): int
    {
        $from = $this->end;
        foreach ($crew as $member) {
            $until = $this->people[$member->id] ?? null;
            if ($until !== null) {
                $from = max($from, $until + $setup);
            }
        }

        return $from;
    }

    /** The same for all that leave those after them the same. */
    public function key(int $longestSetup, bool $samePerson): string
    {
        $key = "{$this->end}";
        foreach ([$this->people, $this->units] as $taken) {
            ksort($taken);
            $key .= '|';
            foreach ($taken as $what => $until) {
                if ($until > $this->end - $longestSetup) {
                    $key .= "{$what} {$until},";
                }
            }
        }
        if ($this->counts !== []) {
            $counts = $this->counts;
            ksort($counts);
            $key .= '|'.json_encode($counts);
        }

        return $samePerson ? "{$key}|{$this->who}" : $key;
    }
}
