<?php

declare(strict_types=1);

use App\Facts\BookAgainLink;
use App\Messages\Wording;
use App\Models\Booking;
use App\Models\Client;
use App\Models\OutboxEntry;
use App\Models\Question;
use App\Models\Refund;
use App\Models\Sale;
use App\Models\Service;
use App\Outbox\DeliverDue;
use App\Processor\Processor;
use App\Support\Clock;
use Illuminate\Testing\TestResponse;
use Tests\Support\FakeProcessor;
use Tests\Support\Yard;

/* What a client does with a booking after it is made, by the link in the mail. */

beforeEach(function (): void {
    $this->processor = new FakeProcessor();
    $this->app->instance(Processor::class, $this->processor);
    $this->yard = Yard::open(['price' => 4800], people: 2);
    [$this->ana, $this->bo] = $this->yard->staff;
    $this->booked = function (array $more = []): array {
        $held = $this->postJson('/gate-api/pages/yard/holds', $more + [
            'service' => $this->yard->lesson->id,
            'staff' => $this->ana->id,
            'start' => Yard::at('10:00'),
        ])->assertCreated()->json();
        $details = ['name' => 'Rosa Bell', 'email' => 'rosa@post.example', 'phone' => '', 'note' => ''];

        return $this->postJson("/gate-api/bookings/{$held['id']}/book?{$held['query']}", $details)
            ->assertOk()
            ->json('booking');
    };
    $this->act = fn (array $booking, string $act, array $body = []): TestResponse => $this->postJson(
        "/gate-api/bookings/{$booking['id']}/{$act}?{$booking['query']}",
        $body,
    );
    $this->letter = function (string $occasion): App\Messages\Letter {
        $entry = OutboxEntry::query()->where('occasion', $occasion)->where('audience', 'client')->latest('id')->first();

        return app(Wording::class)->letter($entry);
    };
    $this->terms = fn (int $freeMinutes): int => Service::query()->update([
        'cancellation' => ['freeMinutes' => $freeMinutes, 'percent' => '50', 'amount' => null],
    ]);
});

it('moves to a time that clients are offered, keeps its price, and tells everybody', function (): void {
    $booking = ($this->booked)();
    expect($booking['changes']['move'])->toBeTrue();
    $times = $this->getJson("/gate-api/bookings/{$booking['id']}/move-times?{$booking['query']}")->assertOk()->json();
    $starts = array_column(array_merge(...array_column($times['days'], 'starts')), 'staff', 'at');
    // by whom else, or half an hour later by the same: what it takes itself is not in the way
    expect($starts[Yard::at('10:30')])->toContain($this->ana->id)
        ->and($starts[Yard::at('10:30')])->toContain($this->bo->id)
        ->and($starts[Yard::at('10:00')])->toBe([$this->bo->id]); // where it is is no move
    $moved = ($this->act)($booking, 'move', ['start' => Yard::at('10:30')])->assertOk()->json();
    expect($moved)->toMatchArray(['start' => Yard::at('10:30'), 'state' => 'confirmed', 'total' => 4800])
        ->and($moved['staff'][0]['id'])->toBe($this->ana->id)
        ->and(($this->letter)('moved')->text)->toContain('10:30')
        ->and(OutboxEntry::query()->where('occasion', 'reminder')->where('state', 'waiting')->count())->toBe(1);
    ($this->act)($booking, 'move', ['start' => Yard::at('10:40')])->assertStatus(409); // not on the grid
    ($this->act)($booking, 'move', ['start' => Yard::at('11:00'), 'staff' => $this->bo->id])->assertOk();
    ($this->act)($booking, 'move', ['start' => 'soon'])->assertUnprocessable();
    expect(Booking::query()->sole()->staff_ids)->toBe([$this->bo->id]);
    $this->yard->lesson->update(['notice_minutes' => 5 * 1440]);
    App\Models\Business::rulesChanged($this->yard->business->id);
    ($this->act)($booking, 'move', ['start' => Yard::at('12:00')])->assertStatus(409); // a client keeps to notice
});

it('waits for a yes again where the business answers each time', function (): void {
    $booking = ($this->booked)();
    $this->yard->lesson->update(['approval' => true]);
    $moved = ($this->act)($booking, 'move', ['start' => Yard::at('12:00')])->assertOk()->json();
    expect($moved['state'])->toBe('pending')
        ->and(OutboxEntry::query()->where('occasion', 'moved')->count())->toBe(0)
        ->and(OutboxEntry::query()->where('occasion', 'pending')->count())->toBeGreaterThan(1)
        ->and(OutboxEntry::query()->where('occasion', 'reminder')->where('state', 'waiting')->count())->toBe(0);
});

it('is not moved, nor made smaller, once cancelling it would cost something', function (): void {
    ($this->terms)(7 * 1440);
    $booking = ($this->booked)();
    expect($booking['changes']['move'])->toBeFalse();
    $this->getJson("/gate-api/bookings/{$booking['id']}/move-times?{$booking['query']}")->assertStatus(409);
    ($this->act)($booking, 'move', ['start' => Yard::at('12:00')])->assertStatus(409);
    expect(Booking::query()->sole()->starts_at->format('H:i'))->toBe('10:00');
});

it('moves one part of a visit, and reminds of each date once', function (): void {
    $then = [['service' => $this->yard->lesson->id]];
    $booking = ($this->booked)(['then' => $then]);
    [$first, $second] = $booking['parts'];
    expect($second['mayMove'])->toBeTrue();
    $reminded = fn (): array => OutboxEntry::query()
        ->where('occasion', 'reminder')
        ->where('state', 'waiting')
        ->orderBy('due_at')
        ->pluck('booking_id')
        ->all();
    ($this->act)($second, 'move', ['start' => Yard::at('15:00'), 'alone' => true])->assertOk();
    expect($reminded())->toBe([$first['id']]);
    $apart = ($this->act)($second, 'move', ['start' => Yard::at('15:00', 3), 'alone' => true])->assertOk()->json();
    expect($reminded())->toBe([$first['id'], $second['id']])
        ->and($apart['changes']['move'])->toBeFalse() // nobody waits that long between two of them
        ->and(substr($apart['end'], 0, 10))->toBe(substr(Yard::at('10:00'), 0, 10)); // when they leave that day
    $reminder = OutboxEntry::query()->where('occasion', 'reminder')->where('booking_id', $second['id'])->sole();
    expect(app(App\Messages\Wording::class)->letter($reminder)->text)
        ->toContain('15:00', 'In all:', '€96.00')
        ->not->toContain('10:00'); // the other one was on another day
    ($this->act)($first, 'move', ['start' => Yard::at('10:30')])
        ->assertStatus(409)
        ->assertJsonPath('code', 'too_late');
    ($this->act)($first, 'cancel', ['alone' => true])->assertOk();
    expect($reminded())->toBe([$second['id']]);
});

it('moves all of a visit at once, its own parts in nobody’s way, or nothing of it', function (): void {
    $booking = ($this->booked)(['then' => [['service' => $this->yard->lesson->id, 'staff' => $this->ana->id]]]);
    expect($booking['changes']['move'])->toBeTrue();
    $asked = "/gate-api/bookings/{$booking['id']}/move-times?{$booking['query']}";
    $times = $this->getJson($asked)->assertOk()->json();
    $starts = array_column(array_merge(...array_column($times['days'], 'starts')), 'minutes', 'at');
    expect($starts[Yard::at('10:30')])->toBe(120)
        ->and($starts)->not->toHaveKey(Yard::at('10:00')); // where it is is no move
    $alone = $this->getJson("{$asked}&alone=1")->assertOk()->json();
    expect($alone['days'][2]['starts'][0]['minutes'])->toBeNull();

    $moved = ($this->act)($booking, 'move', ['start' => Yard::at('10:30')])->assertOk()->json();
    $ends = array_column($moved['parts'], 'end', 'start');
    expect($ends)->toBe([Yard::at('10:30') => Yard::at('11:30'), Yard::at('11:30') => Yard::at('12:30')])
        ->and($moved['total'])->toBe(9600)
        ->and(OutboxEntry::query()->where('occasion', 'moved')->where('audience', 'client')->count())->toBe(1)
        ->and(($this->letter)('moved')->text)->toContain('11:30')
        ->and(OutboxEntry::query()->where('occasion', 'reminder')->where('state', 'waiting')->count())->toBe(1);

    $this->yard->book('15:00');
    $this->yard->book('15:00', 'nora@post.example');
    ($this->act)($booking, 'move', ['start' => Yard::at('14:30')])->assertStatus(409);
    expect(Booking::query()->whereNotNull('visit_id')->orderBy('starts_at')->get()->map->starts_at->map->format('H:i'))
        ->toArray()->toBe(['10:30', '11:30']);

    $this->yard->lesson->update(['approval' => true]);
    $asks = ($this->act)($booking, 'move', ['start' => Yard::at('12:00')])->assertOk()->json();
    expect(array_column($asks['parts'], 'state'))->toBe(['pending', 'pending']);
});

it('takes more or fewer along, where there is room, and sells it anew', function (): void {
    $this->yard->lesson->update([
        'max_party' => 3,
        'pricing' => ['perPerson' => true] + Yard::pricing(4800),
        'payment_terms' => Yard::payment('full'),
    ]);
    $booking = ($this->booked)();
    Yard::settle();
    $this->processor->state = 'paid';
    Yard::settle();
    app(DeliverDue::class)(lane: 'mail');
    $party = fn (int $party): TestResponse => ($this->act)($booking, 'party', ['party' => $party]);
    $more = $party(3)->assertOk()->json();
    expect($more['changes']['party'])->toBe(['least' => 1, 'most' => 3])
        ->and($more['total'])->toBeGreaterThan(4800)
        ->and($more['amounts']['due'])->toBe($more['total'] - 4800)
        ->and($more['pay'])->not->toBeNull()
        ->and(($this->letter)('changed')->text)->toContain('3 people');
    $party(4)->assertStatus(409);
    $party(0)->assertUnprocessable();
    $fewer = $party(1)->assertOk()->json();
    expect($fewer['amounts']['due'])->toBe(0)->and(Refund::query()->count())->toBe(0);
    Booking::query()->update(['cancellation' => ['freeMinutes' => 7 * 1440, 'percent' => '50', 'amount' => null]]);
    $party(2)->assertOk();
    $party(1)->assertStatus(409); // that would get round what cancelling costs
    expect(Booking::query()->sole()->party)->toBe(2);
});

it('changes answers and the note until it begins', function (): void {
    $question = Question::query()->create([
        'business_id' => $this->yard->business->id,
        'text' => 'Left-handed?',
        'type' => 'yesno',
        'choices' => [],
        'required' => false,
        'position' => 0,
    ]);
    $booking = ($this->booked)();
    app(DeliverDue::class)();
    $told = ($this->act)($booking, 'details', ['note' => 'By bus.', 'answers' => [$question->id => 'yes']])
        ->assertOk()
        ->json();
    expect($told['note'])->toBe('By bus.')
        ->and($told['answers'])->toBe([$question->id => ['yes']])
        ->and(Booking::query()->sole()->answers[0]->text)->toBe('yes')
        ->and(OutboxEntry::query()->where('occasion', 'changed')->where('audience', 'owner')->count())->toBe(1);
    ($this->act)($booking, 'details', ['note' => 'By bus.', 'answers' => [$question->id => 'yes']])->assertOk();
    expect(OutboxEntry::query()->where('occasion', 'changed')->where('audience', 'owner')->count())->toBe(1);
    ($this->act)($booking, 'details', ['note' => '', 'answers' => [$question->id => 'maybe']])->assertUnprocessable();
    app(Clock::class)->putForward(3 * 1440);
    ($this->act)($booking, 'details', ['note' => 'Late.', 'answers' => []])->assertStatus(409);
    ($this->act)($booking, 'party', ['party' => 1])->assertStatus(409);
});

it('leads to the same once more', function (): void {
    $booking = ($this->booked)(['then' => [['service' => $this->yard->lesson->id]]]);
    $page = $this->get($booking['again'])->assertOk()->getContent();
    preg_match('#id="first">(.*?)</script>#s', (string) $page, $found);
    $first = json_decode($found[1], true);
    expect($first['times'])->toMatchArray(['service' => $this->yard->lesson->id, 'staff' => $this->ana->id])
        ->and($first['visit']['then'][0]['service'])->toBe($this->yard->lesson->id);
});

it('says of a link that it is too old, and mails a new one to whom it belonged', function (): void {
    $booking = ($this->booked)();
    $path = "/b/{$booking['id']}?{$booking['query']}";
    $this->get($path)->assertOk();
    $this->actingAs($this->yard->owner)
        ->postJson("/api/businesses/yard/bookings/{$booking['id']}/links/void")
        ->assertOk();
    $this->get($path)->assertStatus(410)->assertSee('too old');
    ($this->act)($booking, 'cancel')->assertStatus(410);
    $this->get(str_replace('seal=', 'seal=0', $path))->assertNotFound();
    $this->post("/b/{$booking['id']}/renew?{$booking['query']}")->assertOk()->assertSee('on its way');
    $this->post("/b/{$booking['id']}/renew?{$booking['query']}")->assertOk();
    expect(OutboxEntry::query()->where('occasion', 'link_again')->count())->toBe(1)
        ->and(OutboxEntry::query()->where('occasion', 'link_again')->value('recipient'))->toBe('rosa@post.example');
    preg_match('#(/b/\S+)#', ($this->letter)('link_again')->text, $link);
    $this->get($link[1])->assertOk();
    $this->post("/b/{$booking['id']}/renew?until=1&seal=none")->assertNotFound();
    app(Clock::class)->putForward(60 * 1440);
    $this->get($link[1])->assertStatus(410);
});

it('shows a client all of their own, by a link that is mailed to them alone', function (): void {
    $booking = ($this->booked)();
    $ask = fn (string $mail): TestResponse => $this->postJson('/gate-api/pages/yard/own-link', ['email' => $mail]);
    $ask('nobody@post.example')->assertOk()->assertExactJson(['sent' => true]);
    expect(OutboxEntry::query()->where('occasion', 'own_page')->count())->toBe(0);
    $ask('ROSA@post.example')->assertOk()->assertExactJson(['sent' => true]);
    $ask('no address')->assertUnprocessable();
    preg_match('#(/c/\S+)#', ($this->letter)('own_page')->text, $link);
    preg_match('#id="first">(.*?)</script>#s', (string) $this->get($link[1])->assertOk()->getContent(), $found);
    $own = json_decode($found[1], true)['own'];
    expect($own['coming'])->toHaveCount(1)
        ->and($own['passed'])->toBe([])
        ->and($own['coming'][0]['services'])->toBe(['Lesson'])
        ->and(Client::query()->sole()->proven_at)->not->toBeNull();
    app(Clock::class)->putForward(3 * 1440);
    preg_match('#id="first">(.*?)</script>#s', (string) $this->get($link[1])->getContent(), $found);
    expect(json_decode($found[1], true)['own']['passed'])->toHaveCount(1);
    $this->get("{$link[1]}0")->assertNotFound();
    app(Clock::class)->putForward(8 * 1440);
    $this->get($link[1])->assertStatus(410);
    $this->post(str_replace('?', '/renew?', $link[1]))->assertOk();
    expect(OutboxEntry::query()->where('occasion', 'own_page')->count())->toBe(2);
});

it('hands out papers of one’s own sales alone', function (): void {
    $this->yard->lesson->update(['payment_terms' => Yard::payment('full')]);
    ($this->booked)();
    Yard::settle();
    $this->processor->state = 'paid';
    Yard::settle();
    $own = app(App\Support\OwnPageLink::class);
    [$mine, $sale] = [Client::query()->sole(), Sale::query()->sole()];
    $query = $own->query($mine);
    $this->get("/c/{$mine->id}/receipts/{$sale->id}?{$query}")
        ->assertOk()
        ->assertHeader('Content-Type', 'application/pdf');
    $other = Client::query()->create([
        'business_id' => $this->yard->business->id,
        'name' => 'Tom Hale',
        'email' => 'tom@post.example',
        'phone' => '',
    ]);
    $this->get("/c/{$other->id}/receipts/{$sale->id}?{$own->query($other)}")->assertNotFound();
    $this->get("/c/{$other->id}/receipts/{$sale->id}?{$query}")->assertNotFound();
    $this->actingAs($this->yard->owner)
        ->postJson("/api/businesses/yard/sales/{$sale->id}/invoice", ['name' => 'Rosa', 'address' => ''])
        ->assertSuccessful();
    $document = App\Models\Document::query()->sole();
    $this->get("/c/{$mine->id}/documents/{$document->id}?{$query}")->assertOk();
    $this->get("/c/{$other->id}/documents/{$document->id}?{$own->query($other)}")->assertNotFound();
});

it('asks to agree to what the business has written, and keeps it as it was worded then', function (): void {
    $this->yard->business->update(['consent' => 'I am fit to work with clay.']);
    $held = $this->postJson('/gate-api/pages/yard/holds', [
        'service' => $this->yard->lesson->id,
        'staff' => null,
        'start' => Yard::at('10:00'),
    ])->json();
    $details = ['name' => 'Rosa Bell', 'email' => 'rosa@post.example', 'phone' => '', 'note' => ''];
    expect(($this->act)($held, 'book', $details)->assertUnprocessable()->json('fields'))->toHaveKey('agreed');
    ($this->act)($held, 'book', ['agreed' => false] + $details)->assertUnprocessable();
    ($this->act)($held, 'book', ['agreed' => true] + $details)->assertOk();
    $this->yard->business->update(['consent' => 'Something else.']);
    $card = $this->actingAs($this->yard->owner)->getJson("/api/businesses/yard/bookings/{$held['id']}")->assertOk();
    expect($card->json('consent.text'))->toBe('I am fit to work with clay.');
});

it('says what to bring, on the page and in the mail', function (): void {
    $this->yard->lesson->update(['bring' => 'A towel.']);
    expect(($this->booked)()['bring'])->toBe(['A towel.'])
        ->and(($this->letter)('booked')->text)->toContain('A towel.');
});

it('fills in for whom a link leads back that was mailed to them, and for nobody else', function (): void {
    $ask = ['business_id' => $this->yard->business->id, 'choices' => [], 'required' => false];
    $where = Question::query()->create($ask + ['text' => 'Where is it?', 'type' => 'address', 'position' => 0])->id;
    $why = Question::query()->create($ask + ['text' => 'What for?', 'type' => 'short', 'position' => 1])->id;
    $booking = ($this->booked)();
    ($this->act)($booking, 'details', [
        'note' => '',
        'answers' => [$where => "3 Mill Lane\nQuernmoor", $why => 'A bowl'],
    ])->assertOk();
    $known = function (string $path): ?array {
        preg_match('#id="first">(.*?)</script>#s', (string) $this->get($path)->assertOk()->getContent(), $found);

        return json_decode($found[1], true)['known'];
    };
    $mailed = "{$booking['again']}&mailed=".app(App\Support\ClientLink::class)->mailSeal(Booking::query()->sole());
    expect($known($booking['again']))->toBeNull() // whoever has booked was shown it, whosever address they typed
        ->and($known($mailed))->toMatchArray([
            'name' => 'Rosa Bell',
            'email' => 'rosa@post.example',
            'phone' => '',
            'addresses' => [$where => "3 Mill Lane\nQuernmoor"], // what else was answered was for that one time
        ])
        ->and($known(str_replace('seal=', 'seal=0', $mailed)))->toBeNull()
        ->and($known('/book/yard'))->toBeNull();
    $theirs = Yard::open(slug: 'theirs', people: 1);
    expect($known(str_replace('/book/yard', '/book/theirs', $mailed)))->toBeNull();
    Client::query()->update(['email' => 'rosa@elsewhere.example']);
    expect($known($mailed))->toBeNull(); // it was mailed to another address
    Client::query()->update(['email' => 'rosa@post.example']);
    expect($known($mailed))->not->toBeNull();
    Booking::query()->update(['link_version' => 1]);
    expect($known($mailed))->toBeNull();
});

it('has their own prices for whoever comes by a mail, and for nobody else (rules.md P1, P5)', function (): void {
    $lesson = $this->yard->lesson->id;
    $booking = ($this->booked)();
    $client = Client::query()->sole();
    $client->update(['rates' => [['service' => $lesson, 'amount' => 3000]]]);
    App\Models\Business::rulesChanged($this->yard->business->id);
    $known = "of={$booking['id']}&{$booking['query']}";
    $total = fn (string $link): int => $this
        ->getJson("/gate-api/pages/yard/quote?service={$lesson}&known=".urlencode($link))
        ->assertOk()
        ->json('total');
    $hold = fn (string $link, string $time): array => $this->postJson('/gate-api/pages/yard/holds', [
        'service' => $lesson,
        'start' => Yard::at($time),
        'known' => $link,
    ])->assertCreated()->json();
    $client->update(['proven_at' => now()]); // by another booking of theirs
    expect($total($known))->toBe(4800)->and($hold($known, '12:00')['total'])->toBe(4800); // this one was not mailed
    $known .= '&mailed='.app(App\Support\ClientLink::class)->mailSeal(Booking::query()->findOrFail($booking['id']));
    expect($total($known))->toBe(3000)->and($total(str_replace('seal=', 'seal=0', $known)))->toBe(4800);
    $page = (string) $this->get(app(BookAgainLink::class)->mailedPath(
        $this->yard->business,
        [Booking::query()->findOrFail($booking['id'])],
    ))->assertOk()->getContent();
    preg_match('#id="first">(.*?)</script>#s', $page, $found);
    expect(json_decode($found[1], true)['quote']['total'])->toBe(3000);

    $held = $hold($known, '14:00');
    expect($held['total'])->toBe(3000);
    $book = fn (string $mail): TestResponse => ($this->act)($held, 'book', [
        'name' => 'Rosa Bell',
        'email' => $mail,
        'phone' => '',
        'note' => '',
    ]);
    expect($book('nora@post.example')->assertUnprocessable()->json('fields'))->toHaveKey('email');
    expect(Client::query()->count())->toBe(1);
    expect($book('rosa@post.example')->assertOk()->json('booking.total'))->toBe(3000)
        ->and(Sale::query()->latest('id')->first()->owed())->toBe(3000);
});

it('takes what comes often for less, where it is known who comes (rules.md P5)', function (): void {
    $booking = ($this->booked)();
    $frequency = [['period' => 'month', 'levels' => [['from' => 2, 'amount' => 4000]]]];
    $this->yard->lesson->update(['pricing' => ['frequency' => $frequency] + Yard::pricing(4800)]);
    App\Models\Business::rulesChanged($this->yard->business->id);
    $known = "of={$booking['id']}&".app(App\Support\ClientLink::class)->mailedQuery(Booking::query()->sole());
    $at = fn (?string $link): array => $this->postJson('/gate-api/pages/yard/holds', [
        'service' => $this->yard->lesson->id,
        'start' => Yard::at('14:00'),
    ] + ($link === null ? [] : ['known' => $link]))->assertCreated()->json();
    $held = $at(null);
    expect($held['total'])->toBe(4800);
    ($this->act)($held, 'cancel');
    $held = $at($known);
    expect($held['total'])->toBe(4000);
    // the code field asks for the price anew: it stays theirs
    $named = ($this->act)($held, 'codes', ['codes' => []])->assertOk()->json('booking');
    expect($named['total'])->toBe(4000);
});
