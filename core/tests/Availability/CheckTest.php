<?php

declare(strict_types=1);

use YardBell\Core\Tests\Support\Days;

/* What keeps a business from being bookable; Monday 09:00-12:00, an hour's lesson with Ana, told is what differs. */

it('finds what keeps a service from being booked', function (array $document, ?string $finding): void {
    expect(Days::check($document))->toBe($finding === null ? [] : [$finding]);
})->with(function (): array {
    $monday = fn (string $from, string $to): array => ['mon' => [['from' => $from, 'to' => $to]]];
    $ana = fn (array $member): array => ['staff' => [['id' => 'ana', 'name' => 'Ana'] + $member]];
    $wheels = fn (array $pool): array => [
        'resources' => [['id' => 'wheel', 'units' => ['w1', 'w2']] + $pool],
        'locations' => [['id' => 'yard'], ['id' => 'mill']],
    ];

    return [
        'nothing' => [Days::document(), null],
        'nobody' => [Days::document(['staff' => []]), '/services/0/staff: "Lesson" is taken by nobody.'],
        'only somebody who rests' => [
            Days::document(more: $ana(['active' => false])),
            '/services/0/staff: "Lesson" is only taken by people who are resting.',
        ],
        'no place' => [Days::document(['locations' => []]), '/services/0/locations: "Lesson" has no location.'],
        'a limit of none' => [
            Days::document(['maxPerDay' => 0]),
            '/services/0/maxPerDay: "Lesson" may be booked 0 times a day, that is never.',
        ],
        'notice beyond the reach' => [
            Days::document(['noticeMinutes' => 2880, 'bookAheadDays' => 1]),
            '/services/0/noticeMinutes: "Lesson" wants 2880 minutes of notice but reaches only 1 days ahead.',
        ],
        'notice just within the reach' => [Days::document(['noticeMinutes' => 2879, 'bookAheadDays' => 1]), null],
        'a party beyond the places' => [
            Days::document(['places' => 3, 'maxParty' => 4]),
            '/services/0/maxParty: "Lesson" takes parties of up to 4 but has 3 places.',
        ],
        'too long' => [
            Days::document(['minutes' => 181]),
            '/services/0/minutes: "Lesson" lasts 181 minutes, but the longest stretch open for it in an ordinary week '
                .'is 180.',
        ],
        'too long for both together' => [
            Days::document(
                ['staff' => ['ana', 'bo'], 'assignment' => 'all', 'minutes' => 100],
                more: [
                    'staff' => [
                        ['id' => 'ana', 'hours' => $monday('09:00', '11:00')],
                        ['id' => 'bo', 'hours' => $monday('10:00', '12:00')],
                    ],
                ],
            ),
            '/services/0/minutes: "Lesson" lasts 100 minutes, but the longest stretch open for it in an ordinary week '
                .'is 60.',
        ],
        'hours with nothing in common' => [
            Days::document(['hours' => $monday('13:00', '14:00')]),
            '/services/0: "Lesson" is never open in an ordinary week: opening hours, those of its people, of its '
                .'locations and its own have nothing in common.',
        ],
        'a grid that misses the hours' => [
            Days::document(['startEvery' => 1440]),
            '/services/0/startEvery: "Lesson" has open time in an ordinary week, but no start in it fits its dayparts '
                .'and its grid.',
        ],
        'dayparts that miss the hours' => [
            Days::document(
                ['dayparts' => ['night']],
                ['dayparts' => [['id' => 'night', 'from' => '20:00', 'to' => '23:00']]],
            ),
            '/services/0/dayparts: "Lesson" has open time in an ordinary week, but no start in it fits its dayparts '
                .'and its grid.',
        ],
        'too few units for the largest party' => [
            Days::document(
                ['maxParty' => 3, 'resources' => [['pool' => 'wheel', 'units' => 1, 'perPerson' => true]]],
                more: $wheels([]),
            ),
            '/services/0/resources/0: "Lesson" for a party of 3 needs 3 units of pool "wheel", which has 2.',
        ],
        'too few units for anybody' => [
            Days::document(['resources' => [['pool' => 'wheel', 'units' => 3]]], more: $wheels([])),
            '/services/0/resources/0: "Lesson" can never be booked: it needs 3 units of pool "wheel", which has 2.',
        ],
        'too few units for all places' => [
            Days::document(
                ['places' => 3, 'resources' => [['pool' => 'wheel', 'units' => 1, 'perPerson' => true]]],
                more: $wheels([]),
            ),
            '/services/0/resources/0: "Lesson" for a party of 3 needs 3 units of pool "wheel", which has 2.',
        ],
        'just enough for one, too few for two' => [
            Days::document(
                ['maxParty' => 2, 'resources' => [['pool' => 'wheel', 'units' => 2, 'perPerson' => true]]],
                more: $wheels([]),
            ),
            '/services/0/resources/0: "Lesson" for a party of 2 needs 4 units of pool "wheel", which has 2.',
        ],
        'the largest party in all places' => [Days::document(['places' => 3, 'maxParty' => 3]), null],
        'open on Sundays alone' => [
            Days::document(business: ['openingHours' => ['sun' => [['from' => '23:00', 'to' => '01:00']]]]),
            null,
        ],
        'open for one of two, the other rests' => [
            Days::document(
                ['staff' => ['ana', 'bo'], 'minutes' => 200],
                more: [
                    'staff' => [
                        ['id' => 'ana', 'hours' => $monday('11:00', '12:00')],
                        ['id' => 'bo', 'active' => false],
                    ],
                ],
            ),
            '/services/0/minutes: "Lesson" lasts 200 minutes, but the longest stretch open for it in an ordinary week '
                .'is 60.',
        ],
        'long enough for the second of two' => [
            Days::document(
                ['staff' => ['ana', 'bo'], 'minutes' => 200],
                more: [
                    'staff' => [
                        ['id' => 'ana', 'hours' => $monday('09:00', '12:00')],
                        ['id' => 'bo', 'hours' => $monday('11:00', '12:00')],
                    ],
                ],
            ),
            '/services/0/minutes: "Lesson" lasts 200 minutes, but the longest stretch open for it in an ordinary week '
                .'is 180.',
        ],
        'just enough units' => [
            Days::document(
                ['maxParty' => 2, 'resources' => [['pool' => 'wheel', 'units' => 1, 'perPerson' => true]]],
                more: $wheels([]),
            ),
            null,
        ],
        'units elsewhere' => [
            Days::document(['resources' => [['pool' => 'wheel', 'units' => 1]]], more: $wheels(['location' => 'mill'])),
            '/services/0/resources/0: "Lesson" is not offered at "yard": pool "wheel" is at "mill" alone.',
        ],
        'a session service without sessions' => [
            Days::document(['kind' => 'session']),
            '/services/0: "Lesson" has no session that is scheduled.',
        ],
        'special days do not count, the ordinary week does' => [
            Days::document(business: ['specialDays' => [['date' => Days::MONDAY, 'hours' => []]]]),
            null,
        ],
    ];
});

it('finds hours that open nothing', function (): void {
    $bo = ['id' => 'bo', 'name' => 'Bo'];
    $staff = fn (array $member): array => ['staff' => [['id' => 'ana'], $bo + $member], 'clients' => [['id' => 'c1']]];
    expect(Days::check(Days::document(more: $staff(['hours' => ['tue' => [['from' => '09:00', 'to' => '12:00']]]]))))
        ->toBe(['/staff/1/hours: The hours of Bo lie wholly outside the opening hours.'])
        ->and(Days::check(Days::document(more: $staff(['hours' => ['tue' => []]]))))
        ->toBe(['/staff/1/hours: Bo has hours of their own, but none on any weekday.'])
        ->and(
            Days::check(
                Days::document(
                    more: $staff(['hours' => ['mon' => [['from' => '09:00', 'to' => '12:00', 'at' => 'yard']]]]),
                ),
            ),
        )
        ->toBe([])
        ->and(Days::check(Days::document(more: $staff(['maxPerDay' => 0]))))
        ->toBe(['/staff/1/maxPerDay: Bo takes 0 a day, that is nothing ever.'])
        ->and(Days::check(Days::document(more: $staff(['maxPerDay' => 0, 'active' => false]))))->toBe([])
        ->and(
            Days::check(
                Days::document(
                    more: [
                        'locations' => [
                            ['id' => 'yard'],
                            [
                                'id' => 'mill',
                                'name' => 'Mill',
                                'hours' => ['tue' => [['from' => '09:00', 'to' => '12:00']]],
                            ],
                        ],
                    ],
                ),
            ),
        )
        ->toBe(['/locations/1/hours: The hours of "Mill" lie wholly outside the opening hours.']);
});

it('gives advice with each finding', function (): void {
    [, $out] = Days::command(Days::document(['minutes' => 181]), [], 'check');
    $answer = json_decode($out, true);
    expect($answer['findings'])->toBe([
        [
            'pointer' => '/services/0/minutes',
            'problem' => '"Lesson" lasts 181 minutes, but the longest stretch open for it in an ordinary week is '
                .'180.',
            'advice' => 'Shorten it, or open longer without a break.',
        ],
    ])
        ->and($answer['zoneTables'])->toMatch('/^\d{4}[a-z]$/');
});

it('finds what is not there at all', function (): void {
    $found = Days::check(['format' => 'yardbell/1', 'business' => ['timeZone' => 'UTC']]);
    expect(array_map(static fn (string $finding): string => explode(':', $finding)[0], $found))->toBe([
        '/business/openingHours',
        '/services',
        '/staff',
        '/locations',
    ]);
});

it('finds the night that runs on into a special day (T3)', function (): void {
    $night = [
        'sun' => [['from' => '22:00', 'to' => '02:00']],
        'mon' => [['from' => '09:00', 'to' => '12:00']],
        'sat' => [['from' => '20:00', 'to' => '24:00']],
    ];
    $day = fn (string $date): array => [
        'specialDays' => [['date' => '2027-01-01', 'hours' => []], ['date' => $date, 'hours' => []]],
    ];
    expect(Days::check(Days::document(business: ['openingHours' => $night] + $day(Days::MONDAY))))
        ->toBe(['/business/specialDays/1: The night before runs on into 2027-03-01 until 02:00.'])
        ->and(Days::check(Days::document(business: ['openingHours' => $night] + $day('2027-02-28'))))->toBe([])
        ->and(
            Days::check(
                Days::document(
                    business: ['openingHours' => ['sun' => [['from' => '20:00', 'to' => '00:00']]] + $night] +
                        $day(Days::MONDAY),
                ),
            ),
        )
        ->toBe([])
        ->and(Days::check(Days::document(more: ['staff' => [['id' => 'ana', 'hours' => $night] + $day(Days::MONDAY)]])))
        ->toBe(['/staff/0/specialDays/1: The night before runs on into 2027-03-01 until 02:00.'])
        ->and(
            Days::check(
                Days::document(more: ['locations' => [['id' => 'yard', 'hours' => $night] + $day(Days::MONDAY)]]),
            ),
        )
        ->toBe(['/locations/0/specialDays/1: The night before runs on into 2027-03-01 until 02:00.']);
});

it('finds commitments that overlap, unless they are meant (T6)', function (
    array $bookings,
    array $more,
    array $found,
): void {
    expect(
        Days::check(
            Days::document(
                ['places' => 3],
                bookings: array_map(
                    static fn (array $booking): array => $booking + ['start' => Days::MONDAY.'T09:00Z'],
                    $bookings,
                ),
                more: $more,
            ),
        ),
    )->toBe($found);
})->with([
    'one after the other' => [[[], ['start' => Days::MONDAY.'T10:00Z']], [], []],
    'by its set-up' => [
        [[], ['start' => Days::MONDAY.'T10:00Z', 'setup' => 5]],
        [],
        ['/bookings/1: It overlaps with booking b0 of staff member "ana", by 5 minutes, set-up and clear-up included.'],
    ],
    'meant' => [[[], ['start' => Days::MONDAY.'T09:30Z', 'doubleBooked' => true]], [], []],
    'cancelled' => [[[], ['start' => Days::MONDAY.'T09:30Z', 'state' => 'cancelled']], [], []],
    'only held' => [
        [[], ['start' => Days::MONDAY.'T09:30Z', 'state' => 'held', 'heldUntil' => '2027-02-01T00:10Z']],
        [],
        [],
    ],
    'shared' => [[[], ['party' => 2]], [], []],
    'with two others' => [
        [
            ['minutes' => 180],
            ['start' => Days::MONDAY.'T09:30Z', 'minutes' => 30],
            ['start' => Days::MONDAY.'T11:00Z'],
        ],
        [],
        [
            '/bookings/1: It overlaps with booking b0 of staff member "ana", by 30 minutes, set-up and clear-up '
                .'included.',
            '/bookings/2: It overlaps with booking b0 of staff member "ana", by 60 minutes, set-up and clear-up '
                .'included.',
        ],
    ],
    'with time off' => [
        [[]],
        [
            'staff' => [
                [
                    'id' => 'ana',
                    'timeOff' => [['id' => 'trip', 'from' => Days::MONDAY.'T09:50', 'to' => Days::MONDAY.'T12:00']],
                ],
            ],
        ],
        [
            '/bookings/0: It overlaps with time off trip of staff member "ana", by 10 minutes, set-up and clear-up '
                .'included.',
        ],
    ],
    'time off twice' => [
        [],
        [
            'staff' => [
                [
                    'id' => 'ana',
                    'timeOff' => [
                        ['id' => 'a', 'from' => '2027-01-01T00:00', 'to' => '2027-01-02T00:00'],
                        ['id' => 'b', 'from' => '2027-01-01T00:00', 'to' => '2027-01-02T00:00'],
                    ],
                ],
            ],
        ],
        [],
    ],
    'of a unit' => [
        [['units' => ['w1']], ['staff' => [], 'units' => ['w1']]],
        ['resources' => [['id' => 'wheel', 'units' => ['w1']]]],
        ['/bookings/1: It overlaps with booking b0 of unit "w1", by 60 minutes, set-up and clear-up included.'],
    ],
    'of a unit that is out of use' => [
        [['units' => ['w1']]],
        [
            'resources' => [
                [
                    'id' => 'wheel',
                    'units' => ['w1'],
                    'outages' => [['unit' => 'w1', 'from' => Days::MONDAY.'T09:45', 'to' => Days::MONDAY.'T10:15']],
                ],
            ],
        ],
        ['/bookings/0: It overlaps with outage of w1 of unit "w1", by 15 minutes, set-up and clear-up included.'],
    ],
]);

it('finds more people than places in a session', function (): void {
    $seat = fn (string $id, int $party, string $state = 'confirmed'): array => [
        'id' => $id,
        'service' => 'lesson',
        'session' => 's1',
        'party' => $party,
        'state' => $state,
        'createdAt' => '2027-02-01T00:00Z',
    ];
    $document = Days::document(
        ['kind' => 'session'],
        more: [
            'sessions' => [
                [
                    'id' => 's1',
                    'service' => 'lesson',
                    'start' => Days::MONDAY.'T09:00Z',
                    'minutes' => 60,
                    'places' => 3,
                ],
            ],
            'bookings' => [$seat('b1', 2), $seat('b2', 2), $seat('b3', 9, 'cancelled')],
        ],
    );
    expect(Days::check($document))->toBe(['/sessions/0/places: 4 are booked into 3 places.']);
});

it('points to the booking among those of sessions', function (): void {
    $document = Days::document(
        more: [
            'services' => [
                ['id' => 'lesson', 'minutes' => 60, 'locations' => ['yard'], 'staff' => ['ana']],
                ['id' => 'taster', 'kind' => 'session'],
            ],
            'sessions' => [
                [
                    'id' => 's1',
                    'service' => 'taster',
                    'start' => Days::MONDAY.'T18:00Z',
                    'minutes' => 60,
                    'places' => 3,
                ],
            ],
            'bookings' => [
                ['id' => 'x', 'service' => 'taster', 'session' => 's1', 'createdAt' => '2027-02-01T00:00Z'],
                [
                    'id' => 'y',
                    'service' => 'lesson',
                    'start' => Days::MONDAY.'T09:00Z',
                    'minutes' => 60,
                    'staff' => ['ana'],
                    'createdAt' => '2027-02-01T00:00Z',
                ],
                [
                    'id' => 'z',
                    'service' => 'lesson',
                    'start' => Days::MONDAY.'T09:00Z',
                    'minutes' => 60,
                    'staff' => ['ana'],
                    'createdAt' => '2027-02-01T00:00Z',
                ],
            ],
        ],
    );
    expect(Days::check($document)[0])->toStartWith('/bookings/2: It overlaps with booking y');
});
