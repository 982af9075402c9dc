<?php

declare(strict_types=1);

namespace App\Messages;

use App\Models\CurrentBusiness;
use App\Models\Occasion;
use App\Models\OutboxEntry;
use App\Models\OutboxState;
use App\Support\Clock;
use YardBell\Core\Booking\State;

/**
 * A clock that jumps changes no plan (rules.md M4): a reminder that was dropped since its visit had begun by then waits
 * again once the clock is back before it.
 */
final class ReviveReminders
{
    private ?int $before = null;

    public function __construct(private readonly CurrentBusiness $current, private readonly Clock $clock)
    {
    }

    /** Looks where the clock has gone back since it was last asked, or was never asked. */
    public function __invoke(): void
    {
        $now = $this->clock->minute();
        if ($this->before === null || $now < $this->before) {
            $this->current->across($this->plan(...));
        }
        $this->before = $now;
    }

    private function plan(): void
    {
        $dropped = OutboxEntry::query()
            ->where('state', OutboxState::Dropped)
            ->where('due_at', '>', $this->clock->now())
            ->where('occasion', Occasion::Reminder)
            ->get();
        foreach ($dropped as $entry) {
            $booking = $entry->booking()->first();
            if ($booking?->state === State::Confirmed &&
                $booking->starts_at->subMinutes(Announcements::REMINDER_MINUTES)->equalTo($entry->due_at)) {
                OutboxEntry::query()
                    ->whereKey($entry->id)
                    ->where('state', OutboxState::Dropped)
                    ->update(['state' => OutboxState::Waiting]);
            }
        }
    }
}
