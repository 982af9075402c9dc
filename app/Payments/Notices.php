<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\CurrentBusiness;
use App\Models\Payment;
use App\Support\Clock;
use Illuminate\Database\ConnectionInterface;
use RuntimeException;
use stdClass;

/**
 * What the processor tells us, kept before it is answered and looked after by the worker. A notice of a checkout that
 * is not known here yet (the process that opened it may have died) is looked at again, and told of if nothing ever had
 * it.
 */
final readonly class Notices
{
    private const AT_ONCE = 50;

    /** Looks at one of an unknown checkout: over about a day, the waits doubling. */
    private const MOST_LOOKS = 15;

    public function __construct(
        private ConnectionInterface $db,
        private SettlePayment $settle,
        private HearDispute $disputes,
        private Clock $clock,
        private CurrentBusiness $current,
    ) {
    }

    public function heard(string $checkout): void
    {
        $this->db
            ->table('processor_notices')
            ->insert([
                'checkout' => mb_substr($checkout, 0, 60),
                'heard_at' => $this->clock->machine(),
                'look_at' => $this->clock->machine(),
            ]);
    }

    public function __invoke(): void
    {
        $waiting = $this->db
            ->table('processor_notices')
            ->where('state', 'waiting')
            ->where('look_at', '<=', $this->clock->machine())
            ->orderBy('look_at')
            ->limit(self::AT_ONCE)
            ->get();
        foreach ($waiting as $notice) {
            $this->later($notice);
            $payment = $this->current->across(
                static fn (): ?Payment => Payment::query()->where('checkout', $notice->checkout)->first(),
            );
            if ($payment !== null) {
                $this->current->of($payment->business_id, function () use ($payment): void {
                    ($this->settle)($payment);
                    ($this->disputes)($payment);
                });
                $this->db
                    ->table('processor_notices')
                    ->where('id', $notice->id)
                    ->update(['state' => 'done']);
            } elseif ($notice->looks + 1 >= self::MOST_LOOKS) {
                $this->db
                    ->table('processor_notices')
                    ->where('id', $notice->id)
                    ->update(['state' => 'unknown']);
                report(
                    new RuntimeException("The processor told of checkout {$notice->checkout}, which nothing here has."),
                );
            }
        }
    }

    private function later(stdClass $notice): void
    {
        $this->db
            ->table('processor_notices')
            ->where('id', $notice->id)
            ->update([
                'looks' => $notice->looks + 1,
                'look_at' => $this->clock->machine()->addSeconds(5 * 2 ** $notice->looks),
            ]);
    }
}
