<?php

declare(strict_types=1);

use App\Models\Business;
use App\Support\Clock;
use Tests\Support\Yard;

/* The almanac of the first look is kept between questions; whatever it is made of, a change of it is seen at once. */

/** @return list<string> the starts that are offered on the day of Yard::at */
function offeredAt(Yard $yard, string $more = ''): array
{
    $days = test()
        ->getJson("/gate-api/pages/{$yard->business->slug}/open-times?service={$yard->lesson->id}{$more}")
        ->assertOk()
        ->json('days');

    return array_merge(...array_map(static fn (array $day): array => array_column($day['starts'], 'at'), $days));
}

/** Takes all starts out of what is kept, so that a kept answer can be told from a new one. */
function markKept(Yard $yard): void
{
    $store = app('cache')->store('rules');
    $key = "times-{$yard->business->id}-{$yard->lesson->id}--";
    $kept = $store->get($key);
    $times = json_decode($kept[3], true);
    $days = array_map(static fn (array $day): array => ['starts' => []] + $day, $times['days']);
    $store->put($key, [...array_slice($kept, 0, 3), json_encode(['days' => $days] + $times)], 60);
}

it('is answered from what is kept while nothing has changed', function (): void {
    $yard = Yard::open();
    $yard->book('09:00');
    $yard->hold('11:00'); // so that the sum the database makes is of something, and is the one that was kept
    offeredAt($yard);
    markKept($yard);
    expect(offeredAt($yard))->toBe([]);
});

it('is made anew where anything has changed', function (callable $change): void {
    $yard = Yard::open(people: 2);
    $yard->book('09:00'); // so that there is something to change
    offeredAt($yard);
    markKept($yard);
    $change($yard);
    expect(offeredAt($yard))->not->toBeEmpty();
})->with([
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
    'something was set up' => [static fn (Yard $yard) => Business::markRules($yard->business->id)],
    'a minute has passed' => [static fn (Yard $yard) => app(Clock::class)->putForward(1)],
]);

it('keeps no answer to what few ask', function (string $more): void {
    $yard = Yard::open(['places' => 3]);
    offeredAt($yard);
    markKept($yard);
    expect(offeredAt($yard, $more))->not->toBeEmpty();
})->with(['for more people' => '&party=2', 'of other days' => '&from=2027-01-04']);
