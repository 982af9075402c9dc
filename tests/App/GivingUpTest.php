<?php

declare(strict_types=1);

use App\Bookings\CancelBooking;
use App\Bookings\Cancelling;
use App\Models\Booking;
use App\Models\BookingChange;
use App\Models\OutboxEntry;
use App\Models\Payment;
use App\Models\Refund;
use App\Models\RefundState;
use App\Models\Sale;
use App\Outbox\DeliverDue;
use App\Processor\Processor;
use App\Support\ClientLink;
use App\Support\Clock;
use Illuminate\Testing\TestResponse;
use Tests\Support\FakeProcessor;
use Tests\Support\Tellings;
use Tests\Support\Yard;

/* Cancelling, not coming, and taking either back: what it does to the money is said before, and told truly after. */

beforeEach(function (): void {
    $this->processor = new FakeProcessor();
    $this->app->instance(Processor::class, $this->processor);
    $this->yard = Yard::open([
        'price' => 4800,
        'payment' => 'full',
        'cancellation' => ['freeMinutes' => 1440, 'amount' => null, 'percent' => '50'],
    ]);
    $this->actingAs($this->yard->owner);
    $this->of = fn (Booking $booking): string => "/api/businesses/yard/bookings/{$booking->id}";
    $this->act = function (Booking $booking, string $act, array $body = []): TestResponse {
        $tried = $this->postJson("{$this->of->__invoke($booking)}/{$act}/tried", $body)->assertOk();
        $this->says = $tried->json('says');

        return $this->postJson(($this->of)($booking)."/{$act}", $body + ['seen' => $tried->json('seen')]);
    };
    $this->late = fn (Booking $booking) => app(Clock::class)->putForward(
        (int) app(Clock::class)->now()->diffInMinutes($booking->starts_at) - 60,
    );
    $this->begun = fn () => app(Clock::class)->putForward(3 * 24 * 60);
    $this->sent = fn () => app(DeliverDue::class)(lane: 'money');
});

/** Booked, and paid in full or with a card left. */
function paidFor(Yard $yard, string $payment): Booking
{
    $yard->lesson->update(['payment_terms' => Yard::payment($payment)]);
    $booking = $yard->book('10:00');
    if ($payment !== 'none') {
        test()->processor->state = $payment === 'card_hold' ? 'kept' : 'paid';
        Yard::settle();
    }

    return $booking->refresh();
}

const CHARGED = '€24.00 was charged to the card on file as the no-show fee.';

it('says before the press what it does to the money, and everywhere the same of it afterwards (L4)', function (
    string $payment,
    string $act,
    array $body,
    array $says,
    string $told,
    array $receipt,
    string $history,
): void {
    $booking = paidFor($this->yard, $payment);
    $act === 'missed' ? ($this->begun)() : ($this->late)($booking);
    $before = Sale::query()->sole()->owed();
    $this->postJson(($this->of)($booking)."/{$act}/tried", $body)->assertOk();
    expect([$booking->refresh()->state->value, Sale::query()->sole()->owed()])->toBe(['confirmed', $before]);
    ($this->act)($booking, $act, $body)->assertOk();
    expect($this->says)->toBe($says);
    ($this->sent)();
    $tellings = Tellings::of($booking, $act === 'missed' ? 'no_show' : 'cancelled');
    expect($tellings['page'])->toBe($told)
        ->and($tellings['card'])->toBe($told)
        ->and($tellings['mail'])->toContain($told)
        ->and($tellings['history'])->toContain($history);
    foreach ($receipt as $word) {
        expect($tellings['receipt'])->toContain($word);
    }
})->with([
    'we cancel, paid' => [
        'full', 'cancel', ['asks' => 'house'],
        ['€48.00 goes back to their card.'],
        '€48.00 was paid. €48.00 has been refunded.',
        ['Refunded by card, online'],
        'returned 4800 Owner of yard',
    ],
    'they cancel late, paid' => [
        'full', 'cancel', ['asks' => 'client'],
        ['€24.00 goes back to their card.', '€24.00 of what was paid is kept as the cancellation fee.'],
        '€48.00 was paid. €24.00 of it is kept, as agreed for cancelling late. €24.00 has been refunded.',
        ['Cancellation fee: Lesson', 'Refunded by card, online'],
        'fee 2400 Owner of yard',
    ],
    'they cancel late, waived' => [
        'full', 'cancel', ['asks' => 'client', 'waived' => 'She was ill'],
        ['€48.00 goes back to their card.', 'The cancellation fee of €24.00 is waived.'],
        '€48.00 was paid. The cancellation fee of €24.00 is waived. €48.00 has been refunded.',
        ['Fee waived: Lesson'],
        'waived 2400 Owner of yard',
    ],
    'they cancel late, a card is kept' => [
        'card_hold', 'cancel', ['asks' => 'client'],
        ['€24.00 is charged to their kept card as the cancellation fee.'],
        '€24.00 was charged to the card on file, as agreed for cancelling late.',
        ['Cancellation fee: Lesson', 'Paid by card, online'],
        'paid 2400 Owner of yard',
    ],
    'they do not come, a card is kept' => [
        'card_hold', 'missed', [],
        ['€24.00 is charged to their kept card as the no-show fee.'],
        CHARGED,
        ['No-show fee: Lesson', 'Paid by card, online'],
        'paid 2400 Owner of yard',
    ],
    'they do not come, paid' => [
        'full', 'missed', [],
        ['€24.00 goes back to their card.', '€24.00 of what was paid is kept as the no-show fee.'],
        '€48.00 was paid. €24.00 of it is kept as the no-show fee. €24.00 has been refunded.',
        ['No-show fee: Lesson'],
        'returned 2400 Owner of yard',
    ],
    'they do not come, waived' => [
        'card_hold', 'missed', ['waived' => 'First time'],
        ['The no-show fee of €24.00 is waived.'],
        'Nothing was charged. The no-show fee of €24.00 is waived.',
        ['Fee waived: Lesson'],
        'waived 2400 Owner of yard',
    ],
    'they do not come, nothing paid' => [
        'none', 'missed', [],
        ['€24.00 stays due as the no-show fee.'],
        '€24.00 is still due as the no-show fee.',
        ['No-show fee: Lesson', 'Still due'],
        'fee 2400 Owner of yard',
    ],
]);

it('says that nothing moves where nothing does, and mails nobody of it', function (): void {
    $this->yard->lesson->update(['cancellation' => null]);
    $booking = paidFor($this->yard, 'full');
    ($this->begun)();
    ($this->act)($booking, 'missed')->assertOk();
    expect($this->says)->toBe(['No money moves.'])
        ->and(Tellings::of($booking, 'no_show')['page'])->toBe('€48.00 was paid.')
        ->and(OutboxEntry::query()->where('occasion', 'no_show')->exists())->toBeFalse();
});

it('does nothing where it would do something else to the money by now than was shown', function (string $act): void {
    $booking = paidFor($this->yard, 'none');
    $body = $act === 'cancel' ? ['asks' => 'house'] : [];
    $act === 'missed' ? ($this->begun)() : null;
    $seen = $this->postJson(($this->of)($booking)."/{$act}/tried", $body)->json('seen');
    $this->postJson("/api/businesses/yard/sales/{$booking->sale_id}/payments", [
        'method' => 'cash', 'amount' => 4800, 'tip' => 0, 'given' => null, 'keepsRest' => false, 'seen' => 4800,
    ])->assertOk();
    $this->postJson(($this->of)($booking)."/{$act}", $body + ['seen' => $seen])
        ->assertStatus(409)
        ->assertJson(['code' => 'meanwhile']);
    expect($booking->refresh()->state->value)->toBe('confirmed');
    ($this->act)($booking, $act, $body)->assertOk();
})->with(['cancel', 'missed']);

it('refuses the client whose free hour has passed since they looked', function (): void {
    $booking = paidFor($this->yard, 'full');
    $link = app(ClientLink::class)->query($booking);
    $ask = fn (string $act, array $body = []) => $this->postJson(
        "/gate-api/bookings/{$booking->id}/{$act}?{$link}",
        $body,
    );
    $free = $ask('cancel/tried')->assertOk();
    expect($free->json('says'))->toBe(['€48.00 goes back to your card.']);
    ($this->late)($booking);
    $ask('cancel', ['seen' => $free->json('seen')])->assertStatus(409);
    expect($ask('cancel/tried')->json('says'))
        ->toBe(['€24.00 goes back to your card.', '€24.00 of what was paid is kept as the cancellation fee.']);
});

it('does once what a client presses twice, and says so both times', function (): void {
    $booking = paidFor($this->yard, 'full');
    $link = app(ClientLink::class)->query($booking);
    $seen = $this->postJson("/gate-api/bookings/{$booking->id}/cancel/tried?{$link}")->assertOk()->json('seen');
    foreach ([1, 2] as $press) {
        $this->postJson("/gate-api/bookings/{$booking->id}/cancel?{$link}", ['seen' => $seen])
            ->assertOk()
            ->assertJson(['state' => 'cancelled']);
    }
    expect(Refund::query()->count())->toBe(1)
        ->and(OutboxEntry::query()->where('occasion', 'cancelled')->where('audience', 'client')->count())->toBe(1);
});

it('does not tell a client who is not to be told, and the house all the same', function (): void {
    $booking = paidFor($this->yard, 'full');
    ($this->act)($booking, 'cancel', ['asks' => 'house', 'told' => false])->assertOk();
    $told = static fn (string $whom): bool => OutboxEntry::query()
        ->where('occasion', 'cancelled')
        ->where('audience', $whom)
        ->exists();
    expect($told('client'))->toBeFalse()->and($told('owner'))->toBeTrue();
});

it('takes a cancelling back: what has not left is stopped, and what has is owed again', function (
    bool $left,
    array $says,
    int $owed,
): void {
    $booking = paidFor($this->yard, 'full');
    ($this->act)($booking, 'cancel', ['asks' => 'house'])->assertOk()->assertJson(['mayRestore' => true]);
    if ($left) {
        ($this->sent)();
    }
    ($this->act)($booking, 'restored')->assertOk()->assertJson(['state' => 'confirmed', 'mayRestore' => false]);
    ($this->sent)();
    expect($this->says)->toBe($says)
        ->and(Sale::query()->sole()->owed())->toBe($owed)
        ->and(count($this->processor->refunded))->toBe($left ? 1 : 0)
        ->and(Refund::query()->sole()->state)->toBe($left ? RefundState::Done : RefundState::Stopped);
})->with([
    'at once' => [false, ['The refund of €48.00 has not left yet: it is stopped.'], 0],
    'later' => [true, ['€48.00 has gone back already and cannot be called back.', '€48.00 is still to be paid.'], 4800],
]);

it('takes nothing back that would do something else to the money by now than was shown', function (): void {
    $booking = paidFor($this->yard, 'full');
    ($this->act)($booking, 'cancel', ['asks' => 'house'])->assertOk();
    $seen = $this->postJson(($this->of)($booking).'/restored/tried')->assertOk()->json('seen');
    ($this->sent)(); // the refund that was to be stopped has left
    $this->postJson(($this->of)($booking).'/restored', ['seen' => $seen])
        ->assertStatus(409)
        ->assertJson(['code' => 'meanwhile']);
    expect($booking->refresh()->state->value)->toBe('cancelled');
});

it('mails of a cancelling that is taken back only where the cancelling was mailed', function (bool $mailed): void {
    $booking = paidFor($this->yard, 'full');
    ($this->act)($booking, 'cancel', ['asks' => 'house'])->assertOk();
    if ($mailed) {
        app(DeliverDue::class)(lane: 'mail');
    }
    ($this->act)($booking, 'restored')->assertOk();
    expect(OutboxEntry::query()->where('occasion', 'restored')->where('audience', 'client')->exists())->toBe($mailed)
        ->and(OutboxEntry::query()->where('occasion', 'cancelled')->where('state', 'waiting')->exists())->toBeFalse()
        ->and(OutboxEntry::query()->where('occasion', 'reminder')->where('state', 'waiting')->count())->toBe(1);
})->with([true, false]);

it('takes nothing back whose time is taken, that has begun, or was cancelled more than a day ago', function (
    bool $late,
    callable $meanwhile,
): void {
    $booking = paidFor($this->yard, 'none');
    if ($late) {
        ($this->late)($booking);
    }
    ($this->act)($booking, 'cancel', ['asks' => 'house'])->assertOk()->assertJson(['mayRestore' => true]);
    $meanwhile($this->yard);
    $this->postJson(($this->of)($booking).'/restored')->assertStatus(409);
    expect($booking->refresh()->state->value)->toBe('cancelled');
})->with([
    'taken' => [false, static fn (Yard $yard): Booking => $yard->book('10:00', 'lo@post.example')],
    'begun' => [true, static fn () => app(Clock::class)->putForward(61)],
    'a day ago' => [false, static fn () => app(Clock::class)->putForward(24 * 60 + 1)],
]);

it('does not take back what the clock let go of', function (): void {
    $booking = paidFor($this->yard, 'none');
    app(CancelBooking::class)(
        $booking->business_id,
        $booking->id,
        new Cancelling(App\Bookings\History::BY_CLOCK, why: 'history.paid_too_late'),
    );
    $this->postJson(($this->of)($booking).'/restored')->assertStatus(409);
});

it('takes back all that one press has cancelled, or one of it', function (bool $together): void {
    $card = $this->postJson('/api/businesses/yard/bookings', [
        'service' => $this->yard->lesson->id, 'party' => 1, 'start' => Yard::at('10:00'), 'name' => 'Rosa Bell',
        'told' => true, 'more' => [['start' => Yard::at('12:00')], ['start' => Yard::at('14:00')]],
    ])->assertCreated()->json();
    $booking = Booking::query()->findOrFail($card['id']);
    ($this->act)($booking, 'cancel', ['asks' => 'house', 'later' => true])
        ->assertOk()
        ->assertJson(['cancelledTogether' => 3]);
    BookingChange::query()->where('booking_id', '<>', $booking->id)->where('state', 'cancelled')->update([
        'at' => app(Clock::class)->now()->addSeconds(2), // one after the other, beyond a second's end
    ]);
    ($this->act)($booking, 'restored', ['together' => $together])->assertOk();
    expect(Booking::query()->where('state', 'confirmed')->count())->toBe($together ? 3 : 1);
})->with([true, false]);

it('undoes a no-show with its money: a charge is stopped, pays for the visit, or goes back', function (
    bool $charged,
    bool $refunds,
    array $says,
    int $owed,
): void {
    $booking = paidFor($this->yard, 'card_hold');
    ($this->begun)();
    ($this->act)($booking, 'missed')->assertOk();
    if ($charged) {
        ($this->sent)();
    }
    ($this->act)($booking, 'restored', ['refundsCharge' => $refunds])->assertOk()->assertJson(['state' => 'confirmed']);
    ($this->sent)();
    expect($this->says)->toBe($says)
        ->and(Sale::query()->sole()->owed())->toBe($owed)
        ->and(array_sum($this->processor->charged))->toBe($charged ? 2400 : 0)
        ->and(array_sum($this->processor->refunded))->toBe($refunds ? 2400 : 0);
    $paid = $charged && ! $refunds ? '€24.00 was charged to the card on file.' : 'nothing was charged to it.';
    expect(Tellings::of($booking, null)['page'])
        ->toEndWith($refunds ? 'Your card is kept; nothing was charged to it.' : $paid);
})->with([
    'before it left' => [
        false, false,
        [
            'The charge of €24.00 has not left yet: it is stopped.',
            'The fee of €24.00 is no longer owed.',
            '€48.00 is still to be paid.',
        ],
        4800,
    ],
    'it pays for the visit' => [
        true, false,
        [
            'The fee of €24.00 is no longer owed.',
            '€24.00 was charged to their card: it now pays for the visit.',
            '€24.00 is still to be paid.',
        ],
        2400,
    ],
    'it goes back' => [
        true, true,
        ['The fee of €24.00 is no longer owed.', '€24.00 goes back to their card.', '€48.00 is still to be paid.'],
        4800,
    ],
]);

it('does not charge a card in the worker’s hands twice, nor stop it', function (): void {
    $booking = paidFor($this->yard, 'card_hold');
    ($this->begun)();
    ($this->act)($booking, 'missed')->assertOk();
    OutboxEntry::query()->where('channel', 'charge')->update(['leased_until' => now()->addMinute()]);
    ($this->act)($booking, 'restored')->assertOk();
    OutboxEntry::query()->where('channel', 'charge')->update(['leased_until' => null]);
    ($this->sent)();
    ($this->sent)();
    expect($this->processor->charged)->toHaveCount(1)
        ->and(Payment::query()->where('kind', 'fee')->sole()->state->value)->toBe('paid')
        ->and(Sale::query()->sole()->owed())->toBe(2400);
});

it('says of a part of a visit what the rest is paid with, and tells it so of the part (L4)', function (): void {
    $glaze = Yard::offer(
        $this->yard->business,
        ['name' => 'Glazing', 'minutes' => 25, 'price' => 400, 'position' => 1],
        $this->yard->staff,
    );
    $this->yard->lesson->update(['payment_terms' => Yard::payment('none')]);
    $card = $this->postJson('/api/businesses/yard/bookings', [
        'service' => $glaze->id, 'party' => 1, 'start' => Yard::at('10:00'), 'name' => 'Rosa Bell',
        'email' => 'rosa@post.example', 'told' => true,
        'then' => [['service' => $this->yard->lesson->id]], 'samePerson' => true, 'maxWait' => 30,
    ])->assertCreated()->json();
    $booking = Booking::query()->findOrFail($card['id']);
    $this->postJson("/api/businesses/yard/sales/{$booking->sale_id}/payments", [
        'method' => 'transfer', 'amount' => 5200, 'tip' => 0, 'given' => null, 'keepsRest' => false, 'seen' => 5200,
    ])->assertOk();
    ($this->act)($booking, 'cancel', ['asks' => 'client'])->assertOk();
    expect($this->says)->toBe([
        '€4.00 was paid at the desk: you refund it by hand.',
        '€48.00 now pays for Lesson.',
    ])->and(Tellings::of($booking, null)['card'])->toBe(
        '€4.00 is still to be refunded. €48.00 of what was paid is for the rest of the visit.',
    );
});
