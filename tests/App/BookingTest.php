<?php

declare(strict_types=1);

use App\Bookings\CancelBooking;
use App\Bookings\Cancelling;
use App\Bookings\ExpireHolds;
use App\Bookings\HoldTime;
use App\Models\BookingChange;
use App\Models\OutboxEntry;
use App\Support\Clock;
use App\Times\Choice;
use App\Times\TimeTaken;
use App\Times\Wish;
use Tests\Support\Yard;
use YardBell\Core\Booking\State;
use YardBell\Core\Time\Wall;

it('holds a time, which nobody else is offered meanwhile (T8)', function (): void {
    $yard = Yard::open();
    $booking = $yard->hold('10:00');
    expect($booking->state)->toBe(State::Held)->and($booking->taken_from->format('H:i'))->toBe('10:00');
    try {
        $late = new Wish(new Choice($yard->lesson->id), Wall::instant(Yard::at('10:30')));
        app(HoldTime::class)($yard->business, $late);
        $this->fail('The time is held.');
    } catch (TimeTaken $taken) {
        expect($taken->details()['near'])->toBe([
            Yard::at('09:00'),
            Yard::at('11:00'),
            Yard::at('11:30'),
            Yard::at('12:00'),
        ]);
    }
});

it('frees a held time when the hold runs out', function (): void {
    $yard = Yard::open();
    $held = $yard->hold('10:00');
    app(Clock::class)->putForward(11);
    expect($yard->hold('10:00')->id)->not->toBe($held->id);
    app(ExpireHolds::class)();
    expect($held->refresh()->state)->toBe(State::Expired);
});

it('gives anyone to whoever has waited longest (T16)', function (): void {
    $yard = Yard::open(people: 3);
    $names = [];
    foreach (['09:00', '09:00', '09:00', '11:00'] as $time) {
        $names[] = $yard->book($time)->staff()->firstOrFail()->name;
        app(Clock::class)->putForward(1);
    }
    expect($names)->toBe(['Ana Reed', 'Bo Marsh', 'Cy Fenn', 'Ana Reed']);
});

it('books, tells everyone and sets a reminder', function (): void {
    $yard = Yard::open();
    $booking = $yard->book('10:00');
    $messages = OutboxEntry::query()->orderBy('id')->get();
    expect($booking->state)->toBe(State::Confirmed)
        ->and($messages->map(fn (OutboxEntry $one): string => "{$one->occasion->value} {$one->audience->value}")->all())
        ->toBe(['booked client', 'booked staff', 'booked owner', 'reminder client'])
        ->and($messages[3]->due_at->format('Y-m-d H:i'))->toBe($booking->starts_at->subDay()->format('Y-m-d H:i'))
        ->and(BookingChange::query()->pluck('state')->all())->toBe(['held', 'confirmed']);
});

it('sets no reminder that would be in the past', function (): void {
    $yard = Yard::open();
    $yard->book(app(Clock::class)->now()->format('H:i') < '23:00' ? '10:00' : '09:00', days: 1);
    expect(
        OutboxEntry::query()->where('occasion', 'reminder')->where('due_at', '<=', app(Clock::class)->now())->count(),
    )->toBe(0);
});

it('cancels once, frees the time and drops what waits', function (): void {
    $yard = Yard::open();
    $booking = $yard->book('10:00');
    app(CancelBooking::class)($yard->business->id, $booking->id, Cancelling::byClient());
    app(CancelBooking::class)($yard->business->id, $booking->id, Cancelling::byClient());
    expect($booking->refresh()->state)->toBe(State::Cancelled)
        ->and(OutboxEntry::query()->where('occasion', 'reminder')->toBase()->value('state'))->toBe('dropped')
        ->and(OutboxEntry::query()->where('occasion', 'cancelled')->count())->toBe(3)
        ->and($yard->hold('10:00')->state)->toBe(State::Held);
});

it('keeps a booking as it was sold when the service changes', function (): void {
    $yard = Yard::open(['price' => 4000]);
    $booking = $yard->book('10:00');
    $yard->lesson->update(['pricing' => Yard::pricing(9000), 'minutes' => 30, 'name' => 'Short lesson']);
    expect([$booking->refresh()->price, $booking->minutes, $booking->service_name])->toBe([4000, 60, 'Lesson']);
});
