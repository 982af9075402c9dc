<?php

declare(strict_types=1);

use App\Bookings\CancelBooking;
use App\Bookings\Cancelling;
use App\Bookings\DecideBooking;
use App\Messages\Wording;
use App\Models\OutboxEntry;
use App\Outbox\DeliverDue;
use App\StandIns\MailboxFiles;
use App\Support\ClientLink;
use App\Support\Clock;
use Sabre\VObject\Reader;
use Tests\Support\Yard;

/** @return array<string, mixed> the newest mail to an address */
function mailTo(string $address, string $subject): array
{
    foreach (app(MailboxFiles::class)->all() as $mail) {
        if ($mail['to'] === $address && str_starts_with($mail['subject'], $subject)) {
            return $mail;
        }
    }
    throw new RuntimeException("No mail \"{$subject}\" to {$address}.");
}

it('mails client, staff and owner, the client with a calendar file', function (): void {
    $yard = Yard::open(['price' => 4800]);
    $booking = $yard->book('10:00');
    app(DeliverDue::class)();
    $mail = mailTo('kim@post.example', 'Booked: Lesson');
    $event = Reader::read((string) $mail['calendar'])->VEVENT;
    expect($mail['text'])->toContain(
        'Lesson, 1 hour',
        '(Reykjavik time)',
        'Ana Reed',
        '1 Yard Lane',
        'Price:  €48.00',
        'Money:  To be paid when you come.',
        "/b/{$booking->id}?until=",
    )
        ->and($mail['method'])->toBe('REQUEST')
        ->and((string) $event->UID)->toBe(strtolower($booking->id).'@yardbell')
        ->and($event->DTSTART->getDateTime()->format('H:i e'))->toBe('10:00 UTC')
        ->and(mailTo('ana@yard.example', 'Booked')['text'])->toContain('Kim Post')
        ->and(mailTo('owner@yard.example', 'Booked')['calendar'])->toBeNull();
});

it('takes the event back under the same UID when it is cancelled', function (): void {
    $yard = Yard::open();
    $booking = $yard->book('10:00');
    app(CancelBooking::class)($yard->business->id, $booking->id, new Cancelling('Owner', why: 'The kiln is cold.'));
    app(DeliverDue::class)();
    $mail = mailTo('kim@post.example', 'Cancelled');
    $calendar = Reader::read((string) $mail['calendar']);
    expect((string) $calendar->METHOD)->toBe('CANCEL')
        ->and((string) $calendar->VEVENT->UID)->toBe(strtolower($booking->id).'@yardbell')
        ->and((string) $calendar->VEVENT->SEQUENCE)->toBe('1')
        ->and($mail['text'])->toContain('The kiln is cold.');
});

it('rings the reminder once, when its time has come', function (): void {
    $yard = Yard::open();
    $booking = $yard->book('10:00', days: 3);
    app(DeliverDue::class)();
    expect(fn () => mailTo('kim@post.example', 'Tomorrow'))->toThrow(RuntimeException::class);
    app(Clock::class)->putForward((int) app(Clock::class)->now()->diffInMinutes($booking->starts_at->subDay()) + 1);
    expect(app(DeliverDue::class)())->toBe(1)
        ->and(app(DeliverDue::class)())->toBe(0)
        ->and(mailTo('kim@post.example', 'Tomorrow')['text'])->toContain('we see you soon');
});

it('drops a reminder of what has begun already', function (): void {
    $yard = Yard::open();
    $yard->book('10:00', days: 3);
    app(Clock::class)->putForward(4 * 1440);
    app(DeliverDue::class)();
    expect(OutboxEntry::query()->where('occasion', 'reminder')->toBase()->value('state'))->toBe('dropped');
});

it('sends nothing twice although a worker died after sending', function (): void {
    $yard = Yard::open();
    $yard->book('10:00');
    app(DeliverDue::class)();
    $before = app(MailboxFiles::class)->all();
    OutboxEntry::query()
        ->where('state', 'sent')
        ->update(['state' => 'waiting']); // as if it had died before it wrote that down
    app(DeliverDue::class)();
    expect(app(MailboxFiles::class)->all())->toEqual($before)
        ->and(OutboxEntry::query()->where('state', 'sent')->count())->toBe(3);
});

it('tries a full mailbox again with growing waits, then shows it', function (): void {
    $yard = Yard::open();
    $booking = $yard->book('10:00', 'full.box@post.example', days: 9);
    for ($try = 0; $try < 7; $try++) {
        app(DeliverDue::class)();
        app(Clock::class)->putForward(800);
    }
    $entry = OutboxEntry::query()->where('occasion', 'booked')->where('audience', 'client')->firstOrFail();
    expect([$entry->state->value, $entry->attempts])->toBe(['failed', 6])
        ->and($entry->error)->toContain('is full');
    $this->actingAs($yard->owner)
        ->getJson("/api/businesses/yard/bookings/{$booking->id}")
        ->assertJsonFragment(['state' => 'failed']);
});

it('writes what somebody typed only to an address that is theirs', function (): void {
    $yard = Yard::open();
    $book = function (string $time) use ($yard): App\Models\Booking {
        $held = $yard->hold($time);
        app(App\Bookings\ConfirmBooking::class)($yard->business, $held, new App\Bookings\Details(
            name: 'BUY CHEAP POTS',
            email: 'victim@post.example',
            note: 'at pots.example',
            answers: [$held->id => [new App\Models\Answer(null, ['cheap pots'], 'Why?', 'cheap pots')]],
        ));

        return $held->refresh();
    };
    $text = static fn (App\Models\Booking $booking, string $audience): string => app(
        App\Messages\Wording::class,
    )->letter(
        OutboxEntry::query()
            ->where('booking_id', $booking->id)
            ->where('audience', $audience)
            ->where('occasion', 'booked')
            ->firstOrFail(),
    )->text;
    $booking = $book('10:00');
    $calendar = (string) app(App\Messages\Wording::class)->letter(
        OutboxEntry::query()->where('audience', 'client')->where('occasion', 'booked')->firstOrFail(),
    )->calendar;
    expect($calendar)->toContain('ATTENDEE')->not->toContain('POTS')
        ->and($text($booking, 'client'))->not->toContain('POTS')->not->toContain('pots.example')
        ->not->toContain('cheap pots')
        ->and($text($booking, 'owner'))->toContain('BUY CHEAP POTS')->toContain('at pots.example');
    preg_match('#(/b/\S+)#', $text($booking, 'client'), $link);
    $this->get($link[1])->assertOk(); // the mail was read, so the address is theirs
    expect($text($booking->refresh(), 'client'))->toContain('Hello BUY CHEAP POTS')->toContain('at pots.example')
        ->toContain('cheap pots')
        ->and($text($book('12:00'), 'client'))->not->toContain('POTS'); // whoever types it once more may be anybody
});

it('says how the business is reached, when it ends, and what the client’s own clock shows', function (): void {
    $yard = Yard::open(['price' => 4800]);
    $yard->business->update(['phone' => '+351212345678', 'email' => 'desk@yard.example']);
    $held = $yard->hold('10:00');
    $link = app(ClientLink::class)->query($held);
    $book = fn (string $zone) => $this->postJson("/gate-api/bookings/{$held->id}/book?{$link}", [
        'name' => 'Kim', 'email' => 'kim@post.example', 'phone' => '', 'note' => '', 'zone' => $zone,
    ]);
    $book('Asia/Kathmandu')->assertOk();
    $entry = OutboxEntry::query()->where('occasion', 'booked')->where('audience', 'client')->sole();
    $letter = app(Wording::class)->letter($entry);
    expect($letter->replyTo)->toBe('desk@yard.example')
        ->and($letter->text)->toContain('10:00 to 11:00', 'Your clock:', '(Kathmandu time)', '+351212345678')
        ->and((string) $letter->calendar)->toContain('URL', 'DESCRIPTION:', '+351212345678');
    $held->refresh()->update(['client_zone' => $yard->business->time_zone]);
    expect(app(Wording::class)->letter($entry->refresh())->text)->not->toContain('Your clock:');
    $house = OutboxEntry::query()->where('occasion', 'booked')->where('audience', 'owner')->sole();
    expect(app(Wording::class)->letter($house))
        ->replyTo->toBe('')
        ->text->not->toContain('Your clock:');
});

it('takes a zone that is none for not known', function (): void {
    $held = Yard::open()->hold('10:00');
    $this->postJson("/gate-api/bookings/{$held->id}/book?".app(ClientLink::class)->query($held), [
        'name' => 'Kim', 'email' => 'kim@post.example', 'phone' => '', 'note' => '', 'zone' => 'The/Moon',
    ])->assertOk();
    expect($held->refresh()->client_zone)->toBeNull();
});

it('leads to another time where it came to nothing', function (): void {
    $yard = Yard::open(['approval' => true]);
    $booking = $yard->book('10:00');
    app(DecideBooking::class)($yard->business->id, $booking->id, false, 'Ana', 'Sorry');
    $entry = OutboxEntry::query()->where('occasion', 'declined')->sole();
    expect(app(Wording::class)->letter($entry)->text)
        ->toContain('Book another time:', "/book/yard?service={$yard->lesson->id}");
});

it('puts the way into an online meeting into the calendar', function (): void {
    $yard = Yard::open();
    $yard->lesson->locations()->firstOrFail()->update([
        'online' => true,
        'meeting_link' => 'https://rooms.example/yard',
    ]);
    $yard->book('10:00');
    $entry = OutboxEntry::query()->where('occasion', 'booked')->where('audience', 'client')->sole();
    expect((string) app(Wording::class)->letter($entry)->calendar)
        ->toContain('CONFERENCE;VALUE=URI;FEATURE=VIDEO:https://rooms.example/yard');
});
