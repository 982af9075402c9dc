<?php

declare(strict_types=1);

use App\Models\Business;
use App\Support\Clock;
use Illuminate\Contracts\Cache\Repository;
use Tests\Support\Yard;

/* The almanac is kept between questions; whatever it is made of, a change of it is seen at once. */

beforeEach(function (): void {
    $this->yard = Yard::open(people: 2);
    $this->glaze = Yard::offer($this->yard->business, ['name' => 'Glazing', 'minutes' => 25], [$this->yard->staff[1]]);
    $this->yard->book('09:00'); // so that there is something to change
    $this->ofVisit = '&then='.rawurlencode((string) json_encode([['service' => $this->glaze->id]]));
});

/** @return list<string> the starts that are offered in two weeks */
function offeredAt(Yard $yard, string $more = ''): array
{
    $days = test()
        ->getJson("/gate-api/pages/{$yard->business->slug}/open-times?service={$yard->lesson->id}{$more}")
        ->assertOk()
        ->json('days');

    return array_merge(...array_map(static fn (array $day): array => array_column($day['starts'], 'at'), $days));
}

function keptOn(): Repository
{
    return app('cache')->store('rules');
}

/** @return array<string, array<int, mixed>> what is kept, by its place */
function keptOf(Yard $yard): array
{
    $kept = [];
    for ($place = 0; $place < 128; $place++) {
        $kept["times-{$yard->business->id}-{$place}"] = keptOn()->get("times-{$yard->business->id}-{$place}");
    }

    return array_filter($kept);
}

/** Takes all starts out of what is kept, so that a kept answer can be told from a new one. */
function markKept(Yard $yard): void
{
    foreach (keptOf($yard) as $key => $kept) {
        $times = json_decode($kept[3], true);
        $days = array_map(static fn (array $day): array => ['starts' => []] + $day, $times['days']);
        keptOn()->put($key, [...array_slice($kept, 0, 3), json_encode(['days' => $days] + $times)], 60);
    }
}

it('is answered from what is kept while nothing has changed', function (string $more): void {
    $this->yard->hold('11:00'); // so that the sum the database makes is of something, and is the one that was kept
    $more = $more === 'visit' ? $this->ofVisit : $more;
    expect(offeredAt($this->yard, $more))->not->toBeEmpty();
    markKept($this->yard);
    expect(offeredAt($this->yard, $more))->toBe([]);
})->with(['of one service' => '', 'with a first day' => '&from=2026-01-05', 'of a visit of two' => 'visit']);

$changes = [
    'somebody booked' => [static fn (Yard $yard) => $yard->book('11:00')],
    'somebody holds a time' => [static fn (Yard $yard) => $yard->hold('11:00')],
    'a booking was let go' => [
        static fn (Yard $yard) => $yard->business
            ->bookings()
            ->firstOrFail()
            ->update(['state' => 'cancelled']),
    ],
    'a hold lasts longer' => [
        static fn (Yard $yard) => $yard->business
            ->bookings()
            ->firstOrFail()
            ->update(['held_until' => '2030-01-01 00:00:00']),
    ],
    'a booking takes somebody else' => [
        static fn (Yard $yard) => $yard->business
            ->bookings()
            ->firstOrFail()
            ->update(['staff_ids' => [$yard->staff[1]->id]]),
    ],
    'something was set up' => [static fn (Yard $yard) => Business::rulesChanged($yard->business->id)],
    'a minute has passed' => [static fn (Yard $yard) => app(Clock::class)->putForward(1)],
];

it('is made anew where anything has changed', function (callable $change): void {
    offeredAt($this->yard);
    offeredAt($this->yard, $this->ofVisit);
    markKept($this->yard);
    $change($this->yard);
    expect(offeredAt($this->yard))->not->toBeEmpty()
        ->and(offeredAt($this->yard, $this->ofVisit))->not->toBeEmpty();
})->with($changes);

it('answers nothing else', function (string $more): void {
    offeredAt($this->yard);
    markKept($this->yard);
    [$kept] = array_values(keptOf($this->yard));
    for ($place = 0; $place < 128; $place++) { // wherever the other question has its place
        keptOn()->put("times-{$this->yard->business->id}-{$place}", $kept, 60);
    }
    expect(offeredAt($this->yard))->toBeEmpty()
        ->and(offeredAt($this->yard, $more === 'visit' ? $this->ofVisit : $more))->not->toBeEmpty();
})->with(['of other days' => '&from=2027-01-04', 'of a length' => '&minutes=60', 'of a visit' => 'visit']);

it('is not kept where it was made of more than the days it shows', function (): void {
    $this->yard->lesson->update(['book_ahead_days' => 60]);
    offeredAt($this->yard, '&from='.substr(Yard::at('09:00', days: 20), 0, 10));
    expect(keptOf($this->yard))->toBe([]);
});
