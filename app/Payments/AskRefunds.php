<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\CurrentBusiness;
use App\Models\Refund;
use App\Models\RefundState;
use App\Processor\Processor;
use App\Processor\ProcessorUnreachable;
use App\Support\Clock;
use Illuminate\Database\ConnectionInterface;

/** Asks after refunds that the processor had not decided yet. */
final readonly class AskRefunds
{
    private const AT_ONCE = 20;

    public function __construct(
        private ConnectionInterface $db,
        private Processor $processor,
        private SettleRefund $settle,
        private Clock $clock,
        private CurrentBusiness $current,
    ) {
    }

    public function __invoke(): void
    {
        $waiting = $this->current->across(
            fn () => Refund::query()
                ->where('state', RefundState::Pending)
                ->where('ask_at', '<=', $this->clock->machine())
                ->orderBy('ask_at')
                ->limit(self::AT_ONCE)
                ->get(),
        );
        foreach ($waiting as $refund) {
            $this->current->of($refund->business_id, fn () => $this->ask($refund));
        }
    }

    /** @throws ProcessorUnreachable the others would not be answered either */
    private function ask(Refund $refund): void
    {
        $checkout = (string) $refund->payment->checkout;
        $decided = $this->processor->refunded($refund->key(), $checkout);
        $this->db->transaction(
            fn () => match ($decided) {
                true => $this->settle->done($refund->id),
                false => $this->settle->failed($refund->id),
                null => $this->settle->pending($refund->id),
            },
        );
    }
}
