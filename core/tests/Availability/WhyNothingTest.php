<?php

declare(strict_types=1);

use YardBell\Core\Availability\Ask;
use YardBell\Core\Availability\Reason;
use YardBell\Core\Availability\SlotSearch;
use YardBell\Core\Availability\WhyNot;
use YardBell\Core\Availability\WhyNothing;
use YardBell\Core\Scenario\Reader;
use YardBell\Core\Tests\Support\Chance;
use YardBell\Core\Tests\Support\Days;
use YardBell\Core\Time\Wall;

/* T19 for a week without a single start. Open on Monday 2027-03-01 alone, 09:00-12:00, an hour's lesson with Ana. */

/** @return list<string> obstacles */
function whyNothing(array $document, string $now = '2027-02-28T12:00Z', array $options = []): array
{
    $scenario = Days::read($document);
    $monday = Wall::day(Days::MONDAY);
    $ask = new Ask('lesson', $monday, $monday + 6, Wall::instant($now), ...$options);

    return array_map(
        static fn (Reason $reason): string => $reason->what->value,
        (new WhyNothing($scenario->book, $scenario->diary))->reasons($ask),
    );
}

it('names what stands in the way of most starts first', function (): void {
    $taken = static fn (string $from, int $minutes): array => [
        'start' => Days::MONDAY."T{$from}Z",
        'minutes' => $minutes,
    ];
    expect(whyNothing(Days::document()))->toBe([])
        ->and(whyNothing(Days::document(bookings: [$taken('09:00', 180)])))->toBe(['taken'])
        ->and(whyNothing(Days::document(bookings: [$taken('11:00', 60)]), '2027-03-01T10:50Z'))
        ->toBe(['too-soon', 'taken'])
        ->and(whyNothing(Days::document(['bookAheadDays' => 3]), '2027-02-01T09:00Z'))->toBe(['too-far'])
        ->and(whyNothing(Days::document(['maxParty' => 2]), options: ['party' => 3]))->toBe(['party'])
        ->and(whyNothing(Days::document(), options: ['minutes' => 25]))->toBe(['length'])
        ->and(whyNothing(Days::document(business: ['openingHours' => []])))->toBe(['outside'])
        ->and(whyNothing(Days::document(more: ['staff' => [['id' => 'ana', 'name' => 'Ana', 'active' => false]]])))
        ->toBe(['nobody'])
        ->and(whyNothing(Days::document(['kind' => 'session'])))->toBe(['no-session']);
});

it('names nothing that no start has, and something wherever there is no start', function (): void {
    $barren = 0;
    foreach (range(1, Chance::seeds(10)) as $seed) {
        $chance = new Chance($seed);
        $scenario = Reader::read(json_encode($chance->document(), JSON_THROW_ON_ERROR));
        $asked = $chance->ask();
        [$day, $now] = [Wall::day($asked['from']), Wall::instant($asked['now'])];
        $ask = new Ask('lesson', $day, $day, $now, party: $asked['party'] + 1);
        $named = (new WhyNothing($scenario->book, $scenario->diary))->reasons($ask);
        $isBarren = (new SlotSearch($scenario->book, $scenario->diary))->slots($ask) === [];
        $barren += $isBarren ? 1 : 0;
        expect($isBarren && $named === [])->toBeFalse("seed {$seed}");
        $why = new WhyNot($scenario->book, $scenario->diary, asksResting: false);
        $said = [];
        foreach ($scenario->book->zone->dates($day, $day)->stretches() as [$start, $end]) {
            for ($at = $start; $at < $end; $at += 5) {
                foreach ($why->verdicts($ask, $at) as $verdict) {
                    array_push($said, ...array_map(static fn (Reason $reason) => $reason->what, $verdict->reasons));
                }
            }
        }
        foreach ($said === [] ? [] : $named as $reason) {
            expect(in_array($reason->what, $said, true))->toBeTrue("{$reason->what->value} of seed {$seed}");
        }
    }
    expect($barren)->toBeGreaterThan(1);
});
