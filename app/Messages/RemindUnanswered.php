<?php

declare(strict_types=1);

namespace App\Messages;

use App\Facts\AnswerTime;
use App\Models\Audience;
use App\Models\Booking;
use App\Models\CurrentBusiness;
use App\Models\Occasion;
use App\Models\OutboxEntry;
use App\Outbox\Recipient;
use App\Support\Clock;
use Carbon\CarbonImmutable;
use YardBell\Core\Booking\State;

/**
 * Reminds the owners of a request when three quarters of the time are over within which its client was told to be
 * answered, once; of a visit of several services once for all of it.
 */
final readonly class RemindUnanswered
{
    public function __construct(
        private WriteMail $write,
        private CurrentBusiness $current,
        private Clock $clock,
    ) {
    }

    public function __invoke(): void
    {
        $asked = $this->current->across(
            fn () => Booking::query()
                ->where('state', State::Pending)
                ->where('starts_at', '>', $this->clock->now())
                ->orderBy('starts_at')
                ->get()
                ->unique(static fn (Booking $booking): string => $booking->visit_id ?? $booking->id),
        );
        foreach ($asked as $booking) {
            $this->current->of($booking->business_id, fn () => $this->of($booking));
        }
    }

    private function of(Booking $booking): void
    {
        $business = $booking->business;
        [$until, $due] = [AnswerTime::of($booking, $business), AnswerTime::almostOver($booking, $business)];
        if ($until !== null && $due <= $this->clock->now() && ! self::isReminded($booking, $due)) {
            $instance = $until->format('YmdHi');
            foreach ($business->owners() as $owner) {
                $to = new Recipient(Audience::Owner, $owner->email);
                ($this->write)(new NewMail($booking, Occasion::Unanswered, $to, instance: $instance));
            }
        }
    }

    /** Whatever has been changed of the booking since. */
    private static function isReminded(Booking $booking, ?CarbonImmutable $since): bool
    {
        return OutboxEntry::query()
            ->where('business_id', $booking->business_id)
            ->where('booking_id', $booking->id)
            ->where('occasion', Occasion::Unanswered)
            ->where('due_at', '>=', $since)
            ->exists();
    }
}
