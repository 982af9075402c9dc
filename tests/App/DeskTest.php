<?php

declare(strict_types=1);

use App\Models\Booking;
use App\Models\BookingChange;
use App\Models\Business;
use App\Models\Client;
use App\Models\OutboxEntry;
use App\Models\Sale;
use Illuminate\Testing\TestResponse;
use Tests\Support\Yard;

/* The desk books for whoever stands there or waits on the telephone. */

beforeEach(function (): void {
    $this->yard = Yard::open(['price' => 4800], people: 2);
    $this->actingAs($this->yard->owner);
    $this->book = fn (array $more = []): TestResponse => $this->postJson('/api/businesses/yard/bookings', $more + [
        'service' => $this->yard->lesson->id,
        'party' => 1,
        'start' => Yard::at('10:00'),
        'name' => 'Rosa Bell',
        'told' => true,
    ]);
    $this->times = fn (array $more = []): TestResponse => $this->postJson('/api/businesses/yard/desk-times', $more + [
        'service' => $this->yard->lesson->id,
        'party' => 1,
        'date' => substr(Yard::at('10:00'), 0, 10),
    ]);
    $this->rosa = function (): Client { // known, and with a price of her own
        $rosa = Client::query()->create([
            'business_id' => $this->yard->business->id,
            'name' => 'Rosa Bell',
            'email' => 'rosa@post.example',
            'phone' => '',
            'rates' => [['service' => $this->yard->lesson->id, 'amount' => 3000]],
        ]);
        Business::rulesChanged($this->yard->business->id);

        return $rosa;
    };
});

it('books at once for somebody who has but a name, by whoever is at the desk', function (): void {
    $this->yard->lesson->update(['payment_terms' => Yard::payment('full'), 'approval' => true]);
    $card = ($this->book)(['note' => 'By telephone'])->assertCreated()->json();
    expect($card)->toMatchArray(['state' => 'confirmed', 'note' => 'By telephone', 'due' => 4800])
        ->and($card['client'])->toBe(['name' => 'Rosa Bell', 'email' => '', 'phone' => ''])
        ->and(Sale::query()->sole()->owed())->toBe(4800)
        ->and(BookingChange::query()->pluck('by')->unique()->all())->toBe([$this->yard->owner->name])
        ->and(OutboxEntry::query()->where('recipient', '')->count())->toBe(0);
});

it('books for somebody known at their own price, and takes an address for who has it', function (): void {
    $rosa = ($this->rosa)();
    expect(($this->book)(['client' => $rosa->id, 'name' => null])->json('total'))->toBe(3000);
    expect(($this->book)(['start' => Yard::at('12:00'), 'email' => ' Rosa@post.example'])->json('total'))->toBe(3000)
        ->and(Client::query()->count())->toBe(1)
        ->and(OutboxEntry::query()->where('audience', 'client')->where('occasion', 'booked')->pluck('recipient')->all())
        ->toBe(['rosa@post.example', 'rosa@post.example']);
    ($this->book)(['start' => Yard::at('14:00'), 'client' => $rosa->id, 'told' => false])->assertCreated();
    expect(OutboxEntry::query()->where('audience', 'client')->where('occasion', 'booked')->count())->toBe(2);
});

it('needs no notice, and keeps to all other rules', function (): void {
    $this->yard->lesson->update(['notice_minutes' => 60 * 24 * 30]);
    Business::rulesChanged($this->yard->business->id);
    ($this->book)()->assertCreated();
    ($this->book)(['staff' => Booking::query()->sole()->staff_ids[0]])->assertStatus(409)->assertJson([
        'code' => 'time_taken',
        'message' => 'That time has just been taken. These are free close to it.',
    ]);
    ($this->book)(['start' => Yard::at('04:00')])->assertStatus(409)->assertJson([
        'message' => 'This time cannot be booked. These are free close to it.',
    ]);
    expect(Booking::query()->count())->toBe(1);
});

it('says at each field what is wrong, and leaves nothing behind', function (array $wrong, string $field): void {
    expect(($this->book)($wrong)->assertStatus(422)->json('fields'))->toHaveKey($field);
    expect(Booking::query()->count())->toBe(0)->and(Client::query()->count())->toBe(0);
})->with([
    'nobody' => [['name' => ''], 'name'],
    'a service there is not' => [['service' => 'none'], 'service'],
    'no address' => [['email' => 'rosa'], 'email'],
    'no number' => [['phone' => 'call me'], 'phone'],
    'nobody we know' => [['client' => '01HZZZZZZZZZZZZZZZZZZZZZZZ'], 'client'],
    'nobody at all' => [['party' => 0], 'party'],
]);

it('shows what fits on a date and soon after it, and of a named start what stands in the way', function (): void {
    ($this->book)();
    $fits = ($this->times)(['at' => '10:00', 'staff' => Booking::query()->sole()->staff_ids[0]])->assertOk()->json();
    $starts = array_column($fits['starts'], 'at');
    expect($starts)->toContain(Yard::at('12:00'))->not->toContain(Yard::at('10:00'))
        ->and(count($fits['soonest']))->toBe(3)
        ->and($fits['soonest'][0]['at'])->toBeGreaterThan(end($starts))
        ->and($fits['named']['offered'])->toBeFalse()
        ->and($fits['named']['rows'][0]['reasons'][0]['says'])->toContain('Rosa Bell');
    $anyone = ($this->times)(['at' => '10:00'])->json('named');
    expect($anyone['offered'])->toBeTrue()
        ->and(($this->times)()->json('named'))->toBeNull()
        ->and(($this->times)(['date' => 'soon'])->assertStatus(422)->json('fields'))->toHaveKey('date');
});

it('moves by the clock on the wall, with a word to nobody where that is wished, and back', function (): void {
    $card = ($this->book)(['email' => 'rosa@post.example'])->json();
    expect($card['mayMove'])->toBeTrue();
    OutboxEntry::query()->delete();
    $move = fn (array $body): TestResponse => $this->postJson(
        "/api/businesses/yard/bookings/{$card['id']}/move",
        $body,
    );
    $wall = (new DateTimeImmutable(Yard::at('12:00')))
        ->setTimezone(new DateTimeZone($this->yard->business->time_zone))
        ->format('Y-m-d\TH:i');
    expect($move(['at' => $wall, 'told' => false])->assertOk()->json('start'))->toBe(Yard::at('12:00'))
        ->and(OutboxEntry::query()->where('occasion', 'moved')->where('audience', 'client')->count())->toBe(0)
        ->and(OutboxEntry::query()->where('occasion', 'reminder')->where('state', 'waiting')->count())->toBe(1);
    $back = ['start' => $card['start'], 'staff' => array_column($card['staff'], 'id')];
    expect($move($back)->assertOk()->json('start'))->toBe(Yard::at('10:00'))
        ->and(OutboxEntry::query()->where('occasion', 'moved')->count())->toBeGreaterThan(0);
    $move([])->assertStatus(422);
    $move(['at' => 'soon'])->assertStatus(422);
    $none = $move(['at' => substr($wall, 0, 11).'03:00'])->assertStatus(409);
    expect($none->json('near'))->not->toBeEmpty();
});

it('books a repeat together, each that fits, with a shared mark, or not at all (T23)', function (): void {
    $busy = ($this->book)(['start' => Yard::at('10:00', 3)])->json('staff.0.id');
    $ask = ['service' => $this->yard->lesson->id, 'party' => 1, 'staff' => $busy];
    $daily = fn (int $count): array => ['repeat' => ['every' => 1, 'unit' => 'days', 'count' => $count]];
    $wall = (new DateTimeImmutable(Yard::at('10:00')))
        ->setTimezone(new DateTimeZone($this->yard->business->time_zone))
        ->format('Y-m-d\TH:i');
    $told = $this->postJson('/api/businesses/yard/desk-repeats', $ask + ['at' => $wall] + $daily(2))
        ->assertOk()
        ->json('occurrences');
    expect($told[0]['row'])->toBe(['at' => Yard::at('10:00'), 'staff' => [$busy]])
        ->and($told[1]['row'])->toBeNull()
        ->and($told[1]['reasons'][0])->toContain('Rosa Bell')
        ->and($told[1]['nearest']['at'])->toStartWith(substr(Yard::at('10:00', 3), 0, 10));
    $more = fn (string ...$starts): array => array_map(
        static fn (string $start): array => ['start' => $start, 'staff' => $busy],
        $starts,
    );
    ($this->book)(['staff' => $busy, 'more' => $more(Yard::at('12:00', 3), Yard::at('10:00', 3))])->assertStatus(409);
    expect(Booking::query()->where('state', 'confirmed')->count())->toBe(1)
        ->and(Booking::query()->where('state', 'held')->count())->toBe(0);
    $card = ($this->book)(['staff' => $busy, 'more' => $more(Yard::at('12:00', 3), $told[1]['nearest']['at'])])
        ->assertCreated()
        ->json();
    expect($card['laterOnes'])->toBe(2)
        ->and(Booking::query()->whereNotNull('repeat_id')->pluck('repeat_id')->unique()->count())->toBe(1)
        ->and(Booking::query()->where('state', 'confirmed')->count())->toBe(4);
    $this->postJson('/api/businesses/yard/desk-repeats', $ask + ['at' => 'soon'] + $daily(1))->assertStatus(422);
});

it('cancels one of a repeat, or it and all later ones', function (): void {
    $card = ($this->book)(['more' => [['start' => Yard::at('12:00')], ['start' => Yard::at('14:00')]]])->json();
    $second = Booking::query()->where('starts_at', str_replace(['T', 'Z'], [' ', ''], Yard::at('12:00')))->sole();
    $cancel = fn (string $id, bool $later): TestResponse => $this->postJson(
        "/api/businesses/yard/bookings/{$id}/cancel",
        ['asks' => 'house', 'later' => $later],
    );
    $cancel($second->id, false)->assertOk();
    expect(Booking::query()->where('state', 'cancelled')->count())->toBe(1);
    expect($cancel($card['id'], true)->json('state'))->toBe('cancelled')
        ->and(Booking::query()->where('state', 'cancelled')->count())->toBe(3);
});

it('finds the soonest with one of some people, after an hour, on some weekdays', function (): void {
    [$ana, $bo] = $this->yard->staff;
    $date = substr(Yard::at('10:00'), 0, 10);
    $weekday = ((int) (new DateTimeImmutable($date))->format('N') + 1) % 7; // the day after the day after it
    $times = ($this->times)(['people' => [$bo->id], 'after' => '15:30', 'weekdays' => [$weekday]])->assertOk()->json();
    expect($times['starts'])->toBe([])
        ->and(array_column($times['soonest'], 'staff'))->each->toBe([$bo->id])
        ->and(array_map(static fn (array $one): string => substr($one['at'], 11), $times['soonest']))
        ->toBe(['15:30Z', '16:00Z', '15:30Z', '16:00Z', '15:30Z', '16:00Z'])
        ->and(array_unique(array_map(
            static fn (array $one): int => (int) (new DateTimeImmutable($one['at']))->format('N') - 1,
            $times['soonest'],
        )))->toBe([$weekday]);
    ($this->times)(['after' => 'four'])->assertUnprocessable();
    ($this->times)(['weekdays' => [7]])->assertUnprocessable();
    expect(($this->times)(['people' => ['nobody']])->json('starts'))->toBe([])
        ->and($ana->id)->not->toBe($bo->id);
});

it('books a walk-in without a name, of whom nothing is kept', function (): void {
    $card = ($this->book)(['walkIn' => true, 'name' => null])->assertCreated()->json();
    expect($card['client'])->toBe(['name' => 'Walk-in', 'email' => '', 'phone' => ''])
        ->and($card['clientId'])->toBeNull()
        ->and(Client::query()->count())->toBe(0)
        ->and(Sale::query()->sole()->owed())->toBe(4800);
    $sale = $this->getJson("/api/businesses/yard/sales/{$card['sale']}")->assertOk()->json();
    expect($sale['name'])->toBe('Walk-in')->and($sale['credit'])->toBe(0);
    $date = substr(Yard::at('10:00'), 0, 10);
    $board = $this->getJson("/api/businesses/yard/board?date={$date}")->assertOk()->json();
    expect(array_column($board['tags'], 'client'))->toBe(['Walk-in'])
        ->and(array_column($board['tags'], 'first'))->toBe([false]);
    $this->postJson("/api/businesses/yard/bookings/{$card['id']}/cancel", ['asks' => 'house'])->assertOk();
    expect(Sale::query()->sole()->owed())->toBe(0);
});

it('says what the sentence costs while it is said, at the prices of whoever is named', function (): void {
    $this->yard->lesson->update(['pricing' => ['extraPeople' => [1000]] + Yard::pricing(4800), 'max_party' => 3]);
    $rosa = ($this->rosa)();
    $price = fn (array $more): array => ($this->times)($more)->assertOk()->json('price');
    expect($price([]))->toBe(['priced' => true, 'exact' => true, 'total' => 4800, 'from' => null, 'earlier' => 0])
        ->and($price(['party' => 2])['total'])->toBe(5800)
        ->and($price(['client' => $rosa->id])['total'])->toBe(3000)
        ->and($price(['then' => [['service' => $this->yard->lesson->id]]])['total'])->toBe(9600);
    $rosa->update(['rates' => []]);
    $daily = ['frequency' => [[
        'period' => 'day',
        'levels' => [['from' => 2, 'amount' => 4000, 'staffAmount' => null]],
        'earlier' => true,
    ]]];
    $this->yard->lesson->update(['pricing' => $daily + Yard::pricing(4800), 'visibility' => 'desk']);
    Business::rulesChanged($this->yard->business->id);
    ($this->book)(['client' => $rosa->id])->assertCreated();
    expect($price(['client' => $rosa->id, 'at' => '14:00']))->toMatchArray(['total' => 4000, 'earlier' => 800]);
    $this->yard->lesson->update(['pricing' => Yard::pricing(3000, 'from')]);
    Business::rulesChanged($this->yard->business->id);
    expect($price([]))->toMatchArray(['priced' => false, 'from' => 3000]);
    ($this->times)(['client' => 'nobody'])->assertUnprocessable();
});

it('keeps what was to be on a day and is not, by whom, to each as far as they may see', function (): void {
    [$ana, $bo] = $this->yard->staff;
    $gone = ($this->book)(['staff' => $ana->id])->json('id');
    $kept = ($this->book)(['staff' => $bo->id, 'start' => Yard::at('12:00')])->json('id');
    $other = ($this->book)(['staff' => $bo->id, 'start' => Yard::at('14:00')])->json('id');
    $date = substr(Yard::at('10:00'), 0, 10);
    $day = fn (string $date): array => $this->getJson("/api/businesses/yard/board/cancelled?date={$date}")
        ->assertOk()
        ->json('bookings');
    expect($day($date))->toBe([]);
    foreach ([$gone, $other] as $id) {
        $this->postJson("/api/businesses/yard/bookings/{$id}/cancel", ['asks' => 'house'])->assertOk();
    }
    expect(array_column($day($date), 'id'))->toBe([$gone, $other])
        ->and($day($date)[0])->toMatchArray([
            'client' => 'Rosa Bell',
            'state' => 'cancelled',
            'by' => $this->yard->owner->name,
        ])
        ->and($day(substr(Yard::at('10:00', 3), 0, 10)))->toBe([]);
    $this->getJson('/api/businesses/yard/board/cancelled?date=soon')->assertUnprocessable();
    // somebody else takes it back, while the time is free
    $this->actingAs($this->yard->somebody('desk'));
    $this->postJson("/api/businesses/yard/bookings/{$gone}/restored", ['told' => false])->assertOk();
    expect(array_column($day($date), 'id'))->toBe([$other]);
    $this->actingAs($this->yard->somebody('staff', $ana->id));
    expect($day($date))->toBe([])->and($kept)->not->toBe('');
});
