<?php

declare(strict_types=1);

namespace App\Outbox;

use App\Models\CurrentBusiness;
use App\Models\OutboxEntry;
use App\Models\OutboxState;
use App\Support\Clock;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Builder;
use Throwable;

/**
 * Sends what is due. An entry is leased first, then sent while nothing is locked, then marked: two workers never send
 * the same, a worker that dies in between leaves a lease that runs out, and the key makes a second sending harmless.
 */
final readonly class DeliverDue
{
    /** Minutes until the next try after so many failures; then it is shown as failed. */
    private const WAITS = [1, 5, 30, 120, 720];

    private const LEASE_SECONDS = 60;

    public function __construct(
        private ConnectionInterface $db,
        private Channels $channels,
        private Clock $clock,
        private CurrentBusiness $current,
    ) {
    }

    /**
     * @param  string|null  $lane of Channels; null: all of them
     * @return int how many were sent
     */
    public function __invoke(int $most = 50, ?string $lane = null): int
    {
        $names = $this->channels->names($lane);
        if (! $this->current->across(fn (): bool => $this->due($names)->exists())) {
            return 0; // as nearly always: nothing is locked to find that out
        }
        for ($sent = 0; $sent < $most; $sent++) {
            $lease = fn (): ?OutboxEntry => $this->db->transaction(fn (): ?OutboxEntry => $this->lease($names));
            $entry = $this->current->across($lease);
            if ($entry === null) {
                break;
            }
            $this->current->of($entry->business_id, fn () => $this->deliver($entry));
        }

        return $sent;
    }

    /**
     * A lease is as long as the machine's clock says, however far a demonstration's was put.
     *
     * @param  list<string>  $channels
     */
    private function lease(array $channels): ?OutboxEntry
    {
        $entry = $this->due($channels)
            ->orderBy('due_at')
            ->orderBy('id')
            ->lock('for update skip locked')
            ->first();
        $entry?->update(['leased_until' => $this->clock->machine()->addSeconds(self::LEASE_SECONDS)]);

        return $entry;
    }

    /**
     * @param  list<string>  $channels
     * @return Builder<OutboxEntry>
     */
    private function due(array $channels): Builder
    {
        $machine = $this->clock->machine();

        return OutboxEntry::query()
            ->whereIn('channel', $channels)
            ->where('state', OutboxState::Waiting)
            ->where('due_at', '<=', $this->clock->now())
            ->where(static fn ($query) => $query->whereNull('leased_until')->orWhere('leased_until', '<', $machine));
    }

    private function deliver(OutboxEntry $entry): void
    {
        $channel = $this->channels->named($entry->channel);
        if (! $channel->isWanted($entry)) {
            $entry->update(['state' => OutboxState::Dropped, 'leased_until' => null]);

            return;
        }
        try {
            $done = $channel->send($entry);
            $this->db->transaction(function () use ($entry, $done): void {
                $done();
                $entry->update([
                    'state' => OutboxState::Sent,
                    'sent_at' => $this->clock->now(),
                    'attempts' => $entry->attempts + 1,
                    'error' => '',
                    'leased_until' => null,
                ]);
            });
        } catch (Throwable $wrong) {
            $this->failed($entry, $wrong);
        }
    }

    private function failed(OutboxEntry $entry, Throwable $wrong): void
    {
        if (! ($wrong instanceof NotDelivered)) {
            report($wrong);
        }
        $isFinal = $wrong instanceof NotDelivered && $wrong->isFinal();
        $wait = $isFinal ? null : self::WAITS[$entry->attempts] ?? null;
        $entry->update([
            'attempts' => $entry->attempts + 1,
            'state' => $wait === null ? OutboxState::Failed : OutboxState::Waiting,
            'due_at' => $wait === null ? $entry->due_at : $this->clock->now()->addMinutes($wait),
            'error' => mb_substr($wrong->getMessage(), 0, 500),
            'leased_until' => null,
        ]);
    }
}
