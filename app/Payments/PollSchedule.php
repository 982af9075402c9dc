<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\Payment;
use App\Support\Clock;
use Illuminate\Database\Eloquent\Builder;

/**
 * When the processor is asked after a payment again: soon at first, then less and less often. By the machine's clock.
 */
final readonly class PollSchedule
{
    private const FIRST_SECONDS = 5;

    private const LONGEST_SECONDS = 3600;

    /** Seconds that somebody who looks at the page waits for the next asking at most. */
    private const WATCHED_SECONDS = 2;

    public function __construct(private Clock $clock)
    {
    }

    /** @param  Builder<Payment>  $query */
    public function isDue(Builder $query): void
    {
        $query->whereNull('ask_at')->orWhere('ask_at', '<=', $this->clock->machine());
    }

    public function later(Payment $payment): void
    {
        $wait = min(self::LONGEST_SECONDS, self::FIRST_SECONDS * 2 ** min(20, $payment->asks));
        $payment->update(['asks' => $payment->asks + 1, 'ask_at' => $this->clock->machine()->addSeconds($wait)]);
    }

    /** Something has just changed: it is asked after as if for the first time. */
    public function fromNow(Payment $payment): void
    {
        $payment->update(['asks' => 0, 'ask_at' => $this->clock->machine()->addSeconds(self::FIRST_SECONDS)]);
    }

    /** Somebody waits for it before their screen. */
    public function watched(Payment $payment): void
    {
        $soon = $this->clock->machine()->addSeconds(self::WATCHED_SECONDS);
        Payment::query()
            ->whereKey($payment->id)
            ->where('ask_at', '>', $soon)
            ->update(['ask_at' => $soon]);
    }
}
