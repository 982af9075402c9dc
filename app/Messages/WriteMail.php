<?php

declare(strict_types=1);

namespace App\Messages;

use App\Models\Audience;
use App\Models\Booking;
use App\Models\Occasion;
use App\Models\OutboxEntry;
use App\Outbox\Outbox;
use Carbon\CarbonImmutable;

/**
 * Writes a mail about a booking into the outbox: what changes again and again is told of once in some minutes, as it is
 * by then, and an address that may be a stranger's gets no more than the quota.
 */
final readonly class WriteMail
{
    private const GATHERED = [Occasion::Changed, Occasion::Moved];

    private const GATHER_MINUTES = 5;

    /** One a booking, or counted where somebody asks for it. */
    private const COUNTED_BEFORE = [Occasion::Reminder, Occasion::Prove, Occasion::OwnPage];

    /** A mail that has not left tells how it stands when it leaves. */
    private const TELLS_ALL = [Occasion::Booked, Occasion::Pending, Occasion::Moved, Occasion::Changed];

    public function __construct(private Outbox $outbox, private MailQuota $quota)
    {
    }

    /**
     * @param  CarbonImmutable  $due at the earliest
     * @param  array<string, string>  $content "why" is in somebody's own words
     * @param  string  $mark lets the same be sent once, and another time when something has changed
     */
    public function __invoke(
        Booking $booking,
        Occasion $occasion,
        Audience $audience,
        string $recipient,
        CarbonImmutable $due,
        array $content,
        string $mark,
    ): void {
        $whom = substr(hash('sha256', $recipient), 0, 12);
        $parts = [$occasion->value, $booking->id, $booking->calendar_sequence, $audience->value, $whom, $mark];
        $key = rtrim(implode('-', $parts), '-');
        $isGathered = in_array($occasion, self::GATHERED, true);
        if ($this->outbox->has($key) || self::isToldAnyway($booking, $occasion, $recipient, $content)) {
            return;
        }
        $isToClient = $audience === Audience::Client;
        if ($isToClient && ! $this->quota->mayWriteTo($booking)) {
            $content = ['why' => ''] + $content;
        }
        $isCounted = $isToClient && ! in_array($occasion, self::COUNTED_BEFORE, true);
        $this->outbox->add(
            MailChannel::NAME,
            $occasion,
            $audience,
            $recipient,
            $key,
            $content,
            $booking,
            $isGathered ? self::gathered($booking, $recipient, $due) : $due,
            ! $isCounted || $this->quota->takesOf($booking) ? 'waiting' : 'dropped',
        );
    }

    /**
     * Whether a mail about the same waits already, and will tell how it stands by then.
     *
     * @param  array<string, string>  $content
     */
    private static function isToldAnyway(
        Booking $booking,
        Occasion $occasion,
        string $recipient,
        array $content,
    ): bool {
        if ($occasion !== Occasion::Changed) {
            return false; // whoever moves it drops what waits
        }
        $about = explode(' ', $content['all'] ?? $booking->id);
        $waiting = OutboxEntry::query()
            ->where('business_id', $booking->business_id)
            ->where('booking_id', $booking->id)
            ->where('recipient', $recipient)
            ->whereIn('occasion', self::TELLS_ALL)
            ->where('state', 'waiting')
            ->whereNull('leased_until')
            ->get();

        $tells = static fn (OutboxEntry $entry): array => explode(' ', $entry->text('all') ?: $booking->id);

        return $waiting->contains(
            static fn (OutboxEntry $entry): bool => array_diff($about, $tells($entry)) === [],
        );
    }

    /** Not before some minutes have passed since the last one. */
    private static function gathered(Booking $booking, string $recipient, CarbonImmutable $due): CarbonImmutable
    {
        $last = OutboxEntry::query()
            ->where('business_id', $booking->business_id)
            ->where('booking_id', $booking->id)
            ->where('recipient', $recipient)
            ->whereIn('occasion', self::GATHERED)
            ->where('state', 'sent')
            ->max('sent_at');
        $next = is_string($last) ? CarbonImmutable::parse($last, 'UTC')->addMinutes(self::GATHER_MINUTES) : $due;

        return $next > $due ? $next : $due;
    }
}
