<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

use function array_keys;
use function array_sum;
use function in_array;

/** A quote while it is made: what is charged line by line, what is taken off, and what that leaves of each line. */
final class Sheet
{
    /** @var list<Line> */
    private array $charges = [];

    /** @var list<Line> */
    private array $reductions = [];

    /** @var array<int, int> what is left, by index of the charge */
    private array $nets = [];

    public function charge(Line $line): void
    {
        $this->charges[] = $line;
        $this->nets[] = $line->amount;
    }

    /** @return list<int> indexes of the charges of these kinds */
    public function of(LineKind ...$kinds): array
    {
        return array_keys(
            array_filter($this->charges, static fn (Line $line): bool => in_array($line->kind, $kinds, true)),
        );
    }

    /** @param  list<int>  $lines indexes */
    public function left(array $lines): int
    {
        return array_sum(array_map(fn (int $line): int => $this->nets[$line], $lines));
    }

    /**
     * Takes an amount off, spread over the lines in proportion to what is left of them (rules.md P8).
     *
     * @param  int  $amount at most what is left of the lines
     * @param  list<int>  $lines indexes
     */
    public function reduce(LineKind $kind, string $label, int $amount, array $lines, ?string $id = null): void
    {
        $this->reductions[] = new Line($kind, $label, -$amount, $id);
        $shares = Spread::of($amount, array_map(fn (int $line): int => $this->nets[$line], $lines));
        foreach ($lines as $i => $line) {
            $this->nets[$line] -= $shares[$i];
        }
    }

    /** @return list<Line> charges with what is left of them, and after them the reductions */
    public function lines(): array
    {
        $lines = [];
        foreach ($this->charges as $i => $line) {
            $lines[] = $line->withNet($this->nets[$i]);
        }

        return [...$lines, ...$this->reductions];
    }
}
