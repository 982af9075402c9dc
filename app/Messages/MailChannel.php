<?php

declare(strict_types=1);

namespace App\Messages;

use App\Models\Occasion;
use App\Models\OutboxEntry;
use App\Outbox\Channel;
use App\Support\Clock;

final readonly class MailChannel implements Channel
{
    public const NAME = 'mail';

    public function __construct(private Post $post, private Wording $wording, private Clock $clock)
    {
    }

    /** A reminder of something that has begun already helps nobody (rules.md, part 6). */
    public function isWanted(OutboxEntry $entry): bool
    {
        $booking = $entry->occasion === Occasion::Reminder ? $entry->booking()->first() : null;

        return $booking === null || $booking->starts_at > $this->clock->now();
    }

    public function send(OutboxEntry $entry): callable
    {
        $this->post->send($this->wording->letter($entry));

        return static fn (): bool => true;
    }
}
