<?php

declare(strict_types=1);

use App\Bookings\Destination;
use App\Bookings\MoveBooking;
use App\Models\AddOn;
use App\Models\Booking;
use App\Models\Business;
use App\Scenario\ExportDocument;
use App\Scenario\ImportDocument;
use Illuminate\Testing\TestResponse;
use Tests\Support\Things;
use Tests\Support\Yard;
use YardBell\Core\Scenario\Reader;
use YardBell\Core\Time\Wall;

/** @param  array<string, mixed>  $asked */
function quote(Yard $yard, array $asked = []): TestResponse
{
    return test()->getJson('/gate-api/pages/yard/quote?'.http_build_query($asked + ['service' => $yard->lesson->id]));
}

/** @param  array<string, mixed>  $more */
function addOn(Business $business, array $more = []): AddOn
{
    return AddOn::query()->create(
        $more + [
            'business_id' => $business->id,
            'name' => 'Second pot',
            'price' => 1200,
            'minutes' => 30,
            'position' => 0,
        ],
    );
}

/** @param  array<string, mixed>  $more */
function holdAt(Yard $yard, string $time, array $more = []): TestResponse
{
    return test()->postJson(
        '/gate-api/pages/yard/holds',
        $more + ['service' => $yard->lesson->id, 'start' => Yard::at($time)],
    );
}

it('says what each choice costs before a time is chosen, and keeps what it was sold for', function (): void {
    $yard = Yard::open([
        'lengths' => [60, 90],
        'places' => 4,
        'pricing' => [
            'byMinutes' => [['minutes' => 60, 'amount' => 4800], ['minutes' => 90, 'amount' => 6600]],
            'extraPeople' => [1000],
        ] + Yard::pricing(0),
    ]);
    $pot = addOn($yard->business);
    $quoted = quote($yard, ['minutes' => 90, 'party' => 3, 'addOns' => [$pot->id => 2]])->assertOk();
    expect($quoted->json())->toBe([
        'minutes' => 150,
        'priced' => true,
        'exact' => true,
        'lines' => [
            ['kind' => 'base', 'label' => 'Lesson', 'amount' => 6600],
            ['kind' => 'people', 'label' => 'Lesson', 'amount' => 2000],
            ['kind' => 'addOn', 'label' => 'Second pot', 'amount' => 2400, 'id' => $pot->id, 'quantity' => 2],
        ],
        'includedTax' => [],
        'total' => 11000,
        'dueNow' => 0,
        'keepsCard' => false,
        'terms' => '',
    ]);
    $held = holdAt($yard, '10:00', ['minutes' => 90, 'party' => 3, 'addOns' => [$pot->id => 2]])->assertCreated();
    expect([$held->json('total'), $held->json('lines'), $held->json('end')])->toBe([
        11000,
        $quoted->json('lines'),
        Yard::at('12:30'),
    ]);
    $pot->update(['price' => 1, 'minutes' => 0]);
    $yard->lesson->update(['pricing' => Yard::pricing(1), 'lengths' => null]);
    $booking = Booking::query()->sole();
    expect([$booking->price, $booking->minutes, $booking->extra_minutes])->toBe([11000, 150, 60])
        ->and(array_sum(array_column($booking->lines, 'amount')))->toBe(11000);
});

it('looks for a time that is long enough for the add-ons (P3)', function (): void {
    $yard = Yard::open();
    $pot = addOn($yard->business);
    $last = fn (array $asked): string => collect(
        $this->getJson('/gate-api/pages/yard/open-times?'.http_build_query($asked + ['service' => $yard->lesson->id]))
            ->assertOk()
            ->json('days.2.starts'),
    )->last()['at'];
    expect($last([]))->toBe(Yard::at('16:00'))->and($last(['addOns' => [$pot->id => 2]]))->toBe(Yard::at('15:00'));
    holdAt($yard, '15:30', ['addOns' => [$pot->id => 2]])->assertStatus(409);
    holdAt($yard, '15:00', ['addOns' => [$pot->id => 2]])->assertCreated();
});

it('moves a booking with its add-ons, at its length and price', function (): void {
    $yard = Yard::open(['price' => 4000]);
    $pot = addOn($yard->business);
    $id = holdAt($yard, '10:00', ['addOns' => [$pot->id => 1]])->json('id');
    Yard::sold(Booking::query()->findOrFail($id));
    $yard->lesson->update(['pricing' => Yard::pricing(9900)]);
    $moved = app(MoveBooking::class)($yard->business, $id, new Destination(Wall::instant(Yard::at('15:30'))), 'Ana');
    expect([$moved->minutes, $moved->price])->toBe([90, 5200]);
    expect(
        fn () => app(MoveBooking::class)(
            $yard->business,
            $id,
            new Destination(Wall::instant(Yard::at('16:00'))),
            'Ana',
        ),
    )->toThrow(App\Times\TimeTaken::class);
});

it(
    'gives the least a visit can cost while who takes it is open, and the true price once it is held',
    function (): void {
        $yard = Yard::open(people: 2);
        $yard->lesson->update([
            'pricing' => ['byStaff' => [['staff' => $yard->staff[0]->id, 'amount' => 5600]]] + Yard::pricing(4800),
        ]);
        expect(quote($yard)->json())->toMatchArray(['total' => 4800, 'exact' => false])
            ->and(quote($yard, ['staff' => $yard->staff[0]->id])->json())
            ->toMatchArray(['total' => 5600, 'exact' => true])
            ->and(holdAt($yard, '10:00', ['staff' => $yard->staff[0]->id])->json('total'))->toBe(5600)
            ->and(holdAt($yard, '10:00')->json('total'))->toBe(4800)
            ->and($this->getJson('/book/yard')->assertOk()->viewData('first')['page']['services'][0]['price'])
            ->toBe(['kind' => 'fixed', 'amount' => 4800, 'varies' => true, 'perPerson' => false]);
        $yard->lesson->update(['assignment' => 'all']);
        expect(quote($yard)->json())->toMatchArray(['total' => 5600, 'exact' => true]);
    },
);

it('refuses what there is not, with a sentence', function (array $asked, int $status): void {
    $yard = Yard::open();
    $other = Yard::open(slug: 'other');
    $elsewhere = addOn($other->business);
    $asked = json_decode(str_replace('ELSEWHERE', $elsewhere->id, json_encode($asked, JSON_THROW_ON_ERROR)), true);
    foreach (
        [
            quote($yard, $asked),
            $this->getJson(
                '/gate-api/pages/yard/open-times?'.http_build_query($asked + ['service' => $yard->lesson->id]),
            ),
        ] as $answer
    ) {
        expect([200, 404, 422])->toContain($answer->getStatusCode());
    }
    holdAt($yard, '10:00', $asked)
        ->assertStatus($status)
        ->assertJsonStructure(['message']);
    expect(Booking::query()->count())->toBe(0);
})->with([
    'an add-on of another business' => [['addOns' => ['ELSEWHERE' => 1]], 422],
    'none of an add-on' => [['addOns' => ['x' => 0]], 422],
    'too many' => [['addOns' => ['x' => 21]], 422],
    'a list of add-ons' => [['addOns' => [1, 2]], 422],
    'add-ons as a word' => [['addOns' => 'all'], 422],
    'a list of lists' => [['addOns' => [[1]]], 422],
    'a length it does not have' => [['minutes' => 45], 409],
    'another place' => [['location' => 'nowhere'], 409],
]);

it('asks nothing of what a service that is not shown costs', function (): void {
    $yard = Yard::open(['visibility' => 'desk']);
    quote($yard)->assertNotFound();
    $this->getJson("/gate-api/pages/nobody/quote?service={$yard->lesson->id}")->assertNotFound();
});

it('shows the add-ons of a service and its lengths, and groups by category', function (): void {
    $yard = Yard::open([
        'lengths' => ['min' => 30, 'max' => 90, 'step' => 30],
        'pricing' => ['perStep' => 1500] + Yard::pricing(0),
    ]);
    $every = addOn($yard->business);
    addOn($yard->business, ['services' => ['another']]);
    $service = $this->get('/book/yard')->assertOk()->viewData('first')['page']['services'][0];
    expect($service)->toMatchArray([
        'lengths' => [30, 60, 90],
        'price' => ['kind' => 'fixed', 'amount' => 1500, 'varies' => true, 'perPerson' => false],
        'addOns' => [$every->id],
        'initials' => 'LE',
    ])
        ->and(quote($yard, ['minutes' => 90])->json('total'))->toBe(4500);
});

it('keeps only what goes with the kind of price and of length', function (array $given, array $kept): void {
    $yard = Yard::open();
    $draft = Things::fresh('service', $given + ['staff' => [$yard->staff[0]->id]]);
    $id = $this->actingAs($yard->owner)
        ->postJson('/api/businesses/yard/drafts', ['drafts' => [$draft]])
        ->assertOk()
        ->json('ids.0');
    expect(Things::content($yard->business, 'service', $id))->toMatchArray($kept);
})->with([
    'one length' => [
        ['pricing' => ['byMinutes' => [['minutes' => 30, 'amount' => 5]], 'perStep' => 7] + Yard::pricing(4500)],
        ['pricing' => Yard::pricing(4500)],
    ],
    'a list' => [
        [
            'choices' => [60, 30],
            'pricing' => [
                'byMinutes' => [
                    ['minutes' => 30, 'amount' => 5],
                    ['minutes' => 60, 'amount' => 9],
                    ['minutes' => 90, 'amount' => 1],
                ],
                'perStep' => 7,
            ] + Yard::pricing(4500),
        ],
        [
            'pricing' => ['byMinutes' => [['minutes' => 60, 'amount' => 9], ['minutes' => 30, 'amount' => 5]]] +
                Yard::pricing(0),
        ],
    ],
    'free' => [['pricing' => Yard::pricing(4500, 'free')], ['pricing' => Yard::pricing(0, 'free')]],
    'on request is paid at the desk' => [
        ['pricing' => Yard::pricing(0, 'on_request'), 'payment' => Yard::payment('full')],
        ['payment' => Yard::payment('none')],
    ],
    'on request, a card is kept' => [
        ['pricing' => Yard::pricing(0, 'on_request'), 'payment' => Yard::payment('card_hold')],
        ['payment' => Yard::payment('card_hold')],
    ],
    'a part as short as it can be written' => [
        [
            'payment' => Yard::payment('deposit', null, '12.50'),
            'cancellation' => ['freeMinutes' => 60, 'amount' => null, 'percent' => '50.0'],
        ],
        [
            'payment' => Yard::payment('deposit', null, '12.5'),
            'cancellation' => ['freeMinutes' => 60, 'amount' => null, 'percent' => '50'],
        ],
    ],
]);

it(
    'forgets the price with somebody who no longer does it, and gives each service a mark of its own',
    function (): void {
        $yard = Yard::open(people: 2);
        $draft = Things::change($yard->business, 'service', $yard->lesson->id, [
            'pricing' => ['byStaff' => [['staff' => $yard->staff[0]->id, 'amount' => 5600]]] + Yard::pricing(4800),
        ]);
        $this->actingAs($yard->owner)
            ->postJson('/api/businesses/yard/drafts', ['drafts' => [$draft]])
            ->assertOk();
        $left = Things::change($yard->business, 'person', $yard->staff[0]->id, ['services' => []]);
        $this->postJson('/api/businesses/yard/drafts', ['drafts' => [$left]])->assertOk();
        expect(Things::content($yard->business, 'service', $yard->lesson->id)['pricing'])->toBe(Yard::pricing(4800));
        $ids = $this->postJson('/api/businesses/yard/drafts', [
            'drafts' => [Things::fresh('service'), Things::fresh('service', ['name' => 'Firing'])],
        ])
            ->assertOk()
            ->json('ids');
        $mark = fn (string $id): array => array_intersect_key(Things::content($yard->business, 'service', $id), [
            'colour' => 1,
            'pattern' => 1,
        ]);
        expect($mark($ids[0]))->not->toEqual($mark($ids[1]))->and($mark($ids[0]))->not->toContain(null);
    },
);

it('carries prices, deposits and add-ons out and in again', function (): void {
    $yard = Yard::open(people: 2);
    $yard->lesson->update([
        'lengths' => [60, 90],
        'payment_terms' => Yard::payment('deposit', null, '20'),
        'pricing' => [
            'byMinutes' => [['minutes' => 60, 'amount' => 4800], ['minutes' => 90, 'amount' => 6600]],
            'byStaff' => [['staff' => $yard->staff[1]->id, 'amount' => 5000]],
            'perPerson' => true,
        ] + Yard::pricing(0),
    ]);
    $firing = Yard::offer(
        $yard->business,
        [
            'name' => 'Firing',
            'lengths' => ['min' => 60, 'max' => 180, 'step' => 60],
            'pricing' => ['perStep' => 900, 'extraPeople' => [5, 6]] + Yard::pricing(0),
        ],
        $yard->staff,
    );
    addOn($yard->business);
    addOn($yard->business, ['name' => 'Glaze', 'services' => [$firing->id], 'per_person' => true, 'minutes' => 0]);
    $json = app(ExportDocument::class)($yard->business);
    $other = app(ImportDocument::class)->asNew(Reader::read($json), $yard->owner);
    [$lesson, $fired] = [
        $other->services()->where('name', 'Lesson')->sole(),
        $other->services()->where('name', 'Firing')->sole(),
    ];
    $bo = $other->staff()->where('name', 'Bo Marsh')->sole()->id;
    expect($lesson->pricing)->toEqual(['byStaff' => [['staff' => $bo, 'amount' => 5000]]] + $yard->lesson->pricing)
        ->and($lesson->payment_terms)->toBe(Yard::payment('deposit', null, '20'))
        ->and($fired->pricing)->toEqual($firing->pricing)
        ->and(
            AddOn::query()
                ->where('business_id', $other->id)
                ->orderBy('position')
                ->get(['name', 'price', 'minutes', 'per_person', 'services'])
                ->toArray(),
        )
        ->toBe([
            ['name' => 'Second pot', 'price' => 1200, 'minutes' => 30, 'per_person' => false, 'services' => null],
            ['name' => 'Glaze', 'price' => 1200, 'minutes' => 0, 'per_person' => true, 'services' => [$fired->id]],
        ]);
    $known = static fn (string $document): array => json_decode($document, true)['services'];
    $again = $known(app(ExportDocument::class)($other));
    foreach ([0, 1] as $i) {
        expect([$again[$i]['payment'], $again[$i]['minutes'], count($again[$i]['addOns'])])->toBe([
            $known($json)[$i]['payment'],
            $known($json)[$i]['minutes'],
            count($known($json)[$i]['addOns']),
        ]);
    }
});

it('gives a service of sessions one amount, however many lengths its document prices', function (
    array $minutes,
    array $pricing,
    int $amount,
): void {
    $yard = Yard::open();
    $document = json_decode(app(ExportDocument::class)($yard->business), true);
    $document['services'][0] =
        ['kind' => 'session', 'minutes' => $minutes, 'pricing' => $pricing + ['kind' => 'fixed']] +
        $document['services'][0];
    app(ImportDocument::class)->replace($yard->business, Reader::read(json_encode($document, JSON_THROW_ON_ERROR)));
    expect($yard->lesson->refresh()->pricing)->toEqual(Yard::pricing($amount))
        ->and(quote($yard)->assertOk()->json('total'))->toBe($amount);
})->with([
    [[90, 60], ['byMinutes' => ['60' => 2000, '90' => 3000]], 3000],
    [['min' => 60, 'max' => 120, 'step' => 30], ['perStep' => 900], 1800],
]);

it('tells apart what a document calls the same but means differently with another service', function (): void {
    $yard = Yard::open();
    $second = Yard::offer($yard->business, ['name' => 'Firing'], $yard->staff);
    $document = json_decode(app(ExportDocument::class)($yard->business), true);
    $document['services'][0]['addOns'] = [['id' => 'pot', 'name' => 'Pot', 'amount' => 100]];
    $document['services'][1]['addOns'] = [['id' => 'pot', 'name' => 'Pot', 'amount' => 900]];
    app(ImportDocument::class)->replace($yard->business, Reader::read(json_encode($document, JSON_THROW_ON_ERROR)));
    $kept = AddOn::query()->where('business_id', $yard->business->id)->orderBy('price')->get();
    expect($kept->pluck('price')->all())->toBe([100, 900])
        ->and($kept[1]->services)->toBe([$second->id]);
});
