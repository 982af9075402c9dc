<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\CurrentBusiness;
use App\Models\Payment;
use App\Models\PaymentState;
use App\Processor\ProcessorUnreachable;
use App\Support\Clock;
use Illuminate\Database\Eloquent\Collection;

/**
 * Asks after payments that are still open: the client may never come back, a notice may never arrive. Less and less
 * often, and no more after two days; money that comes later still counts, by its notice.
 */
final readonly class SettleOpen
{
    /** Days after which an open checkout is no longer asked for. */
    private const DAYS = 2;

    private const AT_ONCE = 20;

    public function __construct(
        private SettlePayment $settle,
        private PollSchedule $polling,
        private Clock $clock,
        private CurrentBusiness $current,
    ) {
    }

    public function __invoke(): void
    {
        foreach ($this->current->across($this->due(...)) as $payment) {
            $this->polling->later($payment);
            try {
                $this->current->of($payment->business_id, fn () => ($this->settle)($payment));
            } catch (ProcessorUnreachable) {
                return; // the others would not be answered either
            }
        }
    }

    /**
     * @return Collection<int, Payment> those to ask for now; what has been open for too long is none of them any more
     */
    private function due(): Collection
    {
        $old = Payment::query()
            ->whereIn('state', PaymentState::ASKED_FOR)
            ->where('created_at', '<=', $this->clock->now()->subDays(self::DAYS));
        foreach ($old->pluck('id') as $id) { // by its own key: nobody waits for another's
            Payment::query()
                ->whereKey($id)
                ->whereIn('state', PaymentState::ASKED_FOR)
                ->update(['state' => PaymentState::Lapsed]);
        }

        return Payment::query()
            ->whereIn('state', PaymentState::ASKED_FOR)
            ->whereNotNull('checkout')
            ->where($this->polling->isDue(...))
            ->orderBy('ask_at')
            ->limit(self::AT_ONCE)
            ->get();
    }
}
