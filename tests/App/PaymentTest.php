<?php

declare(strict_types=1);

use App\Bookings\CancelBooking;
use App\Bookings\Choice;
use App\Bookings\HoldTime;
use App\Ledger\Processor;
use App\Ledger\SettleOpen;
use App\Messages\DeliverDue;
use App\Models\OutboxEntry;
use App\Models\Payment;
use App\Support\Clock;
use App\Support\Instants;
use Tests\Support\FakeProcessor;
use Tests\Support\Yard;
use YardBell\Core\Booking\State;

beforeEach(function (): void {
    $this->processor = new FakeProcessor;
    $this->app->instance(Processor::class, $this->processor);
    $this->yard = Yard::open(['price' => 4800, 'payment' => 'full']);
});

it('waits for the payment before it is booked', function (): void {
    $booking = $this->yard->book('10:00');
    app(SettleOpen::class)();
    expect($booking->refresh()->state)->toBe(State::Held)->and(Payment::query()->value('state'))->toBe('open');
    $this->processor->state = 'paid';
    app(SettleOpen::class)();
    expect($booking->refresh()->state)->toBe(State::Confirmed)->and(Payment::query()->value('state'))->toBe('paid');
});

it('gives a late payment its time if that is still free', function (): void {
    $booking = $this->yard->book('10:00');
    app(Clock::class)->putForward(45);
    $this->processor->state = 'paid';
    app(SettleOpen::class)();
    expect($booking->refresh()->state)->toBe(State::Confirmed);
});

it('pays a late payment back if the time is somebody else’s by then', function (): void {
    $late = $this->yard->book('10:00');
    app(Clock::class)->putForward(45);
    app(HoldTime::class)($this->yard->business, (new Choice($this->yard->lesson->id))->at(Instants::minute($late->starts_at) + 30));
    $this->processor->state = 'paid';
    app(SettleOpen::class)();
    expect($late->refresh()->state)->toBe(State::Cancelled)
        ->and(Payment::query()->where('booking_id', $late->id)->value('state'))->toBe('refunding')
        ->and(OutboxEntry::query()->where('occasion', 'paid_too_late')->value('state'))->toBe('waiting');
    app(DeliverDue::class)();
    expect(Payment::query()->where('booking_id', $late->id)->value('state'))->toBe('refunded')->and($this->processor->refunded)->toHaveCount(1);
});

it('pays back when a paid booking is cancelled, and once', function (): void {
    $booking = $this->yard->book('10:00');
    $this->processor->state = 'paid';
    app(SettleOpen::class)();
    app(CancelBooking::class)($this->yard->business->id, $booking->id, 'Owner', 'The kiln is cold.');
    app(CancelBooking::class)($this->yard->business->id, $booking->id, 'Owner');
    app(DeliverDue::class)();
    app(DeliverDue::class)();
    expect($this->processor->refunded)->toHaveCount(1)->and(Payment::query()->value('state'))->toBe('refunded');
});

it('pays back what is paid after the client has let go', function (): void {
    $booking = $this->yard->book('10:00');
    app(CancelBooking::class)($this->yard->business->id, $booking->id, 'client');
    $this->processor->state = 'paid';
    app(SettleOpen::class)();
    expect(Payment::query()->value('state'))->toBe('refunding')->and($booking->refresh()->state)->toBe(State::Cancelled);
});

it('shows a refund that is refused to the owner', function (): void {
    $booking = $this->yard->book('10:00');
    $this->processor->state = 'paid';
    app(SettleOpen::class)();
    $this->processor->refunds = false;
    app(CancelBooking::class)($this->yard->business->id, $booking->id, 'client');
    app(DeliverDue::class)();
    $this->actingAs($this->yard->owner)->getJson("/api/businesses/yard/bookings/{$booking->id}")
        ->assertJson(['money' => 'refunding', 'moneyTrouble' => 'This payment cannot be refunded.']);
});

it('keeps the time and says so when the processor does not answer', function (): void {
    $this->processor->reachable = false;
    $booking = $this->yard->hold('10:00');
    $query = app(App\Gate\ClientLink::class)->query($booking);
    $this->postJson("/gate-api/bookings/{$booking->id}/book?{$query}", ['name' => 'Kim', 'email' => 'kim@post.example', 'phone' => '', 'note' => ''])
        ->assertStatus(424)->assertJson(['code' => 'processor_unreachable']);
    $this->processor->reachable = true;
    $this->postJson("/gate-api/bookings/{$booking->id}/book?{$query}", ['name' => 'Kim', 'email' => 'kim@post.example', 'phone' => '', 'note' => ''])
        ->assertOk()->assertJson(['pay' => 'http://pay.example/co_'.Payment::query()->firstOrFail()->id]);
    expect(Payment::query()->count())->toBe(1);
});

it('hears only notices with a good seal', function (): void {
    $booking = $this->yard->book('10:00');
    $this->processor->state = 'paid';
    $notice = ['checkout' => Payment::query()->firstOrFail()->checkout];
    $this->postJson('/gate-api/processor-notices', $notice, ['X-Processor-Seal' => 'bad'])->assertNotFound();
    expect($booking->refresh()->state)->toBe(State::Held);
    $this->postJson('/gate-api/processor-notices', $notice, ['X-Processor-Seal' => 'good'])->assertOk();
    $this->postJson('/gate-api/processor-notices', $notice, ['X-Processor-Seal' => 'good'])->assertOk();
    expect($booking->refresh()->state)->toBe(State::Confirmed);
});
