<?php

declare(strict_types=1);

use App\Facts\BookAgain;
use App\Ledger\Processor;
use App\Messages\Wording;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Client;
use App\Models\OutboxEntry;
use App\Support\ClientLink;
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
    Business::markRules($this->yard->business->id);
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
    $links[] = explode('?', app(BookAgain::class)->path($this->yard->business, [$booking]))[1];
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
