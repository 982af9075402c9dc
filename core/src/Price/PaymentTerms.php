<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

use function min;

/** P9: what is due when booking. */
final readonly class PaymentTerms
{
    /** @param  int|Percent|null  $deposit an amount, or a part of the total with tax */
    public function __construct(
        public PaymentKind $kind = PaymentKind::None,
        public int|Percent|null $deposit = null,
    ) {
    }

    /** Never above the total. */
    public function dueNow(int $total, bool $payNow): int
    {
        return match ($this->kind) {
            PaymentKind::None, PaymentKind::CardHold => 0,
            PaymentKind::Optional => $payNow ? $total : 0,
            PaymentKind::Full => $total,
            PaymentKind::Deposit => min(
                $total,
                $this->deposit instanceof Percent ? $this->deposit->part($total) : $this->deposit ?? 0,
            ),
        };
    }

    public function keepsCard(): bool
    {
        return $this->kind === PaymentKind::CardHold;
    }
}
