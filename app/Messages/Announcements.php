<?php

declare(strict_types=1);

namespace App\Messages;

use App\Models\Audience;
use App\Models\Booking;
use App\Models\Occasion;
use App\Models\OutboxEntry;
use App\Outbox\Outbox;
use App\Support\Clock;
use Carbon\CarbonImmutable;

/** Who is told of what happens to a booking, and when. */
final readonly class Announcements
{
    public const REMINDER_MINUTES = 24 * 60;

    /** What is true whatever becomes of the booking: somebody's own words, a link, a paper. */
    private const STANDS = [
        Occasion::Word,
        Occasion::LinkAgain,
        Occasion::OwnPage,
        Occasion::PayLink,
        Occasion::Receipt,
        Occasion::Invoice,
    ];

    /** @param  int  $waitSeconds before anybody is mailed */
    public function __construct(private WriteMail $write, private Clock $clock, private int $waitSeconds = 0)
    {
    }

    /** Of what the house does and may undo at once: nobody is mailed before that is over. */
    public function undoable(): self
    {
        return new self($this->write, $this->clock, config()->integer('yardbell.undo_seconds'));
    }

    /**
     * Tells the client, the staff and the owners at once.
     *
     * @param  string  $why in somebody's own words
     * @param  array<string, string>  $more that the letter, or what undoes it, needs
     * @param  Telling  $whom not nobody
     */
    public function of(
        Booking $booking,
        Occasion $occasion,
        string $why = '',
        array $more = [],
        Telling $whom = Telling::Everybody,
    ): void {
        if ($booking->contact !== null && $whom === Telling::Everybody) {
            $this->mail($booking, $occasion, Audience::Client, $booking->contact['email'], why: $why, more: $more);
        }
        if (in_array($occasion, Occasion::FOR_CLIENT_ALONE, true)) {
            return;
        }
        $told = [];
        $wanted = self::wanted($occasion);
        foreach ($booking->staff()->get() as $member) {
            if ($member->email !== null && in_array($wanted->value, $member->told_of, true)) {
                $this->mail($booking, $occasion, Audience::Staff, $member->email, why: $why, more: $more);
                $told[] = $member->email;
            }
        }
        $owners = $booking->business()->firstOrFail()->users()->wherePivot('role', 'owner')->whereNotIn('email', $told);
        foreach ($owners->get() as $owner) {
            $this->mail($booking, $occasion, Audience::Owner, $owner->email, why: $why, more: $more);
        }
    }

    /**
     * Tells everybody once of bookings that were made together, and reminds of them: of each date of a repeat, of a
     * visit when it begins.
     *
     * @param  non-empty-list<Booking>  $bookings of one client, in order of time
     * @param  string  $why in somebody's own words
     * @param  Telling  $whom not nobody; it is reminded of in any case
     */
    public function ofAll(
        array $bookings,
        Occasion $occasion,
        string $why = '',
        Telling $whom = Telling::Everybody,
    ): void {
        [$first] = $bookings;
        count($bookings) === 1
            ? $this->of($first, $occasion, $why, whom: $whom)
            : $this->tellAll($bookings, $occasion, $why, whom: $whom);
        if ($occasion === Occasion::Booked) {
            array_map($this->remind(...), $first->visit_id === null ? $bookings : [$first]);
        }
    }

    /**
     * @param  non-empty-list<Booking>  $bookings
     * @param  array<string, string>  $more that undoes it
     */
    private function tellAll(
        array $bookings,
        Occasion $occasion,
        string $why,
        array $more = [],
        Telling $whom = Telling::Everybody,
    ): void {
        [$first] = $bookings;
        if ($first->contact !== null && $whom === Telling::Everybody) {
            $this->mailAll($bookings, $occasion, Audience::Client, $first->contact['email'], $why, $more);
        }
        if (in_array($occasion, Occasion::FOR_CLIENT_ALONE, true)) {
            return;
        }
        $theirs = [];
        $wanted = self::wanted($occasion);
        foreach ($bookings as $booking) {
            foreach ($booking->staff()->get() as $member) {
                if ($member->email !== null && in_array($wanted->value, $member->told_of, true)) {
                    $theirs[$member->email][] = $booking;
                }
            }
        }
        foreach ($theirs as $email => $some) {
            $this->mailAll($some, $occasion, Audience::Staff, (string) $email, $why, $more);
        }
        foreach ($first->business()->firstOrFail()->users()->wherePivot('role', 'owner')->get() as $owner) {
            $own = array_map(static fn (Booking $one): string => $one->id, $theirs[$owner->email] ?? []);
            $others = array_values(
                array_filter($bookings, static fn (Booking $one): bool => ! in_array($one->id, $own, true)),
            );
            if ($others !== []) {
                $this->mailAll($others, $occasion, Audience::Owner, $owner->email, $why, $more);
            }
        }
    }

    /**
     * @param  non-empty-list<Booking>  $bookings
     * @param  array<string, string>  $more that undoes it
     */
    private function mailAll(
        array $bookings,
        Occasion $occasion,
        Audience $audience,
        string $recipient,
        string $why,
        array $more,
    ): void {
        $ids = array_map(static fn (Booking $booking): string => $booking->id, $bookings);
        $more['all'] = implode(' ', $ids);
        $this->mail($bookings[0], $occasion, $audience, $recipient, why: $why, more: $more);
    }

    /**
     * Other times to somebody who has asked for one.
     *
     * @param  list<string>  $starts instants
     */
    public function suggest(Booking $booking, array $starts, string $why): void
    {
        $times = implode(' ', $starts);
        $this->mail(
            $booking,
            Occasion::Suggested,
            Audience::Client,
            $booking->contact['email'] ?? '',
            why: $why,
            mark: substr(hash('sha256', $times), 0, 12),
            more: ['times' => $times],
        );
    }

    /** A word to the client about their booking, in somebody's own words. */
    public function word(Booking $booking, string $text): void
    {
        if ($booking->contact !== null) {
            $mark = substr(hash('sha256', $text), 0, 12);
            $this->mail(
                $booking,
                Occasion::Word,
                Audience::Client,
                $booking->contact['email'],
                why: $text,
                mark: $mark,
            );
        }
    }

    /** A new link to a booking, to the address it was booked with: once a day, until it is made void again. */
    public function link(Booking $booking, Occasion $occasion): void
    {
        $this->ofSale($booking, $occasion, "{$this->clock->now()->format('Ymd')}-{$booking->link_version}");
    }

    /**
     * The way to a client's own page, at most once an hour.
     *
     * @param  Booking  $booking any of theirs
     */
    public function ownPage(Booking $booking, string $address): void
    {
        $mark = $this->clock->now()->format('YmdH');
        $this->mail($booking, Occasion::OwnPage, Audience::Client, $address, mark: $mark);
    }

    /**
     * What the desk sends of a sale: a link to pay, a receipt, an invoice.
     *
     * @param  string  $mark lets the same be sent once, and another time when something has changed
     */
    public function ofSale(
        Booking $booking,
        Occasion $occasion,
        string $mark,
        string $document = '',
        string $why = '',
    ): void {
        if ($booking->contact !== null) {
            $this->mail(
                $booking,
                $occasion,
                Audience::Client,
                $booking->contact['email'],
                why: $why,
                mark: $mark,
                more: ['document' => $document],
            );
        }
    }

    /** What somebody of the house wishes to be told of, who is told of this. */
    private static function wanted(Occasion $occasion): Occasion
    {
        return match ($occasion) {
            Occasion::Pending => Occasion::Booked,
            Occasion::Changed => Occasion::Moved,
            Occasion::Restored => Occasion::Cancelled,
            default => $occasion,
        };
    }

    /** 24 hours before the start; not at all where that is past, and once a start, whatever was moved between. */
    public function remind(Booking $booking): void
    {
        $due = $booking->starts_at->subMinutes(self::REMINDER_MINUTES);
        if ($booking->contact === null || $due <= $this->clock->now()) {
            return;
        }
        $all = OutboxEntry::query()
            ->where('business_id', $booking->business_id)
            ->where('booking_id', $booking->id)
            ->where('occasion', Occasion::Reminder);
        $same = $all->where('due_at', $due)->get();
        if ($same->isEmpty()) {
            $this->mail($booking, Occasion::Reminder, Audience::Client, $booking->contact['email'] ?? '', $due);
        } elseif ($same->every(static fn (OutboxEntry $entry): bool => $entry->state === 'dropped')) {
            $same->firstOrFail()->update(['state' => 'waiting']);
        }
    }

    /** To one of the house: it was to begin, and nobody has said that it did. */
    public function late(Booking $booking, Audience $audience, string $recipient): void
    {
        $this->mail($booking, Occasion::Late, $audience, $recipient);
    }

    /** To the owners: somebody was told that they are answered soon. */
    public function unanswered(Booking $booking, CarbonImmutable $until): void
    {
        foreach ($booking->business()->firstOrFail()->users()->wherePivot('role', 'owner')->get() as $owner) {
            $this->mail(
                $booking,
                Occasion::Unanswered,
                Audience::Owner,
                $owner->email,
                mark: $until->format('YmdHi'),
            );
        }
    }

    /** Whether it has left that this is cancelled, or cannot be stopped any more. */
    public function knowsCancelled(Booking $booking): bool
    {
        return OutboxEntry::query()
            ->where('business_id', $booking->business_id)
            ->where('channel', MailChannel::NAME)
            ->where('occasion', Occasion::Cancelled)
            ->where('state', '<>', 'dropped')
            ->where('state', '<>', 'waiting')
            ->where('booking_id', $booking->id)
            ->exists();
    }

    /**
     * When and with whom those who are told of it believe that these are: what has not left yet, they do not know.
     *
     * @param  list<Booking>  $bookings before they are moved
     * @return array<string, string> by booking
     */
    public function knownPlaces(array $bookings): array
    {
        $known = [];
        foreach ($bookings as $booking) {
            $known[$booking->id] = self::place($booking);
        }
        $unsent = OutboxEntry::query()
            ->where('business_id', $bookings[0]->business_id ?? 0)
            ->whereIn('booking_id', array_keys($known))
            ->where('channel', MailChannel::NAME)
            ->where('occasion', Occasion::Moved)
            ->where('state', 'waiting')
            ->get();
        foreach ($unsent as $entry) {
            $known = array_replace($known, array_intersect_key($entry->places(), $known));
        }

        return $known;
    }

    /**
     * Everybody is told once of those that are moved; of one that is back where they believe it to be, nobody.
     *
     * @param  list<Booking>  $bookings of one client
     * @param  array<string, string>  $known of knownPlaces(), from before
     * @param  Telling  $whom not nobody; a client to whom something is under way is told what is so now
     */
    public function moved(array $bookings, array $known, Telling $whom = Telling::Everybody): void
    {
        $whom = self::isUnderWay($bookings) ? Telling::Everybody : $whom;
        array_map($this->drop(...), $bookings);
        $moved = array_values(array_filter(
            $bookings,
            static fn (Booking $booking): bool => $known[$booking->id] !== self::place($booking),
        ));
        usort($moved, static fn (Booking $a, Booking $b): int => $a->starts_at <=> $b->starts_at);
        $more = ['was' => json_encode($known, JSON_THROW_ON_ERROR)];
        match (count($moved)) {
            0 => null,
            1 => $this->of($moved[0], Occasion::Moved, more: $more, whom: $whom),
            default => $this->tellAll($moved, Occasion::Moved, '', $more, $whom),
        };
    }

    /** @param  list<Booking>  $bookings */
    private static function isUnderWay(array $bookings): bool
    {
        return OutboxEntry::query()
            ->where('business_id', $bookings[0]->business_id ?? 0)
            ->whereIn('booking_id', array_map(static fn (Booking $one): string => $one->id, $bookings))
            ->where('channel', MailChannel::NAME)
            ->where('audience', Audience::Client)
            ->whereIn('occasion', [Occasion::Booked, Occasion::Moved])
            ->where('state', 'waiting')
            ->exists();
    }

    /** When, and with whom. */
    private static function place(Booking $booking): string
    {
        return $booking->starts_at->format('Y-m-d\TH:i\Z').' '.implode(' ', $booking->staff_ids);
    }

    /** What still waits to tell how it stood, or to remind of it, is not sent any more. */
    public function drop(Booking $booking): void
    {
        Outbox::drop(
            OutboxEntry::query()
                ->where('business_id', $booking->business_id)
                ->where('booking_id', $booking->id)
                ->where('channel', MailChannel::NAME)
                ->whereNotIn('occasion', self::STANDS),
        );
    }

    /** @param  array<string, string>  $more that the letter needs */
    private function mail(
        Booking $booking,
        Occasion $occasion,
        Audience $audience,
        string $recipient,
        ?CarbonImmutable $due = null,
        string $why = '',
        string $mark = '',
        array $more = [],
    ): void {
        if ($recipient === '') {
            return; // somebody whom the desk booked without an address
        }
        $due ??= $this->clock->now()->addSeconds($this->waitSeconds);
        ($this->write)($booking, $occasion, $audience, $recipient, $due, ['why' => $why] + $more, $mark);
    }
}
