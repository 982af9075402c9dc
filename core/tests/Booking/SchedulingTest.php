<?php

declare(strict_types=1);

use YardBell\Core\Booking\Gathering;
use YardBell\Core\Booking\GatheringDate;
use YardBell\Core\Booking\MonthDay;
use YardBell\Core\Booking\RepeatRule;
use YardBell\Core\Booking\RepeatUnit;
use YardBell\Core\Booking\Scheduling;
use YardBell\Core\Tests\Support\Days;
use YardBell\Core\Time\Wall;

/**
 * Tasters of Ana and Bo in the yard, where three wheels are; open Monday nine to twelve.
 *
 * @param  array<string, mixed>  $service
 * @param  array<string, mixed>  $more
 */
function scheduling(array $service = [], array $more = [], array $business = []): Scheduling
{
    $days = Days::document(
        ['kind' => 'session', 'minutes' => null, 'staff' => ['ana', 'bo'], 'noticeMinutes' => 6000, ...$service],
        $business,
        more: $more + [
            'staff' => [['id' => 'ana'], ['id' => 'bo']],
            'resources' => [['id' => 'wheel', 'units' => ['w1', 'w2', 'w3']]],
        ],
    );
    $scenario = Days::read($days);

    return new Scheduling($scenario->book, $scenario->diary);
}

/**
 * "03-01 09:00 w1" for what can be held, "outside" where that is beyond open time, else the rules in its way and the
 * nearest time.
 *
 * @return list<string>
 */
function heldOn(Scheduling $scheduling, string $at, Gathering $gathering, ?RepeatRule $rule = null): array
{
    $rule ??= new RepeatRule(Wall::dateTime($at), 1, RepeatUnit::Weeks, count: 1);

    return array_map(
        static fn (GatheringDate $date): string => trim(implode(' ', [
            substr(Wall::writeInstant($date->start), 5, 11),
            ...$date->row === null ? ['not:'] : $date->row->units,
            ...$date->isOutsideOpenTime() ? ['outside'] : [],
            ...array_unique(array_map(
                static fn (object $reason): string => $reason->rule,
                array_merge(...array_map(static fn (object $verdict): array => $verdict->reasons, $date->verdicts)),
            )),
            ...$date->nearest === null ? [] : ['near '.substr(Wall::writeInstant($date->nearest->start), 5, 11)],
        ])),
        $scheduling->dates($gathering, $rule, Wall::instant('2027-02-28T00:00Z')),
    );
}

function two(int $places = 3, int $minutes = 60): Gathering
{
    return new Gathering('lesson', $minutes, ['ana', 'bo'], 'yard', $places);
}

const BUSY = [
    'id' => 'b1',
    'service' => 'haircut',
    'start' => '2027-03-01T09:30Z',
    'minutes' => 45,
    'staff' => ['bo'],
    'location' => 'yard',
    'createdAt' => '2027-02-01T00:00Z',
];

/** @param  list<array<string, mixed>>  $bookings */
function besides(array $bookings): array
{
    $haircut = ['id' => 'haircut', 'minutes' => 45, 'staff' => ['bo'], 'locations' => ['yard']];
    $taster = ['id' => 'lesson', 'kind' => 'session', 'staff' => ['ana', 'bo'], 'locations' => ['yard']];

    return ['services' => [$taster, $haircut], 'bookings' => $bookings];
}

it('can be held when all who hold it are free, whatever notice, reach, limits and dayparts say', function (): void {
    $scheduling = scheduling([
        'bookAheadDays' => 0,
        'maxPerDay' => 0,
        'dayparts' => ['late'],
    ], business: ['dayparts' => [['id' => 'late', 'from' => '18:00', 'to' => '20:00']]]);
    expect(heldOn($scheduling, '2027-03-01T09:10', two()))->toBe(['03-01T09:10']);
});

it('is not held where somebody it needs is taken, and says when it could be', function (): void {
    expect(heldOn(scheduling(more: besides([BUSY])), '2027-03-01T09:00', two()))
        ->toBe(['03-01T09:00 not: T6 near 03-01T10:15']);
    $alone = new Gathering('lesson', 60, ['ana'], 'yard', 3);
    expect(heldOn(scheduling(more: besides([BUSY])), '2027-03-01T09:00', $alone))->toBe(['03-01T09:00']);
});

it('may be held outside open time, and says so', function (): void {
    expect(heldOn(scheduling(), '2027-03-01T19:00', two()))->toBe(['03-01T19:00 outside T5 near 03-01T11:00'])
        ->and(heldOn(scheduling(more: besides([['start' => '2027-03-01T19:00Z'] + BUSY])), '2027-03-01T19:00', two()))
        ->toBe(['03-01T19:00 not: T5 T6 near 03-01T11:00']);
});

it('needs the units of all its places', function (): void {
    $each = ['resources' => [['pool' => 'wheel', 'units' => 1, 'perPerson' => true]]];
    expect(heldOn(scheduling($each), '2027-03-01T09:00', two(3)))->toBe(['03-01T09:00 w1 w2 w3'])
        ->and(heldOn(scheduling($each), '2027-03-01T09:00', two(4)))->toBe(['03-01T09:00 not: T9']);
});

it('counts each date of a series for those after it', function (): void {
    $twice = new RepeatRule(Wall::dateTime('2027-03-01T09:00'), 1, RepeatUnit::Days, count: 2);
    expect(heldOn(scheduling(), '', two(minutes: 25 * 60), $twice)[1])->toContain('not:');
    $last = new RepeatRule(Wall::dateTime('2027-03-01T09:00'), 1, RepeatUnit::Months, MonthDay::LastWeekday, count: 3);
    expect(heldOn(scheduling(), '', two(), $last))
        ->toBe(['03-01T09:00', '04-26T09:00', '05-31T09:00']);
});

it('says what it takes at an instant, without itself in the way', function (): void {
    $session = [
        'id' => 's1',
        'service' => 'lesson',
        'start' => '2027-03-01T09:00Z',
        'minutes' => 60,
        'staff' => ['ana'],
        'location' => 'yard',
        'places' => 3,
    ];
    $days = Days::document(
        ['kind' => 'session', 'minutes' => null],
        more: ['sessions' => [$session]],
    );
    $scenario = Days::read($days);
    $gathering = new Gathering('lesson', 60, ['ana'], 'yard', 3);
    [$at, $now] = [Wall::dateTime('2027-03-01T09:30'), Wall::instant('2027-02-28T00:00Z')];
    $without = $scenario->diary->withoutSessions('s1');
    expect((new Scheduling($scenario->book, $scenario->diary))->at($gathering, [$at], $now)[0]->row)->toBeNull()
        ->and((new Scheduling($scenario->book, $without))->at($gathering, [$at], $now)[0]->row?->end)
        ->toBe(Wall::instant('2027-03-01T10:30Z'));
});
