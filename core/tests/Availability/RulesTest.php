<?php

declare(strict_types=1);

use YardBell\Core\Availability\Ask;
use YardBell\Core\Availability\Relaxed;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Tests\Support\Days;
use YardBell\Core\Time\Wall;

/* Each case: Monday 2027-03-01, open 09:00-12:00, an hour's lesson every half hour; what is told is what differs. */

it('offers what fits into one unbroken stretch (T5)', function (): void {
    expect(Days::starts(Days::document()))->toBe('09:00 09:30 10:00 10:30 11:00');
});

it('opens nobody beyond the opening hours, and nobody in their breaks (T4)', function (): void {
    $own = [
        'staff' => [
            [
                'id' => 'ana',
                'hours' => ['mon' => [['from' => '08:00', 'to' => '11:00']]],
                'breaks' => ['mon' => [['from' => '10:00', 'to' => '10:15']]],
            ],
        ],
    ];
    expect(Days::starts(Days::document(more: $own)))->toBe('09:00');
});

it('lets a special day of the business replace the windows that start on its date (T3)', function (): void {
    $special = ['specialDays' => [['date' => Days::MONDAY, 'hours' => [['from' => '20:00', 'to' => '21:30']]]]];
    expect(Days::starts(Days::document(business: $special)))->toBe('20:00 20:30')
        ->and(Days::starts(Days::document(business: ['specialDays' => [['date' => Days::MONDAY, 'hours' => []]]])))
        ->toBe('');
});

it('runs a night on into the special day after it (T3)', function (): void {
    $night = [
        'openingHours' => ['sun' => [['from' => '22:00', 'to' => '02:00']]],
        'specialDays' => [['date' => Days::MONDAY, 'hours' => []]],
    ];
    expect(Days::starts(Days::document(business: $night)))->toBe('00:00 00:30 01:00');
});

it('closes for those a closure names (T4)', function (): void {
    $closure = ['id' => 'fair', 'from' => Days::MONDAY.'T10:00', 'to' => Days::MONDAY.'T11:00'];
    $two = ['staff' => [['id' => 'ana'], ['id' => 'bo']]];
    expect(
        Days::rows(
            Days::document(['staff' => ['ana', 'bo']], ['closures' => [$closure + ['staff' => ['ana']]]], more: $two),
            ['from' => Days::MONDAY],
        ),
    )
        ->toBe('09:00 ana*, 09:00 bo, 09:30 bo*, 10:00 bo*, 10:30 bo*, 11:00 ana*, 11:00 bo')
        ->and(Days::starts(Days::document(business: ['closures' => [$closure]])))->toBe('09:00 11:00');
});

it(
    'keeps set-up and clear-up clear of what the person holds, but lets them reach outside hours (T6)',
    function (): void {
        $booked = [['start' => Days::MONDAY.'T10:00Z', 'clearup' => 15]];
        expect(
            Days::starts(
                Days::document(
                    ['setup' => 15, 'clearup' => 30, 'startEvery' => 15, 'minutes' => 30],
                    bookings: $booked,
                ),
            ),
        )->toBe('09:00 11:30');
    },
);

it('takes no notice of those who hold nothing (T8)', function (string $state, bool $taken, ?string $until): void {
    $booking =
        ['start' => Days::MONDAY.'T09:00Z', 'minutes' => 180, 'state' => $state] +
        ($until === null ? [] : ['heldUntil' => $until]);
    expect(Days::starts(Days::document(bookings: [$booking])) === '')->toBe($taken);
})->with([
    ['confirmed', true, null],
    ['pending', true, null],
    ['arrived', true, null],
    ['started', true, null],
    ['completed', true, null],
    ['no_show', true, null],
    ['cancelled', false, null],
    ['declined', false, null],
    ['expired', false, null],
    'held a minute longer than now' => ['held', true, '2027-02-01T00:01Z'],
    'held until now' => ['held', false, '2027-02-01T00:00Z'],
]);

it('counts starts by the clock, in a repeated hour twice (T10)', function (): void {
    $sunday = ['timeZone' => 'Europe/Lisbon', 'openingHours' => ['sun' => [['from' => '00:30', 'to' => '02:30']]]];
    expect(
        Days::starts(Days::document(['startEvery' => 30], $sunday), [
            'from' => '2027-10-31',
            'to' => '2027-10-31',
            'now' => '2027-10-01T00:00Z',
        ]),
    )
        ->toBe('23:30 00:00 00:30 01:00 01:30')
        ->and(Days::starts(Days::document(['startEvery' => 50, 'minutes' => 10])))->toBe('09:10 10:00 10:50 11:40');
});

it('counts starts from the opening anew after a break, not after a booking (T10)', function (): void {
    $breaks = ['staff' => [['id' => 'ana', 'breaks' => ['mon' => [['from' => '10:00', 'to' => '10:10']]]]]];
    expect(
        Days::starts(
            Days::document(
                ['startFrom' => 'opening', 'startEvery' => 25, 'minutes' => 20],
                bookings: [['start' => Days::MONDAY.'T11:00Z', 'minutes' => 5]],
                more: $breaks,
            ),
        ),
    )->toBe('09:00 09:25 10:10 10:35 11:25');
});

it('wants notice, and reaches no further than it says (T11)', function (): void {
    $document = Days::document(['noticeMinutes' => 90, 'bookAheadDays' => 7]);
    expect(Days::starts($document, ['now' => Days::MONDAY.'T08:30Z']))->toBe('10:00 10:30 11:00')
        ->and(Days::starts($document, ['now' => '2027-02-22T23:59Z']))->toBe('09:00 09:30 10:00 10:30 11:00')
        ->and(Days::starts($document, ['now' => '2027-02-21T23:59Z']))->toBe('');
});

it('says whose turn it is (T16)', function (string $assignment, string $rows): void {
    $bookings = [
        ['start' => '2027-02-15T09:00Z', 'staff' => ['ana'], 'createdAt' => '2027-02-02T00:00Z'],
        ['start' => '2027-02-16T09:00Z', 'staff' => ['bo'], 'createdAt' => '2027-02-01T00:00Z'],
        ['start' => '2027-02-17T09:00Z', 'staff' => ['bo'], 'createdAt' => '2027-02-09T00:00Z', 'state' => 'cancelled'],
    ];
    $two = ['staff' => [['id' => 'ana'], ['id' => 'bo'], ['id' => 'cy', 'active' => false]]];
    $document = Days::document(
        ['staff' => ['ana', 'cy', 'bo'], 'assignment' => $assignment, 'startEvery' => 180],
        bookings: $bookings,
        more: $two,
    );
    expect(Days::rows($document))->toBe($rows);
})->with([
    ['choose', '09:00 ana, 09:00 bo*'],
    ['rotate', '09:00 ana, 09:00 bo*'],
    ['first', '09:00 ana*, 09:00 bo'],
    ['random', '09:00 ana, 09:00 bo'],
    ['all', '09:00 ana+bo*'],
]);

it('marks next before rows are left out for the person asked for (T16)', function (): void {
    $two = ['staff' => [['id' => 'ana'], ['id' => 'bo']]];
    expect(
        Days::rows(Days::document(['staff' => ['ana', 'bo'], 'startEvery' => 180], more: $two), ['staff' => 'bo']),
    )->toBe('09:00 bo');
});

it('has the lengths it has, add-ons on top (T17)', function (): void {
    $document = Days::document(['minutes' => [90, 45], 'startEvery' => 90]);
    expect(Days::starts($document))->toBe('09:00 10:30')
        ->and(Days::starts($document, ['minutes' => '45']))->toBe('09:00 10:30')
        ->and(Days::starts($document, ['minutes' => '60']))->toBe('')
        ->and(Days::starts($document, ['minutes' => '45', 'extra' => '60']))->toBe('09:00')
        ->and(
            Days::starts(Days::document(['minutes' => ['min' => 30, 'max' => 80, 'step' => 20], 'startEvery' => 60]), [
                'minutes' => '70',
            ]),
        )
        ->toBe('09:00 10:00');
});

it('fills a shared appointment before it begins a second one (T14)', function (): void {
    $bookings = [['start' => Days::MONDAY.'T09:10Z', 'staff' => ['bo'], 'party' => 2, 'units' => ['w2']]];
    $more = ['staff' => [['id' => 'ana'], ['id' => 'bo']], 'resources' => [['id' => 'wheel', 'units' => ['w1', 'w2']]]];
    $document = Days::document(
        [
            'staff' => ['ana', 'bo'],
            'places' => 4,
            'startEvery' => 10,
            'minutes' => 60,
            'resources' => [['pool' => 'wheel', 'units' => 1]],
        ],
        bookings: $bookings,
        more: $more,
    );
    $rows = array_values(
        array_filter(Days::slots($document), fn (array $row): bool => $row['start'] === Days::MONDAY.'T09:10Z'),
    );
    expect($rows)->toHaveCount(2)
        ->and([$rows[0]['places'], $rows[0]['next'], $rows[0]['units']])->toBe([4, false, ['w1']])
        ->and([$rows[1]['places'], $rows[1]['next'], $rows[1]['units']])->toBe([2, true, ['w2']])
        ->and(
            array_column(
                array_filter(
                    Days::slots($document, ['party' => '3']),
                    fn (array $row): bool => $row['start'] === Days::MONDAY.'T09:10Z',
                ),
                'staff',
            ),
        )
        ->toBe([['ana']]);
});

it('offers sessions as they were scheduled (T15)', function (): void {
    $session = ['service' => 'taster', 'minutes' => 90, 'staff' => ['ana'], 'location' => 'yard', 'places' => 3];
    $document = Days::document(
        more: [
            'services' => [
                ['id' => 'lesson', 'minutes' => 60, 'locations' => ['yard'], 'staff' => ['ana']],
                ['id' => 'taster', 'kind' => 'session', 'locations' => ['yard'], 'staff' => ['ana'], 'clearup' => 30],
            ],
            'sessions' => [
                ['id' => 's1', 'start' => Days::MONDAY.'T20:00Z'] + $session,
                ['id' => 's2', 'start' => Days::MONDAY.'T09:00Z', 'state' => 'cancelled'] + $session,
                ['id' => 's3', 'start' => Days::MONDAY.'T09:00Z'] + $session,
            ],
            'bookings' => [
                [
                    'id' => 'b1',
                    'service' => 'taster',
                    'session' => 's3',
                    'party' => 2,
                    'createdAt' => '2027-02-01T00:00Z',
                ],
            ],
        ],
    );
    expect(
        array_map(
            fn (array $row): array => [$row['session'], $row['places']],
            Days::slots($document, ['service' => 'taster']),
        ),
    )
        ->toBe([['s3', 1], ['s1', 3]])
        ->and(array_column(Days::slots($document, ['service' => 'taster', 'party' => '2']), 'session'))->toBe(['s1'])
        ->and(Days::starts($document))->toBe('11:00');
});

it('opens a place without hours but with special days on all other dates (T4)', function (): void {
    $mill = fn (array $mill): array => Days::document(more: ['locations' => [['id' => 'yard'] + $mill]]);
    $monday = ['specialDays' => [['date' => Days::MONDAY, 'hours' => [['from' => '10:00', 'to' => '11:00']]]]];
    expect(Days::starts($mill($monday)))->toBe('10:00')
        ->and(Days::starts($mill($monday), ['from' => '2027-03-08', 'to' => '2027-03-08']))
        ->toBe('09:00 09:30 10:00 10:30 11:00')
        ->and(Days::starts($mill($monday + ['hours' => ['mon' => []]]), ['from' => '2027-03-08', 'to' => '2027-03-08']))
        ->toBe('');
});

it('counts own windows for the place they name, or for every place (T4)', function (): void {
    $hours = [
        'mon' => [
            ['from' => '09:00', 'to' => '10:00', 'at' => 'mill'],
            ['from' => '10:00', 'to' => '11:00', 'at' => 'yard'],
            ['from' => '11:00', 'to' => '12:00'],
        ],
    ];
    $document = Days::document(
        ['locations' => ['yard', 'mill']],
        more: ['locations' => [['id' => 'yard'], ['id' => 'mill']], 'staff' => [['id' => 'ana', 'hours' => $hours]]],
    );
    expect(Days::starts($document, ['location' => 'yard']))->toBe('10:00 10:30 11:00')
        ->and(Days::starts($document, ['location' => 'mill']))->toBe('09:00 11:00');
});

it('follows the opening hours but for an own special day, which never reaches beyond them (T4)', function (): void {
    $staff = [
        'staff' => [
            [
                'id' => 'ana',
                'specialDays' => [['date' => Days::MONDAY, 'hours' => [['from' => '08:00', 'to' => '10:30']]]],
            ],
        ],
    ];
    expect(Days::starts(Days::document(more: $staff)))->toBe('09:00 09:30')
        ->and(Days::starts(Days::document(more: $staff), ['from' => '2027-03-08', 'to' => '2027-03-08']))
        ->toBe('09:00 09:30 10:00 10:30 11:00');
});

it('takes the way to another place into account at both ends, but not for units (T7)', function (): void {
    $more = [
        'locations' => [['id' => 'yard'], ['id' => 'mill']],
        'staff' => [['id' => 'ana'], ['id' => 'bo']],
        'resources' => [['id' => 'wheel', 'units' => ['w1']]],
    ];
    $document = fn (array $booking, array $service = []): array => Days::document(
        ['startEvery' => 10, 'minutes' => 30] + $service,
        ['travelMinutes' => 20],
        [$booking + ['start' => Days::MONDAY.'T10:00Z', 'minutes' => 30, 'location' => 'mill']],
        $more,
    );
    expect(Days::starts($document([])))->toBe('09:00 09:10 10:50 11:00 11:10 11:20 11:30')
        ->and(Days::starts($document(['location' => 'yard'])))
        ->toBe('09:00 09:10 09:20 09:30 10:30 10:40 10:50 11:00 11:10 11:20 11:30')
        ->and(Days::starts($document(['location' => null])))
        ->toBe('09:00 09:10 09:20 09:30 10:30 10:40 10:50 11:00 11:10 11:20 11:30')
        ->and(
            Days::starts(
                $document(['staff' => ['bo'], 'units' => ['w1']], ['resources' => [['pool' => 'wheel', 'units' => 1]]]),
            ),
        )
        ->toBe('09:00 09:10 09:20 09:30 10:30 10:40 10:50 11:00 11:10 11:20 11:30');
});

it('takes the first free units in the pool\'s order, for each of the party where told (T9)', function (): void {
    $more = [
        'resources' => [['id' => 'wheel', 'units' => ['w1', 'w2', 'w3', 'w4']], ['id' => 'oven', 'units' => ['o1']]],
        'staff' => [['id' => 'ana'], ['id' => 'bo']],
    ];
    $service = [
        'startEvery' => 180,
        'maxParty' => 3,
        'resources' => [['pool' => 'oven', 'units' => 1], ['pool' => 'wheel', 'units' => 1, 'perPerson' => true]],
    ];
    $booked = [['start' => Days::MONDAY.'T09:30Z', 'staff' => ['bo'], 'units' => ['w2']]];
    $units = fn (string $party): array => array_column(
        Days::slots(Days::document($service, bookings: $booked, more: $more), ['party' => $party]),
        'units',
    );
    expect($units('1'))->toBe([['o1', 'w1']])
        ->and($units('3'))->toBe([['o1', 'w1', 'w3', 'w4']])
        ->and(
            array_column(
                Days::slots(
                    Days::document(
                        $service,
                        bookings: [['start' => Days::MONDAY.'T09:30Z', 'staff' => ['bo'], 'units' => ['w2', 'w4']]],
                        more: $more,
                    ),
                    ['party' => '3'],
                ),
                'units',
            ),
        )
        ->toBe([]);
});

it('holds units with set-up and clear-up, or without where told (T9)', function (): void {
    $more = [
        'resources' => [['id' => 'wheel', 'units' => ['w1']]],
        'staff' => [['id' => 'ana'], ['id' => 'bo']],
        'services' => [
            [
                'id' => 'lesson',
                'minutes' => 30,
                'setup' => 10,
                'clearup' => 20,
                'startEvery' => 10,
                'locations' => ['yard'],
                'staff' => ['ana'],
                'resources' => [['pool' => 'wheel', 'units' => 1]],
            ],
            [
                'id' => 'brief',
                'minutes' => 30,
                'startEvery' => 10,
                'locations' => ['yard'],
                'staff' => ['ana'],
                'resources' => [['pool' => 'wheel', 'units' => 1, 'holdsBuffers' => false]],
                'setup' => 10,
                'clearup' => 20,
            ],
            ['id' => 'other', 'minutes' => 30],
        ],
    ];
    $with = fn (string $service): array => Days::document(
        more: $more + [
            'bookings' => [
                [
                    'id' => 'b',
                    'service' => $service,
                    'start' => Days::MONDAY.'T10:00Z',
                    'minutes' => 30,
                    'setup' => 10,
                    'clearup' => 10,
                    'staff' => ['bo'],
                    'location' => 'yard',
                    'units' => ['w1'],
                    'createdAt' => '2027-02-01T00:00Z',
                ],
            ],
        ],
    );
    expect(Days::starts($with('lesson')))->toBe('09:00 10:50 11:00 11:10 11:20 11:30')
        ->and(Days::starts($with('brief')))->toBe('09:00 09:10 10:40 10:50 11:00 11:10 11:20 11:30')
        ->and(Days::starts($with('brief'), ['service' => 'brief']))
        ->toBe('09:00 09:10 09:20 09:30 10:30 10:40 10:50 11:00 11:10 11:20 11:30')
        ->and(Days::starts($with('other'), ['service' => 'brief']))
        ->toBe('09:00 09:10 09:20 10:40 10:50 11:00 11:10 11:20 11:30');
});

it('counts a group once, sessions once, and what is not alike each (T12)', function (): void {
    $booked = [
        ['start' => Days::MONDAY.'T11:00Z', 'party' => 2],
        ['start' => Days::MONDAY.'T11:00Z'],
        ['start' => Days::MONDAY.'T11:00Z', 'staff' => ['bo'], 'doubleBooked' => true],
    ];
    $more = ['staff' => [['id' => 'ana', 'maxPerDay' => 2], ['id' => 'bo']]];
    expect(Days::starts(Days::document(['places' => 3, 'maxPerDay' => 2], bookings: $booked, more: $more)))->toBe('')
        ->and(Days::starts(Days::document(['places' => 3, 'maxPerDay' => 3], bookings: $booked, more: $more)))
        ->toBe('09:00 09:30 10:00')
        ->and(Days::starts(Days::document(['places' => 4, 'maxPerDay' => 2], bookings: $booked, more: $more)))
        ->toBe('11:00')
        ->and(Days::starts(Days::document(['maxPerDay' => 0])))->toBe('');
});

it('offers what several can do at once where all of them can (T16)', function (): void {
    $more = [
        'staff' => [
            ['id' => 'ana', 'hours' => ['mon' => [['from' => '09:00', 'to' => '11:00']]]],
            ['id' => 'bo', 'hours' => ['mon' => [['from' => '09:40', 'to' => '12:00']]]],
            ['id' => 'cy', 'active' => false],
        ],
    ];
    $all = ['staff' => ['bo', 'ana', 'cy'], 'assignment' => 'all', 'minutes' => 40];
    expect(Days::rows(Days::document($all, more: $more)))->toBe('10:00 bo+ana*')
        ->and(Days::rows(Days::document(['startFrom' => 'opening'] + $all, more: $more)))
        ->toBe('09:40 bo+ana*, 10:10 bo+ana*')
        ->and(
            Days::rows(
                Days::document(
                    $all,
                    bookings: [['start' => Days::MONDAY.'T10:30Z', 'staff' => ['bo'], 'minutes' => 5]],
                    more: $more,
                ),
            ),
        )
        ->toBe('');
});

it('offers sessions by start, then place, then people, then the document (T15)', function (): void {
    $session = ['service' => 'lesson', 'start' => Days::MONDAY.'T10:00Z', 'minutes' => 60, 'places' => 3];
    $sessions = [
        ['id' => 'none'] + $session,
        ['id' => 'late', 'start' => Days::MONDAY.'T12:00Z'] + $session,
        ['id' => 'bo', 'staff' => ['bo'], 'location' => 'yard'] + $session,
        ['id' => 'both', 'staff' => ['ana', 'bo'], 'location' => 'yard'] + $session,
        ['id' => 'ana', 'staff' => ['ana'], 'location' => 'yard'] + $session,
        ['id' => 'mill', 'staff' => ['bo'], 'location' => 'mill'] + $session,
        ['id' => 'again', 'staff' => ['bo'], 'location' => 'yard'] + $session,
    ];
    $document = Days::document(
        ['kind' => 'session', 'locations' => ['mill', 'yard'], 'staff' => ['ana', 'bo'], 'noticeMinutes' => 60],
        more: [
            'sessions' => $sessions,
            'staff' => [['id' => 'ana'], ['id' => 'bo']],
            'locations' => [['id' => 'yard'], ['id' => 'mill']],
        ],
    );
    expect(array_column(Days::slots($document), 'session'))
        ->toBe(['none', 'mill', 'ana', 'both', 'bo', 'again', 'late'])
        ->and(array_column(Days::slots($document, ['staff' => 'ana']), 'session'))->toBe(['ana', 'both'])
        ->and(array_column(Days::slots($document, ['location' => 'mill']), 'session'))->toBe(['mill'])
        ->and(array_column(Days::slots($document, ['now' => Days::MONDAY.'T09:01Z']), 'session'))->toBe(['late'])
        ->and(Days::slots($document, ['party' => '4']))->toBe([]);
});

it('keeps whoever leads a session away with its set-up and clear-up, unless it is cancelled (T8)', function (
    array $session,
    array $document,
    string $starts,
): void {
    $services = [
        ['id' => 'lesson', 'minutes' => 60, 'startEvery' => 30, 'locations' => ['yard'], 'staff' => ['ana']] +
        $document,
        [
            'id' => 'taster',
            'kind' => 'session',
            'setup' => 15,
            'clearup' => 30,
            'locations' => ['yard'],
            'staff' => ['ana', 'bo'],
        ],
    ];
    $session += [
        'id' => 's1',
        'service' => 'taster',
        'start' => Days::MONDAY.'T10:00Z',
        'minutes' => 30,
        'staff' => ['ana'],
        'places' => 5,
    ];
    expect(
        Days::starts(
            Days::document(
                more: ['services' => $services, 'sessions' => [$session], 'staff' => [['id' => 'ana'], ['id' => 'bo']]],
            ),
        ),
    )->toBe($starts);
})->with([
    'as scheduled' => [[], [], '11:00'],
    'earlier on the day' => [['start' => Days::MONDAY.'T08:00Z'], [], '09:00 09:30 10:00 10:30 11:00'],
    'just before' => [['start' => Days::MONDAY.'T08:01Z'], [], '09:30 10:00 10:30 11:00'],
    'just after' => [['start' => Days::MONDAY.'T12:14Z'], [], '09:00 09:30 10:00 10:30'],
    'cancelled' => [['state' => 'cancelled'], [], '09:00 09:30 10:00 10:30 11:00'],
    'with somebody else' => [['staff' => ['bo']], [], '09:00 09:30 10:00 10:30 11:00'],
]);

it('counts sessions for those who lead them, unless they are cancelled (T12)', function (
    string $state,
    string $day,
    string $starts,
): void {
    $more = [
        'services' => [
            ['id' => 'lesson', 'minutes' => 60, 'startEvery' => 60, 'locations' => ['yard'], 'staff' => ['ana']],
            ['id' => 'taster', 'kind' => 'session', 'locations' => ['yard'], 'staff' => ['ana']],
        ],
        'staff' => [['id' => 'ana', 'maxPerDay' => 1]],
        'sessions' => [
            [
                'id' => 's1',
                'service' => 'taster',
                'start' => "{$day}T20:00Z",
                'minutes' => 30,
                'staff' => ['ana'],
                'places' => 5,
                'state' => $state,
            ],
        ],
        'bookings' => [
            ['id' => 'b', 'service' => 'taster', 'session' => 's1', 'party' => 2, 'createdAt' => '2027-02-01T00:00Z'],
        ],
    ];
    expect(Days::starts(Days::document(more: $more)))->toBe($starts);
})->with([
    ['scheduled', Days::MONDAY, ''],
    ['cancelled', Days::MONDAY, '09:00 10:00 11:00'],
    ['scheduled', '2027-03-02', '09:00 10:00 11:00'],
]);

it('joins what is alike in service, start, length, people and place, and nothing else (T14)', function (
    array $booking,
    string $rows,
): void {
    $more = [
        'staff' => [['id' => 'ana'], ['id' => 'bo']],
        'locations' => [['id' => 'yard'], ['id' => 'mill']],
        'services' => [
            [
                'id' => 'lesson',
                'minutes' => [60, 90],
                'startEvery' => 180,
                'places' => 5,
                'locations' => ['yard'],
                'staff' => ['ana', 'bo'],
                'assignment' => 'all',
            ],
            ['id' => 'other', 'minutes' => 60, 'places' => 5],
        ],
    ];
    $booking += [
        'id' => 'b',
        'service' => 'lesson',
        'start' => Days::MONDAY.'T09:10Z',
        'minutes' => 60,
        'staff' => ['bo', 'ana'],
        'location' => 'yard',
        'party' => 2,
        'createdAt' => '2027-02-01T00:00Z',
    ];
    expect(
        Days::rows(
            Days::document(
                more: $more + [
                    'bookings' => [['id' => 'gone', 'state' => 'cancelled', 'party' => 4] + $booking, $booking],
                ],
            ),
        ),
    )->toBe($rows);
})->with([
    'alike' => [[], '09:10 ana+bo*'],
    'alike and marked' => [['doubleBooked' => true], '09:10 ana+bo*'],
    'another length' => [['minutes' => 90], ''],
    'fewer people' => [['staff' => ['ana']], ''],
    'another place' => [['location' => 'mill'], ''],
    'another service' => [['service' => 'other'], ''],
    'another day' => [['start' => '2027-03-02T09:10Z'], '09:00 ana+bo*'],
    'only held, no more' => [['state' => 'held', 'heldUntil' => '2027-01-01T00:00Z'], '09:00 ana+bo*'],
]);

it('comes in steps from a least to a greatest length (T17)', function (string $minutes, bool $has): void {
    expect(
        Days::starts(Days::document(['minutes' => ['min' => 30, 'max' => 80, 'step' => 20], 'startEvery' => 180]), [
            'minutes' => $minutes,
        ]),
    )->toBe($has ? '09:00' : '');
})->with([
    ['30', true],
    ['50', true],
    ['70', true],
    ['10', false],
    ['29', false],
    ['31', false],
    ['40', false],
    ['80', false],
    ['90', false],
]);

it('leaves out for the owner what the owner may leave out (T18)', function (Relaxed $relaxed, string $starts): void {
    $document = Days::read(
        Days::document(
            ['dayparts' => ['late'], 'maxPerDay' => 1, 'startEvery' => 60, 'minutes' => 30, 'bookAheadDays' => 3],
            [
                'dayparts' => [['id' => 'late', 'from' => '11:00', 'to' => '12:00']],
                'openingHours' => ['mon' => [['from' => '09:00', 'to' => '12:00']]],
            ],
            [['start' => Days::MONDAY.'T00:00Z', 'minutes' => 650]],
        ),
    );
    $day = 20_878;
    $slots = Days::search($document, new Ask('lesson', $day, $day, ($day - 10) * 1440, relaxed: $relaxed));
    expect(
        implode(
            ' ',
            array_map(
                static fn (Slot $slot): string => substr(Wall::writeInstant($slot->start), 11, 5),
                array_slice($slots, 0, 3),
            ),
        ),
    )->toBe($starts);
})->with([
    'nothing' => [new Relaxed(), ''],
    'notice and reach alone' => [new Relaxed(notice: true), ''],
    'limits too' => [new Relaxed(notice: true, limits: true), '11:00'],
    'dayparts too' => [new Relaxed(notice: true, limits: true, dayparts: true), '11:00'],
    'any time, but never what is taken' => [
        new Relaxed(notice: true, limits: true, anyTime: true),
        '10:50 10:51 10:52',
    ],
]);

it('changes nothing but ids when ids are changed', function (): void {
    $document = Days::document(
        ['staff' => ['ana', 'bo']],
        more: [
            'staff' => [['id' => 'ana'], ['id' => 'bo', 'hours' => ['mon' => [['from' => '10:00', 'to' => '12:00']]]]],
        ],
    );
    $renamed = json_decode(
        strtr(json_encode($document, JSON_THROW_ON_ERROR), ['"ana"' => '"1"', '"bo"' => '"2"']),
        true,
    );
    expect(strtr(json_encode(Days::slots($renamed), JSON_THROW_ON_ERROR), ['"1"' => '"ana"', '"2"' => '"bo"']))->toBe(
        json_encode(Days::slots($document), JSON_THROW_ON_ERROR),
    );
});
