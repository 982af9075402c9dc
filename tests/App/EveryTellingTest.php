<?php

declare(strict_types=1);

use App\Models\Booking;
use App\Models\OutboxEntry;
use App\Outbox\DeliverDue;
use App\Payments\OpenCheckouts;
use App\Payments\OpenPayment;
use App\Processor\Processor;
use App\Support\ClientLink;
use Illuminate\Testing\TestResponse;
use Tests\Support\FakeProcessor;
use Tests\Support\Tellings;
use Tests\Support\Yard;

/*
 * What becomes of the money of a booking that stands is told alike on page, card, mail, receipt and history. Giving a
 * booking up is in GivingUpTest.
 */

beforeEach(function (): void {
    $this->processor = new FakeProcessor();
    $this->app->instance(Processor::class, $this->processor);
    $this->yard = Yard::open(['max_party' => 3, 'pricing' => ['extraPeople' => [1000]] + Yard::pricing(4800)]);
    $this->actingAs($this->yard->owner);
    $this->open = function (): void {
        $this->yard->lesson->update(['pricing' => Yard::pricing(4800, 'from')]);
        $this->yard->business->rulesChanged($this->yard->business->id);
        $this->yard->business->refresh();
    };
    $this->online = function (Booking $booking, bool $ask = true): void {
        if ($ask) {
            app(OpenPayment::class)($booking, [4800]);
            app(OpenCheckouts::class)();
        }
        $this->processor->state = 'paid';
        Yard::settle();
    };
    $this->slip = fn (Booking $booking, string $act, array $body): TestResponse => $this->postJson(
        "/api/businesses/yard/sales/{$booking->refresh()->sale_id}/{$act}",
        $body,
    )->assertOk();
    $this->cash = fn (Booking $booking): TestResponse => ($this->slip)($booking, 'payments', [
        'method' => 'cash', 'amount' => 4800, 'tip' => 0, 'given' => null, 'keepsRest' => false, 'seen' => 4800,
    ]);
    $this->party = fn (Booking $booking, int $party): TestResponse => $this->postJson(
        "/gate-api/bookings/{$booking->id}/party?".app(ClientLink::class)->query($booking),
        ['party' => $party],
    )->assertOk();
    $this->refund = fn (Booking $booking, array $said = []): TestResponse => ($this->slip)(
        $booking,
        'refunds',
        $said + ['amount' => 1800, 'why' => 'The kiln was cold', 'staysOwed' => false, 'told' => true, 'seen' => 0],
    );
});

it('tells alike wherever it is told', function (
    Closure $act,
    ?string $occasion,
    string $page,
    array $receipt,
    string $history,
): void {
    $booking = $this->yard->book('10:00');
    app(DeliverDue::class)(lane: 'mail');
    $booking = $act->call($this, $booking) ?? $booking;
    app(DeliverDue::class)(lane: 'money');
    $told = Tellings::of($booking, $occasion);
    expect($told['page'])->toBe($page)
        ->and($told['card'])->toBe(str_replace('when you come', 'when they come', $page))
        ->and($told['history'])->toContain($history);
    if ($occasion !== null) {
        expect($told['mail'])->toContain("Money:  {$page}");
    }
    foreach ($receipt as $words) {
        expect($told['receipt'])->toContain($words);
    }
})->with([
    'one more comes, who is not paid for' => [
        function (Booking $booking): void {
            ($this->online)($booking);
            ($this->party)($booking, 2);
        },
        'changed', '€48.00 paid, €10.00 to be paid when you come.', ['1 more person', 'Still due'],
        'sold 5800 client',
    ],
    'one comes less, who was paid for' => [
        function (Booking $booking): void {
            ($this->party)($booking, 2);
            app(OpenPayment::class)($booking->refresh(), [5800]);
            app(OpenCheckouts::class)();
            ($this->online)($booking, false);
            ($this->party)($booking, 1);
        },
        'changed', 'Paid. €10.00 has been refunded.', ['Refunded by card, online'],
        'returned 1000 client',
    ],
    'a price that was open is settled' => [
        function (): Booking {
            ($this->open)();
            $later = $this->yard->book('12:00');
            $this->postJson("/api/businesses/yard/bookings/{$later->id}/price", ['amount' => 5250, 'told' => true])
                ->assertOk();

            return $later;
        },
        'priced', 'To be paid when you come.', ['52.50', 'Still due'],
        'sold 5250 Owner of yard',
    ],
    'a discount' => [
        function (Booking $booking): void {
            ($this->slip)($booking, 'let-off', ['amount' => 800, 'why' => 'A regular', 'seen' => 4800]);
        },
        null, 'To be paid when you come.', ['A regular', '40.00', 'Still due'],
        'less 800 Owner of yard',
    ],
    'a refund by hand to the card' => [
        function (Booking $booking): void {
            ($this->online)($booking);
            ($this->refund)($booking);
        },
        'refund', 'Paid. €18.00 has been refunded.', ['The kiln was cold', '30.00', 'Refunded by card, online'],
        'returned 1800 Owner of yard',
    ],
    'a refund of cash, to be paid in another way' => [
        function (Booking $booking): void {
            ($this->cash)($booking);
            ($this->refund)($booking, ['staysOwed' => true]);
        },
        'refund', '€30.00 paid, €18.00 to be paid when you come. €18.00 has been refunded.',
        ['Refunded in cash', 'Still due'],
        'returned 1800 Owner of yard',
    ],
    'a payment that was not needed any more' => [
        function (Booking $booking): void {
            app(OpenPayment::class)($booking, [4800]);
            app(OpenCheckouts::class)();
            ($this->cash)($booking);
            ($this->online)($booking, false);
        },
        'sent_back', 'Paid. €48.00 has been refunded.', ['Paid in cash', 'Refunded by card, online'],
        'returned 4800 the clock',
    ],
    'booked after all, once the refund has left' => [
        function (Booking $booking): void {
            ($this->online)($booking);
            $at = "/api/businesses/yard/bookings/{$booking->id}";
            $this->postJson("{$at}/cancel", ['asks' => 'house'])->assertOk();
            app(DeliverDue::class)();
            $this->postJson("{$at}/restored")->assertOk();
        },
        'restored', 'To be paid when you come. €48.00 has been refunded.', ['Refunded by card, online', 'Still due'],
        'sold 4800 Owner of yard',
    ],
]);

it('says on the receipt what is still to be refunded by hand', function (): void {
    $booking = $this->yard->book('10:00');
    ($this->cash)($booking);
    $this->postJson("/api/businesses/yard/bookings/{$booking->id}/cancel", ['asks' => 'house'])->assertOk();
    $told = Tellings::of($booking, 'cancelled');
    expect($told['page'])->toBe('€48.00 was paid. €48.00 is still to be refunded.')
        ->and($told['mail'])->toContain("Money:  {$told['page']}")
        ->and($told['receipt'])->toContain('Still to be refunded');
});

it('tells the client of a refund, with its reason, where they are to be told', function (bool $told): void {
    $booking = $this->yard->book('10:00');
    ($this->cash)($booking);
    ($this->refund)($booking, ['told' => $told]);
    expect(OutboxEntry::query()->where('occasion', 'refund')->pluck('audience')->all())
        ->toHaveCount($told ? 1 : 0);
    if ($told) {
        expect(Tellings::of($booking, 'refund')['mail'])->toContain('The kiln was cold');
    }
})->with([true, false]);
