<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

/** T17: the lengths a service comes in, in minutes, without add-ons. */
final readonly class Lengths
{
    /** @param  list<int>  $choices in the owner's order; empty for a stepped length */
    private function __construct(public array $choices, public int $min, public int $max, public int $step)
    {
    }

    public static function fixed(int $minutes): self
    {
        return new self([$minutes], $minutes, $minutes, 1);
    }

    /** @param  non-empty-list<int>  $choices */
    public static function choices(array $choices): self
    {
        return new self($choices, min($choices), max($choices), 1);
    }

    public static function stepped(int $min, int $max, int $step): self
    {
        return new self([], $min, $max, $step);
    }

    /** @return list<int> all there are, the shortest first */
    public function all(): array
    {
        $all = $this->choices === [] ? range($this->min, $this->max, max(1, $this->step)) : $this->choices;
        sort($all);

        return $all;
    }

    /** The length asked for, or the service's own where none is named; null if the service does not have it. */
    public function named(?int $minutes): ?int
    {
        $minutes ??= $this->choices[0] ?? $this->min;
        $has = $this->choices === []
            ? $minutes >= $this->min && $minutes <= $this->max && ($minutes - $this->min) % $this->step === 0
            : in_array($minutes, $this->choices, true);

        return $has ? $minutes : null;
    }
}
