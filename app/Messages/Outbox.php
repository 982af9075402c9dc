<?php

declare(strict_types=1);

namespace App\Messages;

use App\Models\Booking;
use App\Models\CurrentBusiness;
use App\Models\OutboxEntry;
use App\Models\Payment;
use App\Models\User;
use App\Support\Clock;
use Carbon\CarbonImmutable;

/** Writes down, in the transaction that makes it necessary, what the worker will send. A key lets nothing be written twice. */
final readonly class Outbox
{
    public const REMINDER_MINUTES = 24 * 60;

    /** What only the client is told. */
    private const FOR_CLIENT_ALONE = ['paid_too_late', 'declined', 'prove'];

    public function __construct(private Clock $clock, private CurrentBusiness $current)
    {
    }

    /** Tells the client, the staff and the owners at once. */
    public function announce(Booking $booking, string $occasion, string $why = ''): void
    {
        $client = $booking->contact;
        if ($client !== null) {
            $this->mail($booking, $occasion, 'client', $client['email'], $this->clock->now(), $why);
        }
        if (in_array($occasion, self::FOR_CLIENT_ALONE, true)) {
            return;
        }
        $told = [];
        foreach ($booking->staff()->get() as $member) {
            if ($member->email !== null && in_array($occasion === 'pending' ? 'booked' : $occasion, $member->told_of, true)) {
                $this->mail($booking, $occasion, 'staff', $member->email, $this->clock->now(), $why);
                $told[] = $member->email;
            }
        }
        $business = $booking->business()->firstOrFail();
        foreach ($business->users()->wherePivot('role', 'owner')->whereNotIn('email', $told)->get() as $owner) {
            $this->mail($booking, $occasion, 'owner', $owner->email, $this->clock->now(), $why);
        }
    }

    /** A word to the client about their booking, in somebody's own words. */
    public function word(Booking $booking, string $text): void
    {
        if ($booking->contact !== null) {
            $this->mail($booking, 'word', 'client', $booking->contact['email'], $this->clock->now(), $text, substr(hash('sha256', $text), 0, 12));
        }
    }

    /** 24 hours before the start; not at all where that is past. */
    public function remind(Booking $booking): void
    {
        $due = $booking->starts_at->subMinutes(self::REMINDER_MINUTES);
        $client = $booking->contact;
        if ($client !== null && $due > $this->clock->now()) {
            $this->mail($booking, 'reminder', 'client', $client['email'], $due);
        }
    }

    public function refund(Payment $payment): void
    {
        $this->write([
            'business_id' => $payment->business_id, 'booking_id' => $payment->booking_id, 'key' => "refund-{$payment->id}",
            'channel' => 'refund', 'occasion' => 'refunded', 'audience' => 'processor', 'recipient' => (string) $payment->checkout,
            'content' => ['payment' => $payment->id], 'due_at' => $this->clock->now(),
        ]);
    }

    /** A fee is charged to the card that was kept for it. */
    public function charge(Payment $payment): void
    {
        $this->write([
            'business_id' => $payment->business_id, 'booking_id' => $payment->booking_id, 'key' => "charge-{$payment->id}",
            'channel' => 'charge', 'occasion' => 'charged', 'audience' => 'processor', 'recipient' => (string) $payment->checkout,
            'content' => ['payment' => $payment->id], 'due_at' => $this->clock->now(),
        ]);
    }

    /** Mail to somebody who signs in: a link and what it is for. */
    public function account(User $user, string $occasion, string $link, string $key): void
    {
        $this->letter($user->email, $occasion, ['name' => $user->name, 'link' => $link], $key);
    }

    /**
     * Mail that is about no booking.
     *
     * @param  array<string, string>  $content what its wording fills in
     */
    public function letter(string $recipient, string $occasion, array $content, string $key): void
    {
        $this->write([
            'key' => "{$occasion}-{$key}", 'channel' => 'mail', 'occasion' => $occasion, 'audience' => 'account',
            'recipient' => $recipient, 'content' => $content, 'due_at' => $this->clock->now(),
        ]);
    }

    /** What still waits is not sent any more. */
    public function drop(Booking $booking): void
    {
        OutboxEntry::query()->where('business_id', $booking->business_id)->where('booking_id', $booking->id)
            ->where('channel', 'mail')->where('state', 'waiting')->update(['state' => 'dropped']);
    }

    private function mail(Booking $booking, string $occasion, string $audience, string $recipient, CarbonImmutable $due, string $why = '', string $mark = ''): void
    {
        $this->write([
            'business_id' => $booking->business_id, 'booking_id' => $booking->id,
            'key' => rtrim(implode('-', [$occasion, $booking->id, $booking->calendar_sequence, $audience, substr(hash('sha256', $recipient), 0, 12), $mark]), '-'),
            'channel' => 'mail', 'occasion' => $occasion, 'audience' => $audience, 'recipient' => $recipient,
            'content' => ['why' => $why], 'due_at' => $due,
        ]);
    }

    /** @param  array<string, mixed>  $entry */
    private function write(array $entry): void
    {
        $this->current->across(static fn (): OutboxEntry => OutboxEntry::query()->firstOrCreate(['key' => $entry['key']], $entry)); // the key is one for all, and an account's mail is of no business
    }
}
