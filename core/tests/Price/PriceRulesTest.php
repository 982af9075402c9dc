<?php

declare(strict_types=1);

use YardBell\Core\Price\EarlierBookings;
use YardBell\Core\Price\InvalidPrice;
use YardBell\Core\Price\SoldItem;
use YardBell\Core\Scenario\Reader;
use YardBell\Core\Tests\Support\Days;
use YardBell\Core\Tests\Support\Prices;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\Zone;

const SATURDAY = ['start' => '2027-03-06T10:00Z'];
const TOO_LATE = ['start' => '2027-03-01T17:30Z'];
const WEEKLY = ['frequency' => ['period' => 'week', 'levels' => [
    ['from' => 2, 'amount' => 4000],
    ['from' => 4, 'amount' => 3000],
]]];

/** A code of ten percent. */
function code(array $more = [], string $code = 'SPRING'): array
{
    return $more + ['id' => strtolower($code), 'code' => $code] + (isset($more['amount']) ? [] : ['percent' => '10']);
}

function withCodes(array ...$codes): array
{
    return Prices::document(more: ['codes' => $codes]);
}

it('takes a client’s own rate before everything else (P1)', function (array $pricing): void {
    expect(Prices::lines(Prices::document($pricing), ['client' => 'c1', 'staff' => ['ana'], 'party' => 2]))
        ->toBe('base 4500, people 4500 = 9000');
})->with([
    'fixed' => [['perPerson' => true, 'byStaff' => ['ana' => 6000]]],
    'free' => [['kind' => 'free', 'amount' => null, 'perPerson' => true]],
    'settled at the desk' => [['kind' => 'on_request', 'amount' => null, 'perPerson' => true]],
    'frequent' => [
        ['perPerson' => true, 'frequency' => ['period' => 'day', 'levels' => [['from' => 1, 'amount' => 1]]]],
    ],
]);

it('settles at the desk what nobody has a rate for (P1, P12)', function (): void {
    $document = Prices::document(
        ['kind' => 'from', 'byStaff' => ['ana' => 6000]],
        ['payment' => ['kind' => 'card_hold']],
    );
    expect(Prices::answer($document, ['staff' => ['bo'], 'codes' => ['x']]))->toBe([
        'priced' => false,
        'lines' => [],
        'includedTax' => [],
        'total' => null,
        'taxIncluded' => null,
        'taxAdded' => null,
        'dueNow' => 0,
        'dueLater' => null,
        'keepsCard' => false,
        'staffPay' => [],
        'codes' => [],
    ])->and(Prices::lines($document, ['staff' => ['bo', 'ana']]))->toBe('base 6000 = 6000');
});

it('adds surcharges (P4)', function (array $request, string $lines, array $pricing = []): void {
    expect(Prices::lines(Prices::document($pricing), $request))->toBe($lines);
})->with([
    'within hours that touch' => [['start' => '2027-03-01T11:30Z'], 'base 5000 = 5000'],
    'up to the end of the hours' => [['start' => '2027-03-01T17:00Z'], 'base 5000 = 5000'],
    'beyond it' => [TOO_LATE, 'base 5000, late 500 = 5500'],
    'beyond it with an add-on, once however many come' => [
        ['start' => '2027-03-01T16:30Z', 'addOns' => [['id' => 'clay', 'quantity' => 1]], 'party' => 2],
        'base 5000, people 0, clay 500, late 500 = 6000',
    ],
    'several, of base and people' => [
        SATURDAY + ['party' => 2],
        'base 5000, people 5000, late 500, weekend 1000, fair 100 = 11600',
        ['perPerson' => true],
    ],
    'before what frequency takes off' => [
        SATURDAY,
        'base 5000, late 500, weekend 500, fair 100, frequency -4999 = 1101',
        ['frequency' => ['period' => 'day', 'levels' => [['from' => 1, 'amount' => 1]]]],
    ],
    'but for those the service leaves out' => [
        SATURDAY,
        'base 5000, fair 100 = 5100',
        ['excludeSurcharges' => ['weekend', 'late']],
    ],
]);

it('knows hours of the business’s own clock, past midnight (P4)', function (string $start, string $lines): void {
    $late = [
        'id' => 'late',
        'when' => 'outside_hours',
        'hours' => ['sat' => [['from' => '20:00', 'to' => '04:00']]],
        'amount' => 1,
    ];
    $document = Prices::document(business: ['timeZone' => 'Europe/Lisbon', 'surcharges' => [$late]]);
    expect(Prices::lines($document, ['start' => $start]))->toBe($lines);
})->with([
    'before midnight' => ['2027-03-27T23:30Z', 'base 5000 = 5000'],
    'after it' => ['2027-03-28T00:30Z', 'base 5000 = 5000'],
    'up to four by the clock that went forward' => ['2027-03-28T02:00Z', 'base 5000 = 5000'],
    'beyond it' => ['2027-03-28T02:01Z', 'base 5000, late 1 = 5001'],
]);

it('counts the client’s visits in a period (P5)', function (
    string $period,
    array $starts,
    array $request,
    string $lines,
    array $more = [],
): void {
    $levels = [['from' => 2, 'amount' => 4000], ['from' => 4, 'amount' => 3000]];
    $document = Prices::document(
        ['frequency' => ['period' => $period, 'levels' => $levels]],
        more: ['services' => [
            Prices::document(['frequency' => ['period' => $period, 'levels' => $levels]])['services'][0],
            ['id' => 'other', 'minutes' => 60],
        ]],
        bookings: array_map(
            static fn (array|string $one): array => is_array($one)
                ? $one + ['client' => 'c2']
                : ['start' => $one, 'client' => 'c2'],
            $starts,
        ),
    );
    expect(Prices::lines($document, $request + ['client' => 'c2']))->toBe($lines);
})->with([
    'another of the week' => ['week', ['2027-03-07T23:30Z'], [], 'base 5000, frequency -1000 = 4000'],
    'not one of the next' => ['week', ['2027-03-08T00:00Z'], [], 'base 5000 = 5000'],
    'nor of the one before' => ['week', ['2027-02-28T23:59Z'], [], 'base 5000 = 5000'],
    'of the day' => ['day', ['2027-03-01T23:59Z', '2027-03-02T00:00Z'], [], 'base 5000, frequency -1000 = 4000'],
    'of the month' => ['month', ['2027-03-31T23:59Z', '2027-04-01T00:00Z'], [], 'base 5000, frequency -1000 = 4000'],
    'not one of the next month' => ['month', ['2027-04-01T00:00Z'], [], 'base 5000 = 5000'],
    'nor of the month before' => ['month', ['2027-02-28T23:59Z'], [], 'base 5000 = 5000'],
    'the highest that is reached' => [
        'week',
        ['2027-03-01T08:00Z', '2027-03-02T08:00Z', '2027-03-03T08:00Z', '2027-03-04T08:00Z'],
        [],
        'base 5000, frequency -2000 = 3000',
    ],
    'none of somebody else, of another service or cancelled' => [
        'week',
        [
            ['start' => '2027-03-02T08:00Z', 'client' => 'c1'],
            ['start' => '2027-03-02T08:00Z', 'service' => 'other'],
            ['start' => '2027-03-02T08:00Z', 'state' => 'cancelled'],
            ['start' => '2027-03-02T08:00Z', 'state' => 'held', 'heldUntil' => '2027-02-20T10:00Z'],
        ],
        [],
        'base 5000 = 5000',
    ],
    'one that is held when it is ordered' => [
        'week',
        [['start' => '2027-03-02T08:00Z', 'state' => 'held', 'heldUntil' => '2027-02-20T10:01Z']],
        [],
        'base 5000, frequency -1000 = 4000',
    ],
    'not one that this visit replaces' => ['week', ['2027-03-02T08:00Z'], ['replaces' => ['b0']], 'base 5000 = 5000'],
    'others of the same order' => [
        'week',
        [],
        ['others' => [['service' => 'lesson', 'start' => '2027-03-03T09:00Z']], 'client' => null],
        'base 5000, frequency -1000 = 4000',
    ],
    'not other services of it' => [
        'week',
        [],
        ['others' => [['service' => 'other', 'start' => '2027-03-03T09:00Z']]],
        'base 5000 = 5000',
    ],
]);

it('judges rules of different periods each alone and takes the lowest level, ties the first (P5)', function (
    array $rules,
    string $lines,
    string $pay,
): void {
    $document = Prices::document(['frequency' => $rules], ['staffPay' => ['amount' => 900]], bookings: [
        ['start' => '2027-03-01T07:00Z', 'client' => 'c2'],
        ['start' => '2027-03-02T07:00Z', 'client' => 'c2'],
    ]);
    expect(Prices::lines($document, ['client' => 'c2']))->toBe($lines)
        ->and(Prices::pay($document, ['client' => 'c2']))->toBe($pay);
})->with(function (): array {
    $rule = static fn (string $period, int $from, int $amount, int $staff): array => [
        'period' => $period,
        'levels' => [['from' => $from, 'amount' => $amount, 'staffAmount' => $staff]],
    ];

    return [
        'two a day and three a week, the week lower' => [
            [$rule('day', 2, 4500, 1), $rule('week', 3, 4000, 2)],
            'base 5000, frequency -1000 = 4000',
            'ana 2',
        ],
        'the day lower, listed last' => [
            [$rule('week', 3, 4500, 1), $rule('day', 2, 4000, 2)],
            'base 5000, frequency -1000 = 4000',
            'ana 2',
        ],
        'only the day reached' => [
            [$rule('week', 4, 1000, 1), $rule('day', 2, 4500, 2)],
            'base 5000, frequency -500 = 4500',
            'ana 2',
        ],
        'equally low: the first listed' => [
            [$rule('month', 3, 4000, 3), $rule('day', 2, 4000, 2)],
            'base 5000, frequency -1000 = 4000',
            'ana 3',
        ],
        'none' => [[], 'base 5000 = 5000', 'ana 900'],
    ];
});

it('lets earlier visits cost no more than the level that a new one reaches (L7)', function (
    array $pricing,
    array $sold,
    array $less,
): void {
    $scenario = Reader::read(json_encode(Prices::document($pricing), JSON_THROW_ON_ERROR));
    expect(
        EarlierBookings::corrections(
            $scenario->tariffs['lesson'],
            Wall::instant('2027-03-01T09:00Z'),
            array_map(
                static fn (array $one): SoldItem => new SoldItem(
                    Wall::instant($one[0]),
                    $one[1] ?? 1,
                    $one[2] ?? 5000,
                ),
                $sold,
            ),
            Zone::named('UTC'),
        ),
    )->toBe($less);
})->with(function (): array {
    $rule = static fn (string $period, int $from, int $amount, bool $earlier = true): array => [
        'period' => $period,
        'levels' => [['from' => $from, 'amount' => $amount]],
        'earlier' => $earlier,
    ];
    $two = ['frequency' => [$rule('day', 2, 4000)]];

    return [
        'the one before' => [$two, ['a' => ['2027-03-01T07:00Z']], ['a' => 1000]],
        'one that is later in the day, but was booked before' => [
            $two,
            ['a' => ['2027-03-01T17:00Z']],
            ['a' => 1000],
        ],
        'not one of another day' => [$two, ['a' => ['2027-03-02T07:00Z']], []],
        'one sold dearer is, one sold as low is not' => [
            ['frequency' => [$rule('day', 3, 4000)]],
            ['a' => ['2027-03-01T07:00Z', 1, 4200], 'b' => ['2027-03-01T08:00Z', 1, 4000]],
            ['a' => 200],
        ],
        'for everybody, where each pays' => [
            $two + ['perPerson' => true],
            ['a' => ['2027-03-01T07:00Z', 3]],
            ['a' => 3000],
        ],
        'for the first, where others pay less' => [
            $two + ['extraPeople' => [100]],
            ['a' => ['2027-03-01T07:00Z', 3]],
            ['a' => 1000],
        ],
        'not where the rule does not say so' => [
            ['frequency' => [$rule('day', 2, 4000, false)]],
            ['a' => ['2027-03-01T07:00Z']],
            [],
        ],
        'the lowest of two rules, each its own visits' => [
            ['frequency' => [$rule('day', 2, 4500), $rule('week', 3, 4000)]],
            ['a' => ['2027-03-01T07:00Z'], 'b' => ['2027-03-03T07:00Z'], 'c' => ['2027-03-08T07:00Z']],
            ['a' => 1000, 'b' => 1000],
        ],
    ];
});

it('lets frequent visits cost everybody less where all pay the same, else only the first (P5)', function (): void {
    $others = ['others' => [['service' => 'lesson', 'start' => '2027-03-03T09:00Z']], 'party' => 3];
    expect(Prices::lines(Prices::document(['perPerson' => true] + WEEKLY), $others))
        ->toBe('base 5000, people 10000, frequency -3000 = 12000')
        ->and(array_column(Prices::answer(Prices::document(['perPerson' => true] + WEEKLY), $others)['lines'], 'net'))
        ->toBe([4000, 8000])
        ->and(Prices::lines(Prices::document(['extraPeople' => [200, 150]] + WEEKLY), $others))
        ->toBe('base 5000, people 350, frequency -1000 = 4350')
        ->and(Prices::lines(Prices::document(['amount' => 3900] + WEEKLY), $others))
        ->toBe('base 3900, people 0 = 3900'); // the level is not lower
});

it('counts visits of sessions (P5, P12)', function (): void {
    $document = Prices::document(more: [
        'services' => [
            [
                'id' => 'lesson',
                'kind' => 'session',
                'staff' => ['ana', 'bo'],
                'pricing' => ['kind' => 'fixed', 'amount' => 5000] + WEEKLY,
                'staffPay' => ['amount' => 900],
            ],
        ],
        'sessions' => [
            ['id' => 's1', 'service' => 'lesson', 'start' => '2027-03-01T10:00Z', 'minutes' => 90, 'places' => 8],
            [
                'id' => 's2',
                'service' => 'lesson',
                'start' => '2027-03-02T17:00Z',
                'minutes' => 90,
                'places' => 8,
                'staff' => ['bo', 'ana'],
            ],
            [
                'id' => 's3',
                'service' => 'lesson',
                'start' => '2027-03-03T10:00Z',
                'minutes' => 90,
                'places' => 8,
                'state' => 'cancelled',
            ],
        ],
        'bookings' => array_map(
            static fn (string $session): array => [
                'id' => "b{$session}",
                'service' => 'lesson',
                'session' => $session,
                'client' => 'c2',
                'createdAt' => '2027-02-01T00:00Z',
            ],
            ['s1', 's3'],
        ),
    ]);
    $request = ['session' => 's2', 'start' => null, 'client' => 'c2'];
    expect(Prices::lines($document, $request))->toBe('base 5000, late 500, frequency -1000 = 4500')
        ->and(Prices::answer($document, $request)['staffPay'])->toBe([
            ['staff' => 'bo', 'amount' => 1000],
            ['staff' => 'ana', 'amount' => 1000],
        ])
        ->and(Prices::lines($document, ['replaces' => ['bs1']] + $request))->toBe('base 5000, late 500 = 5500')
        ->and(Prices::problem($document, ['minutes' => 60] + $request))->toContain('/minutes')
        ->and(Prices::problem($document, ['client' => 'c2']))->toContain('/session: it is missing');
});

it('sets base and people against credit, as frequency left them (P6)', function (): void {
    $document = Prices::document(['perPerson' => true] + WEEKLY);
    $request = SATURDAY + [
        'credit' => true,
        'party' => 2,
        'addOns' => [['id' => 'towel', 'quantity' => 2]],
        'others' => [['service' => 'lesson', 'start' => '2027-03-03T09:00Z']],
    ];
    expect(Prices::lines($document, $request))->toBe(
        'base 5000, people 5000, towel 600, late 500, weekend 1000, fair 100, frequency -2000, covered -8000 = 2200',
    );
});

it('lets a code apply, or says why not (P7)', function (array $code, array $request, string $said): void {
    $document = Prices::document(
        more: ['codes' => [code($code)], 'services' => [
            Prices::document()['services'][0],
            ['id' => 'other', 'minutes' => 60],
        ]],
        bookings: [
            ['start' => '2027-03-02T08:00Z', 'client' => 'c1', 'service' => 'other'],
            ['start' => '2027-03-02T08:00Z', 'client' => 'c2', 'state' => 'declined'],
        ],
    );
    expect(Prices::codes($document, $request + ['codes' => ['spring']]))->toBe($said);
})->with([
    'as it is' => [[], [], 'spring'],
    'spelt otherwise' => [['code' => 'ÉTÉ 27'], ['codes' => [" \u{a0}été 27\n"]], " \u{a0}été 27\n"],
    'not known' => [[], ['codes' => ['springs']], 'springs: unknown'],
    'for other services' => [['services' => ['other'], 'until' => '2027-01-01'], [], 'spring: service'],
    'for this one' => [['services' => ['other', 'lesson']], [], 'spring'],
    'on its first date' => [['from' => '2027-02-20'], [], 'spring'],
    'before it' => [['from' => '2027-02-21', 'firstVisitOnly' => true], ['client' => 'c1'], 'spring: dates'],
    'on its last date' => [['until' => '2027-02-20'], [], 'spring'],
    'after it' => [['until' => '2027-02-19'], [], 'spring: dates'],
    'on the first visit' => [['firstVisitOnly' => true], ['client' => 'c2'], 'spring'],
    'of somebody not known' => [['firstVisitOnly' => true, 'usesPerClient' => 0], [], 'spring'],
    'on a later one' => [['firstVisitOnly' => true, 'uses' => 0], ['client' => 'c1'], 'spring: first_visit'],
    'on one that replaces the first' => [
        ['firstVisitOnly' => true],
        ['client' => 'c1', 'replaces' => ['b0']],
        'spring',
    ],
    'used up' => [['uses' => 3, 'used' => 3, 'usesPerClient' => 0], ['client' => 'c1'], 'spring: uses'],
    'nearly used up' => [['uses' => 3, 'used' => 2], [], 'spring'],
    'used up by the client' => [
        ['usesPerClient' => 1, 'usedBy' => ['c1' => 1], 'minimum' => 9999],
        ['client' => 'c1'],
        'spring: client_uses',
    ],
    'for nobody' => [['usesPerClient' => 0], ['client' => 'c2'], 'spring: client_uses'],
    'used up by another' => [['usesPerClient' => 1, 'usedBy' => ['c1' => 1]], ['client' => 'c2'], 'spring'],
    'at its minimum' => [['minimum' => 5000], [], 'spring'],
    'below it, extras not counted' => [
        ['minimum' => 5001],
        ['addOns' => [['id' => 'towel', 'quantity' => 1]]],
        'spring: minimum',
    ],
    'extras counted' => [
        ['minimum' => 5300, 'includesExtras' => true],
        ['addOns' => [['id' => 'towel', 'quantity' => 1]]],
        'spring',
    ],
    'named again' => [['combines' => true], ['codes' => ['spring', ' Spring']], 'spring,  Spring: combines'],
]);

it('lets several codes go together only where all of them combine (P7)', function (array $named, string $said): void {
    $document = withCodes(
        code(),
        code(['combines' => true], 'FRIEND'),
        code(['combines' => true, 'amount' => 700], 'SEVEN'),
        code(['until' => '2027-01-01'], 'OLD'),
    );
    expect(Prices::codes($document, ['codes' => $named]))->toBe($said);
})->with([
    [['SPRING', 'FRIEND'], 'SPRING, FRIEND: combines'],
    [['FRIEND', 'SPRING', 'SEVEN'], 'FRIEND, SPRING: combines, SEVEN'],
    [['OLD', 'SPRING', 'OLD'], 'OLD: dates, SPRING, OLD: dates'],
    [['SEVEN', 'FRIEND'], 'SEVEN, FRIEND'],
]);

it('takes percents off first, then amounts, each off what the one before left (P7)', function (
    array $codes,
    array $request,
    string $lines,
): void {
    expect(Prices::lines(withCodes(...$codes), $request + ['codes' => ['A', 'B', 'C']]))->toBe($lines);
})->with([
    'in the order named' => [
        [
            code(['combines' => true, 'amount' => 700], 'A'),
            code(['combines' => true], 'B'),
            code(['combines' => true, 'percent' => '33.3333'], 'C'),
        ],
        [],
        'base 5000, b -500, c -1500, a -700 = 2300',
    ],
    'never below zero' => [
        [code(['amount' => 99_999], 'A')],
        ['addOns' => [['id' => 'towel', 'quantity' => 1]]],
        'base 5000, towel 300, a -5000 = 300',
    ],
    'not more than there is' => [[code(['percent' => '150'], 'A')], [], 'base 5000, a -5000 = 0'],
    'off extras too' => [
        [code(['includesExtras' => true], 'A')],
        SATURDAY + ['addOns' => [['id' => 'towel', 'quantity' => 1]]],
        'base 5000, towel 300, late 500, weekend 500, fair 100, a -640 = 5760',
    ],
    'half a unit up' => [[code(['percent' => '0.01'], 'A')], [], 'base 5000, a -1 = 4999'],
    'what earlier visits left of an amount' => [
        [code(['amount' => 700], 'A')],
        ['codesUsed' => ['a' => 500]],
        'base 5000, a -200 = 4800',
    ],
    'nothing left of it' => [[code(['amount' => 700], 'A')], ['codesUsed' => ['a' => 700]], 'base 5000, a 0 = 5000'],
    'more than it was taken' => [
        [code(['amount' => 700], 'A')],
        ['codesUsed' => ['a' => 701]],
        'base 5000, a 0 = 5000',
    ],
    'nothing to be off' => [[code([], 'A')], ['credit' => true], 'base 5000, covered -5000, a 0 = 0'],
]);

it('spreads reductions in proportion, and taxes what is left (P8)', function (): void {
    $document = Prices::document(
        ['extraPeople' => [2000], 'taxRates' => ['vat', 'city']],
        ['addOns' => [['id' => 'towel', 'name' => 'Towel', 'amount' => 333, 'taxRates' => ['city']]]],
        more: ['codes' => [code(['includesExtras' => true, 'amount' => 100])]],
    );
    $answer = Prices::answer(
        $document,
        ['party' => 2, 'addOns' => [['id' => 'towel', 'quantity' => 1]], 'codes' => ['spring']],
    );
    // 100 over 5000, 2000 and 333: 68.18…, 27.27… and 4.54…, so the last unit goes to the towel
    expect(array_column($answer['lines'], 'net'))->toBe([4932, 1973, 328])
        ->and(array_slice($answer['lines'], 4))->toBe([
            ['kind' => 'tax', 'label' => 'VAT', 'amount' => 1134, 'rate' => 'vat', 'line' => 0],
            ['kind' => 'tax', 'label' => 'City tax', 'amount' => 123, 'rate' => 'city', 'line' => 0],
            ['kind' => 'tax', 'label' => 'VAT', 'amount' => 454, 'rate' => 'vat', 'line' => 1],
            ['kind' => 'tax', 'label' => 'City tax', 'amount' => 49, 'rate' => 'city', 'line' => 1],
            ['kind' => 'tax', 'label' => 'City tax', 'amount' => 8, 'rate' => 'city', 'line' => 2],
        ])
        ->and([$answer['total'], $answer['taxAdded'], $answer['taxIncluded']])->toBe([7233 + 1768, 1768, 0]);
});

it('gives the last units of a reduction to the earlier lines where they tie (P8)', function (): void {
    $document = Prices::document(['extraPeople' => [5000]], more: ['codes' => [code(['amount' => 101])]]);
    expect(array_column(Prices::answer($document, ['party' => 2, 'codes' => ['SPRING']])['lines'], 'net'))
        ->toBe([4949, 4950]);
});

it('lists tax that prices include, and adds none (P8)', function (): void {
    $document = Prices::document(
        ['taxRates' => ['city', 'vat']],
        ['payment' => ['kind' => 'deposit', 'percent' => '50']],
        ['pricesIncludeTax' => true] + Prices::BUSINESS,
    );
    $answer = Prices::answer($document, TOO_LATE);
    expect($answer['includedTax'])->toBe([
        ['rate' => 'city', 'line' => 0, 'amount' => 100], // 5000 × 2.5 ÷ 125.5
        ['rate' => 'vat', 'line' => 0, 'amount' => 916],
        ['rate' => 'city', 'line' => 1, 'amount' => 10],
        ['rate' => 'vat', 'line' => 1, 'amount' => 92],
    ])->and([$answer['total'], $answer['taxIncluded'], $answer['taxAdded'], $answer['dueNow']])
        ->toBe([5500, 1118, 0, 2750]);
});

it('keeps a card also where there is nothing to pay (P9)', function (): void {
    $document = Prices::document(['kind' => 'free'], ['payment' => ['kind' => 'card_hold']]);
    expect(array_intersect_key(Prices::answer($document), ['dueNow' => 1, 'keepsCard' => 1]))
        ->toBe(['dueNow' => 0, 'keepsCard' => true]);
});

it('pays staff (P11)', function (
    ?array $rate,
    array $request,
    string $pay,
    array $pricing = [],
    array $more = [],
): void {
    $document = Prices::document($pricing, ['staffPay' => $rate], more: $more + ['codes' => [code()]]);
    expect(Prices::pay($document, $request))->toBe($pay);
})->with([
    'nothing where nothing is said' => [null, ['party' => 2], 'ana 0', ['extraPeople' => [200]]],
    'without a rate, what surcharges bring' => [null, SATURDAY, 'ana 350'],
    'a part of base and people' => [['percent' => '40'], ['party' => 2], 'ana 2080', ['extraPeople' => [200]]],
    'before credit, codes and tax' => [
        ['percent' => '40'],
        ['credit' => true, 'codes' => ['SPRING']],
        'ana 2000',
        ['taxRates' => ['vat']],
    ],
    'an amount, whoever comes along' => [['amount' => 900], ['party' => 3], 'ana 900', ['perPerson' => true]],
    'half a unit up, once' => [['percent' => '0.01'], [], 'ana 1'],
    'of several each their own, in full' => [
        ['percent' => '40'],
        ['staff' => ['ana', 'bo', 'cy']],
        'ana 2000, bo 2500, cy 900',
        [],
        [
            'staff' => [
                ['id' => 'ana'],
                ['id' => 'bo', 'rates' => ['lesson' => ['percent' => 50]]],
                ['id' => 'cy', 'rates' => ['lesson' => ['amount' => 900]]],
            ],
        ],
    ],
    'without a rate, their share of more people' => [
        null,
        ['party' => 4],
        'ana 120',
        ['extraPeople' => [200], 'extraPeopleStaff' => [50, 35]],
    ],
    'with what surcharges bring them' => [['percent' => '40'], SATURDAY, 'ana 2350'], // 2000 + 100 + half of 500
    'an amount with what surcharges bring' => [['amount' => 900], SATURDAY, 'ana 1250'],
    'their own share of more people' => [
        ['percent' => '40'],
        ['party' => 4],
        'ana 2120',
        ['extraPeople' => [200], 'extraPeopleStaff' => [50, 35]],
    ],
    'the same beside an amount' => [
        ['amount' => 900],
        ['party' => 4],
        'ana 1020',
        ['perPerson' => true, 'extraPeopleStaff' => [50, 35]],
    ],
]);

it('pays staff for frequent visits what their level says (P11)', function (
    ?array $rate,
    array $level,
    string $pay,
    array $pricing = [],
): void {
    $document = Prices::document(
        $pricing + ['frequency' => ['period' => 'week', 'levels' => [$level + ['from' => 2, 'amount' => 4000]]]],
        ['staffPay' => $rate],
    );
    $request = ['others' => [['service' => 'lesson', 'start' => '2027-03-03T09:00Z']], 'party' => 2];
    expect(Prices::pay($document, $request))->toBe($pay);
})->with([
    'a part of what is left' => [['percent' => '50'], [], 'ana 2000'],
    'of everybody' => [['percent' => '50'], [], 'ana 4000', ['perPerson' => true]],
    'an amount for the base, a part of the people' => [
        ['percent' => '50'],
        ['staffAmount' => 1500],
        'ana 3500',
        ['perPerson' => true],
    ],
    'where there is no rate' => [null, ['staffAmount' => 1500], 'ana 1500'],
    'in place of an amount' => [['amount' => 900], ['staffAmount' => 1500], 'ana 1500'],
    'an amount as it is' => [['amount' => 900], [], 'ana 900'],
    'as always where the level reduces nothing' => [
        ['amount' => 900],
        ['staffAmount' => 1500, 'amount' => 5000],
        'ana 900',
    ],
]);

it('refuses a request that makes no sense (P12)', function (array $request, string $problem): void {
    expect(Prices::problem(withCodes(code()), $request))->toContain($problem);
})->with([
    'an unknown service' => [['service' => 'dance'], '/service: there is no service "dance".'],
    'an unknown client' => [['client' => 'c9'], '/client: there is no client "c9".'],
    'an unknown member' => [['staff' => ['eve']], '/staff/0: there is no staff member "eve".'],
    'an unknown add-on' => [['addOns' => [['id' => 'x', 'quantity' => 1]]], '/addOns/0/id: there is no add-on'],
    'an add-on twice' => [
        ['addOns' => [['id' => 'towel', 'quantity' => 1], ['id' => 'towel', 'quantity' => 1]]],
        '/addOns/1/id: "towel" stands here twice.',
    ],
    'none of an add-on' => [['addOns' => [['id' => 'towel', 'quantity' => 0]]], '/addOns/0/quantity: 0 is too small'],
    'an unknown booking' => [['replaces' => ['b9']], '/replaces/0: there is no booking "b9".'],
    'an unknown code used' => [['codesUsed' => ['x' => 1]], '/codesUsed/x: there is no code "x".'],
    'an unknown other' => [['others' => [['service' => 'x', 'start' => '2027-03-01T10:00Z']]], '/others/0/service'],
    'an unknown session' => [['session' => 's9', 'start' => null], '/session: there is no session "s9".'],
    'an unknown key' => [['colour' => 'red'], '/colour: this key is not known here.'],
    'nobody comes' => [['party' => 0], '/party: 0 is too small'],
    'no start' => [['start' => null], '/start: it is missing.'],
    'a date for a start' => [['start' => '2027-03-01'], '/start'],
    'no order' => [['orderedAt' => null], '/orderedAt: it is missing.'],
    'a number for a code' => [['codes' => [5]], '/codes/0: a code is a text.'],
]);

it('refuses a length the service does not have', function (): void {
    Prices::answer(Prices::document(), ['minutes' => 45]);
})->throws(InvalidPrice::class, 'The service does not have a length of 45 minutes.');

it('refuses what comes to more than any price', function (): void {
    Prices::answer(Prices::document(['amount' => 1_000_000_000_000, 'perPerson' => true]), ['party' => 100_000]);
})->throws(InvalidPrice::class, 'more than any price');

it('refuses price settings that make no sense', function (array $document, string $problem): void {
    expect(Prices::problem($document))->toContain($problem);
})->with([
    'a rate that there is not' => [
        fn () => Prices::document(['taxRates' => ['x']]),
        '/services/0/pricing/taxRates/0: there is no tax rate "x".',
    ],
    'a rate without percentage' => [
        fn () => Prices::document(business: ['taxRates' => [['id' => 'vat']]]),
        '/business/taxRates/0/percent: it is missing.',
    ],
    'a fraction for a percentage' => [
        fn () => Prices::document(business: ['taxRates' => [['id' => 'vat', 'percent' => 7.5]]]),
        '/business/taxRates/0/percent: A percentage',
    ],
    'a surcharge that is never left out of one' => [
        fn () => Prices::document(['excludeSurcharges' => ['x']]),
        '/services/0/pricing/excludeSurcharges/0',
    ],
    'a surcharge of an amount and a percentage' => [
        fn () => Prices::document(
            business: ['surcharges' => [
                ['id' => 'x', 'when' => 'weekdays', 'weekdays' => ['mon'], 'amount' => 1, 'percent' => 1],
            ]],
        ),
        '/business/surcharges/0/amount: either "amount" or "percent"',
    ],
    'a surcharge that does not say when' => [
        fn () => Prices::document(business: ['surcharges' => [['id' => 'x', 'when' => 'dates', 'amount' => 1]]]),
        '/business/surcharges/0/dates: it is missing.',
    ],
    'a weekday that there is not' => [
        fn () => Prices::document(
            business: ['surcharges' => [['id' => 'x', 'when' => 'weekdays', 'weekdays' => ['mo'], 'amount' => 1]]],
        ),
        '/business/surcharges/0/weekdays/0: one of mon to sun is needed.',
    ],
    'a level twice' => [
        fn () => Prices::document(['frequency' => [
            'period' => 'day',
            'levels' => [['from' => 2, 'amount' => 1], ['from' => 2, 'amount' => 2]],
        ]]),
        '/services/0/pricing/frequency/levels/1/from: another level begins from 2',
    ],
    'two rules of a period' => [
        fn () => Prices::document(['frequency' => [
            ['period' => 'day', 'levels' => []],
            ['period' => 'day', 'levels' => []],
        ]]),
        '/services/0/pricing/frequency/1/period: another rule counts in a day already.',
    ],
    'two codes alike' => [
        fn () => withCodes(code(), code(['id' => 'two', 'code' => ' spring'])),
        '/codes/1/code: " spring" is the same as code "SPRING".',
    ],
    'a code for no service' => [fn () => withCodes(code(['services' => []])), '/codes/0/services'],
    'a code of nothing' => [fn () => withCodes(['id' => 'x', 'code' => 'X']), '/codes/0/amount: either'],
    'a code used by nobody known' => [
        fn () => withCodes(code(['usedBy' => ['c9' => 1]])),
        '/codes/0/usedBy/c9: there is no client "c9".',
    ],
    'pay for an unknown service' => [
        fn () => Prices::document(more: ['staff' => [['id' => 'ana', 'rates' => ['x' => ['amount' => 1]]]]]),
        '/staff/0/rates/x: there is no service "x".',
    ],
    'a rate of an unknown service' => [
        fn () => Prices::document(more: ['clients' => [['id' => 'c1', 'rates' => ['x' => 1]]]]),
        '/clients/0/rates/x: there is no service "x".',
    ],
]);

it('finds prices that can never come into effect', function (array $document, array $findings): void {
    expect(Days::check($document))->toBe($findings);
})->with([
    'none' => [fn () => Prices::document(['taxRates' => ['vat', 'city']] + WEEKLY), []],
    'a rate that only an add-on names' => [
        fn () => Prices::document(
            ['taxRates' => ['vat']],
            ['addOns' => [['id' => 'towel', 'amount' => 1, 'taxRates' => ['city']]]],
        ),
        [],
    ],
    'rates that nothing names' => [
        fn () => Prices::document(['taxRates' => ['vat']]),
        ['/business/taxRates/1: No price names the tax rate "City tax".'],
    ],
    'surcharges for no hour' => [
        fn () => Prices::document(business: ['surcharges' => [
            ['id' => 'a', 'when' => 'weekdays', 'weekdays' => [], 'amount' => 1],
            ['id' => 'b', 'when' => 'dates', 'dates' => [], 'amount' => 1],
            [
                'id' => 'c',
                'when' => 'outside_hours',
                'hours' => array_fill_keys(
                    ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'],
                    [['from' => '08:00', 'to' => '08:00']],
                ),
                'amount' => 1,
            ],
        ]]),
        array_map(
            static fn (int $at, string $id): string => "/business/surcharges/{$at}: The surcharge \"{$id}\" applies "
                .'to no hour and no date.',
            [0, 1, 2],
            ['a', 'b', 'c'],
        ),
    ],
    'a level that is not below the dearest price' => [
        fn () => Prices::document(
            ['byStaff' => ['ana' => 6000], 'frequency' => ['period' => 'day', 'levels' => [
                ['from' => 2, 'amount' => 5999],
                ['from' => 3, 'amount' => 6000],
            ]]],
            business: [],
        ),
        ['/services/0/pricing/frequency/levels/1: The price from 3 visits of "Lesson" is not below any price it has.'],
    ],
    'a code that ends before it begins' => [
        fn () => Prices::document(
            business: [],
            more: ['codes' => [
                code(['from' => '2027-03-02', 'until' => '2027-03-02']),
                code(['from' => '2027-03-02', 'until' => '2027-03-01'], 'NEVER'),
            ]],
        ),
        ['/codes/1/until: The code "NEVER" ends before it begins.'],
    ],
]);
