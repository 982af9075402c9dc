<?php

declare(strict_types=1);

namespace App\Messages;

use App\Models\Audience;
use App\Models\Booking;
use App\Models\Occasion;
use App\Models\OutboxEntry;
use App\Models\OutboxState;
use App\Outbox\Recipient;
use App\Support\Clock;
use Carbon\CarbonImmutable;

/** Who is told of what happens to a booking, and when. */
final readonly class Announcements
{
    public const REMINDER_MINUTES = 24 * 60;

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
     * @param  Telling  $whom not nobody
     */
    public function of(
        Booking $booking,
        Occasion $occasion,
        string $why = '',
        Telling $whom = Telling::Everybody,
    ): void {
        ($this->write)(...$this->mails([$booking], $occasion, ['why' => $why], $whom));
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
        $reminded = $first->visit_id === null ? $bookings : [$first];
        $reminders = $occasion === Occasion::Booked ? array_map($this->reminder(...), $reminded) : [];
        ($this->write)(
            ...$this->mails($bookings, $occasion, ['why' => $why], $whom),
            ...array_filter($reminders),
        );
    }

    /**
     * Other times to somebody who has asked for one.
     *
     * @param  list<string>  $starts instants
     */
    public function suggest(Booking $booking, array $starts, string $why): void
    {
        $times = implode(' ', $starts);
        ($this->write)(
            new NewMail(
                about: $booking,
                occasion: Occasion::Suggested,
                recipient: self::client($booking),
                content: ['why' => $why, 'times' => $times],
                instance: substr(hash('sha256', $times), 0, 12),
                due: $this->due(),
            ),
        );
    }

    /** 24 hours before the start; not at all where that is past, and once a start, whatever was moved between. */
    public function remind(Booking $booking): void
    {
        ($this->write)(...array_filter([$this->reminder($booking)]));
    }

    /**
     * Everybody is told once of those that are moved; of one that is back where they believe it to be, nobody.
     *
     * @param  list<Booking>  $bookings of one client
     * @param  array<string, string>  $known of UnsentMail::knownPlaces(), from before
     * @param  Telling  $whom not nobody; a client to whom something is under way is told what is so now
     */
    public function moved(array $bookings, array $known, Telling $whom = Telling::Everybody): void
    {
        $whom = $whom === Telling::House && UnsentMail::isToClient($bookings) ? Telling::Everybody : $whom;
        array_map(UnsentMail::drop(...), $bookings);
        $moved = array_values(array_filter(
            $bookings,
            static fn (Booking $booking): bool => $known[$booking->id] !== UnsentMail::place($booking),
        ));
        usort($moved, static fn (Booking $a, Booking $b): int => $a->starts_at <=> $b->starts_at);
        if ($moved !== []) {
            $was = json_encode($known, JSON_THROW_ON_ERROR);
            ($this->write)(...$this->mails($moved, Occasion::Moved, ['why' => '', 'was' => $was], $whom));
        }
    }

    /**
     * @param  non-empty-list<Booking>  $bookings
     * @param  array<string, string>  $content
     * @return list<NewMail> one to each who is told
     */
    private function mails(array $bookings, Occasion $occasion, array $content, Telling $whom): array
    {
        $mails = [];
        if ($whom === Telling::Everybody || $whom === Telling::ClientAlone) {
            $mails[] = $this->mail($bookings, $occasion, self::client($bookings[0]), $content);
        }
        if ($whom === Telling::ClientAlone || in_array($occasion, Occasion::FOR_CLIENT_ALONE, true)) {
            return $mails;
        }
        $theirs = self::byMember($bookings, $occasion);
        foreach ($theirs as $email => $some) {
            $to = new Recipient(Audience::Staff, (string) $email);
            $mails[] = $this->mail($some, $occasion, $to, $content);
        }
        foreach ($bookings[0]->business->owners() as $owner) {
            $told = array_column($theirs[$owner->email] ?? [], 'id');
            $others = array_values(
                array_filter($bookings, static fn (Booking $one): bool => ! in_array($one->id, $told, true)),
            );
            if ($others !== []) {
                $mails[] = $this->mail($others, $occasion, new Recipient(Audience::Owner, $owner->email), $content);
            }
        }

        return $mails;
    }

    /**
     * @param  non-empty-list<Booking>  $bookings
     * @return array<string, non-empty-list<Booking>> those of members who want to be told, by their address
     */
    private static function byMember(array $bookings, Occasion $occasion): array
    {
        $theirs = [];
        $wanted = self::wanted($occasion);
        foreach ($bookings as $booking) {
            foreach ($booking->staff as $member) {
                if ($member->email !== null && in_array($wanted->value, $member->told_of, true)) {
                    $theirs[$member->email][] = $booking;
                }
            }
        }

        return $theirs;
    }

    /**
     * @param  non-empty-list<Booking>  $bookings
     * @param  array<string, string>  $content
     */
    private function mail(array $bookings, Occasion $occasion, Recipient $to, array $content): NewMail
    {
        $ids = array_map(static fn (Booking $booking): string => $booking->id, $bookings);
        $all = count($ids) === 1 ? [] : ['all' => implode(' ', $ids)];

        return new NewMail($bookings[0], $occasion, $to, [...$content, ...$all], due: $this->due());
    }

    /** Null: there is none to be written. */
    private function reminder(Booking $booking): ?NewMail
    {
        $due = $booking->starts_at->subMinutes(self::REMINDER_MINUTES);
        if ($booking->contact === null || $due <= $this->clock->now()) {
            return null;
        }
        $same = OutboxEntry::query()
            ->where('business_id', $booking->business_id)
            ->where('booking_id', $booking->id)
            ->where('occasion', Occasion::Reminder)
            ->where('due_at', $due)
            ->get();
        if ($same->isEmpty()) {
            return new NewMail($booking, Occasion::Reminder, self::client($booking), due: $due);
        }
        if ($same->every(static fn (OutboxEntry $entry): bool => $entry->state === OutboxState::Dropped)) {
            $same->firstOrFail()->update(['state' => OutboxState::Waiting]);
        }

        return null;
    }

    private static function client(Booking $booking): Recipient
    {
        return new Recipient(Audience::Client, $booking->contact['email'] ?? '');
    }

    private function due(): CarbonImmutable
    {
        return $this->clock->now()->addSeconds($this->waitSeconds);
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
}
