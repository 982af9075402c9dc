<?php

declare(strict_types=1);

use YardBell\Core\Availability\Daypart;
use YardBell\Core\Availability\Diary;
use YardBell\Core\Availability\Lengths;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Service;
use YardBell\Core\Tests\Support\Days;
use YardBell\Core\Time\Hours;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\Window;
use YardBell\Core\Time\Zone;

it('knows which lengths a service comes in (T17)', function (
    string $made,
    array $of,
    array $has,
    array $hasNot,
    int $own,
    array $ends,
): void {
    $lengths = $made === 'choices' ? Lengths::choices($of) : Lengths::{$made}(...$of);
    foreach ($has as $minutes) {
        expect($lengths->named($minutes))->toBe($minutes);
    }
    foreach ($hasNot as $minutes) {
        expect($lengths->named($minutes))->toBeNull();
    }
    expect($lengths->named(null))->toBe($own)
        ->and([$lengths->min, $lengths->max, $lengths->step])->toBe($ends);
})->with([
    'one' => ['fixed', [60], [60], [59, 61, 0, -60], 60, [60, 60, 1]],
    'choices, the first is the own one' => ['choices', [90, 30, 60], [30, 60, 90], [45, 31, 120], 90, [30, 90, 1]],
    'steps from the shortest' => [
        'stepped',
        [40, 100, 30],
        [40, 70, 100],
        [10, 30, 60, 90, 101, 130],
        40,
        [40, 100, 30],
    ],
]);

it('drops the dates of a service, and nothing else', function (): void {
    $service = new Service(
        'lesson',
        'Lesson',
        Lengths::fixed(60),
        setup: 5,
        availableFrom: 20_000,
        availableUntil: 20_010,
        staff: ['ana'],
        maxPerDay: 3,
    );
    $always = $service->always();
    expect([$always->availableFrom, $always->availableUntil])->toBe([null, null])
        ->and([$always->id, $always->setup, $always->staff, $always->maxPerDay])->toBe(['lesson', 5, ['ana'], 3]);
});

it('has a largest party by what kind of service it is (T13)', function (
    array $more,
    ?int $largest,
    bool $isShared,
): void {
    $service = new Service('a', 'A', Lengths::fixed(60), ...$more);
    expect($service->largestParty())->toBe($largest)->and($service->isShared())->toBe($isShared);
})->with([
    'alone' => [[], 1, false],
    'said' => [['maxParty' => 4], 4, false],
    'two places' => [['places' => 2], null, true],
    'sessions' => [['hasSessions' => true], null, false],
    'places and a limit' => [['places' => 8, 'maxParty' => 2], 2, true],
]);

it('leaves out of an ordinary week what is so on some dates only', function (): void {
    $on = Days::MONDAY;
    $book = Days::read(
        Days::document(
            [
                'availableFrom' => '2027-03-05',
                'dayparts' => ['early'],
                'resources' => [['pool' => 'wheel', 'units' => 1]],
            ],
            [
                'closures' => [['id' => 'fair', 'from' => "{$on}T09:00", 'to' => "{$on}T10:00"]],
                'specialDays' => [['date' => $on, 'hours' => []]],
                'dayparts' => [['id' => 'early', 'name' => 'Early', 'from' => '06:00', 'to' => '11:00']],
            ],
            more: [
                'locations' => [
                    [
                        'id' => 'yard',
                        'hours' => ['mon' => [['from' => '08:00', 'to' => '11:00']]],
                        'specialDays' => [['date' => $on, 'hours' => []]],
                    ],
                ],
                'staff' => [
                    [
                        'id' => 'ana',
                        'timeOff' => [['id' => 'away', 'from' => "{$on}T09:00", 'to' => "{$on}T10:00"]],
                        'specialDays' => [['date' => $on, 'hours' => []]],
                        'breaks' => ['mon' => [['from' => '09:00', 'to' => '09:30']]],
                        'maxPerDay' => 1,
                    ],
                ],
                'resources' => [
                    [
                        'id' => 'wheel',
                        'units' => ['w1'],
                        'outages' => [['unit' => 'w1', 'from' => "{$on}T09:00", 'to' => "{$on}T10:00"]],
                    ],
                ],
            ],
        ),
    )->book;
    $week = $book->ordinary();
    expect($week->zone->name)->toBe('UTC')
        ->and($week->closures)->toBe([])
        ->and($week->openingHours->specialDays())->toBe([])
        ->and($week->locations['yard']->hours?->specialDays())->toBe([])
        ->and($week->locations['yard']->hours?->on(Wall::day($on)))->toHaveCount(1)
        ->and([$week->staff['ana']->special, $week->staff['ana']->timeOff, $week->staff['ana']->maxPerDay])
        ->toBe([[], [], null])
        ->and($week->staff['ana']->breaks?->on(Wall::day($on)))->toHaveCount(1)
        ->and($week->pools['wheel']->units)->toBe(['w1'])
        ->and($week->pools['wheel']->outages)->toBe([])
        ->and($week->services['lesson']->availableFrom)->toBeNull()
        ->and(array_keys($week->dayparts))->toBe(['early']);
});

it('replaces what is named and keeps the rest as it is', function (): void {
    $book = new RuleBook(
        Zone::named('Europe/Lisbon'),
        new Hours([]),
        travelMinutes: 15,
        dayparts: ['early' => new Daypart('early', 'Early', Window::between('06:00', '09:00'))],
    );
    $other = $book->with(travelMinutes: 30);
    expect($other->travelMinutes)->toBe(30)
        ->and($book->travelMinutes)->toBe(15)
        ->and($other->zone)->toBe($book->zone)
        ->and($other->openingHours)->toBe($book->openingHours)
        ->and($other->dayparts)->toBe($book->dayparts);
});

it('is an empty diary where nothing is booked', function (): void {
    expect((new Diary())->bookings)->toBe([])
        ->and((new Diary())->sessions)->toBe([])
        ->and((new Diary())->lastTaken('lesson', 0))->toBe([]);
});

it('leaves out time off that the clock skips (T2)', function (): void {
    $zone = Zone::named('Europe/Lisbon'); // clocks go from 1:00 to 2:00 on 2027-03-28
    $skipped = YardBell\Core\Time\WallSpan::between(
        Wall::dateTime('2027-03-28T01:10'),
        Wall::dateTime('2027-03-28T01:50'),
        $zone,
    );
    $real = YardBell\Core\Time\WallSpan::between(
        Wall::dateTime('2027-03-29T09:00'),
        Wall::dateTime('2027-03-29T10:00'),
        $zone,
    );
    $member = new YardBell\Core\Availability\Member('ana', 'Ana', timeOff: [['skipped', $skipped], ['real', $real]]);
    expect($skipped->interval)->toBeNull()
        ->and($member->off()->stretches())
        ->toBe([[Wall::instant('2027-03-29T08:00Z'), Wall::instant('2027-03-29T09:00Z')]])
        ->and((new YardBell\Core\Availability\Member('bo', 'Bo'))->off()->isEmpty())->toBeTrue();
});

it('needs units by the party, or for all of it together (T9)', function (): void {
    expect((new YardBell\Core\Availability\Need('wheel', 2, true))->unitsFor(3))->toBe(6)
        ->and((new YardBell\Core\Availability\Need('wheel', 2))->unitsFor(3))->toBe(2);
});

it('lies at other instants by the clocks of another zone, and at no others (T2)', function (): void {
    $on = Days::MONDAY;
    $document = fn (string $zone): array => Days::document(
        [],
        [
            'timeZone' => $zone,
            'closures' => [
                ['id' => 'fair', 'name' => 'Fair', 'from' => "{$on}T09:00", 'to' => "{$on}T10:00", 'staff' => ['ana']],
            ],
        ],
        more: [
            'staff' => [
                [
                    'id' => 'ana',
                    'timeOff' => [['id' => 'away', 'from' => "{$on}T12:00", 'to' => "{$on}T13:00"]],
                    'breaks' => ['mon' => [['from' => '11:00', 'to' => '11:30']]],
                ],
            ],
            'resources' => [
                [
                    'id' => 'wheel',
                    'name' => 'Wheels',
                    'units' => ['w1', 'w2'],
                    'outages' => [['unit' => 'w1', 'from' => "{$on}T09:00", 'to' => "{$on}T10:00"]],
                ],
            ],
        ],
    );
    $tokyo = Days::read($document('Asia/Tokyo'))->book;
    $moved = Days::read($document('Europe/Lisbon'))->book->in(Zone::named('Asia/Tokyo'));
    expect($moved->with(zone: $tokyo->zone))->toEqual($tokyo)
        ->and($moved->zone->name)->toBe('Asia/Tokyo')
        ->and($moved->closures[0]->span->interval?->start)->toBe(Wall::instant("{$on}T00:00Z"))
        ->and($moved->staff['ana']->off()->stretches())
        ->toBe([[Wall::instant("{$on}T03:00Z"), Wall::instant("{$on}T04:00Z")]]);
});
