<?php

declare(strict_types=1);

namespace App\Messages;

use App\Ledger\ChargeRefused;
use App\Ledger\Processor;
use App\Ledger\ProcessorUnreachable;
use App\Ledger\RefundRefused;
use App\Models\CurrentBusiness;
use App\Models\OutboxEntry;
use App\Models\Payment;
use App\Support\Clock;
use Illuminate\Database\ConnectionInterface;
use Throwable;

/**
 * Sends what is due. An entry is leased first, then sent while nothing is locked, then marked: two workers never send the
 * same, a worker that dies in between leaves a lease that runs out, and the key makes a second sending harmless.
 */
final readonly class DeliverDue
{
    /** What waits for different services waits apart: one that hangs keeps nothing else. */
    public const LANES = ['mail' => ['mail'], 'money' => ['refund', 'charge']];

    /** Minutes until the next try after so many failures; then it is shown as failed. */
    private const WAITS = [1, 5, 30, 120, 720];

    private const LEASE_SECONDS = 60;

    public function __construct(
        private ConnectionInterface $db,
        private Post $post,
        private Processor $processor,
        private Wording $wording,
        private Clock $clock,
        private CurrentBusiness $current,
    ) {
    }

    /**
     * @param  string|null  $lane of LANES; null: all of them
     * @return int how many were sent
     */
    public function __invoke(int $most = 50, ?string $lane = null): int
    {
        $channels = $lane === null ? array_merge(...array_values(self::LANES)) : self::LANES[$lane];
        for ($sent = 0; $sent < $most; $sent++) {
            $entry = $this->current->across(fn (): ?OutboxEntry => $this->db->transaction(fn (): ?OutboxEntry => $this->lease($channels)));
            if ($entry === null) {
                break;
            }
            $this->current->of($entry->business_id, fn () => $this->deliver($entry));
        }

        return $sent;
    }

    /** @param  list<string>  $channels */
    private function lease(array $channels): ?OutboxEntry
    {
        $entry = OutboxEntry::query()->whereIn('channel', $channels)->where('state', 'waiting')->where('due_at', '<=', $this->clock->now())
            ->where(static fn ($query) => $query->whereNull('leased_until')->orWhere('leased_until', '<', now()))
            ->orderBy('due_at')->orderBy('id')->lock('for update skip locked')->first();
        $entry?->update(['leased_until' => now()->addSeconds(self::LEASE_SECONDS)]);

        return $entry;
    }

    private function deliver(OutboxEntry $entry): void
    {
        if ($this->comesTooLate($entry)) {
            $entry->update(['state' => 'dropped', 'leased_until' => null]);

            return;
        }
        try {
            $done = $this->send($entry);
            $this->db->transaction(function () use ($entry, $done): void {
                $done();
                $entry->update(['state' => 'sent', 'sent_at' => $this->clock->now(), 'attempts' => $entry->attempts + 1, 'error' => '', 'leased_until' => null]);
            });
        } catch (Throwable $wrong) {
            $this->failed($entry, $wrong);
        }
    }

    /** A reminder of something that has begun already helps nobody (rules.md, part 6); what was dropped meanwhile is not sent. */
    private function comesTooLate(OutboxEntry $entry): bool
    {
        $booking = $entry->occasion === 'reminder' ? $entry->booking()->first() : null;

        return $booking !== null && $booking->starts_at <= $this->clock->now();
    }

    /** @return callable(): mixed what is written down once it is sent */
    private function send(OutboxEntry $entry): callable
    {
        if ($entry->channel === 'mail') {
            $this->post->send($this->wording->letter($entry));

            return static fn (): bool => true;
        }
        $payment = Payment::query()->findOrFail($entry->content['payment']);
        if ($entry->channel === 'refund') {
            $this->processor->refund($entry->key, $entry->recipient, $payment->returned);

            return static fn (): bool => $payment->update(['state' => 'refunded']);
        }
        $this->processor->charge($entry->key, $entry->recipient, $payment->amount);

        return static fn (): bool => $payment->update(['state' => 'paid']);
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
            'leased_until' => null,
        ]);
    }
}
