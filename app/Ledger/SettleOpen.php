<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Payment;

/**
 * Asks after payments that are still open: the client may never come back, a notice may never arrive. Less and less often,
 * and no more after two days; money that comes later still counts, by its notice.
 */
final readonly class SettleOpen
{
    /** Days after which an open checkout is no longer asked for. */
    private const DAYS = 2;

    private const AT_ONCE = 20;

    public function __construct(private SettlePayment $settle, private AskAgain $again)
    {
    }

    public function __invoke(): void
    {
        Payment::query()->whereIn('state', SettlePayment::ASKED_FOR)->where('created_at', '<=', now()->subDays(self::DAYS))->update(['state' => 'lapsed']);
        $open = Payment::query()->whereIn('state', SettlePayment::ASKED_FOR)->whereNotNull('checkout')
            ->where(AskAgain::isDue(...))->orderBy('ask_at')->limit(self::AT_ONCE)->get();
        foreach ($open as $payment) {
            $this->again->later($payment);
            try {
                ($this->settle)($payment);
            } catch (ProcessorUnreachable) {
                return; // the others would not be answered either
            }
        }
    }
}
