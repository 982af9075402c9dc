<?php

declare(strict_types=1);

use App\Models\Booking;
use App\Models\Business;
use App\Models\Question;
use App\Payments\OpenCheckouts;
use App\Processor\Processor;
use App\Support\ClientLink;
use Tests\Support\FakeProcessor;
use Tests\Support\Yard;

/* Everything up to booking works by plain forms, without scripts; a mailed link shows its facts. */

beforeEach(function (): void {
    $this->yard = Yard::open(['price' => 4800, 'max_party' => 3], people: 2);
    $this->at = '/book/yard?'.http_build_query(['service' => $this->yard->lesson->id, 'at' => Yard::at('10:00')]);
    $this->keep = fn () => $this->post($this->at, [], ['Accept' => 'text/html']);
    $this->give = ['name' => 'Kim Post', 'email' => 'kim@post.example', 'note' => 'By the door'];
});

it('books from the first look to the end by plain forms', function (): void {
    $this->get($this->at)->assertOk()->assertSee('plain-keep', false)->assertSee('€48.00')->assertSee('Ana Reed');
    $kept = ($this->keep)()->assertStatus(303);
    $booking = Booking::query()->sole();
    $page = (string) $kept->headers->get('Location');
    expect($page)->toContain("/b/{$booking->id}?until=");
    $this->get($page)->assertOk()->assertSee('plain-book', false)->assertSee('€48.00')->assertSee('10:00 to 11:00');
    $book = str_replace("/b/{$booking->id}?", "/b/{$booking->id}/book?", $page);
    $wrong = $this->post($book, ['email' => 'kim'] + $this->give)->assertStatus(422);
    $wrong->assertSee('Kim Post')->assertSee('By the door')->assertSee('plain-wrong', false);
    expect($booking->refresh()->contact)->toBeNull();
    $this->post($book, $this->give)->assertStatus(303);
    expect($booking->refresh()->state->value)->toBe('confirmed')->and($booking->note)->toBe('By the door');
    $this->get($page)->assertOk()->assertSee('You are booked.')->assertDontSee('plain-book', false);
    $this->post($book, $this->give)->assertStatus(303); // pressed twice
    expect(Booking::query()->count())->toBe(1);
});

it('leads to where it is paid', function (): void {
    $this->app->instance(Processor::class, new FakeProcessor());
    $this->yard->lesson->update(['payment_terms' => Yard::payment('full')]);
    ($this->keep)()->assertStatus(303);
    $booking = Booking::query()->sole();
    $query = app(ClientLink::class)->query($booking);
    $page = "/b/{$booking->id}?{$query}";
    $this->post("/b/{$booking->id}/book?{$query}", $this->give)->assertStatus(303);
    $this->get($page)->assertOk()->assertSee('http-equiv="refresh"', false)->assertDontSee('plain-book', false);
    app(OpenCheckouts::class)(); // the page to pay on is there
    $this->get($page)->assertOk()->assertSee('plain-pay', false)->assertDontSee('http-equiv="refresh"', false);
});

it('asks what is asked, and says beside it what is wrong', function (): void {
    $ask = ['business_id' => $this->yard->business->id, 'services' => null, 'required' => true, 'choices' => []];
    Question::query()->create(['text' => 'Left or right?', 'type' => 'choice', 'position' => 0,
        'choices' => ['left', 'right']] + $ask);
    [$file, $hidden] = array_map( // which need scripts
        static fn (string $type): string => Question::query()->create(
            ['text' => 'Where?', 'type' => $type, 'required' => false, 'position' => 1] + $ask,
        )->id,
        ['file', 'hidden'],
    );
    $this->yard->business->update(['consent' => 'I come on time.']);
    ($this->keep)();
    $booking = Booking::query()->sole();
    $book = "/b/{$booking->id}/book?".app(ClientLink::class)->query($booking);
    $this->post($book, ['agreed' => '1'] + $this->give)->assertStatus(422)
        ->assertSee('Left or right?')
        ->assertDontSee("answers[{$file}]", false)
        ->assertDontSee("answers[{$hidden}]", false);
    $this->post($book, $this->give)->assertStatus(422);
    $given = ['agreed' => '1', 'answers' => [(string) Question::query()->value('id') => ['left']]];
    $this->post($book, $given + $this->give)->assertStatus(303);
    expect($booking->refresh()->answers[0]->text)->toBe('left')->and($booking->consent)->not->toBeNull();
});

it('says what became of a time that cannot be kept, and keeps nothing', function (): void {
    $this->yard->book('10:00');
    $this->yard->staff[1]->update(['active' => false]);
    Business::rulesChanged($this->yard->business->id);
    ($this->keep)()->assertStatus(409)->assertSee('just been taken');
    $this->post('/book/yard?service='.$this->yard->lesson->id)->assertNotFound();
    $this->post('/book/yard?at='.Yard::at('10:00'))->assertNotFound();
    $this->post('/book/none?at='.Yard::at('10:00').'&service='.$this->yard->lesson->id)->assertNotFound();
    expect(Booking::query()->where('state', 'held')->count())->toBe(0);
});

it('shows nothing of a booking to whoever has no link, and lets them book nothing', function (): void {
    ($this->keep)();
    $booking = Booking::query()->sole();
    $this->post("/b/{$booking->id}/book", $this->give)->assertNotFound();
    $this->post("/b/{$booking->id}/book?until=9999999999&seal=x", $this->give)->assertNotFound();
    expect($booking->refresh()->contact)->toBeNull();
});

it('lets nobody try codes, or keep and book by plain forms, as often as they like', function (): void {
    $limited = static fn (string $path, string $method): bool => in_array(
        'limit:gate',
        Illuminate\Support\Facades\Route::getRoutes()
            ->match(Illuminate\Http\Request::create($path, $method))
            ->gatherMiddleware(),
        true,
    );
    expect($limited('/gate-api/pages/yard/code-quote', 'GET'))->toBeTrue()
        ->and($limited('/book/yard', 'POST'))->toBeTrue()
        ->and($limited('/b/01HZZZZZZZZZZZZZZZZZZZZZZZ/book', 'POST'))->toBeTrue();
});
