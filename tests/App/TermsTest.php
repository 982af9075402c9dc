<?php

declare(strict_types=1);

use App\Bookings\CancelBooking;
use App\Bookings\Cancelling;
use App\Bookings\DecideBooking;
use App\Bookings\History;
use App\Messages\Wording;
use App\Models\Booking;
use App\Models\OutboxEntry;
use App\Models\Payment;
use App\Models\PaymentKind;
use App\Models\PaymentState;
use App\Outbox\DeliverDue;
use App\Payments\RecordPayment;
use App\Processor\Processor;
use App\Support\ClientLink;
use App\Support\Clock;
use Illuminate\Testing\TestResponse;
use Tests\Support\FakeProcessor;
use Tests\Support\Yard;
use YardBell\Core\Booking\State;

beforeEach(function (): void {
    $this->processor = new FakeProcessor();
    $this->app->instance(Processor::class, $this->processor);
});

const HALF_A_DAY_BEFORE = ['freeMinutes' => 1440, 'amount' => null, 'percent' => '50'];

/** @param  array<string, mixed>  $service */
function agreed(array $service): Yard
{
    return Yard::open($service + ['price' => 4800, 'cancellation' => HALF_A_DAY_BEFORE]);
}

/** Booked, and paid or with a card left where that is asked for. */
function settled(Yard $yard, string $becomes = 'paid'): Booking
{
    $booking = $yard->book('10:00');
    test()->processor->state = $becomes;
    Yard::settle();

    return $booking->refresh();
}

function seen(Booking $booking): TestResponse
{
    $shown = test()
        ->getJson("/gate-api/bookings/{$booking->id}?".app(ClientLink::class)->query($booking))
        ->assertOk();

    return $shown;
}

/** So that the start of 10:00 is less than a day away. */
function whenItIsLate(Booking $booking): void
{
    app(Clock::class)->putForward((int) app(Clock::class)->now()->diffInMinutes($booking->starts_at) - 60);
}

it('asks for the deposit alone, and says what is left', function (): void {
    $booking = settled(agreed(['payment_terms' => Yard::payment('deposit', 1500)]));
    expect($booking->state)->toBe(State::Confirmed)
        ->and(Payment::query()->sole()->amount)->toBe(1500);
    expect(seen($booking)->json())->toMatchArray([
        'paid' => 'part',
        'amounts' => ['paid' => 1500, 'due' => 3300, 'dueNow' => 1500, 'payingNow' => 1500, 'fee' => null],
        'cancelCosts' => 0,
    ]);
    $card = $this->actingAs(App\Models\User::query()->firstOrFail())
        ->getJson("/api/businesses/yard/bookings/{$booking->id}")
        ->assertOk();
    expect($card->json())->toMatchArray(['money' => 'part', 'paid' => 1500, 'due' => 3300]);
});

it('costs nothing to cancel in time: all that was paid goes back', function (): void {
    $booking = settled(agreed(['payment' => 'full']));
    app(CancelBooking::class)($booking->business_id, $booking->id, Cancelling::byClient());
    app(DeliverDue::class)();
    expect(array_values($this->processor->refunded))->toBe([4800])
        ->and($booking->refresh()->fee)->toBeNull()
        ->and(seen($booking)->json('paid'))->toBe('refunded');
});

it('keeps its part when it is cancelled late, and pays the rest back (rules.md, part 4)', function (
    string $payment,
    ?int $deposit,
    int $paid,
    int $fee,
    array $back,
    string $stands,
): void {
    $booking = settled(agreed(['payment_terms' => Yard::payment($payment, $deposit)]));
    whenItIsLate($booking);
    expect(seen($booking)->json('cancelCosts'))->toBe($fee);
    app(CancelBooking::class)($booking->business_id, $booking->id, Cancelling::byClient());
    app(CancelBooking::class)($booking->business_id, $booking->id, Cancelling::byClient());
    app(DeliverDue::class)();
    expect(array_values($this->processor->refunded))->toBe($back)
        ->and($this->processor->charged)->toBe([])
        ->and($booking->refresh()->fee)->toBe($fee)
        ->and(seen($booking)->json())->toMatchArray([
            'paid' => $stands,
            'amounts' => ['paid' => $fee, 'due' => 0, 'dueNow' => $paid, 'payingNow' => $paid, 'fee' => $fee],
        ]);
})->with([
    'half of all' => ['full', null, 4800, 2400, [2400], 'refunded'],
    'the deposit is more than half' => ['deposit', 3000, 3000, 2400, [600], 'refunded'],
    'no more than the deposit there is' => ['deposit', 1500, 1500, 1500, [], 'paid'],
]);

it('charges the kept card when it is cancelled late', function (): void {
    $booking = settled(agreed(['payment' => 'card_hold']), 'kept');
    expect($booking->state)->toBe(State::Confirmed)
        ->and(Payment::query()->sole()->only('kind', 'amount', 'state'))
        ->toBe(['kind' => PaymentKind::Card, 'amount' => 0, 'state' => PaymentState::Kept])
        ->and(seen($booking)->json('paid'))->toBe('kept');
    whenItIsLate($booking);
    expect(seen($booking)->json('cancelCosts'))->toBe(2400);
    app(CancelBooking::class)($booking->business_id, $booking->id, Cancelling::byClient());
    expect(seen($booking)->json())->toMatchArray([
        'paid' => 'charging',
        'amounts' => ['paid' => 0, 'due' => 2400, 'dueNow' => 0, 'payingNow' => 0, 'fee' => 2400],
    ]);
    app(DeliverDue::class)();
    app(DeliverDue::class)();
    expect(array_values($this->processor->charged))->toBe([2400])
        ->and($this->processor->refunded)->toBe([])
        ->and(seen($booking)->json('paid'))->toBe('paid');
});

it('shows the owner a fee that could not be charged', function (): void {
    $booking = settled(agreed(['payment' => 'card_hold']), 'kept');
    whenItIsLate($booking);
    $this->processor->charges = false;
    app(CancelBooking::class)($booking->business_id, $booking->id, Cancelling::byClient());
    app(DeliverDue::class)();
    $this->actingAs(App\Models\User::query()->firstOrFail())
        ->getJson("/api/businesses/yard/bookings/{$booking->id}")
        ->assertJson(['money' => 'due', 'moneyTrouble' => 'This card refuses to be charged.', 'fee' => 2400]);
});

it('leaves a kept card alone when it is cancelled in time, or by the business', function (
    bool $late,
    string $by,
): void {
    $booking = settled(agreed(['payment' => 'card_hold']), 'kept');
    if ($late) {
        whenItIsLate($booking);
    }
    $how = new Cancelling($by, termsCount: $by === History::BY_CLIENT);
    app(CancelBooking::class)($booking->business_id, $booking->id, $how);
    app(DeliverDue::class)();
    expect($this->processor->charged)->toBe([])->and($booking->refresh()->fee)->toBeNull();
})->with([[false, History::BY_CLIENT], [true, 'Alva, the owner']]);

it('takes nothing from who has paid nothing', function (): void {
    $yard = agreed([]);
    $booking = $yard->book('10:00');
    whenItIsLate($booking);
    expect(seen($booking)->json('cancelCosts'))->toBe(0);
    app(CancelBooking::class)($booking->business_id, $booking->id, Cancelling::byClient());
    expect($booking->refresh()->fee)->toBeNull()
        ->and(Payment::query()->count())->toBe(0);
});

it('keeps the terms a booking was made under', function (): void {
    $yard = agreed(['payment' => 'full']);
    $booking = settled($yard);
    $yard->lesson->update(['cancellation' => ['freeMinutes' => 0, 'amount' => 1, 'percent' => null]]);
    whenItIsLate($booking);
    expect(seen($booking)->json('cancelCosts'))->toBe(2400);
});

it('lets the client pay now or later where that is theirs to choose', function (bool $now): void {
    $yard = agreed(['payment' => 'optional']);
    $held = $yard->hold('10:00');
    $pay = fn (bool $now): TestResponse => $this->postJson(
        "/gate-api/bookings/{$held->id}/book?".app(ClientLink::class)->query($held),
        ['name' => 'Kim', 'email' => 'kim@post.example', 'phone' => '', 'note' => '', 'payNow' => $now],
    )->assertOk();
    $booked = $pay($now);
    expect($booked->json('booking.paid') === 'waiting')->toBe($now)
        ->and($held->refresh()->state)->toBe($now ? State::Held : State::Confirmed)
        ->and(Payment::query()->sum('amount'))->toEqual($now ? 4800 : 0);
})->with([true, false]);

it('takes a payment that arrives after it was booked without one', function (): void {
    $yard = agreed(['payment' => 'optional']);
    $held = $yard->hold('10:00');
    $book = fn (bool $now) => $this->postJson(
        "/gate-api/bookings/{$held->id}/book?".app(ClientLink::class)->query($held),
        ['name' => 'Kim', 'email' => 'kim@post.example', 'phone' => '', 'note' => '', 'payNow' => $now],
    )->assertOk();
    $book(true);
    $book(false);
    expect($held->refresh()->state)->toBe(State::Confirmed);
    $this->processor->state = 'paid';
    Yard::settle();
    expect(seen($held->refresh())->json('paid'))->toBe('paid')
        ->and(OutboxEntry::query()->where('occasion', 'paid_too_late')->exists())->toBeFalse();
});

it('asks for a yes once the card is left, and gives all back where the answer is no', function (): void {
    $booking = settled(agreed(['payment' => 'card_hold', 'approval' => true]), 'kept');
    expect($booking->state)->toBe(State::Pending);
    app(RecordPayment::class)(
        $booking->payments()->create([
            'business_id' => $booking->business_id,
            'amount' => 700,
            'currency' => 'EUR',
            'checkout' => 'co',
        ])->id,
    );
    app(DecideBooking::class)($booking->business_id, $booking->id, false, 'Ana');
    app(DeliverDue::class)();
    expect(array_values($this->processor->refunded))->toBe([700])
        ->and($this->processor->charged)->toBe([]);
});

it('writes the terms into the mails, and what cancelling has cost', function (): void {
    $booking = settled(agreed(['payment_terms' => Yard::payment('deposit', 3000)]));
    $letter = fn (string $occasion): string => app(Wording::class)->letter(
        OutboxEntry::query()->where('occasion', $occasion)->where('audience', 'client')->firstOrFail(),
    )->text;
    expect($letter('booked'))->toContain('€30.00 paid, €18.00 to be paid when you come.')
        ->toContain('Free to cancel until')
        ->toContain('After that it costs 50 % of the price.');
    whenItIsLate($booking);
    app(CancelBooking::class)($booking->business_id, $booking->id, Cancelling::byClient());
    expect($letter('cancelled'))->toContain(
        '€30.00 was paid. €24.00 of it is kept, as agreed for cancelling late. €6.00 is on its way back.',
    );
});

it('keeps by the terms what not coming costs (L4)', function (?array $terms, array $sums): void {
    $booking = settled(agreed(['payment_terms' => Yard::payment('full'), 'cancellation' => $terms]));
    $asOwner = fn (): Illuminate\Testing\TestResponse => $this->actingAs(App\Models\User::query()->firstOrFail())
        ->postJson("/api/businesses/yard/bookings/{$booking->id}/missed");
    $asOwner()->assertStatus(409); // it has not begun
    app(Clock::class)->putForward(60 * 24 * 4);
    $asOwner()->assertOk()->assertJson(['state' => 'no_show', 'mayMiss' => false]);
    $asOwner()->assertOk();
    app(DeliverDue::class)(lane: 'money');
    expect(array_sum($this->processor->refunded))->toBe($sums[0])
        ->and(App\Models\Sale::query()->sole()->owed())->toBe(0)
        ->and($booking->refresh()->fee)->toBe($sums[1]);
})->with([
    'half of it' => [['freeMinutes' => 60, 'amount' => null, 'percent' => '50'], [2400, 2400]],
    'nothing agreed' => [null, [0, null]],
]);

it('tells the terms of an hour before it is kept: too late, or until when', function (): void {
    agreed([]);
    $terms = fn (array $at): string => $this->getJson(
        '/gate-api/pages/yard/quote?'.http_build_query(['service' => App\Models\Service::query()->sole()->id] + $at),
    )->assertOk()->json('terms');
    expect($terms([]))->toBe('Free to cancel until 24 hours before. After that it costs 50 % of the price.')
        ->and($terms(['at' => Yard::at('10:00', 3)]))->toStartWith('Free to cancel until ')
        ->toContain('10:00')
        ->and($terms(['at' => app(Clock::class)->now()->addHours(2)->format('Y-m-d\TH:i\Z')]))
        ->toBe('It is too late to cancel free of charge: cancelling costs 50 % of the price.');
});

it('tells each part of a visit by its own terms, before and after it is kept', function (): void {
    $yard = agreed([]);
    $glaze = Yard::offer(
        $yard->business,
        ['name' => 'Glazing', 'minutes' => 30, 'price' => 1000, 'position' => 1],
        $yard->staff,
    );
    $visit = ['service' => $glaze->id, 'then' => json_encode([['service' => $yard->lesson->id]])];
    expect($this->getJson('/gate-api/pages/yard/quote?'.http_build_query($visit))->assertOk()->json('terms'))
        ->toBe('Lesson: Free to cancel until 24 hours before. After that it costs 50 % of the price.');
    $held = $this->postJson('/gate-api/pages/yard/holds', [
        'service' => $glaze->id,
        'then' => [['service' => $yard->lesson->id]],
        'start' => Yard::at('10:00'),
    ])->assertSuccessful();
    expect($held->json('told.terms'))->toStartWith('Lesson: Free to cancel until ')->toContain('10:30');
});

it('dates a payment by the day it came, by the business’s clock, on the slip and on the receipt', function (): void {
    $booking = settled(agreed(['payment' => 'card_hold']), 'kept');
    app(Clock::class)->putForward(4 * 24 * 60);
    $owner = $this->actingAs(App\Models\User::query()->firstOrFail());
    $owner->postJson("/api/businesses/yard/bookings/{$booking->id}/missed")->assertOk();
    app(DeliverDue::class)(lane: 'money');
    $today = App\Support\LocalTime::date($booking->business->zone()->day(app(Clock::class)->minute()));
    $slip = $owner->getJson("/api/businesses/yard/sales/{$booking->sale_id}");
    $receipt = $owner->get("/api/businesses/yard/sales/{$booking->sale_id}/receipt");
    expect(substr($slip->json('payments.0.at'), 0, 10))->toBe(app(Clock::class)->now()->format('Y-m-d'))
        ->and($slip->json('payments.0.by'))->toBe('Owner of yard')
        ->and(Tests\Support\Pdf::words((string) $receipt->getContent()))->toContain("Paid by card, online on {$today}");
});

it('calls what was kept of the cash account credit, not change', function (): void {
    $yard = agreed([]);
    $booking = $yard->book('10:00');
    $owner = $this->actingAs($yard->owner);
    $owner->postJson("/api/businesses/yard/sales/{$booking->sale_id}/payments", [
        'method' => 'cash', 'amount' => 4800, 'tip' => 0, 'given' => 6200, 'keepsRest' => true, 'seen' => 4800,
    ])->assertOk();
    $receipt = $owner->get("/api/businesses/yard/sales/{$booking->sale_id}/receipt");
    expect(Tests\Support\Pdf::words((string) $receipt->getContent()))
        ->toContain('Kept as account credit')
        ->toContain('14.00')
        ->not->toContain('Change');
});
