<?php

declare(strict_types=1);

use App\Models\Business;
use App\Models\Client;
use App\Models\Location;
use App\Models\Pool;
use App\Models\Unit;
use Illuminate\Support\Facades\DB;
use Tests\Support\Yard;
use YardBell\Core\Time\Wall;

/* What the Board shows: of a day or its week, by people, places and units. */

beforeEach(function (): void {
    $this->yard = Yard::open(['price' => 4800], people: 2);
    $this->actingAs($this->yard->owner);
    $this->date = substr(Yard::at('10:00'), 0, 10);
    $this->board = fn (string $query = '') => $this
        ->getJson("/api/businesses/yard/board?date={$this->date}{$query}")
        ->assertOk();
});

it('shows the week, each day as the day itself is shown, all on the same hours', function (): void {
    $this->yard->book('10:00');
    $this->yard->business->update([
        'opening_hours' => ['sun' => [['from' => '07:00', 'to' => '08:00']]] + $this->yard->business->opening_hours,
    ]);
    Business::rulesChanged($this->yard->business->id);
    $week = ($this->board)('&span=week')->json();
    $dates = array_column($week['week'], 'date');
    expect($dates)->toHaveCount(7)
        ->and(Wall::weekday(Wall::day($dates[0])))->toBe(0)
        ->and($dates)->toContain($this->date)
        ->and(array_unique(array_map(
            static fn (array $day): string => substr($day['ruler']['start'], 11).substr($day['ruler']['end'], 11),
            $week['week'],
        )))->toBe(['07:00Z17:00Z']);
    $shown = array_column($week['week'], null, 'date')[$this->date];
    $alone = ($this->board)();
    expect($shown['tags'])->toBe($alone->json('tags'))
        ->and($shown['lanes'])->toBe($alone->json('lanes'))
        ->and($alone->json('week'))->toBe([]);
});

it('draws every hour that is open or booked, early or late', function (): void {
    $hours = [['from' => '06:00', 'to' => '21:00']];
    $this->yard->business->update(['opening_hours' => array_fill_keys(Wall::WEEKDAYS, $hours)]);
    Business::rulesChanged($this->yard->business->id);
    $ruler = fn (): string => implode(' ', array_map(
        static fn (string $tick): string => substr($tick, 11),
        ($this->board)()->json('ruler.ticks'),
    ));
    expect($ruler())->toStartWith('06:00Z')->toEndWith('21:00Z');
    $this->postJson('/api/businesses/yard/bookings', [
        'service' => $this->yard->lesson->id,
        'staff' => $this->yard->staff[0]->id,
        'party' => 1,
        'start' => Yard::at('22:30'),
        'name' => 'Lou',
        'told' => false,
        'outside' => true,
    ])->assertCreated();
    expect($ruler())->toEndWith('23:00Z 00:00Z');
});

it('hangs tags on places and units, and says how full they are', function (): void {
    $mill = Location::query()->create([
        'business_id' => $this->yard->business->id,
        'name' => 'Mill',
        'address' => '',
        'position' => 1,
        'hours' => array_fill_keys(Wall::WEEKDAYS, [['from' => '12:00', 'to' => '13:00']]),
    ]);
    $pool = Pool::query()->create(['business_id' => $this->yard->business->id, 'name' => 'Wheels', 'position' => 0]);
    $wheels = array_map(fn (int $i): string => Unit::query()->create([
        'business_id' => $this->yard->business->id,
        'pool_id' => $pool->id,
        'name' => "Wheel {$i}",
        'position' => $i,
    ])->id, [1, 2]);
    Business::rulesChanged($this->yard->business->id);
    $booking = $this->yard->book('10:00');
    $booking->update(['units' => [$wheels[1]]]);
    $places = ($this->board)('&lanes=places')->json();
    expect(array_column($places['lanes'], 'name'))->toBe(['Yard', 'Mill'])
        ->and(array_column($places['lanes'], 'openMinutes'))->toBe([480, 60])
        ->and($places['tags'][0]['lanes'])->toBe([$booking->location_id]);
    $units = ($this->board)('&lanes=units')->json();
    expect(array_column($units['lanes'], 'name'))->toBe(['Wheel 1', 'Wheel 2'])
        ->and(array_column($units['lanes'], 'takenMinutes'))->toBe([0, 60])
        ->and($units['tags'][0]['lanes'])->toBe([$wheels[1]]);
    $there = ($this->board)("&location={$mill->id}")->json();
    expect($there['tags'])->toBe([])
        ->and(array_column($there['lanes'], 'openMinutes'))->toBe([480, 480])
        ->and(($this->board)("&location={$mill->id}&lanes=places")->json('lanes'))->toHaveCount(1);
});

it('shows those who work, or chosen ones', function (): void {
    [$ana, $bo] = $this->yard->staff;
    $bo->update(['hours' => array_fill_keys(Wall::WEEKDAYS, [])]);
    Business::rulesChanged($this->yard->business->id);
    $lanes = fn (string $query): array => array_column(($this->board)($query)->json('lanes'), 'id');
    expect($lanes(''))->toBe([$ana->id, $bo->id])
        ->and($lanes('&whose=working'))->toBe([$ana->id])
        ->and($lanes("&staff={$bo->id}"))->toBe([$bo->id]);
    $this->yard->book('10:00');
    expect(($this->board)("&staff={$bo->id}")->json('tags'))->toBe([])
        ->and(($this->board)("&staff={$bo->id}")->json('takings.bookings'))->toBe(0)
        ->and(($this->board)("&staff={$ana->id},{$bo->id}")->json('takings.bookings'))->toBe(1);
});

it('says who comes for the first time, and where there is a note', function (): void {
    $first = $this->yard->book('10:00');
    $first->update(['note' => 'Left-handed']);
    $this->yard->book('11:00', 'again@post.example');
    $before = $this->yard->book('09:00', 'again@post.example', 1);
    $tags = ($this->board)()->json('tags');
    expect(array_column($tags, 'first'))->toBe([true, false])->and(array_column($tags, 'noted'))->toBe([true, false]);
    $this->postJson("/api/businesses/yard/bookings/{$before->id}/cancel", ['asks' => 'house'])->assertSuccessful();
    expect(array_column(($this->board)()->json('tags'), 'first'))->toBe([true, true])
        ->and(Client::query()->count())->toBe(2);
});

it('counts how full the fortnight is', function (): void {
    $this->yard->book('10:00');
    $days = array_column(
        $this->getJson("/api/businesses/yard/board/ribbon?date={$this->date}")->assertOk()->json('days'),
        null,
        'date',
    );
    expect($days)->toHaveCount(14)
        ->and($days[$this->date])->toBe([
            'date' => $this->date,
            'bookings' => 1,
            'openMinutes' => 960,
            'fill' => round(60 / 960, 3),
        ]);
});

it('shows at once what anybody has done, though it keeps what it showed', function (): void {
    $version = fn (): string => $this->getJson('/api/businesses/yard/board/version')->assertOk()->json('version');
    expect(($this->board)()->json('tags'))->toBe([]);
    $versions = [$version()];
    $booking = $this->yard->book('10:00');
    $versions[] = $version();
    expect(($this->board)()->json('tags.0.money'))->toBe('due')
        ->and(($this->board)()->json('version'))->toBe($versions[1]);
    $cash = ['method' => 'cash', 'amount' => 4800, 'tip' => 0, 'given' => null, 'keepsRest' => false, 'seen' => 4800];
    $this->postJson("/api/businesses/yard/sales/{$booking->sale_id}/payments", $cash)->assertSuccessful();
    $versions[] = $version();
    expect(($this->board)()->json('tags.0.money'))->toBe('paid');
    $this->yard->business->update(['opening_hours' => array_fill_keys(Wall::WEEKDAYS, [])]);
    Business::rulesChanged($this->yard->business->id);
    $versions[] = $version();
    expect(($this->board)()->json('lanes.0.openMinutes'))->toBe(0)
        ->and(array_unique($versions))->toHaveCount(4);
});

it('refuses to look at what there is not', function (): void {
    $this->getJson('/api/businesses/yard/board?date=2027-02-30')->assertUnprocessable();
    $this->getJson('/api/businesses/yard/board?lanes=moons')->assertUnprocessable()->assertJsonStructure([
        'fields' => ['lanes'],
    ]);
});

it('is kept for a minute, and shows then what has ended by itself', function (): void {
    $this->yard->hold('10:00');
    $tags = fn (): int => count(($this->board)()->json('tags'));
    expect($tags())->toBe(1);
    app()->terminate();
    DB::table('bookings')->update(['note' => 'not seen: nothing has happened']);
    $asked = 0;
    DB::listen(static function () use (&$asked): void {
        $asked++;
    });
    ($this->board)();
    $again = $asked;
    app(App\Support\Clock::class)->putForward(11); // nothing is written, and what is kept is kept still
    expect($tags())->toBe(0)->and($asked - $again)->toBeGreaterThan($again);
});
