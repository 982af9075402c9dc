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
     * @param  list<Tax>  $includedTax
     * @param  list<Tax>  $addedTax each a line of its own too
     * @param  int|null  $total null: not priced, settled at the desk
     * @param  list<StaffShare>  $staffPay never shown to clients
     * @param  list<CodeUse>  $codes
     */
    private function __construct(
        public array $lines,
        public array $includedTax,
        public array $addedTax,
        public ?int $total,
        public int $dueNow,
        public bool $keepsCard,
        public array $staffPay,
        public array $codes,
    ) {
    }

    /**
     * @param  list<Line>  $lines
     * @param  list<Tax>  $includedTax
     * @param  list<Tax>  $addedTax
     * @param  list<StaffShare>  $staffPay
     * @param  list<CodeUse>  $codes
     */
    public static function of(
        array $lines,
        array $includedTax,
        array $addedTax,
        PaymentTerms $terms,
        bool $payNow,
        array $staffPay,
        array $codes,
    ): self {
        $total = array_sum(array_map(static fn (Line $line): int => $line->amount, $lines));

        return new self(
            lines: $lines,
            includedTax: $includedTax,
            addedTax: $addedTax,
            total: $total,
            dueNow: $terms->dueNow($total, $payNow),
            keepsCard: $terms->keepsCard(),
            staffPay: $staffPay,
            codes: $codes,
        );
    }

    /** P1: the price is settled at the desk, so nothing is computed and nothing is charged before. */
    public static function settledLater(): self
    {
        return new self(
            lines: [],
            includedTax: [],
            addedTax: [],
            total: null,
            dueNow: 0,
            keepsCard: false,
            staffPay: [],
            codes: [],
        );
    }

    public function isPriced(): bool
    {
        return $this->total !== null;
    }

    public function dueLater(): ?int
    {
        return $this->total === null ? null : $this->total - $this->dueNow;
    }

    public function taxAdded(): int
    {
        return array_sum(
            array_map(static fn (Line $line): int => $line->kind === LineKind::Tax ? $line->amount : 0, $this->lines),
        );
    }

    public function taxIncluded(): int
    {
        return array_sum(array_map(static fn (Tax $tax): int => $tax->amount, $this->includedTax));
    }
}
