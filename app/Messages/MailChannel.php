<?php

declare(strict_types=1);

namespace App\Messages;

use App\Models\Occasion;
use App\Models\OutboxEntry;
use App\Outbox\Channel;
use App\Support\Clock;

final readonly class MailChannel implements Channel
{
    public function __construct(private Post $post, private Wording $wording, private Clock $clock)
    {
    }

    /**
     * A reminder of something that has begun already helps nobody (rules.md, part 6), nor does what is not true any
     * more: that something is cancelled which was taken back.
     */
    public function isWanted(OutboxEntry $entry): bool
    {
        $booking = $entry->booking_id === null ? null : $entry->booking()->first();

        return match (true) {
            $booking === null => true,
            $entry->occasion === Occasion::Reminder => $booking->starts_at > $this->clock->now(),
            default => Concerned::of($entry, $booking) !== [],
        };
    }

    public function send(OutboxEntry $entry): callable
    {
        $this->post->send($this->wording->letter($entry));

        return static function () use ($entry): void {
            if ($entry->business_id === null) { // its link opens an account: it is read in the mail alone from now on
                $entry->content = ['link' => ''] + $entry->content;
            }
        };
    }
}
