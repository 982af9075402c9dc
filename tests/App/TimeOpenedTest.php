<?php

declare(strict_types=1);

use App\Bookings\CancelBooking;
use App\Bookings\Cancelling;
use App\Bookings\ExpireHolds;
use App\Models\Booking;
use App\Support\Clock;
use App\Support\Instants;
use App\Times\TimeOpened;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Tests\Support\Yard;
use YardBell\Core\Booking\State;
use YardBell\Core\Time\Wall;

/*
 * Wherever time comes free it is said once, for each person and unit, when it is committed.
 */

beforeEach(function (): void {
    $this->yard = Yard::open(['minutes' => 60, 'setup' => 0, 'clearup' => 15], people: 1);
    $this->opened = [];
    Event::listen(function (TimeOpened $what): void {
        expect(DB::transactionLevel())->toBe(0)->and($what->business)->toBe($this->yard->business->id);
        $this->opened[] = "{$what->taker} ".substr(Wall::writeInstant($what->from), 11, 5).'-'
            .substr(Wall::writeInstant($what->until), 11, 5);
    });
    $this->ana = $this->yard->staff[0]->id;
    $this->at = fn (Booking $booking, int $from, int $until): string => "{$this->ana} ".substr(
        Wall::writeInstant(Instants::minute($booking->starts_at) + $from),
        11,
        5,
    ).'-'.substr(Wall::writeInstant(Instants::minute($booking->starts_at) + $until), 11, 5);
});

it('is said of what is cancelled, with set-up and clear-up', function (): void {
    $booking = $this->yard->book('10:00');
    expect($this->opened)->toBe([]);
    app(CancelBooking::class)($this->yard->business->id, $booking->id, Cancelling::byClient());
    app(CancelBooking::class)($this->yard->business->id, $booking->id, Cancelling::byClient());
    expect($this->opened)->toBe([($this->at)($booking, 0, 75)]);
});

it('is said of a hold that has run out: when that is found out, once', function (): void {
    $held = $this->yard->hold('10:00');
    app(Clock::class)->putForward(11);
    app(ExpireHolds::class)();
    app(ExpireHolds::class)();
    expect($this->opened)->toBe([($this->at)($held, 0, 75)]);
});

it('is said of a hold whose time somebody else takes', function (): void {
    $held = $this->yard->hold('10:00');
    app(Clock::class)->putForward(11);
    $this->yard->hold('10:00');
    app(ExpireHolds::class)();
    expect($this->opened)->toBe([($this->at)($held, 0, 75)]);
});

it('is said of what a move leaves, and not of what it keeps', function (): void {
    $booking = $this->yard->book('10:00');
    $this->actingAs($this->yard->owner)
        ->postJson("/api/businesses/yard/bookings/{$booking->id}/move", ['start' => Yard::at('10:30')])
        ->assertOk();
    expect($this->opened)->toBe([($this->at)($booking, 0, 30)]);
});

it('is said of places of a session', function (): void {
    $booking = $this->yard->book('10:00');
    DB::table('bookings')->where('id', $booking->id)->update(['session_id' => 'S', 'party' => 3]);
    $booking->refresh()->update(['party' => 2]);
    $booking->update(['party' => 4]);
    $booking->update(['state' => State::Declined]);
    $stretch = substr(($this->at)($booking, 0, 75), strlen($this->ana));
    expect($this->opened)->toBe(["S{$stretch}", "S{$stretch}"]);
});

it('is not said of what is rolled back, nor of what nobody took', function (): void {
    $booking = $this->yard->book('10:00');
    DB::beginTransaction();
    $booking->update(['state' => State::Cancelled]);
    DB::rollBack();
    $other = $this->yard->book('12:00');
    $other->update(['note' => 'Left-handed']);
    $other->update(['state' => State::Arrived]);
    expect($this->opened)->toBe([]);
});
