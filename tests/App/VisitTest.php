<?php

declare(strict_types=1);

use App\Messages\Wording;
use App\Models\Booking;
use App\Models\Client;
use App\Models\OutboxEntry;
use App\Models\Sale;
use App\Times\Choice;
use App\Times\PlanVisit;
use App\Times\VisitChoice;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Support\Yard;
use YardBell\Core\Availability\Relaxed;
use YardBell\Core\Time\Wall;

/* Several services one after the other, in one visit (rules.md T20). */

beforeEach(function (): void {
    $this->yard = Yard::open(['price' => 4800], people: 2);
    [$this->ana, $this->bo] = $this->yard->staff;
    $this->glaze = Yard::offer(
        $this->yard->business,
        ['name' => 'Glazing', 'minutes' => 25, 'clearup' => 5, 'price' => 1500],
        [$this->bo],
    );
    $this->actingAs($this->yard->owner);
    $this->asked = [
        'service' => $this->glaze->id,
        'party' => 1,
        'then' => [['service' => $this->yard->lesson->id]],
    ];
    $this->book = fn (array $more = []): TestResponse => $this->postJson('/api/businesses/yard/bookings', $more + [
        ...$this->asked,
        'start' => Yard::at('10:00'),
        'name' => 'Rosa Bell',
        'email' => 'rosa@post.example',
        'told' => true,
    ]);
    $this->times = fn (array $more = []): TestResponse => $this->postJson('/api/businesses/yard/desk-times', $more + [
        ...$this->asked,
        'date' => substr(Yard::at('10:00'), 0, 10),
    ]);
});

it('says when a visit can begin, and who takes which part of it', function (): void {
    $told = ($this->times)(['at' => '10:00'])->assertOk()->json();
    expect(array_column($told['starts'], 'at'))->toContain(Yard::at('10:00'))->not->toContain(Yard::at('16:00'))
        ->and($told['named'])->toMatchArray(['offered' => true, 'parts' => [
            ['service' => $this->glaze->id, 'at' => Yard::at('10:00'), 'staff' => [$this->bo->id]],
            ['service' => $this->yard->lesson->id, 'at' => Yard::at('10:25'), 'staff' => [$this->ana->id]],
        ]]);
    $same = ($this->times)(['at' => '10:00', 'samePerson' => true, 'maxWait' => 10])->json('named');
    expect($same['parts'][1])->toBe([
        'service' => $this->yard->lesson->id,
        'at' => Yard::at('10:30'),
        'staff' => [$this->bo->id],
    ]);
    $late = ($this->times)(['at' => '16:30'])->json('named');
    expect($late)->toMatchArray(['offered' => false, 'restFails' => true, 'parts' => []]);
    ($this->times)(['then' => [['service' => 'none']]])->assertUnprocessable();
    ($this->times)(['maxWait' => 241])->assertUnprocessable();
    ($this->times)(['then' => array_fill(0, 6, ['service' => $this->glaze->id])])->assertUnprocessable();
});

it('books all of it, as separate bookings of one sale, and tells of it once', function (): void {
    $card = ($this->book)()->assertCreated()->json();
    expect(array_column($card['visit'], 'service'))->toBe(['Glazing', 'Lesson'])
        ->and(Booking::query()->pluck('visit_id')->unique()->count())->toBe(1)
        ->and(Sale::query()->sole()->owed())->toBe(6300)
        ->and($card['due'])->toBe(6300)
        ->and(Client::query()->count())->toBe(1);
    $told = OutboxEntry::query()->where('occasion', 'booked')->where('audience', 'client')->sole();
    $letter = app(Wording::class)->letter($told);
    expect($letter->subject)->toStartWith('Booked: Glazing and one more, from')
        ->and($letter->text)->toContain('Glazing, 25 minutes', 'Lesson, 1 hour')
        ->and(substr_count($letter->text, '/b/'))->toBe(1) // it shows all of it
        ->and(substr_count((string) $letter->calendar, 'BEGIN:VEVENT'))->toBe(2)
        ->and($letter->calendarMethod)->toBe('PUBLISH')
        ->and(OutboxEntry::query()->where('occasion', 'reminder')->count())->toBe(1);
});

it('books none of it where one part cannot be had', function (): void {
    $plan = app(PlanVisit::class);
    $lesson = new Choice($this->yard->lesson->id);
    $visit = new VisitChoice([new Choice($this->glaze->id), $lesson]);
    $wishes = $plan->at($this->yard->business, $visit, Wall::instant(Yard::at('10:00')), new Relaxed());
    expect($wishes[1]->choice->member)->toBe($this->ana->id);
    foreach ([$this->ana, $this->bo] as $who) {
        $this->postJson('/api/businesses/yard/bookings', [
            'service' => $this->yard->lesson->id,
            'party' => 1,
            'staff' => $who->id,
            'start' => Yard::at('10:30'),
            'name' => 'Tom Hale',
            'told' => false,
        ])->assertCreated();
    }
    expect(($this->book)()->assertStatus(409)->json('near'))->not->toBeEmpty()
        ->and(Booking::query()->whereIn('state', ['held', 'confirmed'])->count())->toBe(2);
    // and where somebody is quicker than the plan
    expect(fn () => app(App\Bookings\BookAtDesk::class)(
        $this->yard->business,
        $wishes,
        new App\Clients\Guest(null, 'Rosa Bell', '', ''),
        '',
        [],
        false,
        'Desk',
        App\Bookings\Together::Visit,
    ))->toThrow(App\Times\TimeTaken::class);
    expect(Booking::query()->whereIn('state', ['held', 'confirmed'])->count())->toBe(2);
});

it('cancels one part, which leaves the sale to the other, or all of it', function (): void {
    $card = ($this->book)()->json();
    $second = $card['visit'][1]['id'];
    $cancel = fn (string $id, array $more = []): TestResponse => $this->postJson(
        "/api/businesses/yard/bookings/{$id}/cancel",
        ['asks' => 'house'] + $more,
    );
    expect($cancel($second)->assertOk()->json())->toMatchArray(['state' => 'cancelled', 'due' => 0])
        ->and(Sale::query()->sole()->owed())->toBe(1500)
        ->and($this->getJson("/api/businesses/yard/bookings/{$card['id']}")->json('due'))->toBe(1500);
    $whole = ($this->book)(['start' => Yard::at('13:00')])->json();
    $reminded = fn (): array => OutboxEntry::query()
        ->where('occasion', 'reminder')
        ->where('state', 'waiting')
        ->pluck('booking_id')
        ->all();
    expect($reminded())->toBe([$card['id'], $whole['id']]);
    $third = ($this->book)(['start' => Yard::at('11:30')])->json();
    $cancel($third['id'])->assertOk();
    expect($reminded())->toContain($third['visit'][1]['id']); // by the part it begins with now
    $cancel($third['visit'][1]['id'])->assertOk();
    $cancel($whole['visit'][1]['id'], ['whole' => true])->assertOk();
    expect(Booking::query()->where('state', 'cancelled')->count())->toBe(5);
});

it('shows which tags are of one visit', function (): void {
    $card = ($this->book)()->json();
    $date = substr(Yard::at('10:00'), 0, 10);
    $board = $this->getJson("/api/businesses/yard/board?date={$date}")->assertOk()->json();
    $tags = $board['tags'];
    expect($board['takings'])->toBe(['bookings' => 2, 'total' => 6300, 'due' => 6300]);
    expect(array_unique(array_column($tags, 'visit')))->toHaveCount(1)
        ->and($tags[0]['visit'])->toBe(Booking::query()->findOrFail($card['id'])->visit_id);
});

it('takes add-ons and codes at the desk, and books nothing where a code does not count', function (): void {
    $addOn = App\Models\AddOn::query()->create([
        'business_id' => $this->yard->business->id,
        'name' => 'Bag of clay',
        'price' => 800,
        'minutes' => 30,
        'position' => 0,
    ]);
    $code = App\Models\OfferCode::query()->create([
        'business_id' => $this->yard->business->id,
        'code' => 'TEN',
        'amount' => 1000,
        'position' => 0,
    ]);
    $one = [
        'service' => $this->yard->lesson->id,
        'then' => null,
        'addOns' => [['id' => $addOn->id, 'quantity' => 1]],
    ];
    $last = fn (array $more): string => last(
        array_column(($this->times)(['then' => null] + $more)->json('starts'), 'at'),
    );
    expect($last(['service' => $this->yard->lesson->id]))->toBe(Yard::at('16:00'))
        ->and($last($one))->toBe(Yard::at('15:30'));
    expect(($this->book)($one + ['codes' => ['NONE']])->assertUnprocessable()->json('fields.codes'))
        ->toBe('There is no such code.')
        ->and(Booking::query()->where('state', 'confirmed')->count())->toBe(0);
    $card = ($this->book)($one + ['codes' => ['ten']])->assertCreated()->json();
    expect($card)->toMatchArray(['total' => 4600, 'minutes' => 90])
        ->and(App\Models\Booking::query()->where('state', 'confirmed')->sole()->lines[1]['label'])->toBe('Bag of clay')
        ->and(DB::table('code_uses')->where('code_id', $code->id)->count())->toBe(1);
    ($this->book)(['addOns' => [['id' => 'none', 'quantity' => 1]]] + $one)->assertUnprocessable();
    ($this->book)(['addOns' => [['id' => $addOn->id, 'quantity' => 0]]] + $one)->assertUnprocessable();
});

it('takes a visit as one order: an amount once, one use, and nobody’s second visit (rules.md P7)', function (): void {
    App\Models\OfferCode::query()->create([
        'business_id' => $this->yard->business->id,
        'code' => 'TWENTY',
        'amount' => 2000,
        'uses' => 1,
        'uses_per_client' => 1,
        'first_visit_only' => true,
        'position' => 0,
    ]);
    ($this->book)(['codes' => ['twenty']])->assertCreated();
    $sold = Booking::query()->where('state', 'confirmed')->orderBy('starts_at')->pluck('price')->all();
    expect($sold)->toBe([0, 4300])
        ->and(Sale::query()->sole()->owed())->toBe(4300)
        ->and(array_values(app(App\Prices\CodeUses::class)->sofar($this->yard->business)))->toBe([1]);
    // more people come to one part: what the other has taken of the amount stays taken
    $lesson = Booking::query()->where('price', 4300)->sole();
    $quote = app(App\Bookings\BookingQuote::class)->of($this->yard->business, $lesson, ['TWENTY'], $lesson->client_id);
    expect($quote->total)->toBe(4300);
    expect(($this->book)(['codes' => ['twenty'], 'start' => Yard::at('13:00')])->assertUnprocessable()->json('fields'))
        ->toHaveKey('codes');
});

it('tells once of all dates of a repeat', function (): void {
    ($this->book)(['then' => null, 'more' => [['start' => Yard::at('10:00', 3)], ['start' => Yard::at('10:00', 4)]]])
        ->assertCreated();
    $told = OutboxEntry::query()->where('occasion', 'booked')->where('audience', 'client')->sole();
    $letter = app(Wording::class)->letter($told);
    expect($letter->subject)->toContain('and 2 more')
        ->and(substr_count((string) $letter->calendar, 'BEGIN:VEVENT'))->toBe(3)
        ->and(OutboxEntry::query()->where('occasion', 'booked')->where('audience', 'staff')->count())->toBeLessThan(3);
});

it('knows nothing of what is others’: their services, people and add-ons are none here', function (): void {
    $theirs = Yard::open(slug: 'theirs', people: 1);
    $addOn = App\Models\AddOn::query()->create([
        'business_id' => $theirs->business->id,
        'name' => 'Bag of clay',
        'price' => 800,
        'minutes' => 30,
        'position' => 0,
    ]);
    foreach (
        [
            ['then' => [['service' => $theirs->lesson->id]]],
            ['then' => [['service' => $this->yard->lesson->id, 'staff' => $theirs->staff[0]->id]]],
            ['addOns' => [['id' => $addOn->id, 'quantity' => 1]]],
        ] as $wrong
    ) {
        ($this->times)($wrong)->assertUnprocessable();
        ($this->book)($wrong)->assertUnprocessable();
    }
    expect(Booking::query()->count())->toBe(0);
});
