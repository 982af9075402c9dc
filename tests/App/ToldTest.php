<?php

declare(strict_types=1);

use App\Bookings\CancelBooking;
use App\Bookings\Cancelling;
use App\Bookings\DecideBooking;
use App\Bookings\Destination;
use App\Bookings\History;
use App\Bookings\MoveBooking;
use App\Messages\Wording;
use App\Models\Audience;
use App\Models\Booking;
use App\Models\Occasion;
use App\Models\OutboxEntry;
use App\Outbox\DeliverDue;
use App\Processor\Processor;
use App\Sales\SellBooking;
use App\Support\ClientLink;
use App\Support\Clock;
use Tests\Support\FakeProcessor;
use Tests\Support\Yard;
use YardBell\Core\Booking\State;
use YardBell\Core\Time\Wall;

beforeEach(function (): void {
    $this->processor = new FakeProcessor();
    $this->app->instance(Processor::class, $this->processor);
});

/** @return array{page: mixed, card: mixed, mail: string} what client, desk and the latest letter to the client say */
function toldOf(Yard $yard, Booking $booking): array
{
    $letter = OutboxEntry::query()
        ->where('audience', 'client')
        ->where('occasion', '<>', 'reminder')
        ->orderByDesc('id')
        ->first();

    return [
        'page' => test()
            ->getJson("/gate-api/bookings/{$booking->id}?".app(ClientLink::class)->query($booking))
            ->assertOk()
            ->json(),
        'card' => test()
            ->actingAs($yard->owner)
            ->getJson("/api/businesses/yard/bookings/{$booking->id}")
            ->assertOk()
            ->json(),
        'mail' => $letter === null ? '' : app(Wording::class)->letter($letter)->text,
    ];
}

it('tells alike on page, card and mail what a late cancellation of a deposit has kept', function (): void {
    $yard = Yard::open([
        'price' => 4800,
        'payment_terms' => Yard::payment('deposit', 3000),
        'cancellation' => ['freeMinutes' => 1440, 'amount' => 1000, 'percent' => null],
    ]);
    $booking = $yard->book('10:00');
    $this->processor->state = 'paid';
    Yard::settle();
    app(Clock::class)->putForward((int) app(Clock::class)->now()->diffInMinutes($booking->starts_at) - 60);
    app(CancelBooking::class)($booking->business_id, $booking->id, Cancelling::byClient());
    $said = '€30.00 was paid. €10.00 of it is kept, as agreed for cancelling late. €20.00 is on its way back.';
    $told = toldOf($yard, $booking->refresh());
    expect(implode(' ', $told['page']['told']['money']))->toBe($said)
        ->and(implode(' ', $told['card']['told']['money']))->toBe($said)
        ->and($told['mail'])->toContain("Money:  {$said}");
    app(DeliverDue::class)();
    expect(toldOf($yard, $booking->refresh())['page']['told']['money'][2])->toBe('€20.00 has been refunded.');
});

it('keeps the word "from" wherever a price begins somewhere', function (bool $declined): void {
    $yard = Yard::open(['price' => 3000, 'priceKind' => 'from', 'approval' => $declined]);
    $booking = $yard->book('10:00');
    if ($declined) {
        app(DecideBooking::class)($yard->business->id, $booking->id, false, 'Owner', 'The kiln is cold.');
    }
    $told = toldOf($yard, $booking->refresh());
    expect([$told['page']['told']['price'], $told['card']['told']['price']])->toBe(['from €30.00', 'from €30.00'])
        ->and($told['mail'])->toContain('Price:  from €30.00')
        ->and($told['page']['told']['money'])
        ->toBe([$declined ? 'Nothing was charged.' : 'The price is settled when you come.'])
        ->and($told['card']['money'])->toBe($declined ? 'nothing' : 'desk');
})->with(['booked' => [false], 'declined' => [true]]);

it('never calls free what has a price and was declined', function (): void {
    $yard = Yard::open(['price' => 1800, 'approval' => true]);
    $booking = $yard->book('10:00');
    app(DecideBooking::class)($yard->business->id, $booking->id, false, 'Owner');
    $told = toldOf($yard, $booking->refresh());
    expect($told['card']['told'])->toBe(['price' => '€18.00', 'money' => ['Nothing was charged.'], 'terms' => '']);
});

it('shows the client what the business wrote with its answer', function (bool $yes): void {
    $yard = Yard::open(['approval' => true]);
    $booking = $yard->book('10:00');
    expect(toldOf($yard, $booking)['page']['word'])->toBe('');
    app(DecideBooking::class)($yard->business->id, $booking->id, $yes, 'Owner', 'Bring an apron.');
    expect(toldOf($yard, $booking->refresh())['page']['word'])->toBe('Bring an apron.');
})->with([true, false]);

it('says of a service and of a held time that it is only asked for', function (): void {
    $yard = Yard::open(['approval' => true]);
    expect($this->get('/book/yard')->assertOk()->getContent())->toContain('"approval":true')
        ->and(
            $this->postJson('/gate-api/pages/yard/holds', [
                'service' => $yard->lesson->id,
                'start' => Yard::at('10:00'),
            ])->json('approval'),
        )
        ->toBeTrue();
});

it('does not offer a deadline that has passed', function (): void {
    $yard = Yard::open([
        'price' => 4800,
        'cancellation' => ['freeMinutes' => 60 * 24 * 5, 'amount' => 1000, 'percent' => null],
    ]);
    $told = toldOf($yard, $yard->book('10:00'));
    expect($told['page']['told']['terms'])->toBe('It is too late to cancel free of charge: cancelling costs €10.00.')
        ->and($told['mail'])->not->toContain('Free to cancel');
});

it('writes hours in a mail as the business does', function (): void {
    $yard = Yard::open();
    $yard->business->update(['clock' => 12]);
    $mail = toldOf($yard, $yard->book('14:30'))['mail'];
    expect($mail)->toContain('2:30 pm')->not->toContain('14:30');
});

it('keeps what is soonest when the weeks are turned, and says why a day has no start', function (): void {
    $yard = Yard::open(['book_ahead_days' => 30]);
    $closed = substr(Yard::at('00:00', 4), 0, 10);
    App\Models\Closure::query()->create([
        'business_id' => $yard->business->id,
        'name' => '',
        'from' => "{$closed}T00:00",
        'to' => "{$closed}T23:59",
        'staff' => null,
    ]);
    App\Models\Closure::query()->create([
        'business_id' => $yard->business->id,
        'name' => '',
        'from' => substr(Yard::at('00:00', 5), 0, 10).'T00:00',
        'to' => substr(Yard::at('00:00', 6), 0, 10).'T00:00',
        'staff' => [$yard->staff[0]->id],
    ]);
    $times = fn (string $from): array => $this->getJson(
        "/gate-api/pages/yard/open-times?service={$yard->lesson->id}&from={$from}",
    )
        ->assertOk()
        ->json();
    $first = $times(substr(Yard::at('00:00', 0), 0, 10));
    expect(array_column($times(substr(Yard::at('00:00', 20), 0, 10))['soonest'], 'at'))
        ->toBe(array_column($first['soonest'], 'at'))
        ->and([$first['days'][3]['none'], $first['days'][4]['none'], $first['days'][5]['none']])
        ->toBe([null, 'closed', 'away'])
        ->and($times(substr(Yard::at('00:00', 20), 0, 10))['days'][13]['none'])->toBe('beyond');
});

it('says of every way to pay what is paid when (P9)', function (array $service, array $booking, array $money): void {
    $yard = Yard::open($service + ['price' => 5000]);
    $held = $yard->hold('10:00');
    $held->forceFill($booking)->save();
    if ($held->state === State::Confirmed) {
        app(SellBooking::class)($held, History::BY_CLIENT);
    }
    expect(app(App\Facts\MoneyWords::class)->of($held->refresh(), toClient: true)['money'])->toBe($money);
})->with([
    'in full' => [['payment' => 'full'], [], ['To be paid now, by card.']],
    'a deposit' => [
        ['payment_terms' => Yard::payment('deposit', 1500)],
        [],
        ['€15.00 to be paid now, by card; the rest when you come.'],
    ],
    'as they like' => [['payment' => 'optional'], [], ['To be paid now or when you come, as you like.']],
    'a card' => [
        ['payment' => 'card_hold'],
        [],
        ['To be paid when you come.', 'A card is asked for and kept, in case you do not come; nothing is charged now.'],
    ],
    'later' => [[], [], ['To be paid when you come.']],
    'nothing' => [['price' => 0], [], []],
    'booked' => [
        ['payment' => 'optional'],
        ['state' => 'confirmed', 'held_until' => null],
        ['To be paid when you come.'],
    ],
    'expired' => [['payment' => 'full'], ['state' => 'expired', 'held_until' => null], ['Nothing was charged.']],
]);

it('says what became of a card that was left', function (): void {
    $yard = Yard::open([
        'price' => 4800,
        'payment' => 'card_hold',
        'cancellation' => ['freeMinutes' => 20_000, 'amount' => 1000, 'percent' => null],
    ]);
    $booking = $yard->book('10:00');
    $this->processor->state = 'kept';
    Yard::settle();
    expect(toldOf($yard, $booking->refresh())['page']['told']['money'])
        ->toBe(['To be paid when you come.', 'Your card is kept; nothing was charged to it.'])
        ->and(toldOf($yard, $booking)['card']['told']['money'])
        ->toBe(['To be paid when they come.', 'A card is kept; nothing was charged to it.']);
    app(CancelBooking::class)($booking->business_id, $booking->id, Cancelling::byClient());
    expect(toldOf($yard, $booking->refresh())['page']['told']['money'])->toBe([
        '€10.00 is being charged to the card on file, as agreed for cancelling late.',
    ]);
    app(DeliverDue::class)(lane: 'money');
    expect(toldOf($yard, $booking->refresh())['page']['told']['money'])->toBe([
        '€10.00 was charged to the card on file, as agreed for cancelling late.',
    ]);
});

it('looks for what is soonest only so far, however far somebody turns the pages', function (): void {
    $yard = Yard::open(['book_ahead_days' => 700]);
    $yard->business->update(['opening_hours' => []]);
    $queries = 0;
    Illuminate\Support\Facades\DB::listen(function () use (&$queries): void {
        $queries++;
    });
    $this->getJson("/gate-api/pages/yard/open-times?service={$yard->lesson->id}&from=2199-01-01")
        ->assertOk()
        ->assertJson(['soonest' => []]);
    expect($queries)->toBeLessThan(30);
});

it('mails somebody of the house what they have chosen to be told of, and nothing else', function (): void {
    $yard = Yard::open();
    $yard->staff[0]->update(['told_of' => [Occasion::Cancelled->value]]);
    $told = static fn (): array => OutboxEntry::query()
        ->where('audience', Audience::Staff)
        ->orderBy('id')
        ->get()
        ->map(static fn (OutboxEntry $entry): string => $entry->occasion->value)
        ->all();
    $booking = $yard->book('10:00');
    app(MoveBooking::class)($yard->business, $booking->id, new Destination(Wall::instant(Yard::at('12:00'))), 'Owner');
    expect($told())->toBe([]);
    app(CancelBooking::class)($yard->business->id, $booking->id, new Cancelling('Owner'));
    expect($told())->toBe(['cancelled']);
});
