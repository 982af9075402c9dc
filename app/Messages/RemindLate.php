<?php

declare(strict_types=1);

namespace App\Messages;

use App\Models\Audience;
use App\Models\Booking;
use App\Models\Business;
use App\Models\CurrentBusiness;
use App\Models\Member;
use App\Models\Occasion;
use App\Outbox\Recipient;
use App\Support\Clock;
use YardBell\Core\Booking\State;

/**
 * Reminds those who have not said that a visit of theirs began, and a little later the owners, each once. Only of
 * people who want it: whoever never says that visits begin is left in peace.
 */
final readonly class RemindLate
{
    private const STAFF_AFTER_MINUTES = 5;

    private const OWNER_AFTER_MINUTES = 15;

    /** Nobody is reminded of what was longer ago. */
    private const GIVES_UP_AFTER_MINUTES = 120;

    public function __construct(
        private WriteMail $write,
        private CurrentBusiness $current,
        private Clock $clock,
    ) {
    }

    public function __invoke(): void
    {
        $businesses = $this->current->across(
            static fn (): array => Member::query()
                ->whereJsonContains('told_of', Occasion::Late->value)
                ->distinct()
                ->pluck('business_id')
                ->all(),
        );
        foreach ($businesses as $business) {
            $this->current->of((int) $business, fn () => $this->ofBusiness((int) $business));
        }
    }

    private function ofBusiness(int $business): void
    {
        $now = $this->clock->now();
        $longest = Business::query()->findOrFail($business)->longest_taken;
        $late = Booking::query()
            ->where('business_id', $business)
            ->whereIn('state', [State::Confirmed, State::Arrived])
            ->whereNull('session_id')
            ->where('starts_at', '<=', $now->subMinutes(self::STAFF_AFTER_MINUTES))
            ->where('starts_at', '>', $now->subMinutes(self::GIVES_UP_AFTER_MINUTES))
            // as bookings are kept: by when they begin to take time, which is not longer before
            ->where('taken_from', '<=', $now->subMinutes(self::STAFF_AFTER_MINUTES))
            ->where('taken_from', '>', $now->subMinutes(self::GIVES_UP_AFTER_MINUTES + $longest))
            ->with('staff')
            ->get();
        foreach ($late as $booking) {
            $wanting = $booking->staff->filter(
                static fn (Member $member): bool => in_array(Occasion::Late->value, $member->told_of, true),
            );
            foreach ($wanting as $member) {
                $this->remind($booking, Audience::Staff, (string) $member->email);
            }
            if ($wanting->isNotEmpty() && $booking->starts_at <= $now->subMinutes(self::OWNER_AFTER_MINUTES)) {
                foreach ($booking->business->owners() as $owner) {
                    $this->remind($booking, Audience::Owner, $owner->email);
                }
            }
        }
    }

    private function remind(Booking $booking, Audience $audience, string $address): void
    {
        ($this->write)(new NewMail($booking, Occasion::Late, new Recipient($audience, $address)));
    }
}
