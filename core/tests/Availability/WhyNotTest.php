<?php

declare(strict_types=1);

use YardBell\Core\Availability\Ask;
use YardBell\Core\Availability\SlotSearch;
use YardBell\Core\Availability\Verdict;
use YardBell\Core\Availability\WhyNot;
use YardBell\Core\Scenario\Reader;
use YardBell\Core\Tests\Support\Chance;
use YardBell\Core\Tests\Support\Days;
use YardBell\Core\Time\Wall;

/* T19. Monday 2027-03-01, open 09:00-12:00, an hour's lesson every half hour with Ana; what is told is what differs. */

it('names every rule in the way, with what causes it', function (
    array $document,
    string $time,
    array $options,
    string $reasons,
): void {
    expect(Days::why($document, Days::MONDAY."T{$time}Z", $options))->toBe([$reasons]);
})->with(function (): array {
    $at = Days::MONDAY;
    $own = fn (array $member): array => ['staff' => [['id' => 'ana', 'name' => 'Ana'] + $member]];
    $wheels = fn (array $units, array $more = []): array => [
        'resources' => [['id' => 'wheel', 'units' => $units] + $more],
    ];
    $monday = fn (string $from, string $to): array => ['mon' => [['from' => $from, 'to' => $to]]];

    return [
        'nothing' => [Days::document(), '09:30', [], 'offered'],
        'before opening, T5 alone where the grid is counted from the opening' => [
            Days::document(['startFrom' => 'opening']),
            '08:10',
            [],
            'T5 opening hours',
        ],
        'before opening and off the clock' => [Days::document(), '08:10', [], 'T5 opening hours, T10 service lesson'],
        'too long for what is left' => [Days::document(), '11:30', [], 'T5 opening hours'],
        'a special day of the business' => [
            Days::document(business: ['specialDays' => [['date' => $at, 'hours' => []]]]),
            '09:00',
            [],
            "T5 special day {$at}",
        ],
        'own hours' => [
            Days::document(more: $own(['hours' => $monday('10:00', '12:00')])),
            '09:00',
            [],
            'T5 hours of staff member ana',
        ],
        'an own special day' => [
            Days::document(more: $own(['specialDays' => [['date' => $at, 'hours' => []]]])),
            '09:00',
            [],
            "T5 special day of staff member ana {$at}",
        ],
        'a break' => [
            Days::document(more: $own(['breaks' => $monday('09:30', '09:40')])),
            '09:00',
            [],
            'T5 break of staff member ana',
        ],
        'a break that only touches' => [
            Days::document(more: $own(['breaks' => $monday('10:00', '10:10')])),
            '09:00',
            [],
            'offered',
        ],
        'the hours of a place' => [
            Days::document(more: ['locations' => [['id' => 'yard', 'hours' => $monday('10:00', '12:00')]]]),
            '09:00',
            [],
            'T5 hours of location yard',
        ],
        'the hours of a service' => [
            Days::document(['hours' => $monday('10:00', '12:00')]),
            '09:00',
            [],
            'T5 hours of service lesson',
        ],
        'a closure' => [
            Days::document(
                business: ['closures' => [['id' => 'fair', 'from' => "{$at}T09:30", 'to' => "{$at}T10:00"]]],
            ),
            '09:00',
            [],
            'T5 closure fair',
        ],
        'closures before and after' => [
            Days::document(
                business: [
                    'closures' => [
                        ['id' => 'a', 'from' => "{$at}T08:00", 'to' => "{$at}T09:00"],
                        ['id' => 'b', 'from' => "{$at}T10:00", 'to' => "{$at}T11:00"],
                    ],
                ],
            ),
            '09:00',
            [],
            'offered',
        ],
        'the first and last day of a season' => [
            Days::document(['availableFrom' => $at, 'availableUntil' => $at]),
            '09:00',
            [],
            'offered',
        ],
        'own hours of every place and of this one' => [
            Days::document(
                more: $own([
                    'hours' => [
                        'mon' => [
                            ['from' => '09:00', 'to' => '09:30', 'at' => 'yard'],
                            ['from' => '09:30', 'to' => '12:00'],
                        ],
                    ],
                ]),
            ),
            '09:00',
            [],
            'offered',
        ],
        'a closure of somebody else' => [
            Days::document(
                business: [
                    'closures' => [['id' => 'fair', 'from' => "{$at}T09:30", 'to' => "{$at}T10:00", 'staff' => ['bo']]],
                ],
                more: ['staff' => [['id' => 'ana'], ['id' => 'bo']]],
            ),
            '09:00',
            [],
            'offered',
        ],
        'dayparts' => [
            Days::document(
                ['dayparts' => ['late']],
                ['dayparts' => [['id' => 'late', 'from' => '10:00', 'to' => '12:00']]],
            ),
            '09:00',
            [],
            'T5 dayparts of service lesson',
        ],
        'dates' => [
            Days::document(['availableFrom' => '2027-03-02']),
            '09:00',
            [],
            'T5 availableFrom of service lesson',
        ],
        'dates that are over' => [
            Days::document(['availableUntil' => '2027-02-28']),
            '09:00',
            [],
            'T5 availableUntil of service lesson',
        ],
        'a booking and its clear-up' => [
            Days::document(bookings: [['start' => "{$at}T10:00Z", 'clearup' => 15]]),
            '11:00',
            [],
            'T6 booking b0',
        ],
        'two bookings at once' => [
            Days::document(bookings: [['start' => "{$at}T09:00Z"], ['start' => "{$at}T10:00Z"]]),
            '09:30',
            [],
            'T6 booking b0, T6 booking b1',
        ],
        'time off' => [
            Days::document(
                more: $own(['timeOff' => [['id' => 'trip', 'from' => "{$at}T09:00", 'to' => "{$at}T09:01"]]]),
            ),
            '09:00',
            [],
            'T6 time off trip',
        ],
        'an outside calendar' => [
            Days::document(more: $own(['busy' => [['from' => "{$at}T09:59:30Z", 'to' => "{$at}T10:20Z"]]])),
            '09:00',
            [],
            'T6 outside calendar',
        ],
        'an outside calendar nobody minds' => [
            Days::document(
                more: $own(['respectBusy' => false, 'busy' => [['from' => "{$at}T09:00Z", 'to' => "{$at}T10:20Z"]]]),
            ),
            '09:00',
            [],
            'offered',
        ],
        'travel' => [
            Days::document(
                business: ['travelMinutes' => 20],
                bookings: [['start' => "{$at}T10:00Z", 'location' => 'mill']],
                more: ['locations' => [['id' => 'yard'], ['id' => 'mill']]],
            ),
            '11:00',
            [],
            'T7 booking b0',
        ],
        'taken units' => [
            Days::document(
                ['resources' => [['pool' => 'wheel', 'units' => 1]]],
                bookings: [['start' => "{$at}T09:00Z", 'staff' => [], 'units' => ['w1']]],
                more: $wheels(['w1']),
            ),
            '09:30',
            [],
            'T9 booking b0',
        ],
        'too few units' => [
            Days::document(
                ['maxParty' => 3, 'resources' => [['pool' => 'wheel', 'units' => 1, 'perPerson' => true]]],
                more: $wheels(['w1', 'w2']),
            ),
            '09:00',
            ['party' => '3'],
            'T9 pool wheel',
        ],
        'units elsewhere' => [
            Days::document(
                ['resources' => [['pool' => 'wheel', 'units' => 1]]],
                more: $wheels(['w1'], ['location' => 'mill']) + ['locations' => [['id' => 'yard'], ['id' => 'mill']]],
            ),
            '09:00',
            [],
            'T9 pool wheel',
        ],
        'an outage' => [
            Days::document(
                ['resources' => [['pool' => 'wheel', 'units' => 1]]],
                more: $wheels(
                    ['w1'],
                    ['outages' => [['unit' => 'w1', 'from' => "{$at}T09:00", 'to' => "{$at}T09:30"]]],
                ),
            ),
            '09:00',
            [],
            'T9 outage of w1',
        ],
        'notice' => [
            Days::document(['noticeMinutes' => 90]),
            '09:00',
            ['now' => "{$at}T08:00Z"],
            'T11 notice of service lesson',
        ],
        'reach' => [Days::document(['bookAheadDays' => 7]), '09:00', [], 'T11 reach of service lesson'],
        'a full day of the service' => [
            Days::document(['maxPerDay' => 1], bookings: [['start' => "{$at}T11:00Z"]]),
            '09:00',
            [],
            'T12 service lesson',
        ],
        'a full day of the person' => [
            Days::document(bookings: [['start' => "{$at}T11:00Z"]], more: $own(['maxPerDay' => 1])),
            '09:00',
            [],
            'T12 staff member ana',
        ],
        'a party too large' => [Days::document(['maxParty' => 2]), '09:00', ['party' => '3'], 'T13 service lesson'],
        'a group that is full' => [
            Days::document(['places' => 3], bookings: [['start' => "{$at}T09:00Z", 'party' => 2]]),
            '09:00',
            ['party' => '2'],
            'T14 booking b0',
        ],
        'a group off the grid that has room' => [
            Days::document(['places' => 3], bookings: [['start' => "{$at}T09:10Z", 'party' => 2]]),
            '09:10',
            [],
            'offered',
        ],
        'more than there are places' => [
            Days::document(['places' => 3]),
            '09:00',
            ['party' => '4'],
            'T14 service lesson',
        ],
        'somebody who does not do it' => [
            Days::document(more: ['staff' => [['id' => 'ana'], ['id' => 'bo']]]),
            '09:00',
            ['staff' => 'bo'],
            'T16 staff member bo',
        ],
        'somebody who rests' => [Days::document(more: $own(['active' => false])), '09:00', [], 'T16 staff member ana'],
        'somebody who rests, and more besides' => [
            Days::document(['maxParty' => 1], bookings: [['start' => "{$at}T09:00Z"]], more: $own(['active' => false])),
            '09:10',
            ['party' => '2'],
            'T16 staff member ana',
        ],
        'no session then, whatever else' => [
            Days::document(['kind' => 'session', 'minutes' => null, 'maxParty' => 1, 'noticeMinutes' => 90_000]),
            '09:00',
            ['party' => '2'],
            'T15 service lesson',
        ],
        'nobody' => [Days::document(['staff' => []]), '09:00', [], 'T16 service lesson'],
        'a place where it is not' => [
            Days::document(more: ['locations' => [['id' => 'yard'], ['id' => 'mill']]]),
            '09:00',
            ['location' => 'mill'],
            'T16 location mill',
        ],
        'nowhere' => [Days::document(['locations' => []]), '09:00', [], 'T16 service lesson'],
        'a length it does not have' => [
            Days::document(['minutes' => [30, 60]]),
            '09:00',
            ['minutes' => '45'],
            'T17 service lesson',
        ],
        'several at once' => [
            Days::document(['maxParty' => 1], bookings: [['start' => "{$at}T12:00Z", 'setup' => 15]]),
            '11:40',
            ['party' => '2', 'now' => "{$at}T11:50Z"],
            'T13 service lesson, T11 notice of service lesson, T5 opening hours, T10 service lesson, T6 booking b0',
        ],
    ];
});

it('says it in a sentence, in the time of the clock on the wall', function (
    array $document,
    string $time,
    array $options,
    array $details,
): void {
    expect(Days::details($document, Days::MONDAY."T{$time}Z", $options))->toBe($details);
})->with(function (): array {
    $at = Days::MONDAY;
    $kathmandu = [
        'timeZone' => 'Asia/Kathmandu',
        'openingHours' => ['mon' => [['from' => '09:00', 'to' => '12:00'], ['from' => '22:00', 'to' => '02:00']]],
    ]; // 5:45 ahead
    $wheels = fn (array $units, array $more = []): array => [
        'resources' => [['id' => 'wheel', 'units' => $units] + $more],
    ];

    return [
        'hours' => [
            Days::document(business: $kathmandu),
            '05:45',
            [],
            [
                '2027-03-01 11:30 to 12:30 does not lie within them. Windows that start on 2027-03-01: 09:00–12:00, '
                    .'22:00–02:00.',
            ],
        ],
        'past midnight' => [
            Days::document(business: $kathmandu),
            '20:00',
            [],
            [
                '2027-03-02 01:45 to 02:45 does not lie within them. Windows that start on 2027-03-02: none.',
                'Starts are every 30 minutes by the clock, counted from midnight.',
            ],
        ],
        'over midnight' => [
            Days::document(['hours' => ['tue' => []]], $kathmandu),
            '17:45',
            [],
            ['2027-03-01 23:30 to 2027-03-02 00:30 does not lie within them. Windows that start on 2027-03-01: none.'],
        ],
        'notice' => [
            Days::document(['noticeMinutes' => 90]),
            '09:00',
            ['now' => "{$at}T08:10Z"],
            ['90 minutes of notice: the earliest start is 2027-03-01 09:40, 40 minutes later.'],
        ],
        'just within the notice' => [Days::document(['noticeMinutes' => 50]), '09:00', ['now' => "{$at}T08:10Z"], []],
        'reach' => [
            Days::document(['bookAheadDays' => 7]),
            '09:00',
            [],
            ['It reaches 7 days ahead, until 2027-02-08, 21 days earlier.'],
        ],
        'grid' => [
            Days::document(['startFrom' => 'opening', 'startEvery' => 25]),
            '09:10',
            [],
            ['Starts are every 25 minutes from the beginning of the open stretch.'],
        ],
        'taken' => [
            Days::document(
                bookings: [['start' => "{$at}T10:00Z", 'setup' => 10, 'clearup' => 15]],
                more: ['staff' => [['id' => 'ana', 'name' => 'Ana']]],
            ),
            '09:30',
            [],
            ['It takes Ana from 2027-03-01 09:50 to 11:15, set-up and clear-up included.'],
        ],
        'travel' => [
            Days::document(
                business: ['travelMinutes' => 20],
                bookings: [['start' => "{$at}T10:00Z", 'location' => 'mill']],
                more: [
                    'locations' => [['id' => 'yard'], ['id' => 'mill']],
                    'staff' => [['id' => 'ana', 'name' => 'Ana']],
                ],
            ),
            '11:00',
            [],
            ['It takes Ana from 2027-03-01 10:00 to 11:00, and 20 minutes of travel to or from location mill.'],
        ],
        'units' => [
            Days::document(
                ['resources' => [['pool' => 'wheel', 'units' => 2]]],
                bookings: [['start' => "{$at}T09:00Z", 'staff' => [], 'units' => ['w1']]],
                more: $wheels(['w1', 'w2']),
            ),
            '09:30',
            [],
            ['Unit w1 of pool wheel is taken from 2027-03-01 09:00 to 10:00, 2 free ones are needed.'],
        ],
        'too few units' => [
            Days::document(['resources' => [['pool' => 'wheel', 'units' => 3]]], more: $wheels(['w1', 'w2'])),
            '09:00',
            [],
            ['It has 2 units, 3 are needed.'],
        ],
        'units elsewhere' => [
            Days::document(
                ['resources' => [['pool' => 'wheel', 'units' => 1]]],
                more: $wheels(['w1'], ['location' => 'mill']) + ['locations' => [['id' => 'yard'], ['id' => 'mill']]],
            ),
            '09:00',
            [],
            ['Its units are at location mill alone.'],
        ],
        'a limit' => [
            Days::document(['maxPerDay' => 1], bookings: [['start' => "{$at}T11:00Z"]]),
            '09:00',
            [],
            ['1 of at most 1 a day are taken.'],
        ],
        'a limit of somebody' => [
            Days::document(
                bookings: [['start' => "{$at}T11:00Z"]],
                more: ['staff' => [['id' => 'ana', 'name' => 'Ana', 'maxPerDay' => 1]]],
            ),
            '09:00',
            [],
            ['Ana takes at most 1 a day and has 1.'],
        ],
        'a party' => [
            Days::document(['maxParty' => 2]),
            '09:00',
            ['party' => '3'],
            ['A party of 3 is more than the 2 it takes.'],
        ],
        'a group' => [
            Days::document(['places' => 3], bookings: [['start' => "{$at}T09:00Z", 'party' => 2]]),
            '09:00',
            ['party' => '2'],
            ['1 of 3 places are left, 2 are asked for.'],
        ],
        'places' => [Days::document(['places' => 3]), '09:00', ['party' => '4'], ['It has 3 places, 4 are asked for.']],
        'a length' => [
            Days::document(['minutes' => [60, 90]]),
            '09:00',
            ['minutes' => '45'],
            ['It does not come in 45 minutes.'],
        ],
        'a closure' => [
            Days::document(
                business: ['closures' => [['id' => 'fair', 'from' => "{$at}T09:30", 'to' => '2027-03-02T00:00']]],
            ),
            '09:00',
            [],
            ['Closed from 2027-03-01 09:30 to 2027-03-02 00:00.'],
        ],
        'a break' => [
            Days::document(
                more: [
                    'staff' => [
                        [
                            'id' => 'ana',
                            'name' => 'Ana',
                            'breaks' => [
                                'mon' => [['from' => '09:10', 'to' => '09:20'], ['from' => '09:30', 'to' => '09:40']],
                            ],
                        ],
                    ],
                ],
            ),
            '09:00',
            [],
            ['Ana has a break in it: 2027-03-01 09:10 to 09:20, 2027-03-01 09:30 to 09:40.'],
        ],
        'dayparts' => [
            Days::document(
                ['dayparts' => ['late', 'early']],
                [
                    'dayparts' => [
                        ['id' => 'early', 'name' => 'Early', 'from' => '06:00', 'to' => '07:00'],
                        ['id' => 'late', 'name' => 'Late', 'from' => '10:00', 'to' => '24:00'],
                    ],
                ],
            ),
            '09:00',
            [],
            ['It starts only in: Late 10:00–24:00, Early 06:00–07:00.'],
        ],
        'a season to come' => [
            Days::document(['availableFrom' => '2027-03-02']),
            '09:00',
            [],
            ['It is available from 2027-03-02 on.'],
        ],
        'a season that is over' => [
            Days::document(['availableUntil' => '2027-02-28']),
            '09:00',
            [],
            ['It is available until 2027-02-28.'],
        ],
        'own hours of another place' => [
            Days::document(
                more: [
                    'staff' => [
                        [
                            'id' => 'ana',
                            'hours' => [
                                'mon' => [
                                    ['from' => '09:00', 'to' => '12:00', 'at' => 'mill'],
                                    ['from' => '13:00', 'to' => '14:00', 'at' => 'yard'],
                                    ['from' => '15:00', 'to' => '16:00'],
                                ],
                            ],
                        ],
                    ],
                    'locations' => [['id' => 'yard'], ['id' => 'mill']],
                ],
            ),
            '09:00',
            [],
            [
                '2027-03-01 09:00 to 10:00 does not lie within them. Windows that start on 2027-03-01: 13:00–14:00, '
                    .'15:00–16:00.',
            ],
        ],
        'an own special day on another date' => [
            Days::document(
                more: ['staff' => [['id' => 'ana', 'specialDays' => [['date' => '2027-03-02', 'hours' => []]]]]],
            ),
            '08:30',
            [],
            [
                '2027-03-01 08:30 to 09:30 does not lie within them. Windows that start on 2027-03-01: 09:00–12:00.',
                '2027-03-01 08:30 to 09:30 does not lie within them. Windows that start on 2027-03-01: 09:00–12:00.',
            ],
        ],
        'an own special day' => [
            Days::document(
                more: [
                    'staff' => [
                        [
                            'id' => 'ana',
                            'specialDays' => [
                                ['date' => Days::MONDAY, 'hours' => [['from' => '10:00', 'to' => '11:00']]],
                            ],
                        ],
                    ],
                ],
            ),
            '09:00',
            [],
            ['2027-03-01 09:00 to 10:00 does not lie within them. Windows that start on 2027-03-01: 10:00–11:00.'],
        ],
        'nobody, nowhere' => [
            Days::document(['staff' => [], 'locations' => []]),
            '09:00',
            [],
            ['It has no location.', 'Nobody is assigned to it.'],
        ],
        'the wrong one' => [
            Days::document(
                more: [
                    'staff' => [['id' => 'ana'], ['id' => 'bo', 'name' => 'Bo', 'active' => false]],
                    'locations' => [['id' => 'yard'], ['id' => 'mill']],
                ],
            ),
            '09:00',
            ['staff' => 'bo', 'location' => 'mill'],
            ['The service is not offered there.', 'Bo is not assigned to the service.', 'Bo is resting.'],
        ],
    ];
});

const EVENING = [
    'service' => 'lesson',
    'start' => Days::MONDAY.'T20:00Z',
    'minutes' => 90,
    'staff' => ['ana'],
    'location' => 'yard',
    'places' => 3,
];

it('answers for sessions in a sentence', function (): void {
    $document = Days::document(
        ['kind' => 'session', 'maxParty' => 5],
        more: [
            'sessions' => [['id' => 's1'] + EVENING, ['id' => 's2', 'state' => 'cancelled'] + EVENING],
            'staff' => [['id' => 'ana'], ['id' => 'bo']],
        ],
    );
    expect(Days::details($document, Days::MONDAY.'T20:00Z', ['party' => '4']))->toBe([
        '3 of its 3 places are left, 4 are asked for.',
        'It is cancelled.',
        '3 of its 3 places are left, 4 are asked for.',
    ])
        ->and(Days::details($document, Days::MONDAY.'T19:00Z'))
        ->toBe(['No session of it is scheduled at 2027-03-01 19:00.'])
        ->and(Days::details($document, Days::MONDAY.'T20:00Z', ['staff' => 'bo']))
        ->toBe(['No session of it is scheduled at 2027-03-01 20:00 as asked for.'])
        ->and(Days::details($document, Days::MONDAY.'T20:00Z', ['party' => '6', 'now' => Days::MONDAY.'T20:01Z']))
        ->toBe([
            'A party of 6 is more than the 5 it takes.',
            '0 minutes of notice: the earliest start is 2027-03-01 20:01, 1 minutes later.',
            '3 of its 3 places are left, 6 are asked for.',
            'A party of 6 is more than the 5 it takes.',
            '0 minutes of notice: the earliest start is 2027-03-01 20:01, 1 minutes later.',
            'It is cancelled.',
            '3 of its 3 places are left, 6 are asked for.',
        ]);
});

it('answers for sessions as they are scheduled (T15)', function (): void {
    $document = Days::document(
        ['kind' => 'session', 'minutes' => null],
        more: [
            'sessions' => [['id' => 's1'] + EVENING, ['id' => 's2', 'state' => 'cancelled'] + EVENING],
            'bookings' => [
                [
                    'id' => 'b1',
                    'service' => 'lesson',
                    'session' => 's1',
                    'party' => 2,
                    'createdAt' => '2027-02-01T00:00Z',
                ],
            ],
        ],
    );
    expect(Days::why($document, Days::MONDAY.'T20:00Z'))->toBe(['offered', 'T15 session s2'])
        ->and(Days::why($document, Days::MONDAY.'T20:00Z', ['party' => '2']))
        ->toBe(['T15 session s1', 'T15 session s2'])
        ->and(Days::why($document, Days::MONDAY.'T19:00Z'))->toBe(['T15 service lesson']);
});

/*
 * Whatever the document: a start is offered exactly when nothing speaks against it, and what is named as a cause is
 * one: without it, it is named no more.
 */
it('tells of the same starts as the search', function (int $seed): void {
    $chance = new Chance($seed);
    $document = $chance->document();
    $scenario = Reader::read(json_encode($document, JSON_THROW_ON_ERROR));
    $asked = $chance->ask();
    [$day, $now] = [Wall::day($asked['from']), Wall::instant($asked['now'])];
    $ask = new Ask('lesson', $day, $day, $now, party: $asked['party']);
    $offered = [];
    foreach ((new SlotSearch($scenario->book, $scenario->diary))->slots($ask) as $slot) {
        $offered[$slot->start][] = "{$slot->location} ".implode('+', $slot->staff);
    }
    $why = new WhyNot($scenario->book, $scenario->diary);
    $asked = 0;
    foreach ($scenario->book->zone->dates($day, $day)->stretches() as [$start, $end]) {
        for ($at = $start; $at < $end; $at += isset($offered[$at]) || $at % 5 !== 0 ? 1 : 5) {
            $isFree = static fn (Verdict $verdict): bool => $verdict->isOffered();
            $free = array_filter($why->verdicts($ask, $at), $isFree);
            expect(
                array_map(
                    static fn (Verdict $verdict): string => "{$verdict->location} ".implode('+', $verdict->staff),
                    array_values($free),
                ),
            )->toBe($offered[$at] ?? [], Wall::writeInstant($at)." of seed {$seed}");
            $asked++;
        }
    }
    // Apia has had no 30 December 2011
    expect($asked > 200 || $scenario->book->zone->dates($day, $day)->isEmpty())->toBeTrue();
})->with(range(1, Chance::seeds(40)));

it('names causes without which the reason is gone', function (): void {
    $removed = 0;
    foreach (range(41, 40 + Chance::seeds(40)) as $seed) {
        $chance = new Chance($seed);
        $document = $chance->document();
        $asked = $chance->ask();
        $options = ['party' => (string) $asked['party'], 'now' => $asked['now']];
        foreach (range(0, 23 * 60, 115) as $minute) {
            $at = Wall::writeInstant(Wall::day($asked['from']) * Wall::DAY + $minute);
            foreach (array_unique(explode(', ', implode(', ', Days::why($document, $at, $options)))) as $reason) {
                [$rule, $kind, $id] = explode(' ', "{$reason}  ");
                $without = match (true) {
                    $rule === 'T14' || $id === '' => null,
                    $kind === 'booking' => [
                        'bookings' => array_values(
                            array_filter(
                                $document['bookings'],
                                static fn (array $booking): bool => $booking['id'] !== $id,
                            ),
                        ),
                    ] + $document,
                    $kind === 'closure' => ['business' => ['closures' => []] + $document['business']] + $document,
                    default => null,
                };
                if ($without !== null) {
                    $removed++;
                    expect(implode(', ', Days::why($without, $at, $options)))->not->toContain("{$rule} {$kind} {$id}");
                }
            }
        }
    }
    expect($removed)->toBeGreaterThan(Chance::seeds(40) / 4); // a guard: documents without causes would prove nothing
});
