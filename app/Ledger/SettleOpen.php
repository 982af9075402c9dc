<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Payment;

/** Asks after every payment that is still open: the client may never come back, a notice may never arrive. */
final readonly class SettleOpen
{
    /** Days after which an open checkout is no longer asked for. */
    private const DAYS = 2;

    public function __construct(private SettlePayment $settle)
    {
    }

    public function __invoke(): void
    {
        $open = Payment::query()->whereIn('state', SettlePayment::UNSETTLED)->whereNotNull('checkout')
            ->where('created_at', '>', now()->subDays(self::DAYS))->orderBy('updated_at')->limit(20)->get();
        foreach ($open as $payment) {
            $payment->touch(); // the longest not asked for comes first in the next round
            ($this->settle)($payment);
        }
    }
}
