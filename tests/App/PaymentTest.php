<?php

declare(strict_types=1);

use App\Bookings\CancelBooking;
use App\Bookings\Cancelling;
use App\Bookings\HoldTime;
use App\Messages\Wording;
use App\Models\OutboxEntry;
use App\Models\Payment;
use App\Models\Refund;
use App\Outbox\DeliverDue;
use App\Payments\Notices;
use App\Payments\OpenCheckouts;
use App\Payments\OpenPayment;
use App\Payments\SettleOpen;
use App\Payments\SettlePayment;
use App\Processor\Processor;
use App\Support\ClientLink;
use App\Support\Clock;
use App\Support\Instants;
use App\Times\Choice;
use App\Times\Wish;
use Illuminate\Support\Facades\DB;
use Tests\Support\FakeProcessor;
use Tests\Support\Yard;
use YardBell\Core\Booking\State;

beforeEach(function (): void {
    $this->processor = new FakeProcessor();
    $this->app->instance(Processor::class, $this->processor);
    $this->yard = Yard::open(['price' => 4800, 'payment' => 'full']);
});

it('waits for the payment before it is booked', function (): void {
    $booking = $this->yard->book('10:00');
    Yard::settle();
    expect($booking->refresh()->state)->toBe(State::Held)
        ->and(Payment::query()->toBase()->value('state'))->toBe('open');
    $this->processor->state = 'paid';
    Yard::settle();
    expect($booking->refresh()->state)->toBe(State::Confirmed)
        ->and(Payment::query()->toBase()->value('state'))->toBe('paid');
});

it('gives a late payment its time if that is still free', function (): void {
    $booking = $this->yard->book('10:00');
    app(Clock::class)->putForward(45);
    $this->processor->state = 'paid';
    Yard::settle();
    expect($booking->refresh()->state)->toBe(State::Confirmed);
});

it('pays a late payment back if the time is somebody else’s by then', function (): void {
    $late = $this->yard->book('10:00');
    app(Clock::class)->putForward(45);
    app(
        HoldTime::class,
    )($this->yard->business, new Wish(new Choice($this->yard->lesson->id), Instants::minute($late->starts_at) + 30));
    $this->processor->state = 'paid';
    Yard::settle();
    $own = "/gate-api/bookings/{$late->id}?".app(ClientLink::class)->query($late);
    $page = fn (): array => $this->getJson($own)->json();
    expect($page())->toMatchArray(['state' => 'expired', 'pay' => null])
        ->and($page()['told']['money'])->toBe(['€48.00 was paid.', '€48.00 is on its way back.']);
    expect($late->refresh()->state)->toBe(State::Expired)
        ->and(Refund::query()->where('sale_id', $late->refresh()->sale_id)->toBase()->value('state'))->toBe('waiting')
        ->and(OutboxEntry::query()->where('occasion', 'paid_too_late')->toBase()->value('state'))->toBe('waiting');
    app(DeliverDue::class)();
    expect(Refund::query()->where('sale_id', $late->sale_id)->toBase()->value('state'))->toBe('done')
        ->and($this->processor->refunded)->toHaveCount(1);
});

it('tells of money that came too late once, however many hear of it', function (): void {
    $late = $this->yard->book('10:00');
    Yard::settle();
    app(Clock::class)->putForward(45);
    $wanted = new Wish(new Choice($this->yard->lesson->id), Instants::minute($late->starts_at));
    app(HoldTime::class)($this->yard->business, $wanted);
    $this->processor->state = 'paid';
    $heard = array_map(static fn (): Payment => Payment::query()->sole(), range(1, 3)); // each has seen it open
    foreach ($heard as $payment) {
        app(SettlePayment::class)($payment);
        app(DeliverDue::class)();
    }
    expect(OutboxEntry::query()->where('occasion', 'paid_too_late')->count())->toBe(1)
        ->and($this->processor->refunded)->toHaveCount(1);
});

it('pays back when a paid booking is cancelled, and once', function (): void {
    $booking = $this->yard->book('10:00');
    $this->processor->state = 'paid';
    Yard::settle();
    $why = new Cancelling('Owner', why: 'The kiln is cold.');
    app(CancelBooking::class)($this->yard->business->id, $booking->id, $why);
    app(CancelBooking::class)($this->yard->business->id, $booking->id, new Cancelling('Owner'));
    app(DeliverDue::class)();
    app(DeliverDue::class)();
    expect($this->processor->refunded)->toHaveCount(1)
        ->and(Refund::query()->toBase()->value('state'))->toBe('done');
});

it('pays back what is paid after the client has let go', function (): void {
    $booking = $this->yard->book('10:00');
    app(CancelBooking::class)($this->yard->business->id, $booking->id, Cancelling::byClient());
    $this->processor->state = 'paid';
    Yard::settle();
    expect(Refund::query()->toBase()->value('state'))->toBe('waiting')
        ->and($booking->refresh()->state)->toBe(State::Cancelled);
});

it('shows a refund that is refused to the owner', function (): void {
    $booking = $this->yard->book('10:00');
    $this->processor->state = 'paid';
    Yard::settle();
    $this->processor->refunds = false;
    app(CancelBooking::class)($this->yard->business->id, $booking->id, Cancelling::byClient());
    app(DeliverDue::class)();
    $this->actingAs($this->yard->owner)
        ->getJson("/api/businesses/yard/bookings/{$booking->id}")
        ->assertJson(['money' => 'refunding', 'moneyTrouble' => 'This payment cannot be refunded.']);
});

it('keeps the time and goes on trying when the processor does not answer', function (): void {
    $this->processor->reachable = false;
    $booking = $this->yard->hold('10:00');
    $query = app(App\Support\ClientLink::class)->query($booking);
    $this->postJson("/gate-api/bookings/{$booking->id}/book?{$query}", [
        'name' => 'Kim',
        'email' => 'kim@post.example',
        'phone' => '',
        'note' => '',
    ])
        ->assertOk()
        // nobody waits for it
        ->assertJson(['pay' => null, 'booking' => ['state' => 'held', 'paid' => 'waiting', 'payTrouble' => false]]);
    foreach ([1, 2] as $try) {
        Payment::query()->update(['ask_at' => null]);
        app(OpenCheckouts::class)();
    }
    $this->getJson("/gate-api/bookings/{$booking->id}?{$query}")
        ->assertOk()
        ->assertJson(['state' => 'held', 'pay' => null, 'payTrouble' => true]);
    $this->processor->reachable = true;
    $this->postJson("/gate-api/bookings/{$booking->id}/book?{$query}", [
        'name' => 'Kim',
        'email' => 'kim@post.example',
        'phone' => '',
        'note' => '',
    ])->assertOk();
    app(OpenCheckouts::class)();
    $this->getJson("/gate-api/bookings/{$booking->id}?{$query}")
        ->assertOk()
        ->assertJson(['pay' => 'http://pay.example/co_'.Payment::query()->sole()->id, 'payTrouble' => false]);
});

it('asks after an open payment less and less often, and ends', function (): void {
    $booking = $this->yard->book('10:00', days: 1);
    $waits = [];
    for ($i = 0; $i < 14; $i++) {
        $this->travelTo(Payment::query()->sole()->ask_at ?? now());
        app(SettleOpen::class)();
        app(SettleOpen::class)(); // not yet
        $waits[] = (int) now()->diffInSeconds(Payment::query()->sole()->ask_at);
    }
    expect($waits)->toBe([5, 10, 20, 40, 80, 160, 320, 640, 1280, 2560, 3600, 3600, 3600, 3600])
        ->and(Payment::query()->sole()->asks)->toBe(14);
    $this->travel(2)->days();
    app(SettleOpen::class)();
    expect(Payment::query()->toBase()->value('state'))->toBe('lapsed');
    $this->processor->state = 'paid'; // and yet: its notice counts
    $this->postJson(
        '/gate-api/processor-notices',
        ['checkout' => Payment::query()->sole()->checkout],
        ['X-Processor-Seal' => 'good'],
    )->assertOk();
    app(Notices::class)();
    expect(Refund::query()->toBase()->value('state'))->toBe('waiting')
        ->and($booking->refresh()->state)->not->toBe(State::Confirmed);
});

it('keeps a notice of a payment that is not known yet, and looks at it again', function (): void {
    $booking = $this->yard->book('10:00');
    $checkout = Payment::query()->sole()->checkout;
    Payment::query()->update(['checkout' => 'co_other']); // as if the process that opened it had died
    $this->postJson(
        '/gate-api/processor-notices',
        ['checkout' => $checkout],
        ['X-Processor-Seal' => 'good'],
    )->assertOk();
    app(Notices::class)();
    expect(DB::table('processor_notices')->sole())->toMatchObject(['state' => 'waiting', 'looks' => 1]);
    Payment::query()->update(['checkout' => $checkout]);
    $this->processor->state = 'paid';
    $this->travel(6)->seconds();
    app(Notices::class)();
    expect(DB::table('processor_notices')->value('state'))->toBe('done')
        ->and($booking->refresh()->state)->toBe(State::Confirmed);
    DB::table('processor_notices')->insert([
        'checkout' => 'co_never',
        'heard_at' => now(),
        'look_at' => now(),
        'looks' => 14,
    ]);
    app(Notices::class)();
    expect(DB::table('processor_notices')->where('checkout', 'co_never')->value('state'))->toBe('unknown');
});

it('asks nobody outside while a page or an answer is made', function (): void {
    $booking = $this->yard->book('10:00');
    $this->processor->reachable = false; // would throw
    $query = app(App\Support\ClientLink::class)->query($booking);
    $this->get("/b/{$booking->id}?{$query}")->assertOk();
    $this->getJson("/gate-api/bookings/{$booking->id}?{$query}")->assertOk();
    $this->postJson(
        '/gate-api/processor-notices',
        ['checkout' => Payment::query()->sole()->checkout],
        ['X-Processor-Seal' => 'good'],
    )->assertOk();
    $this->postJson("/gate-api/bookings/{$booking->id}/book?{$query}", [
        'name' => 'Kim',
        'email' => 'kim@post.example',
        'phone' => '',
        'note' => '',
    ])->assertOk();
});

it('hears only notices with a good seal', function (): void {
    $booking = $this->yard->book('10:00');
    $this->processor->state = 'paid';
    $notice = ['checkout' => Payment::query()->firstOrFail()->checkout];
    $this->postJson('/gate-api/processor-notices', $notice, ['X-Processor-Seal' => 'bad'])->assertNotFound();
    expect($booking->refresh()->state)->toBe(State::Held);
    $this->postJson('/gate-api/processor-notices', $notice, ['X-Processor-Seal' => 'good'])->assertOk();
    $this->postJson('/gate-api/processor-notices', $notice, ['X-Processor-Seal' => 'good'])->assertOk();
    Yard::settle();
    expect($booking->refresh()->state)->toBe(State::Confirmed);
});

it('shows no way to pay once its time is lost, and says that nothing was charged', function (): void {
    $late = $this->yard->book('10:00');
    $own = "/gate-api/bookings/{$late->id}?".app(ClientLink::class)->query($late);
    $page = fn (): array => $this->getJson($own)->json();
    expect($page()['pay'])->not->toBeNull();
    app(Clock::class)->putForward(45);
    expect($page())->toMatchArray(['state' => 'expired', 'pay' => null])
        ->and($page()['told']['money'])->toBe(['Nothing was charged.']);
});

it('mails at once that a payment goes back: of who was paid for at the desk meanwhile, or cancelled', function (
    string $meanwhile,
): void {
    $this->yard->lesson->update(['payment_terms' => Yard::payment('optional')]);
    $booking = $this->yard->book('10:00');
    $this->actingAs($this->yard->owner);
    app(OpenPayment::class)($booking, [4800]);
    app(OpenCheckouts::class)();
    $meanwhile === 'paid'
        ? $this->postJson("/api/businesses/yard/sales/{$booking->refresh()->sale_id}/payments", [
            'method' => 'cash', 'amount' => 4800, 'tip' => 0, 'given' => null, 'keepsRest' => false, 'seen' => 4800,
        ])->assertOk()
        : $this->postJson("/api/businesses/yard/bookings/{$booking->id}/cancel", ['asks' => 'house'])->assertOk();
    $this->processor->state = 'paid';
    Yard::settle();
    $mail = OutboxEntry::query()->where('occasion', 'sent_back')->sole();
    expect(app(Wording::class)->letter($mail)->text)->toContain('€48.00 is on its way back.')
        ->and(Refund::query()->where('booking_id', null)->sole()->amount)->toBe(4800);
    Yard::settle();
    expect(OutboxEntry::query()->where('occasion', 'sent_back')->count())->toBe(1);
})->with(['paid', 'cancelled']);
