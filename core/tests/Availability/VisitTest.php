<?php

declare(strict_types=1);

use YardBell\Core\Scenario\BadDocument;
use YardBell\Core\Scenario\Visits;
use YardBell\Core\Tests\Support\Days;
use YardBell\Core\Tests\Support\EveryPlan;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\Zone;

/*
 * T20. A picture: Monday 2027-03-01, open 09:00-12:00, Ana and Bo at the yard; a cut of 30 minutes and a colour of 60,
 * both every half hour.
 */

/**
 * @param  array<string, array<string, mixed>>  $services what is different of "cut" and "colour"
 * @param  array<string, mixed>  $more
 * @return array<string, mixed>
 */
function salon(array $services = [], array $more = [], array $bookings = []): array
{
    $document = Days::document(bookings: $bookings, more: ['staff' => [['id' => 'ana'], ['id' => 'bo']], ...$more]);
    $both = ['locations' => ['yard'], 'staff' => ['ana', 'bo'], 'startEvery' => 30];

    return ['services' => [
        ['id' => 'cut', 'minutes' => 30, ...$both, ...$services['cut'] ?? []],
        ['id' => 'colour', 'minutes' => 60, ...$both, ...$services['colour'] ?? []],
        ['id' => 'lesson', 'minutes' => 60, ...$both],
    ]] + $document;
}

/**
 * @param  array<string, mixed>  $document
 * @param  array<string, mixed>  $request
 * @return list<array<string, mixed>>
 */
function visits(array $document, array $request = []): array
{
    $request += ['parts' => [['service' => 'cut'], ['service' => 'colour']], 'from' => Days::MONDAY];
    $request += ['to' => $request['from'], 'now' => '2027-02-01T00:00Z'];

    return Visits::of(Days::read($document), json_encode($request, JSON_THROW_ON_ERROR))['visits'];
}

/**
 * "09:00 cut ana, 09:30 colour bo" for each visit, in UTC.
 *
 * @param  array<string, mixed>  $document
 * @param  array<string, mixed>  $request
 * @return list<string>
 */
function planned(array $document, array $request = []): array
{
    return array_map(
        static fn (array $visit): string => implode(', ', array_map(
            static fn (array $part): string => implode(' ', [
                substr($part['start'], 11, 5),
                $part['service'],
                implode('+', $part['staff']),
                ...$part['units'],
            ]),
            $visit['parts'],
        )),
        visits($document, $request),
    );
}

it('places the parts one after the other, in the order asked', function (): void {
    expect(planned(salon()))->toBe([
        '09:00 cut ana, 09:30 colour ana',
        '09:30 cut ana, 10:00 colour ana',
        '10:00 cut ana, 10:30 colour ana',
        '10:30 cut ana, 11:00 colour ana',
    ]);
});

it('asks of the grid only for the first part (T10)', function (): void {
    $document = salon(['cut' => ['minutes' => 20], 'colour' => ['startEvery' => 60]]);
    expect(planned($document)[0])->toBe('09:00 cut ana, 09:20 colour ana');
});

it('gives the client away to whoever is free the earliest, by whose turn it is where several are', function (): void {
    $padded = salon(['cut' => ['clearup' => 15]]);
    expect(planned($padded)[0])->toBe('09:00 cut ana, 09:30 colour bo')
        ->and(planned($padded, ['samePerson' => true]))->toBe([])
        ->and(planned($padded, ['samePerson' => true, 'maxWait' => 15])[0])->toBe('09:00 cut ana, 09:45 colour ana');
    $booked = ['service' => 'colour', 'start' => '2027-02-15T10:00Z', 'staff' => ['ana']];
    expect(planned(salon(bookings: [$booked]))[0])->toBe('09:00 cut ana, 09:30 colour bo');
});

it('waits no longer than the client would, and begins later only to end no later', function (): void {
    $busy = ['service' => 'colour', 'start' => Days::MONDAY.'T09:00Z', 'minutes' => 60, 'staff' => ['bo']];
    $only = ['colour' => ['staff' => ['bo']]];
    expect(planned(salon($only, bookings: [$busy]))[0])->toBe('09:30 cut ana, 10:00 colour bo')
        ->and(planned(salon($only, bookings: [$busy]), ['maxWait' => 30])[0])->toBe('09:00 cut ana, 10:00 colour bo');
});

it('does the parts in another order only where that ends earlier', function (): void {
    $busy = ['service' => 'colour', 'start' => Days::MONDAY.'T10:00Z', 'minutes' => 120, 'staff' => ['bo']];
    $only = ['colour' => ['staff' => ['bo']]];
    expect(planned(salon($only, bookings: [$busy]), ['anyOrder' => true]))->toBe(['09:00 colour bo, 10:00 cut ana'])
        ->and(planned(salon(), ['anyOrder' => true])[0])->toBe('09:00 cut ana, 09:30 colour ana');
});

it('counts what is placed before as booked: units, and limits a day', function (): void {
    $wheel = ['resources' => [['pool' => 'wheel', 'units' => 1]]];
    $pool = ['resources' => [['id' => 'wheel', 'units' => ['w1', 'w2']]]];
    $document = salon(['cut' => $wheel + ['clearup' => 10], 'colour' => $wheel + ['staff' => ['bo']]], $pool);
    expect(planned($document)[0])->toBe('09:00 cut ana w1, 09:30 colour bo w2');
    $bare = ['resources' => [['pool' => 'wheel', 'units' => 1, 'holdsBuffers' => false]], 'clearup' => 10];
    expect(planned(salon(['cut' => $bare, 'colour' => $wheel + ['staff' => ['bo']]], $pool))[0])
        ->toBe('09:00 cut ana w1, 09:30 colour bo w1');
    $twice = ['parts' => [['service' => 'cut'], ['service' => 'cut']]];
    expect(planned(salon(['cut' => ['maxPerDay' => 1]]), $twice))->toBe([])
        ->and(planned(salon(['cut' => ['maxPerDay' => 2]]), $twice))->not->toBe([]);
    $limited = ['staff' => [['id' => 'ana', 'maxPerDay' => 1], ['id' => 'bo']]];
    expect(planned(salon(more: $limited), $twice)[0])->toBe('09:00 cut ana, 09:30 cut bo');
});

it('keeps to a wish for somebody, among others or alone', function (): void {
    $wish = ['parts' => [['service' => 'cut', 'staff' => 'bo'], ['service' => 'colour']]];
    expect(planned(salon(), $wish)[0])->toBe('09:00 cut bo, 09:30 colour ana')
        ->and(planned(salon(['cut' => ['assignment' => 'all']]), $wish)[0])->toBe('09:00 cut ana+bo, 09:30 colour ana')
        ->and(planned(salon(['cut' => ['staff' => ['ana']]]), $wish))->toBe([])
        ->and(planned(salon(['cut' => ['assignment' => 'all']]), ['samePerson' => true]))->toBe([]);
});

it('judges each part by its own notice, length and party', function (array $services, array $request): void {
    expect(planned(salon($services), $request))->toBe([]);
})->with([
    'a session' => [['colour' => ['kind' => 'session', 'minutes' => null]], []],
    'a group' => [['colour' => ['places' => 3]], []],
    'a party too large' => [['colour' => ['maxParty' => 2], 'cut' => ['maxParty' => 1]], ['party' => 2]],
    'too short a notice' => [['colour' => ['noticeMinutes' => 60 * 24 * 40]], []],
    'a length there is not' => [[], ['parts' => [['service' => 'cut'], ['service' => 'colour', 'minutes' => 61]]]],
    'nowhere together' => [['colour' => ['locations' => []]], []],
]);

it('goes on past midnight, beyond the dates asked for', function (): void {
    $open = ['openingHours' => ['mon' => [['from' => '22:00', 'to' => '02:00']]]];
    $document = ['business' => $open + salon()['business']] + salon(['colour' => ['hours' => ['tue' => [
        ['from' => '00:00', 'to' => '02:00'],
    ]]]]);
    expect(planned($document))->toBe(['23:30 cut ana, 00:00 colour ana'])
        ->and(planned($document, ['from' => '2027-03-02']))->toBe([
            '00:00 cut ana, 00:30 colour ana',
            '00:30 cut ana, 01:00 colour ana',
        ]);
});

it('refuses a request that is none', function (array $request, string $problem): void {
    expect(fn () => visits(salon(), $request))->toThrow(BadDocument::class, $problem);
})->with([
    'one part' => [['parts' => [['service' => 'cut']]], '/parts: a visit has 2 to 6 parts, not 1.'],
    'seven' => [['parts' => array_fill(0, 7, ['service' => 'cut'])], '/parts: a visit has 2 to 6 parts, not 7.'],
    'a service there is not' => [['parts' => [['service' => 'cut'], ['service' => 'x']]], '/parts/1/service: there is'],
    'too long a wait' => [['maxWait' => 241], '/maxWait: 241 is too large'],
    'an unknown key' => [['wait' => 3], '/wait: this key is not known here.'],
    'backwards' => [['to' => '2027-02-28'], '/from: it must not be after "to".'],
    'nobody' => [['party' => 0], '/party: 0 is too small'],
]);

it('finds the plan that trying all finds', function (int $first): void {
    $rows = 0;
    for ($seed = $first; $seed < $first + 25; $seed++) {
        $every = new EveryPlan($seed);
        $found = visits($every->document, $every->request);
        expect($found)->toBe($every->plans(), "seed {$seed}");
        $rows += count($found);
    }
    expect($rows)->toBeGreaterThan(20); // a guard: documents that offer nothing would prove nothing
})->with([1, 26, 51, 76]);

it('begins on the local dates asked for, also where clocks go back over midnight', function (): void {
    // until 2011 they went back at 00:01, to 23:01 of the day before
    $open = array_fill_keys(Wall::WEEKDAYS, [['from' => '00:00', 'to' => '24:00']]);
    $document = salon(more: ['business' => [
        'name' => 'Yard',
        'timeZone' => 'America/St_Johns',
        'currency' => 'EUR',
        'openingHours' => $open,
    ]]);
    $starts = static fn (string $from, string $to): array => array_column(
        visits($document, ['from' => $from, 'to' => $to, 'now' => '2010-11-01T00:00Z']),
        'start',
    );
    $zone = Zone::named('America/St_Johns');
    $days = static fn (array $starts): array => array_values(array_unique(array_map(
        static fn (string $start): string => Wall::date($zone->day(Wall::instant($start))),
        $starts,
    )));
    [$saturday, $sunday] = [$starts('2010-11-06', '2010-11-06'), $starts('2010-11-07', '2010-11-07')];
    expect($days($saturday))->toBe(['2010-11-06'])
        ->and($days($sunday))->toBe(['2010-11-07'])
        ->and($saturday)->toContain('2010-11-07T03:00Z') // 23:30, the second time
        ->and($sunday)->toContain('2010-11-07T02:30Z') // 00:00, the first time
        ->and(array_intersect($saturday, $sunday))->toBe([])
        ->and($starts('2010-11-06', '2010-11-07'))->toHaveCount(count($saturday) + count($sunday));
});
