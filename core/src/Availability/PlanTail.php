<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

/** T20: the end of a plan: its last parts, in their order, and what it is compared by. */
final readonly class PlanTail
{
    /**
     * @param  int  $end of the visit, instant
     * @param  list<int>  $order the parts' places in what was asked
     * @param  list<int>  $starts
     * @param  list<int>  $turns of those who take them: 0 comes first
     * @param  list<PlannedPart>  $parts
     * @param  bool  $isInOrder whether no order is nearer to the one asked
     */
    private function __construct(
        public int $end,
        private array $order,
        private array $starts,
        private array $turns,
        public array $parts,
        private bool $isInOrder,
    ) {
    }

    public static function ending(int $end): self
    {
        return new self(end: $end, order: [], starts: [], turns: [], parts: [], isInOrder: true);
    }

    public function after(PlannedPart $part, int $turn): self
    {
        return new self(
            end: $this->end,
            order: [$part->part, ...$this->order],
            starts: [$part->start, ...$this->starts],
            turns: [$turn, ...$this->turns],
            parts: [$part, ...$this->parts],
            isInOrder: $this->isInOrder && $part->part < ($this->order[0] ?? PHP_INT_MAX),
        );
    }

    /**
     * Whether none that begins so can be better, where those whose turn it is have been tried before.
     *
     * @param  int  $end the earliest it could have
     */
    public function settles(int $end, int $part, int $start): bool
    {
        return match (true) {
            $end !== $this->end => $end > $this->end,
            $part !== $this->order[0] => $part > $this->order[0],
            default => $this->isInOrder && $start >= $this->starts[0],
        };
    }

    /** The earliest end, the order nearest to the one asked, the earliest starts, those whose turn it is. */
    public function isBetterThan(?self $other): bool
    {
        return $other === null ||
            [$this->end, $this->order, $this->starts, $this->turns] <
            [$other->end, $other->order, $other->starts, $other->turns];
    }
}
