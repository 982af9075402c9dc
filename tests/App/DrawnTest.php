<?php

declare(strict_types=1);

use App\Models\Business;
use App\Models\SpecialDay;
use App\Models\TimeOff;
use Illuminate\Testing\TestResponse;
use Tests\Support\Yard;
use YardBell\Core\Time\Wall;

/* Hours, blocks and time off drawn on the Board: drafts of what is set up, saved like any others. */

/** A Monday to come, so many weeks after the first. */
function drawnOn(int $weeks): string
{
    return now()->addWeeks(8 + $weeks)->startOfWeek()->format('Y-m-d');
}

beforeEach(function (): void {
    $this->yard = Yard::open(people: 2);
    $this->actingAs($this->yard->owner);
    $this->ids = array_column($this->yard->staff, 'id');
    $this->ask = fn (array $more): TestResponse => $this->postJson('/api/businesses/yard/board/drawn', $more + [
        'way' => 'open',
        'staff' => [$this->ids[0]],
        'date' => drawnOn(0),
        'from' => '16:00',
        'to' => '19:00',
        'weeks' => 1,
    ]);
    $this->save = function (array $more): void {
        $drafts = ($this->ask)($more)->assertOk()->json('drafts');
        $this->postJson('/api/businesses/yard/drafts', ['drafts' => $drafts])->assertOk();
    };
    $this->lane = fn (int $i, int $weeks = 0): array => $this
        ->getJson('/api/businesses/yard/board?date='.drawnOn($weeks))
        ->json("lanes.{$i}");
});

it('opens and closes hours on dates, each a special day, over what is there', function (): void {
    $this->yard->business->update([
        'opening_hours' => array_fill_keys(Wall::WEEKDAYS, [['from' => '08:00', 'to' => '22:00']]),
    ]);
    $this->yard->staff[0]->update(['hours' => array_fill_keys(Wall::WEEKDAYS, [['from' => '09:00', 'to' => '17:00']])]);
    Business::rulesChanged($this->yard->business->id);
    ($this->save)(['weeks' => 2]);
    expect(SpecialDay::query()->orderBy('date')->get()->map->only('date', 'hours')->all())->toBe([
        ['date' => drawnOn(0), 'hours' => [['from' => '09:00', 'to' => '19:00']]],
        ['date' => drawnOn(1), 'hours' => [['from' => '09:00', 'to' => '19:00']]],
    ])
        ->and(($this->lane)(0)['openMinutes'])->toBe(600)
        ->and(($this->lane)(0, 2)['openMinutes'])->toBe(480)
        ->and(($this->lane)(1)['openMinutes'])->toBe(840);
    ($this->save)(['way' => 'closed', 'from' => '10:00', 'to' => '12:00']); // the same day, changed again
    expect(SpecialDay::query()->where('date', drawnOn(0))->sole()->hours)->toBe([
        ['from' => '09:00', 'to' => '10:00'],
        ['from' => '12:00', 'to' => '19:00'],
    ]);
});

it('changes the hours of every week', function (): void {
    ($this->save)(['weeks' => null, 'from' => '17:00', 'to' => '24:00']);
    expect($this->yard->staff[0]->refresh()->hours['mon'])->toBe([['from' => '09:00', 'to' => '24:00']])
        ->and($this->yard->staff[0]->hours['tue'])->toBe([['from' => '09:00', 'to' => '17:00']]);
});

it('blocks for several at once, and for nobody not', function (): void {
    ($this->save)(['way' => 'off', 'staff' => $this->ids, 'from' => '10:00', 'to' => '11:30', 'name' => 'Fire drill']);
    expect(TimeOff::query()->count())->toBe(2)
        ->and(TimeOff::query()->pluck('name')->unique()->all())->toBe(['Fire drill'])
        ->and(($this->lane)(1)['freeMinutes'])->toBe(390);
    expect(($this->ask)(['staff' => []])->assertUnprocessable()->json('fields.staff'))
        ->toBe('Nobody is chosen, so it would be for nobody.');
    ($this->ask)(['to' => '15:00'])->assertUnprocessable();
    ($this->ask)(['way' => 'off', 'weeks' => null])->assertUnprocessable();
    ($this->ask)(['weeks' => 53])->assertUnprocessable();
});

it('lets staff draw on their own lane alone', function (): void {
    [$ana, $bo] = $this->yard->staff;
    $this->actingAs($this->yard->somebody('staff', $ana->id));
    ($this->ask)([])->assertOk();
    ($this->ask)(['staff' => [$bo->id]])->assertForbidden();
    ($this->ask)(['staff' => [$ana->id, $bo->id]])->assertForbidden();
});
