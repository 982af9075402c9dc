<?php

declare(strict_types=1);

use App\Models\Booking;
use App\Models\Business;
use App\Models\Location;
use App\Models\OutboxEntry;
use App\Models\Sale;
use App\Roster\Assigned;
use Illuminate\Testing\TestResponse;
use Tests\Support\Yard;

/* What the desk moves, makes longer, or puts where the rules would not have it. */

beforeEach(function (): void {
    $this->yard = Yard::open(['price' => 4800, 'lengths' => [60, 90]], people: 2);
    $this->yard->lesson->update([
        'pricing' => [
            'byMinutes' => [['minutes' => 60, 'amount' => 4800], ['minutes' => 90, 'amount' => 6600]],
        ] + $this->yard->lesson->pricing,
    ]);
    Business::rulesChanged($this->yard->business->id);
    $this->actingAs($this->yard->owner);
    $this->booking = $this->yard->book('10:00');
    $this->post = fn (string $path, array $body): TestResponse => $this->postJson(
        "/api/businesses/yard/bookings/{$this->booking->id}/{$path}",
        $body,
    );
    $this->other = $this->yard->staff[$this->booking->staff_ids[0] === $this->yard->staff[0]->id ? 1 : 0];
});

it('says on which starts of a day it may hang, with whom, at its length or another', function (): void {
    $date = substr(Yard::at('10:00'), 0, 10);
    $place = $this->yard->business->locations()->sole()->id;
    $starts = ($this->post)('move/times', ['date' => $date])->assertOk()->json('starts');
    expect($starts[0])->toBe([
        'at' => Yard::at('09:00'),
        'staff' => [...$this->yard->lesson->staff->pluck('id')],
        'places' => [$place],
    ])
        ->and($starts[count($starts) - 1]['at'])->toBe(Yard::at('16:00'))
        ->and(array_column($starts, 'at'))->toContain(Yard::at('10:00')) // it is not in its own way
        ->and(($this->post)('move/times', ['date' => $date])->json('lengths'))->toBe([60, 90])
        ->and(($this->post)('move/times', ['date' => $date, 'minutes' => 90])->json('starts.*.at'))
        ->not->toContain(Yard::at('16:00'));
    ($this->post)('move/times', ['date' => 'soon'])->assertUnprocessable();
});

it('says what would be, and does nothing', function (): void {
    $would = ($this->post)('move/tried', ['start' => Yard::at('10:00'), 'minutes' => 90])->assertOk()->json();
    expect($would)->toMatchArray([
        'fits' => true,
        'end' => Yard::at('11:30'),
        'price' => 6600,
        'was' => 4800,
        'breaks' => [],
    ])
        ->and($this->booking->refresh()->minutes)->toBe(60)
        ->and(OutboxEntry::query()->where('occasion', 'moved')->count())->toBe(0);
    $not = ($this->post)('move/tried', ['start' => Yard::at('16:30'), 'staff' => [$this->other->id]])->json();
    expect($not['fits'])->toBeFalse()
        ->and($not['rows'])->toHaveCount(1)
        ->and($not['rows'][0]['staff'])->toBe([$this->other->name])
        ->and($not['rows'][0]['reasons'])->not->toBe([])
        ->and($not['near'])->not->toBe([]);
    $own = ($this->post)('move/tried', ['start' => Yard::at('10:05')])->json('near');
    expect($own)->toContain(Yard::at('10:30'))->not->toContain(Yard::at('10:00')); // it is there already
});

it('is sold anew at another length, and keeps its price at its own', function (): void {
    ($this->post)('move', ['start' => Yard::at('12:00'), 'staff' => [$this->other->id]])->assertOk();
    expect($this->booking->refresh()->price)->toBe(4800);
    $card = ($this->post)('move', ['start' => Yard::at('12:00'), 'minutes' => 90])->assertOk()->json();
    expect($card)->toMatchArray(['minutes' => 90, 'total' => 6600, 'due' => 6600])
        ->and($this->booking->refresh()->taken_until->format('H:i'))->toBe('13:30')
        ->and(Sale::query()->sole()->owed())->toBe(6600);
    expect(($this->post)('move', ['start' => Yard::at('12:00'), 'minutes' => 60])->json('due'))->toBe(4800)
        ->and(Sale::query()->sole()->lines()->sum('amount'))->toEqual(4800);
    ($this->post)('move', ['start' => Yard::at('12:00'), 'minutes' => 75])->assertStatus(409);
});

it('goes outside the rules only on purpose, and that stands on it', function (): void {
    $late = ['start' => Yard::at('19:10'), 'minutes' => 75];
    ($this->post)('move', $late)->assertStatus(409);
    $would = ($this->post)('move/tried', ['outside' => true] + $late)->json();
    expect($would['fits'])->toBeTrue()->and(count($would['breaks']))->toBeGreaterThan(1);
    $card = ($this->post)('move', ['outside' => true] + $late)->assertOk()->json();
    expect($card)->toMatchArray(['start' => Yard::at('19:10'), 'minutes' => 75, 'outside' => $would['breaks']])
        ->and($card['double'])->toBeFalse()
        ->and(array_column($this->booking->refresh()->outside, 'rule'))->toContain('T5', 'T17');
    expect(($this->post)('move', ['start' => Yard::at('09:00'), 'minutes' => 60])->json('outside'))->toBe([]);
});

it('lies over others only on purpose, and that stands on it', function (): void {
    $over = $this->yard->book('14:00', 'lou@post.example');
    $there = ['start' => Yard::at('14:00'), 'staff' => $over->staff_ids];
    ($this->post)('move', $there)->assertStatus(409);
    ($this->post)('move', ['outside' => true] + $there)->assertStatus(409); // that leaves out hours, not bookings
    $card = ($this->post)('move', ['double' => true] + $there)->assertOk()->json();
    expect($card['double'])->toBeTrue()->and($card['outside'])->toHaveCount(1);
    $tags = $this->getJson('/api/businesses/yard/board?date='.substr(Yard::at('14:00'), 0, 10))->json('tags');
    expect(array_column($tags, 'double'))->toEqualCanonicalizing([true, false]);
    expect(($this->post)('move', ['double' => true, 'start' => Yard::at('09:00')])->json('double'))->toBeFalse();
});

it('books outside the rules and over others, too', function (): void {
    $body = ['service' => $this->yard->lesson->id, 'party' => 1, 'name' => 'Rosa Bell', 'told' => false];
    $book = fn (array $more): TestResponse => $this->postJson('/api/businesses/yard/bookings', $more + $body);
    $over = ['start' => Yard::at('10:00'), 'staff' => $this->booking->staff_ids[0]];
    $book($over)->assertStatus(409);
    expect($book(['double' => true] + $over)->assertCreated()->json('double'))->toBeTrue();
    $book(['start' => Yard::at('20:00')])->assertStatus(409);
    $card = $book(['start' => Yard::at('20:00'), 'outside' => true])->assertCreated()->json();
    expect($card['outside'])->not->toBe([])->and(Booking::query()->find($card['id'])?->double_booked)->toBeFalse();
});

it('leaves to others what they have where nothing has to be booked over', function (): void {
    $this->yard->pool(['Near wheel', 'Far wheel']);
    $first = $this->yard->book('14:00', 'lou@post.example');
    $second = $this->postJson('/api/businesses/yard/bookings', [
        'service' => $this->yard->lesson->id,
        'party' => 1,
        'name' => 'Rosa Bell',
        'told' => false,
        'start' => Yard::at('14:00'),
        'double' => true,
        'outside' => true,
    ])->assertCreated()->json();
    $booked = Booking::query()->findOrFail($second['id']);
    expect($second['double'])->toBeFalse()
        ->and($booked->units)->not->toBe($first->refresh()->units)
        ->and($booked->staff_ids)->not->toBe($first->staff_ids);
    $last = $this->yard->book('16:00', 'ana@post.example');
    $free = $last->staff_ids === $first->staff_ids ? $booked->staff_ids : $first->staff_ids;
    ($this->post)('move', ['start' => Yard::at('16:00'), 'staff' => $free, 'double' => true])->assertOk();
    expect($this->booking->refresh()->units)->not->toBe($last->refresh()->units);
});

it('lets a role go outside the rules or over others as far as it may', function (): void {
    $this->actingAs($this->yard->somebody('desk'));
    ($this->post)('move', ['start' => Yard::at('19:00'), 'outside' => true])->assertForbidden();
    ($this->post)('move', ['start' => Yard::at('11:00'), 'double' => true])->assertOk();
    $this->actingAs($this->yard->somebody('staff'));
    ($this->post)('move', ['start' => Yard::at('12:00'), 'double' => true])->assertForbidden();
    ($this->post)('move/tried', ['start' => Yard::at('12:00')])->assertForbidden();
    $this->actingAs($this->yard->somebody('manager'));
    ($this->post)('move', ['start' => Yard::at('19:00'), 'outside' => true])->assertOk();
});

it('moves the later ones of a repeat with it, all or none', function (): void {
    $more = array_map(static fn (int $days): array => ['start' => Yard::at('10:00', $days), 'staff' => null], [4, 6]);
    $card = $this->postJson('/api/businesses/yard/bookings', [
        'service' => $this->yard->lesson->id,
        'party' => 1,
        'name' => 'Rosa Bell',
        'told' => false,
        'start' => Yard::at('10:00', 2),
        'more' => $more,
    ])->assertCreated()->json();
    $move = fn (string $at, array $more = []): TestResponse => $this->postJson(
        "/api/businesses/yard/bookings/{$card['id']}/move",
        ['start' => Yard::at($at), 'later' => true, 'told' => false] + $more,
    );
    $starts = fn (): array => Booking::query()
        ->where('repeat_id', Booking::query()->find($card['id'])?->repeat_id)
        ->orderBy('starts_at')
        ->get()
        ->map(static fn (Booking $one): string => $one->starts_at->format('Y-m-d\TH:i\Z'))
        ->all();
    $move('11:30')->assertOk();
    expect($starts())->toBe([Yard::at('11:30', 2), Yard::at('11:30', 4), Yard::at('11:30', 6)]);
    $this->yard->book('14:00', 'a@post.example', 6);
    $this->yard->book('14:00', 'b@post.example', 6);
    $move('14:00')->assertStatus(409);
    $move('14:00', ['double' => true])->assertStatus(409); // meant for the one alone
    expect($starts())->toBe([Yard::at('11:30', 2), Yard::at('11:30', 4), Yard::at('11:30', 6)]);
});

it('goes to another place where the service is offered there, and otherwise stays where it is', function (): void {
    $business = $this->yard->business;
    $mill = Location::query()->create(['business_id' => $business->id, 'name' => 'Mill', 'address' => '2 Mill Lane']);
    $none = ($this->post)('move', ['start' => Yard::at('12:00'), 'location' => $mill->id])->assertStatus(409);
    expect($none->json('near'))->toBe([]);
    $tried = ($this->post)('move/tried', ['start' => Yard::at('12:00'), 'location' => $mill->id])->json();
    expect($tried['rows'][0]['reasons'][0]['says'])->toContain('is not offered at Mill');
    $places = [$mill->id, $this->booking->location_id];
    app(Assigned::class)->set($business->id, $this->yard->lesson->id, 'location', $places);
    Business::rulesChanged($business->id);
    ($this->post)('move', ['start' => Yard::at('12:00')])->assertOk();
    expect($this->booking->refresh()->location_id)->toBe($places[1]);
    ($this->post)('move', ['start' => Yard::at('12:00'), 'location' => $mill->id])->assertOk();
    expect($this->booking->refresh()->location_id)->toBe($mill->id);
    ($this->post)('move', ['start' => Yard::at('14:00'), 'location' => 'none'])->assertNotFound();
    $other = Yard::open(slug: 'other')->business->locations()->sole();
    ($this->post)('move', ['start' => Yard::at('14:00'), 'location' => $other->id])->assertNotFound();
});
