<?php

declare(strict_types=1);

use App\Bookings\ExpireHolds;
use App\Bookings\ProofOfAddress;
use App\Messages\Wording;
use App\Models\Booking;
use App\Models\OutboxEntry;
use App\Models\Payment;
use App\Models\Refund;
use App\Models\Sale;
use App\Models\Service;
use App\Payments\SettlePayment;
use App\Processor\Processor;
use App\Support\Clock;
use Illuminate\Testing\TestResponse;
use Tests\Support\FakeProcessor;
use Tests\Support\Yard;
use YardBell\Core\Booking\State;

/* A client books several services in one visit (rules.md T20): held, paid and booked together, or not at all. */

beforeEach(function (): void {
    $this->processor = new FakeProcessor();
    $this->app->instance(Processor::class, $this->processor);
    $this->yard = Yard::open(['price' => 4800], people: 2);
    [$this->ana, $this->bo] = $this->yard->staff;
    $this->glaze = Yard::offer(
        $this->yard->business,
        ['name' => 'Glazing', 'minutes' => 25, 'clearup' => 5, 'price' => 1500],
        [$this->bo],
    );
    $this->asked = ['service' => $this->glaze->id, 'then' => [['service' => $this->yard->lesson->id]]];
    $this->hold = fn (array $more = []): TestResponse => $this->postJson(
        '/gate-api/pages/yard/holds',
        $more + [...$this->asked, 'start' => Yard::at('10:00')],
    );
    $this->act = fn (array $held, string $act, array $body = []): TestResponse => $this->postJson(
        "/gate-api/bookings/{$held['id']}/{$act}?{$held['query']}",
        $body,
    );
    $this->book = fn (array $held, array $more = []): TestResponse => ($this->act)($held, 'book', $more + [
        'name' => 'Rosa Bell',
        'email' => 'rosa@post.example',
        'phone' => '',
        'note' => '',
    ]);
    $this->states = fn (): array => Booking::query()->orderBy('starts_at')->pluck('state')->all();
});

it('shows when a visit can begin, how long it takes, and what it costs', function (): void {
    $then = json_encode($this->asked['then']);
    $asked = http_build_query(['then' => $then] + $this->asked);
    $times = $this->getJson("/gate-api/pages/yard/open-times?{$asked}&from=".substr(Yard::at('10:00'), 0, 10))
        ->assertOk()
        ->json();
    $starts = collect($times['days'])->firstWhere('date', substr(Yard::at('10:00'), 0, 10))['starts'];
    expect(array_column($starts, 'at'))->toContain(Yard::at('10:00'))
        ->and(array_column($starts, 'at'))->not->toContain(Yard::at('16:00'))
        ->and($starts[0]['minutes'])->toBe(85)
        ->and($times['soonest'])->toHaveCount(3);
    $quote = $this->getJson("/gate-api/pages/yard/quote?{$asked}")->assertOk()->json();
    expect($quote)->toMatchArray(['total' => 6300, 'minutes' => 85, 'exact' => true])
        ->and(array_column($quote['lines'], 'amount'))->toBe([1500, 4800]);
});

it('refuses what is no visit', function (): void {
    $theirs = Yard::open(slug: 'theirs', people: 1)->lesson->id;
    foreach (
        [
            ['then' => [['service' => $theirs]]],
            ['then' => [['service' => ['x']]]],
            ['then' => 'x'],
            ['then' => array_fill(0, 6, ['service' => $this->glaze->id])],
            ['maxWait' => 241],
            ['then' => [['service' => $this->glaze->id, 'minutes' => 'x']]],
        ] as $wrong
    ) {
        ($this->hold)($wrong)->assertUnprocessable();
    }
    expect(Booking::query()->count())->toBe(0);
});

it('holds and books all of it, as one sale, and tells of it once', function (): void {
    $held = ($this->hold)()->assertCreated()->json();
    expect(array_column(array_column($held['parts'], 'service'), 'name'))->toBe(['Glazing', 'Lesson'])
        ->and($held['start'])->toBe(Yard::at('10:00'))
        ->and($held['end'])->toBe(Yard::at('11:25'))
        ->and($held['total'])->toBe(6300)
        ->and($held['told']['price'])->toBe('€63.00')
        ->and(array_column($held['lines'], 'label'))->toBe(['Glazing', 'Lesson']);
    $booked = ($this->book)($held)->assertOk()->json('booking');
    expect($booked['state'])->toBe('confirmed')
        ->and($booked['amounts']['due'])->toBe(6300)
        ->and(($this->states)())->toBe([State::Confirmed, State::Confirmed])
        ->and(Sale::query()->sole()->owed())->toBe(6300);
    ($this->book)($held)->assertOk(); // the same form sent twice
    $calendar = (string) $this->get("/b/{$held['id']}/calendar?{$held['query']}")->assertOk()->getContent();
    expect(substr_count($calendar, 'BEGIN:VEVENT'))->toBe(2);
    $told = OutboxEntry::query()->where('occasion', 'booked')->where('audience', 'client')->sole();
    $letter = app(Wording::class)->letter($told);
    expect(substr_count($letter->text, '/b/'))->toBe(1)
        ->and(substr_count($letter->text, '€63.00'))->toBe(1)
        ->and(substr_count($letter->text, 'Price:'))->toBe(1)
        ->and(Sale::query()->count())->toBe(1)
        ->and(OutboxEntry::query()->where('occasion', 'reminder')->count())->toBe(1);
});

it('keeps none of it where one part cannot be had, and lets go of all of it', function (): void {
    $held = ($this->hold)()->json();
    ($this->hold)(['start' => Yard::at('10:00')])->assertStatus(409); // Bo glazes for somebody else
    expect(Booking::query()->where('state', 'held')->count())->toBe(2);
    ($this->act)($held, 'cancel', ['alone' => true])->assertOk(); // what is held is held together
    expect(($this->states)())->toBe([State::Cancelled, State::Cancelled]);
});

it('takes a visit again whose hold has run out, unless one part of it is somebody else’s by now', function (): void {
    $held = ($this->hold)()->json();
    app(Clock::class)->putForward(11);
    expect(($this->book)($held)->assertOk()->json('booking.state'))->toBe('confirmed');
    $other = ($this->hold)(['start' => Yard::at('13:00')])->json();
    app(Clock::class)->putForward(11);
    foreach ($this->yard->staff as $who) {
        $one = ['service' => $this->yard->lesson->id, 'staff' => $who->id, 'start' => Yard::at('13:30'), 'then' => []];
        ($this->hold)($one)->assertCreated();
    }
    ($this->book)($other)->assertStatus(409);
    expect(Booking::query()->where('state', 'confirmed')->count())->toBe(2);
});

it('is paid once, as one sum, and booked when that has come', function (): void {
    Service::query()->update(['payment_terms' => Yard::payment('full')]);
    $held = ($this->hold)()->json();
    expect($held['amounts']['dueNow'])->toBe(6300);
    ($this->book)($held)->assertOk();
    Yard::settle();
    expect(Payment::query()->sole()->amount)->toBe(6300)
        ->and(($this->states)())->toBe([State::Held, State::Held]);
    $this->processor->state = 'paid';
    Yard::settle();
    expect(($this->states)())->toBe([State::Confirmed, State::Confirmed])
        ->and(Sale::query()->sole()->owed())->toBe(0);
});

it('gives all of a late payment back where one part is somebody else’s by then', function (): void {
    Service::query()->update(['payment_terms' => Yard::payment('full')]);
    ($this->book)(($this->hold)()->json())->assertOk();
    Yard::settle();
    $start = Yard::at('10:30'); // of that day, also where midnight passes now
    app(Clock::class)->putForward(45);
    foreach ($this->yard->staff as $who) {
        $one = ['service' => $this->yard->lesson->id, 'staff' => $who->id, 'start' => $start, 'then' => []];
        ($this->hold)($one)->assertCreated();
    }
    $this->processor->state = 'paid';
    Yard::settle();
    expect(($this->states)())->toBe([State::Expired, State::Expired, State::Held, State::Held])
        ->and(Sale::query()->sole()->owed())->toBe(0)
        ->and(Refund::query()->sole()->amount)->toBe(6300)
        ->and(OutboxEntry::query()->where('occasion', 'paid_too_late')->count())->toBe(1);
});

it('asks for a deposit and for a card that is kept, and books once both have come', function (): void {
    $this->glaze->update(['payment_terms' => Yard::payment('deposit', 500)]);
    $this->yard->lesson->update(['payment_terms' => Yard::payment('card_hold')]);
    ($this->book)(($this->hold)()->json())->assertOk();
    Yard::settle();
    expect(Payment::query()->orderBy('id')->pluck('amount')->all())->toBe([500, 0]);
    [$deposit, $card] = Payment::query()->orderBy('id')->get()->all();
    $came = function (Payment $payment, string $state): void {
        $this->processor->state = $state;
        app(SettlePayment::class)($payment->refresh());
    };
    $came($deposit, 'paid');
    expect(($this->states)())->toBe([State::Held, State::Held]);
    $came($card, 'kept');
    expect(($this->states)())->toBe([State::Confirmed, State::Confirmed])
        ->and(Sale::query()->sole()->owed())->toBe(5800);
});

it('gives a deposit back where the card asked for beside it never comes', function (): void {
    $this->glaze->update(['payment_terms' => Yard::payment('deposit', 500)]);
    $this->yard->lesson->update(['payment_terms' => Yard::payment('card_hold')]);
    ($this->book)(($this->hold)()->json())->assertOk();
    Yard::settle();
    $this->processor->state = 'paid';
    app(SettlePayment::class)(Payment::query()->where('amount', 500)->sole());
    $this->processor->state = 'open';
    app(Clock::class)->putForward(180);
    $this->travel(2)->hours();
    app(ExpireHolds::class)();
    expect(($this->states)())->toBe([State::Expired, State::Expired])
        ->and(Refund::query()->sole()->amount)->toBe(500)
        ->and(Sale::query()->sole()->owed())->toBe(0);
});

it('is only asked for where one part waits for a yes, and answered as one', function (): void {
    $this->yard->lesson->update(['approval' => true]);
    $held = ($this->hold)()->json();
    expect($held['approval'])->toBeTrue();
    expect(($this->book)($held)->json('booking.state'))->toBe('pending')
        ->and(($this->states)())->toBe([State::Pending, State::Pending]);
    $this->actingAs($this->yard->owner)
        ->postJson("/api/businesses/yard/bookings/{$held['parts'][1]['id']}/answer", ['accept' => true, 'why' => ''])
        ->assertOk();
    expect(($this->states)())->toBe([State::Confirmed, State::Confirmed])
        ->and(OutboxEntry::query()->where('occasion', 'booked')->where('audience', 'client')->count())->toBe(1)
        ->and(OutboxEntry::query()->where('occasion', 'reminder')->count())->toBe(1);
});

it('proves an address once for all of it', function (): void {
    ProofOfAddress::abused($this->yard->business, app(Clock::class)->now());
    $held = ($this->hold)()->json();
    expect(($this->book)($held)->json('booking.awaitsProof'))->toBeTrue();
    $told = OutboxEntry::query()->where('occasion', 'prove')->sole();
    $text = app(Wording::class)->letter($told)->text;
    preg_match('#/b/(\S+)#', $text, $link);
    [$id, $query] = explode('?', $link[1]);
    $this->postJson("/gate-api/bookings/{$id}/prove?{$query}")->assertOk();
    expect(($this->states)())->toBe([State::Confirmed, State::Confirmed]);
});

it('is cancelled in part, which costs what that part costs, or as a whole, which is told once', function (): void {
    $held = ($this->hold)()->json();
    $booked = ($this->book)($held)->json('booking');
    $left = ($this->act)($booked['parts'][0], 'cancel', ['alone' => true])->assertOk()->json();
    expect(array_column($left['parts'], 'state'))->toBe(['cancelled', 'confirmed'])
        ->and($left['state'])->toBe('confirmed')
        ->and($left['start'])->toBe(Yard::at('10:25'))
        ->and($left['amounts']['due'])->toBe(4800);
    $again = ($this->book)(($this->hold)(['start' => Yard::at('13:00')])->json())->json('booking');
    ($this->act)($again, 'cancel')->assertOk()->assertJson(['state' => 'cancelled']);
    $told = OutboxEntry::query()->where('occasion', 'cancelled')->where('audience', 'client')->latest('id')->first();
    $letter = app(Wording::class)->letter($told);
    expect($letter->subject)->toStartWith('Cancelled: Glazing and one more')
        ->and(substr_count((string) $letter->calendar, 'STATUS:CANCELLED'))->toBe(2)
        ->and(OutboxEntry::query()->where('occasion', 'cancelled')->where('audience', 'client')->count())->toBe(2);
});

it('keeps the same money once, however many parts are cancelled too late', function (): void {
    $terms = ['freeMinutes' => 7 * 1440, 'percent' => '100', 'amount' => null];
    $this->glaze->update(['payment_terms' => Yard::payment('deposit', 500), 'cancellation' => $terms]);
    $this->yard->lesson->update(['cancellation' => $terms]);
    $held = ($this->hold)()->json();
    ($this->book)($held)->assertOk();
    Yard::settle();
    $this->processor->state = 'paid';
    Yard::settle();
    $shown = $this->getJson("/gate-api/bookings/{$held['id']}?{$held['query']}")->assertOk()->json();
    expect($shown['state'])->toBe('confirmed')->and($shown['cancelCosts'])->toBe(500);
    ($this->act)($held, 'cancel')->assertOk();
    expect(Booking::query()->sum('fee'))->toEqual(500)->and(Sale::query()->sole()->owed())->toBe(0);
});

it('is one order: a code’s amount goes once, and its parts count together (rules.md P5, P7)', function (): void {
    $code = ['business_id' => $this->yard->business->id, 'code' => 'TWENTY', 'amount' => 2000, 'uses' => 1];
    App\Models\OfferCode::query()->create($code + ['position' => 0]);
    $held = ($this->hold)()->assertCreated()->json();
    $named = ($this->act)($held, 'codes', ['codes' => ['twenty']])->assertOk()->json();
    expect($named['booking']['total'])->toBe(4300)->and($named['codes'][0]['why'])->toBeNull();
    $again = ($this->act)($held, 'codes', ['codes' => ['twenty']])->assertOk()->json();
    expect($again['booking']['total'])->toBe(4300); // named again, in place of before
    $booked = ($this->book)($held)->assertOk()->json('booking');
    expect($booked['total'])->toBe(4300)->and(Sale::query()->sole()->owed())->toBe(4300);

    $frequency = [['period' => 'day', 'levels' => [['from' => 2, 'amount' => 4000]]]];
    $this->yard->lesson->update(['pricing' => ['frequency' => $frequency] + Yard::pricing(4800)]);
    App\Models\Business::rulesChanged($this->yard->business->id);
    $lessons = ['service' => $this->yard->lesson->id, 'start' => Yard::at('13:00')];
    $alone = ($this->hold)($lessons + ['then' => []])->json();
    expect($alone['total'])->toBe(4800);
    ($this->act)($alone, 'cancel')->assertOk();
    $twice = ($this->hold)($lessons + ['then' => [['service' => $this->yard->lesson->id]]])->assertCreated()->json();
    expect($twice['total'])->toBe(8000);
});

it('says what would help where nothing is free, and how soon', function (): void {
    $this->yard->lesson->update(['lengths' => [60, 600], 'max_party' => 3]);
    $bag = App\Models\AddOn::query()->create([
        'business_id' => $this->yard->business->id,
        'name' => 'Kiln watch',
        'price' => 0,
        'minutes' => 600,
        'position' => 0,
    ]);
    App\Models\Business::rulesChanged($this->yard->business->id);
    $from = substr(Yard::at('10:00'), 0, 10);
    $ways = fn (array $asked): array => array_column(
        $this->getJson('/gate-api/pages/yard/helps?'.http_build_query($asked + ['from' => $from]))
            ->assertOk()
            ->json('ways'),
        null,
        'kind',
    );
    $lesson = ['service' => $this->yard->lesson->id];
    $long = $ways($lesson + ['minutes' => 600, 'staff' => $this->ana->id]);
    expect(array_keys($long))->toBe(['minutes']) // with anyone it would not fit either
        ->and($long['minutes'])->toMatchArray(['value' => '60', 'at' => Yard::at('09:00')]);
    expect($ways($lesson + ['addOns' => [$bag->id => 1]])['bare']['at'])->toBe(Yard::at('09:00'));
    $then = [['service' => $this->glaze->id]];
    $same = ['then' => json_encode($then), 'samePerson' => 1, 'service' => $this->glaze->id];
    expect(array_keys($ways($same)))->toContain('wait'); // Bo clears up in between
    $this->getJson('/gate-api/pages/yard/helps?service='.$this->yard->lesson->id)->assertUnprocessable();
});

it('says why nothing is free, and nothing of what others have booked', function (): void {
    $lesson = $this->yard->lesson;
    $lesson->update(['lengths' => [60, 600], 'max_party' => 3]);
    $glaze = $this->glaze->id;
    $says = function (array $asked, int $days = 2): string {
        App\Models\Business::rulesChanged($this->yard->business->id);
        $from = substr(Yard::at('10:00', $days), 0, 10);

        return $this->getJson('/gate-api/pages/yard/helps?'.http_build_query($asked + ['from' => $from]))
            ->assertOk()
            ->json('why');
    };
    expect($says(['service' => $lesson->id]))->toBe('')
        ->and($says(['service' => $lesson->id, 'party' => 4]))
        ->toBe('A party of 4 is more than the 3 that “Lesson” takes.')
        ->and($says(['service' => $lesson->id], 300))
        ->toStartWith('It is too far ahead: “Lesson” can be booked up to')
        ->and($says(['service' => $lesson->id, 'minutes' => 600]))->toBe('Nobody is here for this in these two weeks.')
        ->and($says(['service' => $glaze, 'staff' => $this->ana->id]))->toBe("{$this->ana->name} does not take this.");
    $then = json_encode([['service' => $glaze, 'staff' => $this->ana->id]]);
    expect($says(['service' => $lesson->id, 'then' => $then]))
        ->toBe("Glazing: {$this->ana->name} does not take this.")
        ->and($says(['service' => $lesson->id, 'minutes' => 600, 'then' => $then]))
        ->toBe('Lesson: Nobody is here for this in these two weeks.');
    $rest = ['business_id' => $this->yard->business->id, 'staff_id' => $this->bo->id];
    App\Models\TimeOff::query()->create($rest + [
        'from' => substr(Yard::at('00:00', 0), 0, 16),
        'to' => substr(Yard::at('00:00', 40), 0, 16),
    ]);
    expect($says(['service' => $glaze, 'staff' => $this->bo->id]))
        ->toBe("{$this->bo->name} is not here for this in these two weeks.");
    $same = json_encode([['service' => $lesson->id, 'staff' => $this->bo->id]]);
    expect($says(['service' => $lesson->id, 'staff' => $this->ana->id, 'then' => $same]))
        ->toBe("Lesson: {$this->bo->name} is not here for this in these two weeks.");
    $lesson->update(['lengths' => null, 'max_per_day' => 1]);
    foreach (range(2, 20) as $days) {
        $this->yard->book('10:00', 'nora@post.example', $days);
    }
    expect($says(['service' => $lesson->id]))->toBe('All times of these two weeks are taken.');
});

it('says of a visit what is due by whoever chooses to pay now, and asks for just that', function (): void {
    $this->glaze->update(['payment_terms' => Yard::payment('optional')]);
    App\Models\Business::rulesChanged($this->yard->business->id);
    $held = ($this->hold)()->assertCreated()->json();
    expect($held['total'])->toBe(6300)
        ->and($held['amounts'])->toMatchArray(['dueNow' => 0, 'payingNow' => 1500]); // the lesson is paid later
    ($this->book)($held, ['payNow' => true])->assertOk();
    expect(Payment::query()->sole()->amount)->toBe(1500);
});
