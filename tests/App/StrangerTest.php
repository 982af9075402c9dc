<?php

declare(strict_types=1);

use App\Facts\BookAgainLink;
use App\Messages\Wording;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Client;
use App\Models\OutboxEntry;
use App\Outbox\DeliverDue;
use App\Processor\Processor;
use App\Support\ClientLink;
use App\Support\Clock;
use Illuminate\Testing\TestResponse;
use Tests\Support\FakeProcessor;
use Tests\Support\Yard;

/* What a stranger can do with somebody else's address. */

beforeEach(function (): void {
    $this->app->instance(Processor::class, new FakeProcessor());
    $this->yard = Yard::open(['price' => 4800], people: 2);
    $this->rosa = Client::query()->create([
        'business_id' => $this->yard->business->id,
        'name' => 'Rosa Bell',
        'email' => 'rosa@post.example',
        'phone' => '+44 1632 960001',
        'proven_at' => now(),
        'rates' => [['service' => $this->yard->lesson->id, 'amount' => 3000]],
    ]);
    Business::rulesChanged($this->yard->business->id);
    $this->hold = fn (string $time, string $known = '', int $days = 2): TestResponse => $this->postJson(
        '/gate-api/pages/yard/holds',
        ['service' => $this->yard->lesson->id, 'start' => Yard::at($time, $days), 'known' => $known],
    );
    $this->book = function (string $time, string $email = 'rosa@post.example', int $days = 2): Booking {
        $held = ($this->hold)($time, days: $days)->assertCreated();
        $this->postJson("/gate-api/bookings/{$held->json('id')}/book?{$held->json('query')}", [
            'name' => 'Buy at spam.example', 'email' => $email, 'phone' => '', 'note' => 'Buy now',
        ])->assertOk();

        return Booking::query()->findOrFail($held->json('id'));
    };
    $this->seal = fn (Booking $booking): string => app(ClientLink::class)->query($booking);
});

it('gives nobody the prices, the holds or the name of whose address they have typed', function (): void {
    config(['yardbell.holds_of_one' => 1]);
    $booking = ($this->book)('10:00');
    expect([$booking->client_id, $booking->price])->toBe([$this->rosa->id, 4800]);
    $links = ["of={$booking->id}&".($this->seal)($booking)];
    $links[] = "{$links[0]}&mailed=".str_repeat('0', 64);
    $links[] = explode('?', app(BookAgainLink::class)->path($this->yard->business, [$booking]))[1];
    foreach ($links as $link) {
        $quote = "/gate-api/pages/yard/quote?service={$this->yard->lesson->id}&known=".urlencode($link);
        expect($this->getJson($quote)->assertOk()->json('total'))->toBe(4800)
            ->and((string) $this->get("/book/yard?{$link}")->assertOk()->getContent())
            ->toContain('"known":null')
            ->not->toContain('960001');
    }
    ($this->hold)('12:00', $links[0])->assertCreated()->assertJson(['total' => 4800]);
    ($this->hold)('13:00', $links[0])->assertStatus(429); // one hold of one network
});

it('writes nothing that a stranger has typed to whose address they have typed', function (): void {
    ($this->book)('10:00');
    $mail = app(Wording::class)->letter(
        OutboxEntry::query()->where('occasion', 'booked')->where('audience', 'client')->sole(),
    )->text;
    expect($mail)->not->toContain('spam.example')->not->toContain('Buy now');
});

/** @return list<string> the state of each mail to the client, as it was written */
function mailStates(string $address): array
{
    return OutboxEntry::query()
        ->where('recipient', $address)
        ->where('occasion', '<>', 'reminder')
        ->orderBy('id')
        ->toBase()
        ->pluck('state')
        ->all();
}

it('mails what changes again and again once in some minutes, as it is by then', function (): void {
    $booking = ($this->book)('10:00');
    app(DeliverDue::class)();
    $note = function (string $note) use ($booking): void {
        $this->postJson("/gate-api/bookings/{$booking->id}/details?".($this->seal)($booking), ['note' => $note])
            ->assertOk();
    };
    foreach (range(1, 20) as $i) {
        $note("Note {$i}");
        app(DeliverDue::class)();
    }
    expect(mailStates('rosa@post.example'))->toBe(['sent', 'sent', 'waiting']);
    expect(mailStates('owner@yard.example'))->toBe(['sent', 'sent', 'waiting']);
    app(Clock::class)->putForward(5);
    app(DeliverDue::class)();
    $note('Another');
    app(DeliverDue::class)();
    expect(mailStates('rosa@post.example'))->toBe(['sent', 'sent', 'sent', 'waiting']);
});

it('gathers moves there and back as well', function (): void {
    $booking = ($this->book)('10:00');
    app(DeliverDue::class)();
    foreach (['11:00', '12:00', '13:00', '14:00'] as $time) {
        $this->postJson("/gate-api/bookings/{$booking->id}/move?".($this->seal)($booking->refresh()), [
            'start' => Yard::at($time),
        ])->assertOk();
        app(DeliverDue::class)();
    }
    expect(mailStates('rosa@post.example'))->toBe(['sent', 'sent', 'dropped', 'dropped', 'waiting']);
});

it('mails an address that is not proven so often a day, and books no more with it then', function (): void {
    config(['yardbell.holds_of_one' => 50, 'yardbell.mails_to_one' => 10]);
    foreach (range(0, 9) as $i) {
        ($this->book)(['10:00', '12:00', '14:00'][$i % 3], days: 2 + intdiv($i, 3));
    }
    $held = ($this->hold)('16:00', days: 8)->assertCreated();
    $book = fn (string $email): TestResponse => $this->postJson(
        "/gate-api/bookings/{$held->json('id')}/book?{$held->json('query')}",
        ['name' => 'A', 'email' => $email, 'phone' => '', 'note' => ''],
    );
    $book('Rosa@post.example')->assertStatus(429)->assertJsonPath('message', fn (string $says): bool => str_contains(
        $says,
        'none of their links was opened',
    ));
    $first = Booking::query()->orderBy('id')->firstOrFail();
    $this->postJson("/gate-api/bookings/{$first->id}/cancel?".($this->seal)($first))->assertOk();
    expect(array_count_values(mailStates('rosa@post.example')))->toBe(['dropped' => 2, 'waiting' => 9]);
    $cancelled = OutboxEntry::query()->where('recipient', 'rosa@post.example')->where('occasion', 'cancelled')->sole();
    expect($cancelled->state->value)->toBe('dropped');
    $book('nora@post.example')->assertOk();
    $this->get(app(ClientLink::class)->mailed($first->refresh()))->assertOk(); // Rosa has opened one
    expect(app(App\Messages\MailQuota::class)->takesOf($first->refresh()))->toBeTrue();
});

it('mails so many strangers a day for whoever comes from one network', function (): void {
    config(['yardbell.holds_of_one' => 100]);
    $this->yard->business->update(['opening_hours' => array_fill_keys(
        YardBell\Core\Time\Wall::WEEKDAYS,
        [['from' => '00:00', 'to' => '24:00']],
    )]);
    Business::rulesChanged($this->yard->business->id);
    $statuses = array_map(function (int $i): int {
        $held = ($this->hold)(sprintf('%02d:00', 2 * ($i % 8)), days: 2 + intdiv($i, 8));

        return $this->postJson("/gate-api/bookings/{$held->json('id')}/book?{$held->json('query')}", [
            'name' => 'A', 'email' => "a{$i}@post.example", 'phone' => '', 'note' => '',
        ])->getStatusCode();
    }, range(0, 40));
    expect(array_count_values($statuses))->toBe([200 => 40, 429 => 1]);
});

it('writes no words of a business that is not established to whoever wanted nothing of it', function (): void {
    $this->actingAs($this->yard->owner);
    $card = $this->postJson('/api/businesses/yard/bookings', [
        'service' => $this->yard->lesson->id, 'party' => 1, 'start' => Yard::at('10:00'), 'name' => 'Vic Tim',
        'email' => 'victim@post.example', 'told' => true,
    ])->assertCreated()->json();
    $at = "/api/businesses/yard/bookings/{$card['id']}";
    $this->postJson("{$at}/word", ['text' => 'Buy now'])->assertStatus(409)->assertJson(['code' => 'not_established']);
    $this->postJson("{$at}/cancel", ['asks' => 'house', 'why' => 'Buy now'])->assertOk();
    $cancelled = OutboxEntry::query()->where('occasion', 'cancelled')->where('audience', 'client')->sole();
    expect(app(Wording::class)->letter($cancelled)->text)->not->toContain('Buy now');
    $own = ($this->book)('12:00', 'nora@post.example');
    $this->postJson("/api/businesses/yard/bookings/{$own->id}/word", ['text' => 'Bring a towel'])->assertOk();
    $this->yard->business->update(['created_at' => now()->subDays(15)]);
    $this->postJson("{$at}/word", ['text' => 'Buy now'])->assertStatus(409); // old, and nobody ever wanted anything
    foreach (range(1, 10) as $i) {
        Client::query()->create(['business_id' => $this->yard->business->id, 'name' => "C{$i}", 'phone' => '',
            'email' => "c{$i}@post.example", 'proven_at' => now()]);
    }
    $this->postJson("{$at}/word", ['text' => 'Bring a towel'])->assertOk();
    $this->yard->business->update(['created_at' => now()->subDays(13)]);
    $this->postJson("{$at}/word", ['text' => 'Buy now'])->assertStatus(409); // much wanted, and new
});

it('mails only so many strangers a day of what a new business books for them', function (): void {
    $this->actingAs($this->yard->owner);
    foreach (range(0, 30) as $i) {
        $this->postJson('/api/businesses/yard/bookings', [
            'service' => $this->yard->lesson->id, 'party' => 1, 'start' => Yard::at('10:00', 2 + $i), 'name' => 'V',
            'email' => "v{$i}@post.example", 'told' => true,
        ])->assertCreated();
    }
    $booked = OutboxEntry::query()->where('audience', 'client')->where('occasion', 'booked');
    $states = $booked->toBase()->pluck('state')->all();
    expect(array_count_values($states))->toBe(['waiting' => 30, 'dropped' => 1]);
});

it('asks for what more people cost as the service asks for it when booking (P9)', function (
    array $terms,
    string $before,
    string $after,
): void {
    $this->yard->lesson->update([
        'max_party' => 3,
        'pricing' => ['perPerson' => true] + Yard::pricing(4800),
        'payment_terms' => $terms,
    ]);
    Business::rulesChanged($this->yard->business->id);
    $this->yard->business->refresh();
    $booking = $this->yard->book('10:00');
    app(Processor::class)->state = 'paid';
    Yard::settle();
    $link = app(ClientLink::class)->query($booking->refresh());
    $tried = $this->postJson("/gate-api/bookings/{$booking->id}/party/tried?{$link}", ['party' => 2])->assertOk();
    expect(implode(' ', $tried->json('says')))->toContain($before);
    $page = $this->postJson("/gate-api/bookings/{$booking->id}/party?{$link}", ['party' => 2])->assertOk();
    expect($page->json('told.money.0'))->toBe($after)->and($page->json('pay'))->not->toBeNull();
})->with([
    'in full' => [
        Yard::payment('full'), '€48.00 of it is asked for now, by card.',
        '€48.00 paid, €48.00 to be paid now, by card.',
    ],
    'a deposit' => [
        Yard::payment('deposit', null, '50'), '€24.00 of it is asked for now, by card.',
        '€24.00 paid, €24.00 to be paid now, by card; the rest when you come.',
    ],
]);
