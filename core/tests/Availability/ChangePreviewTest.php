<?php

declare(strict_types=1);

use YardBell\Core\Availability\Ask;
use YardBell\Core\Availability\Booking;
use YardBell\Core\Availability\Change;
use YardBell\Core\Availability\ChangePreview;
use YardBell\Core\Availability\Closure as Shut;
use YardBell\Core\Availability\Member;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\SlotSearch;
use YardBell\Core\Availability\Stranding;
use YardBell\Core\Scenario\Reader;
use YardBell\Core\Scenario\Scenario;
use YardBell\Core\Tests\Support\Chance;
use YardBell\Core\Tests\Support\Days;
use YardBell\Core\Time\Hours;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\WallSpan;
use YardBell\Core\Time\Window;

/**
 * "+ 09:00 09:30 ana" for what opens, "- …" for what closes, "! b0" for who is stranded.
 *
 * @param  array<string, mixed>  $before
 * @param  array<string, mixed>  $after
 * @return list<string>
 */
function effect(array $before, array $after): array
{
    [$old, $new] = [Days::read($before), Days::read($after)];
    $day = Wall::day(Days::MONDAY);
    $week = [$day, $day + 6, Wall::instant('2027-02-20T00:00Z')];
    $effect = (new ChangePreview($old->book, $new->book, $old->diary))->of(...$week);
    $stranded = (new Stranding($old->book, $new->book))->of($old->diary, ...$week);
    $told = static fn (string $sign): Closure => static fn (Change $change): string => "{$sign} "
        .Wall::date($change->day)
        .' '
        .implode(
            ' ',
            array_map(static fn (int $start): string => substr(Wall::writeInstant($start), 11, 5), $change->starts),
        )
        .' '
        .implode('+', $change->staff);

    return [
        ...array_map($told('+'), $effect->opens),
        ...array_map($told('-'), $effect->closes),
        ...array_map(static fn (Booking $booking): string => "! {$booking->id}", $stranded),
    ];
}

it('tells what opens, what closes and who is stranded', function (): void {
    $booked = [
        ['start' => Days::MONDAY.'T09:00Z'],
        ['start' => Days::MONDAY.'T11:00Z'],
        ['start' => Days::MONDAY.'T10:00Z', 'state' => 'cancelled'],
    ];
    $hours = fn (string $from, string $to): array => ['openingHours' => ['mon' => [['from' => $from, 'to' => $to]]]];
    expect(
        effect(
            Days::document(bookings: $booked),
            Days::document(business: $hours('10:00', '13:30'), bookings: $booked),
        ),
    )
        ->toBe(['+ 2027-03-01 12:00 12:30 ana', '! b0'])
        ->and(effect(Days::document(), Days::document(business: $hours('10:00', '12:00'))))
        ->toBe(['- 2027-03-01 09:00 09:30 ana'])
        ->and(effect(Days::document(bookings: $booked), Days::document(bookings: $booked)))->toBe([]);
});

it('strands by closures, rests and breaks of those concerned alone', function (): void {
    $booked = [['start' => Days::MONDAY.'T09:00Z'], ['start' => Days::MONDAY.'T09:00Z', 'staff' => ['bo']]];
    $document = fn (array $bo, array $business = []): array => Days::document(
        ['staff' => ['ana', 'bo']],
        $business,
        $booked,
        ['staff' => [['id' => 'ana'], ['id' => 'bo'] + $bo]],
    );
    $fair = [
        'closures' => [
            ['id' => 'fair', 'from' => Days::MONDAY.'T08:00', 'to' => Days::MONDAY.'T10:00', 'staff' => ['ana']],
        ],
    ];
    expect(effect($document([]), $document(['active' => false])))->toBe(['- 2027-03-01 10:00 10:30 11:00 bo', '! b1'])
        ->and(effect($document([]), $document([], $fair)))->toBe(['! b0'])
        ->and(effect($document([]), $document(['breaks' => ['mon' => [['from' => '09:50', 'to' => '10:10']]]])))
        ->toBe(['- 2027-03-01 10:00 bo', '! b1']);
});

it('tells of services that come and go, whose bookings still take time', function (): void {
    $booked = [['start' => Days::MONDAY.'T09:00Z']];
    $with = Days::document(bookings: $booked);
    $without = Days::document(['id' => 'course', 'startEvery' => 60], more: ['bookings' => []]);
    expect(effect($with, $without))->toBe([
        '+ 2027-03-01 10:00 11:00 ana',
        '- 2027-03-01 10:00 10:30 11:00 ana',
        '! b0',
    ]);
});

it('strands only what is to come, lies in the range, holds time and lay in open time before', function (
    array $booking,
    bool $stranded,
): void {
    $booked = [$booking + ['start' => Days::MONDAY.'T09:00Z']];
    $shut = ['closures' => [['id' => 'all', 'from' => '2026-01-01T00:00', 'to' => '2028-01-01T00:00']]];
    expect(
        array_values(
            array_filter(
                effect(Days::document(bookings: $booked), Days::document([], $shut, $booked)),
                static fn (string $line): bool => $line[0] === '!',
            ),
        ),
    )->toBe($stranded ? ['! b0'] : []);
})->with([
    'to come' => [[], true],
    'cancelled' => [['state' => 'cancelled'], false],
    'past' => [['start' => '2027-02-15T09:00Z'], false],
    'beyond the range' => [['start' => '2027-03-15T09:00Z'], false],
    'outside the hours before already' => [['start' => Days::MONDAY.'T07:00Z'], false],
]);

it('strands what is of a place or somebody that is gone', function (): void {
    $booked = [
        ['start' => Days::MONDAY.'T09:00Z'],
        ['start' => Days::MONDAY.'T10:00Z', 'staff' => ['bo']],
        ['start' => Days::MONDAY.'T11:00Z', 'location' => null],
    ];
    $both = Days::document(
        ['staff' => ['ana', 'bo']],
        bookings: $booked,
        more: ['staff' => [['id' => 'ana'], ['id' => 'bo']]],
    );
    $gone = Days::document(['locations' => ['mill']], more: ['locations' => [['id' => 'mill']], 'bookings' => []]);
    expect(array_values(array_filter(effect($both, $gone), static fn (string $line): bool => $line[0] === '!')))->toBe([
        '! b0',
        '! b1',
    ]);
});

it('strands by time off and by units that are out of order', function (): void {
    $booked = [
        ['start' => Days::MONDAY.'T09:00Z', 'units' => ['w1']],
        ['start' => Days::MONDAY.'T10:00Z', 'staff' => ['bo'], 'units' => ['w2']],
    ];
    $document = fn (array $bo, array $wheels): array => Days::document(['staff' => ['ana', 'bo']], [], $booked, [
        'staff' => [['id' => 'ana'], ['id' => 'bo'] + $bo],
        'resources' => [['id' => 'wheels', 'units' => ['w1', 'w2']] + $wheels],
    ]);
    $stranded = static fn (array $before, array $after): array => array_values(
        array_filter(effect($before, $after), static fn (string $line): bool => $line[0] === '!'),
    );
    $out = static fn (string $from, string $to): array => [
        'outages' => [['unit' => 'w1', 'from' => Days::MONDAY."T{$from}", 'to' => Days::MONDAY."T{$to}"]],
    ];
    expect(
        $stranded(
            $document([], []),
            $document(
                ['timeOff' => [['id' => 'away', 'from' => Days::MONDAY.'T10:30', 'to' => Days::MONDAY.'T12:00']]],
                [],
            ),
        ),
    )
        ->toBe(['! b1'])
        ->and(
            $stranded(
                $document([], []),
                $document(
                    [
                        'timeOff' => [
                            ['id' => 'away', 'from' => Days::MONDAY.'T11:00', 'to' => Days::MONDAY.'T12:00'],
                        ],
                    ],
                    [],
                ),
            ),
        )
        ->toBe([])
        ->and($stranded($document([], []), $document([], $out('09:30', '12:00'))))->toBe(['! b0'])
        ->and($stranded($document([], []), $document([], $out('10:00', '12:00'))))->toBe([]);
});

/** "09:00-12:00" of each stretch. */
function stretches(YardBell\Core\Time\Timeline $timeline): string
{
    return implode(
        ' ',
        array_map(
            static fn (array $stretch): string => substr(Wall::writeInstant($stretch[0]), 11, 5)
                .'-'
                .substr(Wall::writeInstant($stretch[1]), 11, 5),
            $timeline->stretches(),
        ),
    );
}

it('draws the ground of those for whom it changes, and of all where it does for nobody', function (
    array $before,
    array $after,
    string $stays,
    string $opens,
    string $closes,
): void {
    [$old, $new] = [Days::read($before), Days::read($after)];
    $day = Wall::day(Days::MONDAY);
    $book = $old->book->with(
        staff: [...$old->book->staff, 'bo' => $new->book->staff['bo']],
        openingHours: $before === $after ? $old->book->openingHours : $new->book->openingHours,
    );
    $ground = (new ChangePreview($old->book, $book, $old->diary))->of($day, $day, Wall::instant('2027-02-20T00:00Z'))
        ->ground;
    $week = $old->book->zone->dates($day, $day);
    expect([
        stretches($ground->stays->intersect($week)),
        stretches($ground->opens->intersect($week)),
        stretches($ground->closes->intersect($week)),
    ])->toBe([$stays, $opens, $closes]);
})->with(function (): array {
    $document = static fn (array $bo, array $hours = ['from' => '09:00', 'to' => '12:00']): array => Days::document(
        ['staff' => ['ana', 'bo']],
        ['openingHours' => ['mon' => [$hours]]],
        more: ['staff' => [['id' => 'ana'], ['id' => 'bo'] + $bo]],
    );
    $own = static fn (string $from, string $to): array => ['hours' => ['mon' => [['from' => $from, 'to' => $to]]]];

    return [
        'one of two works less' => [
            $document([]),
            $document($own('10:00', '11:00')),
            '10:00-11:00',
            '',
            '09:00-10:00 11:00-12:00',
        ],
        'one moves' => [
            $document($own('09:00', '11:00')),
            $document($own('10:00', '12:00')),
            '10:00-11:00',
            '11:00-12:00',
            '09:00-10:00',
        ],
        'nobody' => [$document([]), $document([]), '09:00-12:00', '', ''],
        'everybody opens earlier' => [
            $document([]),
            $document([], ['from' => '08:00', 'to' => '12:00']),
            '09:00-12:00',
            '08:00-09:00',
            '',
        ],
        'time off closes' => [
            $document([]),
            $document([
                'timeOff' => [['id' => 'away', 'from' => Days::MONDAY.'T09:00', 'to' => Days::MONDAY.'T10:00']],
            ]),
            '10:00-12:00',
            '',
            '09:00-10:00',
        ],
    ];
});

it('asks only of services that a change can touch', function (): void {
    $document = Days::document(['staff' => ['ana']], more: ['staff' => [['id' => 'ana'], ['id' => 'bo']]]);
    $document['services'][] = ['id' => 'other', 'staff' => ['bo']] + $document['services'][0];
    $old = Days::read($document);
    $bo = $old->book->staff['bo'];
    $rests = $old->book->with(
        staff: [...$old->book->staff, 'bo' => new YardBell\Core\Availability\Member('bo', $bo->name, active: false)],
    );
    $day = Wall::day(Days::MONDAY);
    $effect = (new ChangePreview($old->book, $rests, $old->diary))->of($day, $day, Wall::instant('2027-02-20T00:00Z'));
    expect(array_unique(array_map(static fn (Change $change): string => $change->service, $effect->closes)))
        ->toBe(['other'])
        ->and($effect->opens)->toBe([])
        ->and(stretches($effect->ground->closes))->toContain('09:00-12:00');
});

/**
 * Two services: "lesson" by ana in the yard with a wheel in the early part of the day, "other" by bo at the mill.
 *
 * @return array<string, mixed>
 */
function twoServices(): array
{
    $document = Days::document(
        [
            'staff' => ['ana'],
            'locations' => ['yard'],
            'dayparts' => ['early'],
            'resources' => [['pool' => 'wheel', 'units' => 1]],
        ],
        ['dayparts' => [['id' => 'early', 'name' => 'Early', 'from' => '09:00', 'to' => '10:00']]],
        [['start' => Days::MONDAY.'T11:00Z', 'service' => 'other', 'staff' => ['ana', 'bo'], 'location' => 'mill']],
        [
            'staff' => [['id' => 'ana'], ['id' => 'bo'], ['id' => 'cy']],
            'locations' => [
                ['id' => 'yard', 'name' => 'Yard'],
                ['id' => 'mill', 'name' => 'Mill'],
                ['id' => 'moon', 'name' => 'Moon'],
            ],
            'resources' => [['id' => 'wheel', 'units' => ['w1']], ['id' => 'kiln', 'units' => ['k1']]],
        ],
    );
    $document['services'][] =
        [
            'id' => 'other',
            'name' => 'Other',
            'staff' => ['bo'],
            'locations' => ['mill'],
            'dayparts' => [],
            'resources' => [],
        ] + $document['services'][0];

    return $document;
}

it('asks again of every service a part of the rules can touch, and of no other', function (
    Closure $change,
    array $touched,
): void {
    $old = Days::read(twoServices());
    $new = $change($old->book);
    $day = Wall::day(Days::MONDAY);
    $monday = [$day, $day, Wall::instant('2027-02-20T00:00Z')];
    $effect = (new ChangePreview($old->book, $new, $old->diary))->of(...$monday);
    $services = array_unique(
        array_map(static fn (Change $one): string => $one->service, [...$effect->opens, ...$effect->closes]),
    );
    sort($services);
    expect($services)->toBe($touched);
    // and what is found is what is found when nothing is taken for the same
    $other = Days::read(twoServices())->book;
    $all = (new ChangePreview($other, $new, $old->diary))->of(...$monday);
    $stranded = static fn (RuleBook $before): array => (new Stranding($before, $new))->of($old->diary, ...$monday);
    expect([$effect->opens, $effect->closes, $stranded($old->book)])->toEqual([
        $all->opens,
        $all->closes,
        $stranded($other),
    ]);
})->with(function (): array {
    $read = static fn (array $more): YardBell\Core\Availability\RuleBook => Days::read(
        array_replace_recursive(twoServices(), $more),
    )->book;
    $swap = static fn (string $list, string $id, array $more): Closure => static fn (
        YardBell\Core\Availability\RuleBook $book,
    ): YardBell\Core\Availability\RuleBook => $book->with(
        ...[$list => [...$book->{$list}, $id => $read($more)->{$list}[$id]]],
    );
    $short = ['mon' => [['from' => '09:00', 'to' => '09:30']]];
    $business = static fn (string $part, array $more): Closure => static fn (
        YardBell\Core\Availability\RuleBook $book,
    ): YardBell\Core\Availability\RuleBook => $book->with(...[$part => $read(['business' => $more])->{$part}]);

    return [
        'opening hours' => [$business('openingHours', ['openingHours' => $short]), ['lesson', 'other']],
        'closures' => [
            $business('closures', [
                'closures' => [['id' => 'fair', 'from' => Days::MONDAY.'T00:00', 'to' => '2027-03-02T00:00']],
            ]),
            ['lesson', 'other'],
        ],
        'dayparts' => [$business('dayparts', ['dayparts' => [['to' => '11:00']]]), ['lesson']],
        'the way between places' => [$business('travelMinutes', ['travelMinutes' => 90]), ['lesson']],
        'the zone' => [$business('zone', ['timeZone' => 'Europe/Athens']), ['lesson', 'other']],
        'who does the one' => [$swap('staff', 'ana', ['staff' => [['hours' => $short]]]), ['lesson']],
        'who does the other' => [$swap('staff', 'bo', ['staff' => [1 => ['hours' => $short]]]), ['other']],
        'who does nothing' => [$swap('staff', 'cy', ['staff' => [2 => ['hours' => $short]]]), []],
        'where the one is' => [$swap('locations', 'yard', ['locations' => [['hours' => $short]]]), ['lesson']],
        'where nothing is' => [$swap('locations', 'moon', ['locations' => [2 => ['hours' => $short]]]), []],
        'what the one needs' => [
            $swap('pools', 'wheel', [
                'resources' => [
                    ['outages' => [['unit' => 'w1', 'from' => Days::MONDAY.'T00:00', 'to' => '2027-03-02T00:00']]],
                ],
            ]),
            ['lesson'],
        ],
        'what nothing needs' => [
            $swap('pools', 'kiln', [
                'resources' => [
                    1 => [
                        'outages' => [['unit' => 'k1', 'from' => Days::MONDAY.'T00:00', 'to' => '2027-03-02T00:00']],
                    ],
                ],
            ]),
            [],
        ],
        'the service itself' => [$swap('services', 'other', ['services' => [1 => ['minutes' => 120]]]), ['other']],
        'a service that goes' => [
            static fn (YardBell\Core\Availability\RuleBook $book): YardBell\Core\Availability\RuleBook => $book->with(
                services: ['lesson' => $book->services['lesson']],
            ),
            ['other'],
        ],
        'a service that comes' => [
            static fn (YardBell\Core\Availability\RuleBook $book): YardBell\Core\Availability\RuleBook => $book->with(
                services: [
                    ...$book->services,
                    'third' => new YardBell\Core\Availability\Service(
                        'third',
                        'Third',
                        YardBell\Core\Availability\Lengths::fixed(60),
                        locations: ['yard'],
                        staff: ['cy'],
                    ),
                ],
            ),
            ['third'],
        ],
    ];
});

it('draws the ground of the one person it is about, whatever others do', function (): void {
    $old = Days::read(twoServices());
    $day = Wall::day(Days::MONDAY);
    $ground = fn (
        YardBell\Core\Availability\RuleBook $book,
    ): YardBell\Core\Availability\GroundChange => (new ChangePreview($old->book, $book, $old->diary))->of(
        $day,
        $day,
        Wall::instant('2027-02-20T00:00Z'),
    )->ground;
    $bo = $old->book->staff['bo'];
    $same = $old->book->with(
        staff: [...$old->book->staff, 'bo' => new YardBell\Core\Availability\Member('bo', $bo->name)],
    );
    $rests = $old->book->with(
        staff: [...$old->book->staff, 'bo' => new YardBell\Core\Availability\Member('bo', $bo->name, active: false)],
    );
    expect(stretches($ground($same)->stays))->toContain('09:00-12:00')
        ->and($ground($same)->isNothing())->toBeTrue()
        ->and($ground($rests)->stays->isEmpty())->toBeTrue()
        ->and($ground($rests)->isNothing())->toBeFalse()
        ->and(stretches($ground($rests)->closes))->toContain('09:00-12:00')
        ->and($ground($rests)->opens->isEmpty())->toBeTrue();
});

it('keeps days, places and people apart in what it tells', function (): void {
    $hours = static fn (string $to): array => [
        'openingHours' => ['mon' => [['from' => '09:00', 'to' => $to]], 'tue' => [['from' => '09:00', 'to' => $to]]],
    ];
    $document = static fn (string $to): array => Days::document(
        ['staff' => ['ana', 'bo'], 'locations' => ['yard', 'mill'], 'startEvery' => 60],
        $hours($to),
        more: [
            'staff' => [['id' => 'ana'], ['id' => 'bo']],
            'locations' => [['id' => 'yard', 'name' => 'Yard'], ['id' => 'mill', 'name' => 'Mill']],
        ],
    );
    [$old, $new] = [Days::read($document('11:00')), Days::read($document('10:00'))];
    $day = Wall::day(Days::MONDAY);
    $effect = (new ChangePreview($old->book, $new->book, $old->diary))->of(
        $day,
        $day + 6,
        Wall::instant('2027-02-20T00:00Z'),
    );
    $told = array_map(
        static fn (Change $one): string => Wall::date($one->day)
            ." {$one->location} "
            .implode('+', $one->staff)
            .' '
            .count($one->starts),
        $effect->closes,
    );
    sort($told);
    expect($told)->toBe([
        '2027-03-01 mill ana 1',
        '2027-03-01 mill bo 1',
        '2027-03-01 yard ana 1',
        '2027-03-01 yard bo 1',
        '2027-03-02 mill ana 1',
        '2027-03-02 mill bo 1',
        '2027-03-02 yard ana 1',
        '2027-03-02 yard bo 1',
    ])
        ->and(array_is_list($effect->closes))->toBeTrue();
});

it('strands from this very minute on, and tells it as a list', function (): void {
    $booked = [
        ['start' => Days::MONDAY.'T09:00Z', 'state' => 'cancelled'],
        ['start' => Days::MONDAY.'T10:00Z'],
        ['start' => Days::MONDAY.'T11:00Z'],
    ];
    $old = Days::read(Days::document(bookings: $booked));
    $shut = $old->book->with(
        closures: Days::read(
            Days::document(
                [],
                ['closures' => [['id' => 'all', 'from' => '2027-01-01T00:00', 'to' => '2028-01-01T00:00']]],
            ),
        )->book->closures,
    );
    $stranding = new Stranding($old->book, $shut);
    $day = Wall::day(Days::MONDAY);
    $ids = fn (string $now): array => array_map(
        static fn (Booking $one): string => $one->id,
        $stranding->of($old->diary, $day, $day, Wall::instant($now)),
    );
    expect($ids(Days::MONDAY.'T10:00Z'))->toBe(['b1', 'b2'])
        ->and($ids(Days::MONDAY.'T10:01Z'))->toBe(['b2'])
        ->and($stranding->of($old->diary, $day + 1, $day + 3, 0))->toBe([])
        ->and($ids('2027-02-01T00:00Z'))->toBe(['b1', 'b2']);
});

it('draws only the person it is about, where a service has several', function (): void {
    $old = Days::read(
        Days::document(
            ['staff' => ['ana', 'bo']],
            more: [
                'staff' => [
                    ['id' => 'ana'],
                    ['id' => 'bo', 'hours' => ['mon' => [['from' => '10:00', 'to' => '11:00']]]],
                ],
            ],
        ),
    );
    $bo = $old->book->staff['bo'];
    $same = $old->book->with(
        staff: [
            ...$old->book->staff,
            'bo' => new YardBell\Core\Availability\Member('bo', $bo->name, weekly: $bo->weekly),
        ],
    );
    $day = Wall::day(Days::MONDAY);
    $ground = (new ChangePreview($old->book, $same, $old->diary))->of($day, $day, 0)->ground;
    expect(stretches($ground->stays->intersect($old->book->zone->dates($day, $day))))->toBe('10:00-11:00');
});

it('draws what a service that comes opens, and what one that goes closes', function (): void {
    $old = Days::read(twoServices());
    $less = $old->book->with(services: ['lesson' => $old->book->services['lesson']]);
    $day = Wall::day(Days::MONDAY);
    $span = $old->book->zone->dates($day, $day);
    $goes = (new ChangePreview($old->book, $less, $old->diary))->of($day, $day, 0)->ground;
    $comes = (new ChangePreview($less, $old->book, $old->diary))->of($day, $day, 0)->ground;
    expect(stretches($goes->closes->intersect($span)))->toBe('09:00-12:00')
        ->and($goes->opens->isEmpty())->toBeTrue()
        ->and(stretches($comes->opens->intersect($span)))->toBe('09:00-12:00')
        ->and($comes->closes->isEmpty())->toBeTrue();
});

/** @return list<string> every start that is offered: "service start place people" */
function offeredBy(RuleBook $book, Scenario $scenario, int $day, int $now): array
{
    $offered = [];
    foreach (array_keys($book->services) as $id) {
        foreach (
            (new SlotSearch($book, $scenario->diary))->slots(new Ask((string) $id, $day, $day + 9, $now)) as $slot
        ) {
            $offered[] = "{$id} {$slot->start} {$slot->location} ".implode('+', $slot->staff);
        }
    }

    return $offered;
}

/** @return array{Scenario, int, int, list<string>} a document by chance, when it is asked, and what is offered then */
function offeredBefore(int $seed): array
{
    static $known = []; // the same whatever changes

    return $known[$seed] ??= (static function () use ($seed): array {
        $scenario = Reader::read(json_encode((new Chance($seed))->document(), JSON_THROW_ON_ERROR));
        $ask = (new Chance($seed))->ask();
        [$day, $now] = [Wall::day($ask['from']), Wall::instant($ask['now'])];

        return [$scenario, $day, $now, offeredBy($scenario->book, $scenario, $day, $now)];
    })();
}

/**
 * @param  list<Change>  $changes
 * @return list<string>
 */
function changedStarts(array $changes): array
{
    $starts = [];
    foreach ($changes as $change) {
        foreach ($change->starts as $start) {
            $starts[] = "{$change->service} {$start} {$change->location} ".implode('+', $change->staff);
        }
    }
    sort($starts);

    return $starts;
}

it('finds exactly what a whole search before and after differs by, whatever part of the rules changes', function (
    Closure $change,
): void {
    $found = 0;
    for ($seed = 4000; $seed < 4000 + Chance::seeds(25); $seed++) {
        [$scenario, $day, $now, $had] = offeredBefore($seed);
        $after = $change($scenario->book, $day);
        $has = offeredBy($after, $scenario, $day, $now);
        $effect = (new ChangePreview($scenario->book, $after, $scenario->diary))->of($day, $day + 9, $now);
        [$opens, $closes] = [array_diff($has, $had), array_diff($had, $has)];
        sort($opens);
        sort($closes);
        expect([changedStarts($effect->opens), changedStarts($effect->closes)])->toBe([$opens, $closes]);
        $found += count($opens) + count($closes);
    }
    expect($found)->toBeGreaterThan(min(10, intdiv(2 * Chance::seeds(25), 5)));
})->with([
    'opening hours of one weekday' => [
        fn (RuleBook $book, int $day): RuleBook => $book->with(
            openingHours: new Hours(
                [0 => [Window::between('07:00', '12:40')]] + $book->openingHours->weekly(),
                $book->openingHours->specialDays(),
            ),
        ),
    ],
    'a night' => [
        fn (RuleBook $book, int $day): RuleBook => $book->with(
            openingHours: new Hours(array_fill(0, 7, [Window::between('20:00', '11:00')]), []),
        ),
    ],
    'a closure' => [
        fn (RuleBook $book, int $day): RuleBook => $book->with(
            closures: [
                ...$book->closures,
                new Shut('new', WallSpan::between(($day + 2) * 1440 + 600, ($day + 3) * 1440 + 720, $book->zone), null),
            ],
        ),
    ],
    'time off of somebody' => [
        fn (RuleBook $book, int $day): RuleBook => $book->with(
            staff: array_map(
                static fn (Member $member): Member => $member->with(
                    timeOff: [
                        ...$member->timeOff,
                        ['new', WallSpan::between($day * 1440 + 540, ($day + 4) * 1440 + 610, $book->zone)],
                    ],
                ),
                $book->staff,
            ),
        ),
    ],
    'breaks and resting' => [
        fn (RuleBook $book, int $day): RuleBook => $book->with(
            staff: array_map(
                static fn (Member $member): Member => $member->with(
                    active: ! $member->active,
                    breaks: new Hours(array_fill(0, 7, [Window::between('10:20', '10:50')]), []),
                ),
                $book->staff,
            ),
        ),
    ],
    'an outside calendar that is respected no more' => [
        fn (RuleBook $book, int $day): RuleBook => $book->with(
            staff: array_map(
                static fn (Member $member): Member => $member->with(
                    respectBusy: ! $member->respectBusy,
                    maxPerDay: null,
                ),
                $book->staff,
            ),
        ),
    ],
    'the way between places' => [
        fn (RuleBook $book, int $day): RuleBook => $book->with(travelMinutes: $book->travelMinutes + 45),
    ],
]);

/**
 * What the preview says of a change of Monday's hours, and what asking for everything before and after says.
 *
 * @param  array<string, mixed>  $document
 * @param  list<string>  $without services that go with it
 */
function comparedOnMonday(array $document, array $without = []): void
{
    $scenario = Days::read($document);
    $before = $scenario->book;
    [$day, $now] = [Wall::day(Days::MONDAY), Wall::instant('2027-02-26T10:00Z')];
    foreach ([$before->travelMinutes, 45] as $travel) { // with another way, not only starts about those hours are asked
        $after = $before->with(
            openingHours: new Hours([0 => [Window::between('10:10', '13:00')]], []),
            services: array_diff_key($before->services, array_flip($without)),
            travelMinutes: $travel,
        );
        [$had, $has] = [offeredBy($before, $scenario, $day, $now), offeredBy($after, $scenario, $day, $now)];
        $effect = (new ChangePreview($before, $after, $scenario->diary))->of($day, $day + 9, $now);
        [$opens, $closes] = [array_values(array_diff($has, $had)), array_values(array_diff($had, $has))];
        sort($opens);
        sort($closes);
        expect([changedStarts($effect->opens), changedStarts($effect->closes)])->toBe([$opens, $closes])
            ->and([$opens === [], $closes === []])->toBe([false, false]);
    }
}

it('looks once for services that are alike, and for each that differs in anything', function (array $other): void {
    $service = ['minutes' => [30, 60]] + Days::document()['services'][0];
    comparedOnMonday(Days::document(
        [],
        ['dayparts' => [['id' => 'early', 'from' => '08:00', 'to' => '11:00']]],
        [
            ['start' => Days::MONDAY.'T12:30Z', 'minutes' => 30, 'units' => ['w1'], 'staff' => ['bo']],
            ['start' => Days::MONDAY.'T12:00Z', 'minutes' => 30, 'service' => 'other'],
            ['start' => Days::MONDAY.'T09:00Z', 'minutes' => 30, 'service' => 'other'],
        ],
        [
            'staff' => [['id' => 'ana'], ['id' => 'bo']],
            'resources' => [['id' => 'wheel', 'units' => ['w1']], ['id' => 'kiln', 'units' => ['k1']]],
            'services' => [$service, [...$service, 'id' => 'like'], [...$service, 'id' => 'other', ...$other]],
        ],
    ));
})->with([
    'nothing' => [[]],
    'its length' => [['minutes' => 45]],
    'set-up' => [['setup' => 20]],
    'clear-up' => [['clearup' => 40]],
    'its grid' => [['startEvery' => 20]],
    'a grid from opening' => [['startFrom' => 'opening']],
    'its notice' => [['noticeMinutes' => 60 * 72 + 45]],
    'how far ahead' => [['bookAheadDays' => 4]],
    'hours of its own' => [['hours' => ['mon' => [['from' => '09:30', 'to' => '12:00']]]]],
    'parts of the day' => [['dayparts' => ['early']]],
    'its first day' => [['availableFrom' => '2027-03-08']],
    'its last day' => [['availableUntil' => '2027-03-01']],
    'what it needs' => [['resources' => [['pool' => 'wheel', 'units' => 1]]]],
    'a limit a day' => [['maxPerDay' => 1]],
]);

it('keeps to what somebody does at most a day, where another service is alike that they do not do', function (): void {
    $service = Days::document()['services'][0];
    comparedOnMonday(
        Days::document(
            bookings: [['start' => Days::MONDAY.'T14:00Z', 'minutes' => 30, 'staff' => ['bo']]],
            more: [
                'staff' => [['id' => 'ana'], ['id' => 'bo', 'maxPerDay' => 1]],
                'services' => [$service, ['id' => 'like', 'staff' => ['ana', 'bo']] + $service],
            ],
        ),
    );
});

it('finds the same where one that is alike goes with the change', function (): void {
    $service = Days::document()['services'][0];
    comparedOnMonday(
        Days::document(more: ['services' => [$service, [...$service, 'id' => 'like']]]),
        ['lesson'],
    );
});

it('takes no two services for alike of which one has hours, groups, sessions or a limit of its own', function (): void {
    $like = static fn (array $service): ?string => Days::read(Days::document($service))->book->services['lesson']
        ->timesLike();
    expect($like([]))->toBe($like(['name' => 'Another', 'staff' => []]))->not->toBeNull()
        ->and($like(['hours' => ['mon' => []]]))->toBeNull()
        ->and($like(['places' => 3]))->toBeNull()
        ->and($like(['kind' => 'session', 'minutes' => null]))->toBeNull()
        ->and($like(['maxPerDay' => 2]))->toBeNull();
});

it('looks at further dates where it has looked at some before', function (): void {
    $booked = [['start' => Days::MONDAY.'T09:30Z'], ['start' => '2027-03-15T09:30Z'], ['start' => '2027-02-22T09:30Z']];
    $old = Days::read(Days::document(bookings: $booked));
    $later = $old->book->with(openingHours: new Hours([0 => [Window::between('10:00', '12:00')]], []));
    $stranding = new Stranding($old->book, $later);
    $day = Wall::day(Days::MONDAY);
    $ids = static fn (int $from, int $to): array => array_map(
        static fn (Booking $one): string => $one->id,
        $stranding->of($old->diary, $from, $to, Wall::instant('2027-02-01T00:00Z')),
    );
    expect($ids($day, $day))->toBe(['b0'])
        ->and($ids($day, $day + 14))->toBe(['b0', 'b1'])
        ->and($ids($day - 7, $day + 14))->toBe(['b0', 'b1', 'b2']);
});

it('says where a booking has to lie to be stranded, as long as only opening hours are others', function (): void {
    $book = Days::read(twoServices())->book;
    $day = Wall::day(Days::MONDAY);
    $later = new Hours([0 => [Window::between('10:00', '12:00')]], []);
    $where = static fn (RuleBook $after): ?string => ($lies = (new Stranding($book, $after))->where(
        $day,
        $day,
        60,
    )) === null ? null : stretches($lies->intersect($after->zone->dates($day, $day)));
    $with = static fn (array $more): ?string => $where($book->with(...['openingHours' => $later, ...$more]));
    $other = Days::read(array_replace_recursive(twoServices(), ['staff' => [['name' => 'Else']]]))->book;
    expect($with([]))->toBe('09:00-10:00')
        ->and($where($book->with(travelMinutes: 30)))->toBe('')
        ->and($with(['closures' => [new Shut('new', WallSpan::between(0, 1, $book->zone), null)]]))->toBeNull()
        ->and($with(['zone' => $other->zone]))->toBeNull()
        ->and($with(['pools' => $other->pools]))->toBeNull()
        ->and($with(['locations' => $other->locations]))->toBeNull()
        ->and($with(['services' => $other->services]))->toBeNull()
        ->and($with(['staff' => $other->staff]))->toBeNull();
    $special = array_map(static fn (Member $one): Member => $one->with(weekly: null, special: [
        $day => [Window::between('09:00', '10:00')],
    ]), $book->staff);
    expect((new Stranding($book->with(staff: $special), $book->with(staff: $special, openingHours: $later)))
        ->where($day, $day, 60))->toBeNull();
});
