<?php

declare(strict_types=1);

namespace App\Outbox;

use App\Models\Booking;
use App\Models\CurrentBusiness;
use App\Models\OutboxEntry;
use App\Models\OutboxState;
use App\Models\Sale;
use App\Support\Clock;

/** Writes down, in the transaction that makes it necessary, what the worker will do outside. */
final readonly class Outbox
{
    /** Somebody who presses a button again within so many minutes means the same sending. */
    private const SAME_MINUTES = 10;

    public function __construct(private Clock $clock, private CurrentBusiness $current)
    {
    }

    /**
     * The key under which something is sent next; null: it waits already, or has been sent and is not to be again. One
     * that has failed, or was dropped, takes its key up again.
     *
     * @param  array<string, Sending>  $sendings by key of their first sending
     * @return array<string, string|null> by the same
     */
    public function keys(array $sendings): array
    {
        $next = [];
        $known = $this->known(array_map(strval(...), array_keys($sendings)));
        foreach ($sendings as $first => $sending) {
            $key = (string) $first;
            for ($number = 2; isset($known[$key]) && $this->isOver($known[$key], $sending); $number++) {
                $key = "{$first}-{$number}";
                $known += $this->known([$key]);
            }
            $state = ($known[$key] ?? null)?->state;
            $next[$first] = in_array($state, [null, OutboxState::Failed, OutboxState::Dropped], true) ? $key : null;
        }

        return $next;
    }

    /** What is there already under a key stays as it is. */
    public function add(NewEntry ...$entries): void
    {
        $this->insert($entries);
    }

    /** The same, but what is there and has failed, or was dropped, is taken up again (see keys()). */
    public function addOrRevive(NewEntry ...$entries): void
    {
        if ($this->insert($entries) === count($entries)) {
            return;
        }
        $this->current->across(function () use ($entries): void {
            foreach ($entries as $entry) {
                OutboxEntry::query()
                    ->where('key', $entry->key)
                    ->whereIn('state', [OutboxState::Failed, OutboxState::Dropped])
                    ->update([...$this->row($entry), 'attempts' => 0, 'error' => '']);
            }
        });
    }

    /**
     * @param  array<NewEntry>  $entries
     * @return int how many of them were new
     */
    private function insert(array $entries): int
    {
        $rows = array_values(array_map($this->row(...), $entries));

        // One key for all: an account's mail is of no business.
        return $rows === []
            ? 0
            : $this->current->across(static fn (): int => OutboxEntry::query()->insertOrIgnore($rows));
    }

    /** @return array<string, mixed> of its table */
    private function row(NewEntry $entry): array
    {
        return [
            'key' => $entry->key,
            'business_id' => $entry->about?->business_id,
            'booking_id' => $entry->about instanceof Booking ? $entry->about->id : null,
            'sale_id' => $entry->about instanceof Sale ? $entry->about->id : null,
            'channel' => $entry->channel->value,
            'occasion' => $entry->occasion->value,
            'audience' => $entry->recipient->audience->value,
            'recipient' => $entry->recipient->address,
            'content' => json_encode($entry->content, JSON_THROW_ON_ERROR),
            'due_at' => $entry->due ?? $this->clock->now(),
            'state' => ($entry->isDropped ? OutboxState::Dropped : OutboxState::Waiting)->value,
        ];
    }

    /**
     * @param  list<string>  $keys
     * @return array<string, OutboxEntry> by key
     */
    private function known(array $keys): array
    {
        return $this->current->across(
            static fn (): array => OutboxEntry::query()
                ->whereIn('key', $keys)
                ->get(['key', 'state', 'sent_at'])
                ->keyBy('key')
                ->all(),
        );
    }

    /** Whether it was sent, and something like it is another sending. */
    private function isOver(OutboxEntry $entry, Sending $sending): bool
    {
        return $entry->state === OutboxState::Sent && match ($sending) {
            Sending::Once => false,
            Sending::ByHand => $entry->sent_at < $this->clock->now()->subMinutes(self::SAME_MINUTES),
            Sending::EachTime => true,
        };
    }

    /**
     * What still waits of these is not sent any more.
     *
     * @param  list<int>  $ids found before: an update that looks for them would wait for all that it looks at
     */
    public static function drop(array $ids): void
    {
        if ($ids !== []) {
            OutboxEntry::query()
                ->whereKey($ids)
                ->where('state', OutboxState::Waiting)
                ->update(['state' => OutboxState::Dropped]);
        }
    }
}
