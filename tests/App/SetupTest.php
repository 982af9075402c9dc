<?php

declare(strict_types=1);

use App\Changes\Things as Kinds;
use App\Models\AddOn;
use App\Models\Business;
use App\Models\Category;
use App\Models\Member;
use App\Models\Question;
use App\Models\Service;
use App\Models\SetupChange;
use App\Models\User;
use App\Offer\SetupReader;
use App\Support\Given;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Testing\TestResponse;
use Tests\Support\Things;
use Tests\Support\Yard;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Time\Zone;

/** @param  list<array<string, mixed>>  $drafts */
function save(Yard $yard, array $drafts, string $to = 'drafts'): TestResponse
{
    return test()
        ->actingAs($yard->owner)
        ->postJson("/api/businesses/{$yard->business->slug}/{$to}", ['drafts' => $drafts]);
}

it('adds, shows, changes, removes and undoes every kind of thing', function (string $kind, array $change): void {
    $yard = Yard::open();
    $added = save($yard, [Things::fresh($kind)])->assertOk();
    $id = $added->json('ids.0');
    $shown = $this->getJson("/api/businesses/yard/things/{$kind}/{$id}")->assertOk();
    $first = $shown->json('content');
    expect($first)->toMatchArray(
        array_diff_key(Things::fresh($kind)['content'], ['colour' => 1, 'pattern' => 1, 'hours' => 1, 'content' => 1]),
    );

    $changed = save($yard, [Things::change($yard->business, $kind, $id, $change)])->assertOk();
    expect(Things::content($yard->business, $kind, $id))->toMatchArray($change);
    $this->getJson('/api/businesses/yard/setup')->assertOk();

    $this->postJson("/api/businesses/yard/changes/{$changed->json('change')}/undo")->assertOk();
    expect(json_encode(Things::content($yard->business, $kind, $id)))->toBe(json_encode($first));
    $history = $this->getJson("/api/businesses/yard/things/{$kind}/{$id}")->json('history');
    expect(array_column($history, 'what'))->toBe(['undone', 'changed', 'added'])
        ->and($history[0]['by'])->toBe('Owner of yard')
        ->and(array_column($history[1]['fields'], 'field'))->toBe(array_keys($change))
        ->and($history[1]['fields'][0]['after'])->toBe(array_values($change)[0]);

    $removed = save($yard, [Things::removal($yard->business, $kind, $id)])->assertOk();
    expect(Things::content($yard->business, $kind, $id))->toBe([]);
    $this->getJson("/api/businesses/yard/things/{$kind}/{$id}")->assertNotFound();
    $this->postJson("/api/businesses/yard/changes/{$removed->json('change')}/undo")->assertOk();
    expect(json_encode(Things::content($yard->business, $kind, $id)))->toBe(json_encode($first));
})->with([
    'specialDay' => ['specialDay', ['hours' => []]],
    'closure' => ['closure', ['name' => 'Harbour fair', 'to' => '2030-03-03T00:00']],
    'person' => ['person', ['name' => 'Dee Otter', 'active' => false]],
    'location' => ['location', ['name' => 'Online', 'online' => true]],
    'pool' => ['pool', ['outages' => []]],
    'daypart' => ['daypart', ['to' => '10:00']],
    'category' => ['category', ['description' => 'All of clay']],
    'addOn' => ['addOn', ['price' => 0, 'minutes' => 15]],
    'taxRate' => ['taxRate', ['percent' => '6']],
    'surcharge' => ['surcharge', ['amount' => null, 'percent' => '12.5']],
    'offerCode' => ['offerCode', ['amount' => 500, 'percent' => null, 'until' => '2031-01-01']],
    'question' => ['question', ['required' => false]],
    'service' => ['service', ['staffNote' => 'Mind the shelf.', 'minutes' => 90]],
]);

it('changes the facts, the hours, an order and time off', function (string $kind, string $id, array $change): void {
    $yard = Yard::open(people: 2);
    $change = $kind === 'order' ? ['ids' => [$yard->staff[1]->id, $yard->staff[0]->id]] : $change;
    save($yard, [Things::change($yard->business, $kind, $id, $change)])->assertOk();
    expect(Things::content($yard->business, $kind, $id))->toMatchArray($change);
})->with([
    'facts' => [
        'facts',
        'business',
        ['about' => 'A yard.', 'clock' => 12, 'links' => ['https://yard.example/'], 'travelMinutes' => 20],
    ],
    'opening hours' => [
        'openingHours',
        'business',
        ['hours' => App\Support\WeeklyTable::whole(['tue' => [['from' => '22:00', 'to' => '06:00']]])],
    ],
    'order' => ['order', 'staff', []],
]);

it('saves several at once or none, and undoes them at once', function (): void {
    $yard = Yard::open(people: 2);
    $off = fn (int $i, string $to = '2030-03-02T00:00'): array => [
        'kind' => 'timeOff',
        'id' => null,
        'version' => null,
        'content' => ['staff' => $yard->staff[$i]->id, 'name' => 'Course', 'from' => '2030-03-01T00:00', 'to' => $to],
    ];
    $refused = save($yard, [$off(0), $off(1, '2030-02-01T00:00')])->assertUnprocessable();
    expect($refused->json('fields'))->toBe(['drafts.1.to' => 'It ends after it begins.'])
        ->and(DB::table('time_off')->count())->toBe(0);
    $saved = save($yard, [$off(0), $off(1)])->assertOk();
    $year = $this->getJson('/api/businesses/yard/year/2030')->assertOk();
    expect($year->json('timeOffs'))->toHaveCount(2);
    $this->postJson("/api/businesses/yard/changes/{$saved->json('change')}/undo")->assertOk();
    expect(DB::table('time_off')->count())->toBe(0)
        ->and(SetupChange::query()->count())->toBe(2);
});

it('shows whoever comes second what has changed meanwhile, and overwrites nothing', function (): void {
    $yard = Yard::open();
    $mine = Things::change($yard->business, 'person', $yard->staff[0]->id, ['name' => 'Ana Mine']);
    save($yard, [
        Things::change($yard->business, 'person', $yard->staff[0]->id, ['phone' => '+351 210 000 001']),
    ])->assertOk();
    $refused = save($yard, [$mine])
        ->assertStatus(409)
        ->assertJson(['code' => 'changed_meanwhile']);
    expect($refused->json('meanwhile.content.phone'))->toBe('+351 210 000 001')
        ->and($refused->json('meanwhile.by'))->toBe('Owner of yard')
        ->and(Things::content($yard->business, 'person', $yard->staff[0]->id)['name'])->toBe('Ana Reed');
    save($yard, [
        ['version' => $refused->json('meanwhile.version')] +
        Things::change($yard->business, 'person', $yard->staff[0]->id, ['name' => 'Ana Mine']),
    ])->assertOk();
    save($yard, [Things::removal($yard->business, 'person', $yard->staff[0]->id)])->assertOk();
    $gone = save($yard, [$mine])->assertStatus(409);
    expect($gone->json('meanwhile.content'))->toBeNull();
});

it('refuses to undo what has been changed again since', function (): void {
    $yard = Yard::open();
    $first = save($yard, [Things::change($yard->business, 'facts', 'business', ['about' => 'First'])]);
    save($yard, [Things::change($yard->business, 'facts', 'business', ['about' => 'Second'])])->assertOk();
    $this->postJson("/api/businesses/yard/changes/{$first->json('change')}/undo")
        ->assertStatus(409)
        ->assertJson(['code' => 'changed_meanwhile']);
    expect(Things::content($yard->business, 'facts', 'business')['about'])->toBe('Second');
});

it('writes nothing down where nothing is different', function (): void {
    $yard = Yard::open();
    expect(
        save($yard, [Things::change($yard->business, 'person', $yard->staff[0]->id, [])])
            ->assertOk()
            ->json('change'),
    )
        ->toBeNull()
        ->and(SetupChange::query()->count())->toBe(0);
});

it('says at the field what is wrong', function (string $kind, array $change, string $field): void {
    $yard = Yard::open();
    $change = array_map(
        static fn (mixed $value): mixed => $value === 'LESSON' ? [$yard->lesson->id, $yard->lesson->id] : $value,
        $change,
    );
    $draft = in_array($kind, ['facts', 'openingHours'], true)
        ? Things::change($yard->business, $kind, 'business', $change)
        : Things::fresh($kind, $change);
    $refused = save($yard, [$draft])->assertUnprocessable();
    expect(array_keys($refused->json('fields')))->toContain("drafts.0.{$field}")
        ->and(SetupChange::query()->count())->toBe(0);
    save($yard, [$draft], 'drafts/preview')->assertUnprocessable();
})->with([
    ['facts', ['slug' => 'No Spaces'], 'slug'],
    ['facts', ['timeZone' => 'Mars/Base'], 'timeZone'],
    ['facts', ['currency' => 'eur'], 'currency'],
    ['facts', ['name' => ''], 'name'],
    ['facts', ['links' => ['javascript:alert(1)']], 'links.0'],
    ['facts', ['clock' => 13], 'clock'],
    ['facts', ['email' => 'nobody'], 'email'],
    ['facts', ['phone' => 'call me'], 'phone'],
    ['facts', ['logo' => 'nothing'], 'logo'],
    ['facts', ['about' => str_repeat('a', 501)], 'about'],
    ['openingHours', ['hours' => ['funday' => []]], 'hours'],
    ['openingHours', ['hours' => ['mon' => 'always']], 'hours'],
    ['openingHours', ['hours' => ['mon' => [['from' => '9', 'to' => '12']]]], 'hours'],
    ['openingHours', ['hours' => 7], 'hours'],
    ['openingHours', ['hours' => ['mon' => array_fill(0, 13, ['from' => '09:00', 'to' => '09:30'])]], 'hours'],
    ['specialDay', ['date' => '2030-02-30'], 'date'],
    ['specialDay', ['staff' => 'nobody'], 'staff'],
    ['specialDay', ['hours' => [['from' => '25:00', 'to' => '26:00']]], 'hours'],
    ['specialDay', ['hours' => 'none'], 'hours'],
    ['closure', ['to' => '2030-03-01T00:00'], 'to'],
    ['closure', ['from' => 'soon'], 'from'],
    ['closure', ['staff' => []], 'staff'],
    ['closure', ['staff' => ['nobody']], 'staff.0'],
    ['person', ['name' => ''], 'name'],
    ['person', ['email' => 'nope'], 'email'],
    ['person', ['hours' => ['mon' => [['from' => '09:00', 'to' => '12:00', 'at' => 'elsewhere']]]], 'hours'],
    ['person', ['maxPerDay' => 0], 'maxPerDay'],
    ['person', ['colour' => 'invisible'], 'colour'],
    ['person', ['page' => 'No'], 'page'],
    ['person', ['services' => ['none']], 'services.0'],
    ['person', ['services' => 'LESSON'], 'services.0'],
    ['location', ['name' => ''], 'name'],
    ['location', ['meetingLink' => 'file:///etc/passwd'], 'meetingLink'],
    ['pool', ['units' => [['id' => 'short', 'name' => 'A']], 'outages' => []], 'units.0.id'],
    ['pool', ['units' => []], 'outages.0.unit'],
    [
        'pool',
        [
            'outages' => [
                [
                    'unit' => str_repeat('W', 25).'1',
                    'name' => '',
                    'from' => '2030-03-02T00:00',
                    'to' => '2030-03-01T00:00',
                ],
            ],
        ],
        'outages.0.to',
    ],
    ['daypart', ['to' => '06:00'], 'to'],
    ['daypart', ['from' => '6'], 'from'],
    ['category', ['name' => null], 'name'],
    ['addOn', ['price' => -1], 'price'],
    ['addOn', ['taxRates' => ['nobody']], 'taxRates.0'],
    ['taxRate', ['name' => ''], 'name'],
    ['offerCode', ['code' => ' '], 'code'],
    ['offerCode', ['amount' => 5], 'amount'],
    ['offerCode', ['percent' => null], 'amount'],
    ['offerCode', ['services' => []], 'services'],
    ['offerCode', ['services' => ['nobody']], 'services.0'],
    ['offerCode', ['from' => '2027-03-02', 'until' => '2027-03-01'], 'until'],
    ['offerCode', ['uses' => 0], 'uses'],
    ['offerCode', ['minimum' => -1], 'minimum'],
    ['taxRate', ['percent' => '101'], 'percent'],
    ['taxRate', ['percent' => '1.23456'], 'percent'],
    ['surcharge', ['hours' => null], 'hours'],
    ['surcharge', ['when' => 'weekdays'], 'weekdays'],
    ['surcharge', ['when' => 'weekdays', 'weekdays' => ['mo']], 'weekdays.0'],
    ['surcharge', ['when' => 'dates', 'dates' => []], 'dates'],
    ['surcharge', ['amount' => -5], 'amount'],
    ['surcharge', ['percent' => '5'], 'amount'],
    ['surcharge', ['amount' => null], 'amount'],
    ['surcharge', ['staffAmount' => 5, 'staffPercent' => '5'], 'staffAmount'],
    ['service', ['pricing' => ['taxRates' => ['nobody']] + Yard::pricing(1)], 'pricing.taxRates.0'],
    ['service', ['pricing' => ['excludeSurcharges' => ['nobody']] + Yard::pricing(1)], 'pricing.excludeSurcharges.0'],
    [
        'service',
        ['pricing' => ['frequency' => [['period' => 'week', 'earlier' => false, 'levels' => [
            ['from' => 1, 'amount' => 5, 'staffAmount' => null],
        ]]]] + Yard::pricing(1)],
        'pricing.frequency.0.levels.0.from',
    ],
    [
        'service',
        ['pricing' => ['frequency' => [['period' => 'week', 'earlier' => false, 'levels' => [
            ['from' => 2, 'amount' => 5, 'staffAmount' => null],
            ['from' => 2, 'amount' => 4, 'staffAmount' => null],
        ]]]] + Yard::pricing(1)],
        'pricing.frequency.0.levels',
    ],
    [
        'service',
        ['pricing' => ['frequency' => array_fill(0, 2, ['period' => 'week', 'earlier' => false, 'levels' => [
            ['from' => 2, 'amount' => 5, 'staffAmount' => null],
        ]])] + Yard::pricing(1)],
        'pricing.frequency.0.period',
    ],
    ['service', ['staffPay' => ['amount' => 5, 'percent' => '5']], 'staffPay.amount'],
    ['addOn', ['services' => []], 'services'],
    ['question', ['type' => 'song'], 'type'],
    ['question', ['choices' => []], 'choices'],
    ['question', ['choices' => ['a', 'A']], 'choices.0'],
    ['question', ['type' => 'hidden', 'parameter' => ''], 'parameter'],
    ['question', ['type' => 'hidden', 'parameter' => 'day'], 'parameter'],
    ['question', ['shownIf' => ['question' => 'none', 'answer' => 'yes']], 'shownIf.question'],
    ['service', ['name' => str_repeat('a', 121)], 'name'],
    ['service', ['minutes' => 0], 'minutes'],
    ['service', ['minutes' => 'long'], 'minutes'],
    ['service', ['bookAheadDays' => 9999], 'bookAheadDays'],
    ['service', ['assignment' => 'luck'], 'assignment'],
    ['service', ['range' => ['min' => 60, 'max' => 100, 'step' => 30]], 'range'],
    ['service', ['choices' => [30, 30]], 'choices.0'],
    ['service', ['availableFrom' => '2030-02-01', 'availableUntil' => '2030-01-01'], 'availableUntil'],
    [
        'service',
        ['resources' => [['pool' => 'none', 'units' => 1, 'perPerson' => false, 'holdsBuffers' => true]]],
        'resources.0.pool',
    ],
    ['service', ['visibility' => 'nobody'], 'visibility'],
    ['service', ['staff' => ['somebody']], 'staff.0'],
    ['service', ['pricing' => Yard::pricing(-1)], 'pricing.amount'],
    ['service', ['pricing' => Yard::pricing(1, 'cheap')], 'pricing.kind'],
    ['service', ['pricing' => ['amount' => null] + Yard::pricing(1)], 'pricing.amount'],
    ['service', ['pricing' => 5], 'pricing'],
    [
        'service',
        ['choices' => [30, 60], 'pricing' => ['byMinutes' => [['minutes' => 30, 'amount' => 5]]] + Yard::pricing(1)],
        'pricing.byMinutes',
    ],
    ['service', ['range' => ['min' => 30, 'max' => 90, 'step' => 30]], 'pricing.perStep'],
    [
        'service',
        ['pricing' => ['byStaff' => [['staff' => 'somebody', 'amount' => 5]]] + Yard::pricing(1)],
        'pricing.byStaff.0.staff',
    ],
    ['service', ['pricing' => ['perPerson' => true, 'extraPeople' => [5]] + Yard::pricing(1)], 'pricing.extraPeople'],
    ['service', ['payment' => Yard::payment('deposit')], 'payment.amount'],
    ['service', ['payment' => Yard::payment('deposit', 5, '5')], 'payment.amount'],
    ['service', ['payment' => Yard::payment('deposit', null, '120')], 'payment.percent'],
    ['service', ['payment' => Yard::payment('barter')], 'payment.kind'],
    ['service', ['cancellation' => ['freeMinutes' => 60, 'amount' => null, 'percent' => null]], 'cancellation.amount'],
    [
        'service',
        ['cancellation' => ['freeMinutes' => -1, 'amount' => 5, 'percent' => null]],
        'cancellation.freeMinutes',
    ],
    [
        'service',
        ['cancellation' => ['freeMinutes' => 60, 'amount' => null, 'percent' => 'half']],
        'cancellation.percent',
    ],
    ['service', ['approval' => true, 'payment' => Yard::payment('deposit', 500)], 'approval'],
    ['service', ['colour' => 'invisible'], 'colour'],
]);

it('never breaks on what makes no sense at all', function (mixed $body): void {
    $yard = Yard::open();
    foreach (
        ['drafts', 'drafts/preview', 'drafts/times', 'drafts/why', 'pictures', 'meeting-rooms', 'invitations'] as $path
    ) {
        $status = $this->actingAs($yard->owner)
            ->postJson("/api/businesses/yard/{$path}", is_array($body) ? $body : ['drafts' => $body])
            ->getStatusCode();
        expect($status)->toBeGreaterThanOrEqual(400)->toBeLessThan(500);
    }
    expect(SetupChange::query()->count())->toBe(0);
})->with([
    'nothing' => [[]],
    'no list' => ['all'],
    'a table' => [['kind' => 'service']],
    'an unknown kind' => [[['kind' => 'moon', 'id' => null, 'content' => [], 'version' => null]]],
    'strings all over' => [
        [
            [
                'kind' => 'service',
                'id' => null,
                'version' => null,
                'content' => array_map(static fn (): string => 'x', Things::fresh('service')['content']),
            ],
        ],
    ],
    'lists all over' => [
        [
            [
                'kind' => 'service',
                'id' => null,
                'version' => null,
                'content' => array_map(static fn (): array => [[[]]], Things::fresh('service')['content']),
            ],
        ],
    ],
    'lists for a person' => [
        [
            [
                'kind' => 'person',
                'id' => null,
                'version' => null,
                'content' => array_map(static fn (): array => [['x' => 1]], Things::fresh('person')['content']),
            ],
        ],
    ],
    'lists for a pool' => [
        [
            [
                'kind' => 'pool',
                'id' => null,
                'version' => null,
                'content' => [
                    'name' => [],
                    'location' => [],
                    'units' => [[[]], 'x', ['id' => []]],
                    'outages' => ['x', [], ['unit' => []]],
                ],
            ],
        ],
    ],
    'lists for a question' => [
        [
            [
                'kind' => 'question',
                'id' => null,
                'version' => null,
                'content' => [
                    'text' => [],
                    'type' => [],
                    'choices' => [[]],
                    'required' => [],
                    'services' => [[]],
                    'shownIf' => [[]],
                    'parameter' => [],
                ],
            ],
        ],
    ],
    'too many' => [array_fill(0, 401, Things::fresh('category'))],
    'an id of nowhere' => [
        [['kind' => 'service', 'id' => '01ARZ3NDEKTSV4RRFFQ69G5FAV', 'version' => 'x', 'content' => null]],
    ],
]);

it('keeps what others need, and says why', function (string $kind, Closure $id, string $says): void {
    $yard = Yard::open();
    $yard->book('10:00');
    $refused = save($yard, [Things::removal($yard->business, $kind, $id($yard))])->assertStatus(409);
    expect($refused->json('message'))->toContain($says)
        ->and(Things::content($yard->business, $kind, $id($yard)))->not->toBe([]);
})->with([
    'somebody who is booked' => ['person', fn (Yard $yard): string => $yard->staff[0]->id, 'Let them rest'],
    'a service that is booked' => ['service', fn (Yard $yard): string => $yard->lesson->id, 'Let it rest'],
    'a place' => [
        'location',
        fn (Yard $yard): string => $yard->business->locations()->firstOrFail()->id,
        'bookings at this location',
    ],
    'the facts' => ['facts', fn (): string => 'business', 'as long as'],
    'the last owner' => ['access', fn (Yard $yard): string => (string) $yard->owner->id, 'last owner'],
]);

it(
    'keeps a unit that is booked, a pool that is needed, a heading with services, a question others wait for',
    function (): void {
        $yard = Yard::open();
        $pool = save($yard, [Things::fresh('pool', ['outages' => []])])->json('ids.0');
        save($yard, [
            Things::change($yard->business, 'service', $yard->lesson->id, [
                'resources' => [['pool' => $pool, 'units' => 1, 'perPerson' => false, 'holdsBuffers' => true]],
            ]),
        ])->assertOk();
        expect($yard->book('10:00')->units)->toBe([str_repeat('W', 25).'1']);
        save($yard, [Things::removal($yard->business, 'pool', $pool)])->assertStatus(409);
        $without = save($yard, [
            Things::change($yard->business, 'pool', $pool, [
                'units' => [['id' => str_repeat('W', 25).'2', 'name' => 'Wheel 2']],
            ]),
        ])->assertUnprocessable();
        expect($without->json('fields'))->toBe([
            'drafts.0.name' => '“Wheel 1” is booked, so it stays. Say from when it is out of order instead.',
        ]);
        $category = save($yard, [Things::fresh('category')])->json('ids.0');
        save($yard, [
            Things::change($yard->business, 'service', $yard->lesson->id, ['category' => $category]),
        ])->assertOk();
        save($yard, [Things::removal($yard->business, 'category', $category)])->assertStatus(409);
        $first = save($yard, [Things::fresh('question')])->json('ids.0');
        $second = save($yard, [
            Things::fresh('question', ['text' => 'When?', 'shownIf' => ['question' => $first, 'answer' => 'yes']]),
        ])
            ->assertOk()
            ->json('ids.0');
        save($yard, [Things::removal($yard->business, 'question', $first)])->assertStatus(409);
        save($yard, [
            Things::change($yard->business, 'question', $first, [
                'shownIf' => ['question' => $second, 'answer' => 'yes'],
            ]),
        ])->assertUnprocessable();
    },
);

it('means to the rules what is saved: a draft in the rule book is what is read once it is saved', function (
    string $kind,
    array $change,
): void {
    $yard = Yard::open(people: 2);
    $id =
        $kind === 'openingHours' || $kind === 'facts'
            ? 'business'
            : save($yard, [
                Things::fresh(
                    $kind,
                    $kind === 'service'
                        ? [
                            'staff' => [$yard->staff[0]->id],
                            'locations' => [$yard->business->locations()->firstOrFail()->id],
                        ]
                        : [],
                ),
            ])->json('ids.0');
    save($yard, [
        Things::fresh('closure', ['name' => 'Winter', 'from' => '2030-02-01T00:00', 'to' => '2030-02-15T00:00']),
        Things::fresh('pool', [
            'name' => 'Kilns',
            'units' => [['id' => str_repeat('K', 26), 'name' => 'Kiln']],
            'outages' => [
                ['unit' => str_repeat('K', 26), 'name' => '', 'from' => '2030-08-01T00:00', 'to' => '2030-08-02T00:00'],
            ],
        ]),
        [
            'kind' => 'timeOff',
            'id' => null,
            'version' => null,
            'content' => [
                'staff' => $yard->staff[0]->id,
                'name' => '',
                'from' => '2030-08-01T00:00',
                'to' => '2030-08-02T12:00',
            ],
        ],
    ])->assertOk();
    $before = app(SetupReader::class)->book($yard->business->refresh());
    $draft = Things::change($yard->business, $kind, $id, $change);
    $thing = app(Kinds::class)->of($kind);
    $drafted = $thing->book($before, $id, $thing->contents()::from(Given::in($draft['content'])));
    save($yard, [$draft])->assertOk();
    // a zone remembers what it was asked last
    $plain = static fn (RuleBook $book): RuleBook => $book->with(zone: Zone::named($book->zone->name));
    expect($plain($drafted))->toEqual($plain(app(SetupReader::class)->book($yard->business->refresh())));
    $gone = $kind === 'openingHours' || $kind === 'facts' ? $drafted : $thing->book($drafted, $id, null);
    if ($gone !== $drafted) {
        save($yard, [Things::removal($yard->business, $kind, $id)])->assertOk();
        expect($plain($gone))->toEqual($plain(app(SetupReader::class)->book($yard->business->refresh())));
    }
})->with([
    'facts' => ['facts', ['timeZone' => 'Asia/Tokyo', 'travelMinutes' => 10]],
    'opening hours' => ['openingHours', ['hours' => ['sat' => [['from' => '22:00', 'to' => '06:00']]]]],
    'special day' => ['specialDay', ['date' => '2030-04-01', 'hours' => []]],
    'closure' => ['closure', ['to' => '2030-03-05T12:00']],
    'person' => [
        'person',
        [
            'active' => false,
            'hours' => null,
            'breaks' => ['mon' => [['from' => '13:00', 'to' => '13:30']]],
            'maxPerDay' => 2,
        ],
    ],
    'location' => ['location', ['hours' => ['mon' => [['from' => '09:00', 'to' => '11:00']]]]],
    'pool' => ['pool', ['name' => 'Looms']],
    'daypart' => ['daypart', ['to' => '11:00']],
    'service' => [
        'service',
        [
            'minutes' => 45,
            'setup' => 5,
            'range' => ['min' => 30, 'max' => 90, 'step' => 30],
            'pricing' => ['perStep' => 900] + Yard::pricing(0),
            'noticeMinutes' => 30,
            'startFrom' => 'opening',
            'places' => 4,
            'hours' => ['mon' => [['from' => '09:00', 'to' => '10:00']]],
            'availableUntil' => '2030-01-01',
        ],
    ],
    'a service with choices' => [
        'service',
        [
            'choices' => [90, 30],
            'pricing' => ['byMinutes' => [['minutes' => 30, 'amount' => 900], ['minutes' => 90, 'amount' => 2000]]] +
                Yard::pricing(0),
            'active' => false,
            'assignment' => 'rotate',
            'maxPerDay' => 3,
        ],
    ],
]);

it('previews special days, time off and people for those they are for', function (): void {
    $yard = Yard::open(people: 2);
    $day = substr(Yard::at('10:00'), 0, 10);
    $yard->book('10:00');
    $taker = $yard->business->bookings()->firstOrFail()->staff_ids[0];
    $other = $taker === $yard->staff[0]->id ? $yard->staff[1]->id : $yard->staff[0]->id;
    $asks = fn (array ...$drafts): array => save($yard, $drafts, 'drafts/preview')->assertOk()->json();
    $shut = $asks(Things::fresh('specialDay', ['date' => $day, 'hours' => []]));
    expect($shut['strandedCount'])->toBe(1)
        ->and($shut['stranded'][0]['client'])->toBe('Kim Post')
        ->and($shut['gained'])->toBe(0)
        // 15 starts of an hour from 9 to 16, for each of two; less those the booking takes of one of them: 9:30, 10:00,
        // 10:30
        ->and($shut['lost'])->toBe(27)
        ->and($shut['days'][2])
        ->toMatchArray(['date' => $day, 'lost' => 27, 'stays' => [], 'closes' => [['from' => 540, 'to' => 1020]]]);
    $off = [
        'kind' => 'timeOff',
        'id' => null,
        'version' => null,
        'content' => ['staff' => $other, 'name' => '', 'from' => "{$day}T09:00", 'to' => "{$day}T12:00"],
    ];
    expect($asks($off)['strandedCount'])->toBe(0)
        ->and($asks($off)['lost'])->toBe(6)
        ->and($asks(['content' => ['staff' => $taker] + $off['content']] + $off)['strandedCount'])->toBe(1);
    $longer = $asks(
        Things::change($yard->business, 'openingHours', 'business', [
            'hours' => array_fill_keys(
                ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'],
                [['from' => '09:00', 'to' => '18:00']],
            ),
        ]),
    );
    expect($longer['lost'])->toBe(0)
        ->and($longer['days'][5]['opens'])->toBe([['from' => 1020, 'to' => 1080]])
        ->and($longer['days'][5]['gained'])->toBe(4)
        ->and($longer['ruler'])->toBe(['from' => 540, 'to' => 1080]);
    save($yard, [$off], 'drafts/preview');
    $later = $this->postJson('/api/businesses/yard/drafts/preview', [
        'drafts' => [$off],
        'from' => $far = substr(Yard::at('00:00', 200), 0, 10),
    ])->assertOk();
    expect($later->json('days.0.date'))->toBe($far)
        ->and(DB::table('time_off')->count())->toBe(0);
});

it('holds only those of the year’s bookings against new hours that lie where they close', function (): void {
    $yard = Yard::open();
    $yard->book('09:00');
    $yard->book('15:00');
    $starts = $yard->business->bookings()->orderBy('starts_at')->pluck('starts_at');
    $week = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];
    $that = [strtolower($starts[0]->format('D'))];
    $hours = static fn (string $from, string $to, array $days): array => Things::change(
        $yard->business,
        'openingHours',
        'business',
        [
            'hours' => array_fill_keys($days, [['from' => $from, 'to' => $to]]) +
                array_fill_keys($week, [['from' => '08:00', 'to' => '20:00']]),
        ],
    );
    DB::enableQueryLog();
    $stranded = static function (array $draft) use ($yard): array {
        DB::flushQueryLog();
        $answer = save($yard, [$draft], 'drafts/preview')->assertOk();
        $reads = array_filter(
            DB::getQueryLog(),
            static fn (array $one): bool => str_contains($one['query'], '(taken_from >= ? and taken_from < ?'),
        );

        return [$answer->json('stranded.*.start'), count($reads)];
    };
    $at = static fn (int $one): string => $starts[$one]->format('Y-m-d\TH:i\Z');
    expect($stranded($hours('09:00', '15:30', $that)))->toBe([[$at(1)], 1])
        ->and($stranded($hours('09:30', '17:00', $that)))->toBe([[$at(0)], 1])
        ->and($stranded($hours('10:00', '15:00', $that)))->toBe([[$at(0), $at(1)], 1])
        ->and($stranded($hours('09:30', '17:00', $week)))->toBe([[$at(0)], 0]) // so many stretches that all are read
        ->and($stranded($hours('08:00', '20:00', $week)))->toBe([[], 0]); // nothing closes: nothing is read
});

it('shows the next times of a service before it is saved, and why not', function (): void {
    $yard = Yard::open();
    $day = substr(Yard::at('10:00'), 0, 10);
    $draft = Things::change($yard->business, 'service', $yard->lesson->id, ['minutes' => 120, 'startEvery' => 60]);
    $times = save($yard, [$draft], 'drafts/times')->assertOk();
    expect($times->json('findings'))->toBe([])
        ->and(array_column($times->json('times.days.2.starts'), 'minute'))->toBe([540, 600, 660, 720, 780, 840, 900]);
    $why = $this->postJson('/api/businesses/yard/drafts/why', [
        'drafts' => [$draft],
        'at' => "{$day}T16:00",
    ])->assertOk();
    expect($why->json('offered'))->toBeFalse()
        ->and($why->json('rows.0.staff'))->toBe(['Ana Reed'])
        ->and($why->json('rows.0.reasons.0.says'))->toContain('9:00 to 17:00')
        ->and(
            $this->postJson('/api/businesses/yard/drafts/why', ['drafts' => [$draft], 'at' => "{$day}T15:00"])->json(
                'offered',
            ),
        )
        ->toBeTrue();
    $this->postJson('/api/businesses/yard/drafts/why', ['drafts' => [$draft], 'at' => 'noon'])->assertUnprocessable();
    expect($yard->lesson->refresh()->minutes)->toBe(60);
    expect(
        save($yard, [Things::fresh('service')], 'drafts/times')
            ->assertOk()
            ->json('findings.0.what'),
    )->toBe('Nobody does "Glazing".');
});

it('tells a checklist from what the core finds, and leaves resting services alone', function (): void {
    $yard = Yard::open();
    $missing = fn (): array => array_column(
        $this->actingAs($yard->owner)->getJson('/api/businesses/yard/setup')->json('missing'),
        'what',
    );
    expect($missing())->toBe([]);
    save($yard, [Things::change($yard->business, 'service', $yard->lesson->id, ['staff' => []])])->assertOk();
    expect($missing())->toBe(['Nobody does "Lesson".']);
    save($yard, [Things::change($yard->business, 'service', $yard->lesson->id, ['active' => false])])->assertOk();
    expect($missing())->toBe(['There is no service.']);
    save($yard, [Things::change($yard->business, 'openingHours', 'business', ['hours' => []])])->assertOk();
    expect($missing()[0])->toContain('No weekday has opening hours');
});

it('lists what is there now, whatever was listed before', function (string $list, Closure $change): void {
    $yard = Yard::open();
    $listed = fn (): array => $this->actingAs($yard->owner)->getJson('/api/businesses/yard/setup')->json($list);
    $before = $listed();
    expect($listed())->toBe($before);
    $change(['business_id' => $yard->business->id, 'position' => 9]);
    expect($listed())->not->toBe($before);
})->with([
    'people' => ['staff', static fn () => Member::query()->firstOrFail()->update(['name' => 'Somebody Else'])],
    'services' => ['services', static fn () => Service::query()->firstOrFail()->update(['name' => 'Another'])],
    'categories' => ['categories', static fn (array $row) => Category::query()->create(['name' => 'New'] + $row)],
    'add-ons' => [
        'addOns',
        static fn (array $row) => AddOn::query()->create(['name' => 'New', 'price' => 1, 'minutes' => 0] + $row),
    ],
    'questions' => [
        'questions',
        static fn (array $row) => Question::query()->create(['text' => '?', 'type' => 'short', 'choices' => []] + $row),
    ],
]);

it('never shows clients what is private, and offers only what they may book', function (): void {
    $yard = Yard::open();
    $secret = 'Keep the blue kiln away from her.';
    save($yard, [Things::change($yard->business, 'service', $yard->lesson->id, ['staffNote' => $secret])])->assertOk();
    $booking = $yard->hold('10:00');
    $link = app(App\Support\ClientLink::class)->to($booking);
    $query = (string) parse_url($link, PHP_URL_QUERY);
    $seen = [
        $this->get('/book/yard'),
        $this->getJson("/gate-api/pages/yard/open-times?service={$yard->lesson->id}"),
        $this->getJson("/gate-api/bookings/{$booking->id}?{$query}"),
        $this->get("/b/{$booking->id}?{$query}"),
    ];
    foreach ($seen as $answer) {
        expect($answer->assertOk()->getContent())->not->toContain('blue kiln');
    }
    expect(
        $this->actingAs($yard->owner)
            ->getJson("/api/businesses/yard/things/service/{$yard->lesson->id}")
            ->getContent(),
    )->toContain('blue kiln');
    $hold = ['service' => $yard->lesson->id, 'start' => Yard::at('12:00')];
    save($yard, [Things::change($yard->business, 'service', $yard->lesson->id, ['visibility' => 'link'])])->assertOk();
    $this->get('/book/yard')->assertDontSee('Lesson');
    $this->get("/book/yard?service={$yard->lesson->id}")->assertSee('Lesson');
    $this->postJson('/gate-api/pages/yard/holds', $hold)->assertCreated();
    save($yard, [Things::change($yard->business, 'service', $yard->lesson->id, ['visibility' => 'desk'])])->assertOk();
    $this->get("/book/yard?service={$yard->lesson->id}")->assertDontSee('Lesson');
    $this->getJson("/gate-api/pages/yard/open-times?service={$yard->lesson->id}")->assertNotFound();
    $this->postJson('/gate-api/pages/yard/holds', $hold)->assertNotFound();
});

it('tells the second of two people by name who was first', function (): void {
    $yard = Yard::open();
    $draft = Things::change($yard->business, 'facts', 'business', ['about' => 'Mine']);
    $second = User::query()->create([
        'name' => 'Second',
        'email' => 'second@yard.example',
        'password' => 'clay-and-water',
    ]);
    $yard->business->users()->attach($second->id, ['role' => 'manager']);
    save($yard, [$draft])->assertOk();
    $told = $this->actingAs($second)
        ->postJson('/api/businesses/yard/drafts', [
            'drafts' => [['content' => ['about' => 'Theirs'] + $draft['content']] + $draft],
        ])
        ->assertStatus(409);
    expect($told->json('message'))->toStartWith('Owner of yard has changed this meanwhile');
    expect(Business::query()->firstOrFail()->about)->toBe('Mine');
});

it('lets one go on editing with the version that saving answered', function (): void {
    $yard = Yard::open();
    $draft = Things::change($yard->business, 'person', $yard->staff[0]->id, ['phone' => ' +351 210 000 001 ']);
    $saved = save($yard, [$draft])->assertOk();
    expect($saved->json('versions.0'))
        ->toBe($this->getJson("/api/businesses/yard/things/person/{$yard->staff[0]->id}")->json('version'))
        ->not->toBe($draft['version']);
    save($yard, [
        ['version' => $saved->json('versions.0'), 'content' => ['phone' => ''] + $draft['content']] + $draft,
    ])->assertOk();
    expect(
        save($yard, [Things::removal($yard->business, 'person', $yard->staff[0]->id)])
            ->assertOk()
            ->json('versions'),
    )->toBe([null]);
});

it('knows nothing of another business in any draft', function (string $kind, array $with): void {
    $mine = Yard::open(slug: 'mine');
    $theirs = Yard::open(slug: 'theirs');
    $of = fn (string $what): string => match ($what) {
        'staff' => $theirs->staff[0]->id,
        'service' => $theirs->lesson->id,
        'location' => $theirs->business
            ->locations()
            ->withoutGlobalScopes()
            ->where('business_id', $theirs->business->id)
            ->firstOrFail()->id,
        default => save($theirs, [Things::fresh($what)])
            ->assertOk()
            ->json('ids.0'),
    };
    $change = array_map(
        fn (mixed $value): mixed => match (true) {
            is_string($value) && str_starts_with($value, 'their ') => $of(substr($value, 6)),
            $value === 'need' => [['pool' => $of('pool'), 'units' => 1, 'perPerson' => false, 'holdsBuffers' => true]],
            $value === 'after' => ['question' => $of('question'), 'answer' => 'yes'],
            is_array($value) && is_string($value[0] ?? null) => [$of(substr($value[0], 6))],
            default => $value,
        },
        $with,
    );
    $draft =
        $kind === 'timeOff'
            ? [
                'kind' => 'timeOff',
                'id' => null,
                'version' => null,
                'content' => $change + ['name' => '', 'from' => '2030-01-01T00:00', 'to' => '2030-01-02T00:00'],
            ]
            : Things::fresh($kind, $change);
    foreach (['drafts', 'drafts/preview'] as $path) {
        save($mine, [$draft], $path)->assertUnprocessable();
    }
    if ($kind !== 'timeOff') {
        $id = save($theirs, [Things::fresh($kind)])
            ->assertOk()
            ->json('ids.0');
        $foreign = Things::change($theirs->business, $kind, $id, []);
        save($mine, [$foreign])->assertNotFound();
        save($mine, [['content' => null] + $foreign])->assertNotFound();
    }
})->with([
    ['person', ['services' => ['their service']]],
    ['closure', ['staff' => ['their staff']]],
    ['timeOff', ['staff' => 'their staff']],
    ['specialDay', ['staff' => 'their staff']],
    ['specialDay', ['location' => 'their location']],
    ['pool', ['location' => 'their location']],
    ['addOn', ['services' => ['their service']]],
    ['question', ['services' => ['their service']]],
    ['question', ['shownIf' => 'after']],
    ['service', ['staff' => ['their staff']]],
    ['service', ['locations' => ['their location']]],
    ['service', ['category' => 'their category']],
    ['service', ['dayparts' => ['their daypart']]],
    ['service', ['resources' => 'need']],
]);

it('refuses an undo that would no longer be allowed, and says why', function (): void {
    $yard = Yard::open(people: 2);
    $theirs = Yard::open(slug: 'theirs');
    $moved = save($yard, [Things::change($yard->business, 'facts', 'business', ['slug' => 'yard-two'])])
        ->assertOk()
        ->json('change');
    save($theirs, [Things::change($theirs->business, 'facts', 'business', ['slug' => 'yard'])])->assertOk();
    $refused = $this->actingAs($yard->owner)
        ->postJson("/api/businesses/yard-two/changes/{$moved}/undo")
        ->assertStatus(409);
    expect($refused->json('message'))->toContain('Another business has this address already')
        ->and(Business::query()->findOrFail($yard->business->id)->slug)->toBe('yard-two');

    $yard->business->refresh();
    $named = save($yard, [Things::fresh('closure', ['staff' => [$yard->staff[1]->id]])])->json('ids.0');
    $opened = save($yard, [Things::removal($yard->business, 'closure', $named)])->json('change');
    save($yard, [Things::removal($yard->business, 'person', $yard->staff[1]->id)])->assertOk();
    $this->postJson("/api/businesses/yard-two/changes/{$opened}/undo")->assertStatus(409);
    expect(Things::content($yard->business, 'closure', $named))->toBe([]);
});

it('brings back with a person what was planned for them, and shows none of it meanwhile', function (): void {
    $yard = Yard::open(people: 2);
    $bo = $yard->staff[1]->id;
    save($yard, [
        [
            'kind' => 'timeOff',
            'id' => null,
            'version' => null,
            'content' => ['staff' => $bo, 'name' => 'Course', 'from' => '2030-03-01T00:00', 'to' => '2030-03-02T00:00'],
        ],
        Things::fresh('specialDay', ['staff' => $bo]),
    ])->assertOk();
    $year = fn (): array => array_map(
        count(...),
        array_intersect_key(
            $this->actingAs($yard->owner)->getJson('/api/businesses/yard/year/2030')->assertOk()->json(),
            ['timeOffs' => 1, 'specialDays' => 1],
        ),
    );
    $gone = save($yard, [Things::removal($yard->business, 'person', $bo)])
        ->assertOk()
        ->json('change');
    expect($year())->toBe(['specialDays' => 0, 'timeOffs' => 0])
        ->and(app(SetupReader::class)->book($yard->business->refresh())->staff)->toHaveCount(1);
    $this->postJson("/api/businesses/yard/changes/{$gone}/undo")->assertOk();
    expect($year())->toBe(['specialDays' => 1, 'timeOffs' => 1])
        ->and(app(SetupReader::class)->book($yard->business->refresh())->staff[$bo]->timeOff)->toHaveCount(1);
});

it('keeps a service that add-ons or questions name', function (string $kind): void {
    $yard = Yard::open();
    $service = save($yard, [Things::fresh('service')])->json('ids.0');
    $named = save($yard, [Things::fresh($kind, ['services' => [$service]])])
        ->assertOk()
        ->json('ids.0');
    save($yard, [Things::removal($yard->business, 'service', $service)])->assertStatus(409);
    save($yard, [Things::removal($yard->business, $kind, $named)])->assertOk();
    save($yard, [Things::removal($yard->business, 'service', $service)])->assertOk();
})->with(['addOn', 'question']);

it('answers with a sentence where two take the same address at the same moment', function (): void {
    Yard::open();
    Route::get(
        '/gate-api/test-taken',
        static fn () => Business::query()->create([
            'slug' => 'yard',
            'name' => 'Twice',
            'time_zone' => 'UTC',
            'currency' => 'EUR',
            'opening_hours' => [],
        ]),
    );
    $this->getJson('/gate-api/test-taken')
        ->assertStatus(409)
        ->assertJson(['code' => 'taken']);
});
