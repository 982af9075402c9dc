<?php

declare(strict_types=1);

namespace App\Sales;

use App\Models\SaleLineKind;

/** What giving up a visit costs by its terms (rules.md L4), and whether that is waived. */
final readonly class Fee
{
    /**
     * @param  int  $amount minor unit
     * @param  string  $waived why it is not asked for; empty: it is
     */
    private function __construct(public int $amount, public SaleLineKind $kind, public string $waived)
    {
    }

    public static function none(): self
    {
        return new self(0, SaleLineKind::Fee, '');
    }

    public static function ofCancelling(int $amount, string $waived = ''): self
    {
        return new self($amount, SaleLineKind::Fee, $waived);
    }

    public static function ofMissing(int $amount, string $waived = ''): self
    {
        return new self($amount, SaleLineKind::NoShow, $waived);
    }

    /** What of it is asked for. */
    public function asked(): int
    {
        return $this->waived === '' ? $this->amount : 0;
    }
}
