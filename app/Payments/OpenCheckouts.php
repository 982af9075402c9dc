<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\CurrentBusiness;
use App\Models\Payment;
use App\Models\PaymentKind;
use App\Models\PaymentState;
use App\Processor\Processor;
use App\Processor\ProcessorUnreachable;

/**
 * Asks the processor for the payment pages that clients wait for. Asked again for the same payment, it is the same
 * page.
 */
final readonly class OpenCheckouts
{
    private const AT_ONCE = 20;

    /** Tries after which nobody waits any more: about ten minutes. */
    private const MOST = 12;

    public function __construct(
        private Processor $processor,
        private Fulfilments $fulfilments,
        private PollSchedule $polling,
        private CurrentBusiness $current,
    ) {
    }

    public function __invoke(): void
    {
        $waiting = $this->current->across(
            fn () => Payment::query()
                ->where('state', PaymentState::Open)
                ->whereNull('checkout')
                ->where('asks', '<', self::MOST)
                ->where($this->polling->isDue(...))
                ->orderBy('id')
                ->limit(self::AT_ONCE)
                ->get(),
        );
        foreach ($waiting as $payment) {
            $this->polling->later($payment); // before, so that what fails is not tried in every round
            try {
                $this->current->of($payment->business_id, fn () => $this->open($payment));
            } catch (ProcessorUnreachable) {
                continue; // the client's page says so meanwhile
            }
        }
    }

    private function open(Payment $payment): void
    {
        $sale = $payment->sale()->firstOrFail();
        $checkout = $this->processor->open(
            key: $payment->id,
            amount: $payment->amount,
            currency: $payment->currency,
            description: $this->fulfilments->names($sale),
            returnUrl: $this->fulfilments->page($sale),
            keepsCard: $payment->kind === PaymentKind::Card,
        );
        $payment->update(['checkout' => $checkout->id]);
        $this->polling->fromNow($payment);
    }
}
