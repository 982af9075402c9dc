<?php

declare(strict_types=1);

use App\Bookings\CancelBooking;
use App\Bookings\Cancelling;
use App\Messages\Announcements;
use App\Messages\SaleLetters;
use App\Messages\WriteToClient;
use App\Models\Booking;
use App\Models\Occasion;
use App\Models\OutboxEntry;
use App\Outbox\DeliverDue;
use App\Support\Clock;
use Tests\Support\Yard;

/*
 * What is sent once, what again, and what stays although a booking is moved or cancelled.
 */

beforeEach(function (): void {
    $this->yard = Yard::open();
    $this->to = static fn (Booking $booking, Occasion $occasion): array => OutboxEntry::query()
        ->where('booking_id', $booking->id)
        ->where('occasion', $occasion)
        ->where('audience', 'client')
        ->orderBy('id')
        ->toBase()
        ->pluck('state')
        ->all();
    $this->word = static fn (Booking $booking) => app(WriteToClient::class)->word($booking, 'Bring an apron.');
});

it('sends a word again that did not get through', function (): void {
    $booking = $this->yard->book('10:00', 'full.box@post.example', days: 9);
    ($this->word)($booking);
    for ($try = 0; $try < 7; $try++) {
        app(DeliverDue::class)();
        app(Clock::class)->putForward(800);
    }
    expect(($this->to)($booking, Occasion::Word))->toBe(['failed']);
    ($this->word)($booking);
    expect(($this->to)($booking, Occasion::Word))->toBe(['waiting'])
        ->and(OutboxEntry::query()->where('occasion', Occasion::Word)->sole())
        ->toMatchArray(['attempts' => 0, 'error' => '']);
});

it('takes a second press for the same word, and a later one for another', function (): void {
    $booking = $this->yard->book('10:00', days: 9);
    ($this->word)($booking);
    ($this->word)($booking);
    app(DeliverDue::class)();
    app(Clock::class)->putForward(9);
    ($this->word)($booking);
    expect(($this->to)($booking, Occasion::Word))->toBe(['sent']);
    app(Clock::class)->putForward(2);
    ($this->word)($booking);
    expect(($this->to)($booking, Occasion::Word))->toBe(['sent', 'waiting']);
    app(DeliverDue::class)();
    app(Clock::class)->putForward(11);
    ($this->word)($booking);
    expect(($this->to)($booking, Occasion::Word))->toBe(['sent', 'sent', 'waiting'])
        ->and(OutboxEntry::query()->where('occasion', Occasion::Word)->pluck('key')->unique())->toHaveCount(3);
});

it('tells of what happens once more, also where nothing else of the booking has changed', function (): void {
    $booking = $this->yard->book('10:00', days: 9);
    foreach (range(1, 2) as $times) {
        app(Announcements::class)->of($booking, Occasion::Cheaper);
        app(DeliverDue::class)();
        expect(($this->to)($booking, Occasion::Cheaper))->toBe(array_fill(0, $times, 'sent'));
    }
});

it('sends a way back once an hour, however often it is asked for', function (): void {
    $booking = $this->yard->book('10:00', days: 9);
    foreach (range(1, 3) as $_) {
        app(WriteToClient::class)->ownPage($booking, 'kim@post.example');
        app(DeliverDue::class)();
    }
    expect(($this->to)($booking, Occasion::OwnPage))->toBe(['sent']);
});

it('drops what tells of the time when that is over, and nothing else', function (): void {
    $booking = $this->yard->book('10:00', days: 9);
    ($this->word)($booking);
    foreach ([Occasion::Receipt, Occasion::Invoice, Occasion::PayLink, Occasion::Refund] as $i => $paper) {
        app(SaleLetters::class)->write($booking->sale()->firstOrFail(), $paper, "m{$i}");
    }
    app(CancelBooking::class)($this->yard->business->id, $booking->id, Cancelling::byClient());
    foreach ([Occasion::Word, Occasion::Receipt, Occasion::Invoice, Occasion::PayLink, Occasion::Refund] as $stays) {
        expect(($this->to)($booking, $stays))->toBe(['waiting']);
    }
    foreach ([Occasion::Booked, Occasion::Reminder] as $gone) {
        expect(($this->to)($booking, $gone))->toBe(['dropped']);
    }
    expect(($this->to)($booking, Occasion::Cancelled))->toBe(['waiting']);
});

it('never takes up money again that was held back', function (): void {
    $booking = $this->yard->book('10:00', days: 9);
    $entry = new App\Outbox\NewEntry(
        'refund-1',
        App\Models\ChannelName::Refund,
        Occasion::Refunded,
        new App\Outbox\Recipient(App\Models\Audience::Processor, 'c1'),
        about: $booking,
    );
    app(App\Outbox\Outbox::class)->add($entry);
    OutboxEntry::query()->where('key', 'refund-1')->update(['state' => 'dropped']);
    app(App\Outbox\Outbox::class)->add($entry);
    expect(OutboxEntry::query()->where('key', 'refund-1')->sole()->state->value)->toBe('dropped');
});

it('goes on telling of the others where one of several is cancelled, or moved once more', function (): void {
    $parts = array_map(fn (string $time): Booking => $this->yard->book($time, days: 9), ['10:00', '11:00', '12:00']);
    foreach ($parts as $part) {
        $part->update(['visit_id' => str_repeat('V', 26)]);
    }
    app(DeliverDue::class)();
    app(Announcements::class)->ofAll($parts, Occasion::Moved);
    $waits = static fn (): array => OutboxEntry::query()
        ->where('occasion', Occasion::Moved)
        ->where('audience', 'client')
        ->get()
        ->map(static fn (OutboxEntry $one): array => [$one->state->value, $one->booking_id, $one->text('all')])
        ->all();
    [$first, $second, $third] = array_column($parts, 'id');
    expect($waits())->toBe([['waiting', $first, "{$first} {$second} {$third}"]]);
    App\Messages\UnsentMail::drop($parts[0]);
    expect($waits())->toBe([['waiting', $second, "{$second} {$third}"]]);
    App\Messages\UnsentMail::drop($parts[2]);
    expect($waits())->toBe([['waiting', $second, $second]]);
    App\Messages\UnsentMail::drop($parts[1]);
    expect($waits()[0][0])->toBe('dropped');
});
