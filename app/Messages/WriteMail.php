<?php

declare(strict_types=1);

namespace App\Messages;

use App\Models\Booking;
use App\Models\ChannelName;
use App\Models\Occasion;
use App\Models\OutboxEntry;
use App\Models\OutboxState;
use App\Outbox\NewEntry;
use App\Outbox\Outbox;
use App\Support\Clock;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;

/**
 * Writes mails about bookings and sales into the outbox: what changes again and again is told of once in some minutes,
 * as it is by then, and an address that may be a stranger's gets no more than the quota.
 */
final readonly class WriteMail
{
    private const GATHERED = [Occasion::Changed, Occasion::Moved];

    private const GATHER_MINUTES = 5;

    /** One a booking, or counted where somebody asks for it. */
    private const COUNTED_BEFORE = [Occasion::Reminder, Occasion::Prove, Occasion::OwnPage];

    /** A mail that has not left tells how it stands when it leaves. */
    private const TELLS_ALL = [Occasion::Booked, Occasion::Pending, Occasion::Moved, Occasion::Changed];

    public function __construct(private Outbox $outbox, private MailQuota $quota, private Clock $clock)
    {
    }

    public function __invoke(NewMail ...$mails): void
    {
        $mails = array_filter($mails, static fn (NewMail $mail): bool => $mail->recipient->address !== '' &&
            ! self::isToldAnyway($mail)); // an empty one is of somebody whom the desk booked without an address
        $sendings = [];
        foreach ($mails as $mail) {
            $sendings[$mail->key()] = $mail->sending();
        }
        $keys = $sendings === [] ? [] : $this->outbox->keys($sendings);
        $entries = [];
        foreach ($mails as $mail) {
            $key = $keys[$mail->key()];
            if ($key !== null) {
                $entries[$key] = $this->entry($mail, $key);
            }
        }
        $this->outbox->addOrRevive(...array_values($entries));
    }

    private function entry(NewMail $mail, string $key): NewEntry
    {
        $isCounted = $mail->isToClient() && ! in_array($mail->occasion, self::COUNTED_BEFORE, true);
        $silenced = $mail->isToClient() && ! $this->quota->mayWriteTo($mail->about) ? ['why' => ''] : [];

        return new NewEntry(
            key: $key,
            channel: ChannelName::Mail,
            occasion: $mail->occasion,
            recipient: $mail->recipient,
            content: $silenced + $mail->content,
            about: $mail->about,
            due: $this->due($mail),
            isDropped: $isCounted && ! $this->quota->takesOf($mail->about),
        );
    }

    /** Whether a mail about the same waits already, and will tell how it stands by then. */
    private static function isToldAnyway(NewMail $mail): bool
    {
        if ($mail->occasion !== Occasion::Changed) {
            return false; // whoever moves it drops what waits
        }
        $about = explode(' ', $mail->content['all'] ?? $mail->about->id);
        $waiting = self::before($mail)
            ->whereIn('occasion', self::TELLS_ALL)
            ->where('state', OutboxState::Waiting)
            ->whereNull('leased_until')
            ->get();

        $tells = static fn (OutboxEntry $entry): array => explode(' ', $entry->text('all') ?: $mail->about->id);

        return $waiting->contains(
            static fn (OutboxEntry $entry): bool => array_diff($about, $tells($entry)) === [],
        );
    }

    /** What is gathered goes not before some minutes have passed since the last one. */
    private function due(NewMail $mail): CarbonImmutable
    {
        $due = $mail->due ?? $this->clock->now();
        if (! in_array($mail->occasion, self::GATHERED, true)) {
            return $due;
        }
        $last = self::before($mail)
            ->whereIn('occasion', self::GATHERED)
            ->where('state', OutboxState::Sent)
            ->max('sent_at');
        $next = is_string($last) ? CarbonImmutable::parse($last, 'UTC')->addMinutes(self::GATHER_MINUTES) : $due;

        return $next > $due ? $next : $due;
    }

    /** @return Builder<OutboxEntry> what the same recipient was to be told of the booking before */
    private static function before(NewMail $mail): Builder
    {
        return OutboxEntry::query()
            ->where('business_id', $mail->about->business_id)
            ->where('booking_id', $mail->about->id)
            ->where('recipient', $mail->recipient->address);
    }
}
