<?php

declare(strict_types=1);

namespace App\Messages;

use App\Ledger\ChargeRefused;
use App\Ledger\Processor;
use App\Ledger\ProcessorUnreachable;
use App\Ledger\RefundRefused;
use App\Models\OutboxEntry;
use App\Models\Payment;
use App\Support\Clock;
use Illuminate\Database\ConnectionInterface;
use Throwable;

/**
 * Sends what is due, one entry a transaction. The row is locked while it is sent, so two workers never send the same;
 * a worker that dies in between leaves it waiting, and its key makes the second sending harmless.
 */
final readonly class DeliverDue
{
    /** Minutes until the next try after so many failures; then it is shown as failed. */
    private const WAITS = [1, 5, 30, 120, 720];

    public function __construct(
        private ConnectionInterface $db,
        private Post $post,
        private Processor $processor,
        private Wording $wording,
        private Clock $clock,
    ) {
    }

    /** @return int how many were sent */
    public function __invoke(int $most = 50): int
    {
        for ($sent = 0; $sent < $most && $this->db->transaction(fn (): bool => $this->next()); $sent++) {
        }

        return $sent;
    }

    private function next(): bool
    {
        $entry = OutboxEntry::query()->where('state', 'waiting')->where('due_at', '<=', $this->clock->now())
            ->orderBy('due_at')->orderBy('id')->lock('for update skip locked')->first();
        if ($entry === null) {
            return false;
        }
        if ($this->comesTooLate($entry)) {
            $entry->update(['state' => 'dropped']);

            return true;
        }
        try {
            $this->send($entry);
            $entry->update(['state' => 'sent', 'sent_at' => $this->clock->now(), 'attempts' => $entry->attempts + 1, 'error' => '']);
        } catch (Throwable $wrong) {
            $this->failed($entry, $wrong);
        }

        return true;
    }

    /** A reminder of something that has begun already helps nobody (rules.md, part 6). */
    private function comesTooLate(OutboxEntry $entry): bool
    {
        $booking = $entry->occasion === 'reminder' ? $entry->booking()->first() : null;

        return $booking !== null && $booking->starts_at <= $this->clock->now();
    }

    private function send(OutboxEntry $entry): void
    {
        if ($entry->channel === 'refund') {
            $payment = Payment::query()->findOrFail($entry->content['payment']);
            $this->processor->refund($entry->key, $entry->recipient, $payment->returned);
            $payment->update(['state' => 'refunded']);

            return;
        }
        if ($entry->channel === 'charge') {
            $payment = Payment::query()->findOrFail($entry->content['payment']);
            $this->processor->charge($entry->key, $entry->recipient, $payment->amount);
            $payment->update(['state' => 'paid']);

            return;
        }
        $this->post->send($this->wording->letter($entry));
    }

    private function failed(OutboxEntry $entry, Throwable $wrong): void
    {
        if (! $wrong instanceof PostFailed && ! $wrong instanceof ProcessorUnreachable && ! $wrong instanceof RefundRefused && ! $wrong instanceof ChargeRefused) {
            report($wrong);
        }
        $wait = $wrong instanceof RefundRefused ? null : self::WAITS[$entry->attempts] ?? null;
        $entry->update([
            'attempts' => $entry->attempts + 1,
            'state' => $wait === null ? 'failed' : 'waiting',
            'due_at' => $wait === null ? $entry->due_at : $this->clock->now()->addMinutes($wait),
            'error' => mb_substr($wrong->getMessage(), 0, 500),
        ]);
    }
}
