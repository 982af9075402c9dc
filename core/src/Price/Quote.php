<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

use function array_map;
use function array_sum;

/** What a visit costs: lines that add up to the total, and what of it is due when booking. */
final readonly class Quote
{
    /**
     * @param  list<Line>  $lines
     * @param  int|null  $total null: not priced, settled at the desk
     */
    private function __construct(public array $lines, public ?int $total, public int $dueNow, public bool $keepsCard)
    {
    }

    /** @param  list<Line>  $lines */
    public static function of(array $lines, PaymentTerms $terms, bool $payNow): self
    {
        $total = array_sum(array_map(static fn (Line $line): int => $line->amount, $lines));

        return new self($lines, $total, $terms->dueNow($total, $payNow), $terms->keepsCard());
    }

    /** P1: the price is settled at the desk, so nothing is computed and nothing is charged before. */
    public static function settledLater(): self
    {
        return new self([], null, 0, false);
    }

    public function isPriced(): bool
    {
        return $this->total !== null;
    }

    public function dueLater(): ?int
    {
        return $this->total === null ? null : $this->total - $this->dueNow;
    }
}
