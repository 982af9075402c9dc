<?php

declare(strict_types=1);

namespace App\Outbox;

use App\Models\Audience;
use App\Models\Booking;
use App\Models\CurrentBusiness;
use App\Models\Occasion;
use App\Models\OutboxEntry;
use App\Support\Clock;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;

/** Writes down, in the transaction that makes it necessary, what the worker will do outside. */
final readonly class Outbox
{
    public function __construct(private Clock $clock, private CurrentBusiness $current)
    {
    }

    /**
     * @param  string  $channel by its name in Channels
     * @param  string  $key lets nothing be written twice
     * @param  array<string, mixed>  $content what the channel needs
     * @param  Booking|null  $booking null: it is about an account, of no business
     * @param  CarbonImmutable|null  $due null: now
     * @param  string  $state "waiting", or "dropped": it is not sent, and kept to be seen
     */
    public function add(
        string $channel,
        Occasion $occasion,
        Audience $audience,
        string $recipient,
        string $key,
        array $content = [],
        ?Booking $booking = null,
        ?CarbonImmutable $due = null,
        string $state = 'waiting',
    ): void {
        $entry = [
            'business_id' => $booking?->business_id,
            'booking_id' => $booking?->id,
            'channel' => $channel,
            'occasion' => $occasion,
            'audience' => $audience,
            'recipient' => $recipient,
            'content' => $content,
            'due_at' => $due ?? $this->clock->now(),
            'state' => $state,
        ];
        // One key for all: an account's mail is of no business.
        $this->current->across(
            static fn (): OutboxEntry => OutboxEntry::query()->firstOrCreate(['key' => $key], $entry),
        );
    }

    /**
     * What waits of it is not sent any more. Found first and written by its own key: an update that looks for it would
     * wait for all that it looks at.
     *
     * @param  Builder<OutboxEntry>  $of
     */
    public static function drop(Builder $of): void
    {
        foreach ($of->where('state', 'waiting')->pluck('id') as $id) {
            OutboxEntry::query()->whereKey($id)->where('state', 'waiting')->update(['state' => 'dropped']);
        }
    }

    public function has(string $key): bool
    {
        return $this->current->across(static fn (): bool => OutboxEntry::query()->where('key', $key)->exists());
    }
}
