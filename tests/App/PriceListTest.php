<?php

declare(strict_types=1);

use App\Models\AddOn;
use App\Models\Booking;
use App\Models\Service;
use App\Models\Session;
use App\Models\Surcharge;
use App\Models\TaxRate;
use App\Models\User;
use App\Prices\PriceLists;
use App\Scenario\ExportDocument;
use App\Scenario\ImportDocument;
use App\Support\Instants;
use Illuminate\Testing\TestResponse;
use Tests\Support\Things;
use Tests\Support\Yard;
use YardBell\Core\Scenario\Reader;
use YardBell\Core\Time\Wall;

/* Tax, surcharges and what frequent visits cost, from the set-up to what a booking was sold for. */

function saveAll(Yard $yard, array ...$drafts): TestResponse
{
    return test()
        ->actingAs($yard->owner)
        ->postJson("/api/businesses/{$yard->business->slug}/drafts", ['drafts' => $drafts]);
}

/** A surcharge of 5.00 after noon, and VAT of 23 % on the lesson of 50.00. */
function dearAfternoons(Yard $yard, bool $included): void
{
    [$late, $vat] = saveAll(
        $yard,
        Things::fresh('surcharge', [
            'name' => 'Afternoon',
            'hours' => array_fill_keys(Wall::WEEKDAYS, [['from' => '06:00', 'to' => '12:00']]),
            'staffPercent' => '50',
        ]),
        Things::fresh('taxRate'),
    )->assertOk()->json('ids');
    expect($late)->toBeString();
    saveAll(
        $yard,
        Things::change($yard->business, 'taxes', 'business', ['included' => $included]),
        Things::change($yard->business, 'service', $yard->lesson->id, [
            'pricing' => ['taxRates' => [$vat]] + Yard::pricing(5000),
            'staffPay' => ['amount' => null, 'percent' => '40'],
        ]),
    )->assertOk();
}

function held(Yard $yard, string $time): TestResponse
{
    return test()
        ->postJson('/gate-api/pages/yard/holds', ['service' => $yard->lesson->id, 'start' => Yard::at($time)])
        ->assertCreated();
}

it('sells a visit for what its hour costs, with the tax it includes or adds', function (): void {
    $yard = Yard::open();
    dearAfternoons($yard, included: true);
    $morning = held($yard, '10:00');
    expect(array_column($morning->json('lines'), 'amount', 'label'))->toBe(['Lesson' => 5000])
        ->and($morning->json('includedTax'))->toBe([['name' => 'VAT', 'percent' => '23', 'amount' => 935]]);
    $afternoon = held($yard, '13:00');
    expect(array_column($afternoon->json('lines'), 'amount', 'label'))->toBe(['Lesson' => 5000, 'Afternoon' => 500])
        ->and($afternoon->json('includedTax.0.amount'))->toBe(935 + 93)
        ->and($afternoon->json('total'))->toBe(5500)
        ->and($afternoon->json())->not->toHaveKey('staffPay')
        ->and(Booking::query()->findOrFail($afternoon->json('id'))->staff_pay)->toBe([$yard->staff[0]->id => 2250]);
    saveAll($yard, Things::change($yard->business, 'taxes', 'business', ['included' => false]))->assertOk();
    $added = held($yard, '15:00');
    expect(array_column($added->json('lines'), 'amount', 'kind'))
        ->toBe(['base' => 5000, 'surcharge' => 500, 'tax' => 115])
        ->and($added->json('total'))->toBe(5500 + 1150 + 115)
        ->and($added->json('includedTax'))->toBe([])
        ->and(Booking::query()->findOrFail($morning->json('id'))->price)->toBe(5000); // as it was sold
});

it('says before a time is chosen that some hours cost more', function (): void {
    $yard = Yard::open();
    $exact = fn (): bool => $this->getJson("/gate-api/pages/yard/quote?service={$yard->lesson->id}")->json('exact');
    expect($exact())->toBeTrue();
    dearAfternoons($yard, included: true);
    expect($exact())->toBeFalse();
    saveAll($yard, Things::change($yard->business, 'service', $yard->lesson->id, [
        'pricing' => ['excludeSurcharges' => [(string) Surcharge::query()->value('id')]] + Yard::pricing(5000),
    ]))->assertOk();
    expect($exact())->toBeTrue();
});

it('quotes a session for as long as it lasts, also before a place is held', function (): void {
    $yard = Yard::open(['kind' => 'session', 'price' => 5000]);
    saveAll($yard, Things::fresh('surcharge', [
        'hours' => array_fill_keys(Wall::WEEKDAYS, [['from' => '06:00', 'to' => '12:00']]),
    ]))->assertOk();
    Session::query()->create([
        'business_id' => $yard->business->id,
        'service_id' => $yard->lesson->id,
        'location_id' => (string) $yard->business->locations()->value('id'),
        'starts_at' => Instants::carbon(Wall::instant(Yard::at('11:00'))),
        'minutes' => 90,
        'taken_from' => Instants::carbon(Wall::instant(Yard::at('11:00'))),
        'taken_until' => Instants::carbon(Wall::instant(Yard::at('12:30'))),
        'staff_ids' => [$yard->staff[0]->id],
        'units' => [],
        'places' => 8,
    ]);
    $query = http_build_query(['service' => $yard->lesson->id, 'at' => Yard::at('11:00')]);
    $quoted = $this->getJson("/gate-api/pages/yard/quote?{$query}")->assertOk();
    expect($quoted->json('total'))->toBe(5500)
        ->and($quoted->json('total'))->toBe(held($yard, '11:00')->json('total'));
});

it('keeps a rate and a surcharge while a price names them, and says so', function (): void {
    $yard = Yard::open();
    dearAfternoons($yard, included: true);
    $vat = (string) TaxRate::query()->value('id');
    saveAll($yard, Things::removal($yard->business, 'taxRate', $vat))
        ->assertStatus(409)
        ->assertJsonPath('message', 'Services or add-ons still have this rate. Take it off them first.');
    saveAll($yard, Things::change($yard->business, 'service', $yard->lesson->id, ['pricing' => Yard::pricing(5000)]));
    saveAll($yard, Things::fresh('addOn', ['taxRates' => [$vat]]))->assertOk();
    saveAll($yard, Things::removal($yard->business, 'taxRate', $vat))->assertStatus(409);
    $late = (string) Surcharge::query()->value('id');
    $leavesOut = static fn (array $ids): array => Things::change($yard->business, 'service', $yard->lesson->id, [
        'pricing' => ['excludeSurcharges' => $ids] + Yard::pricing(5000),
    ]);
    saveAll($yard, $leavesOut([$late]))->assertOk();
    saveAll($yard, Things::removal($yard->business, 'surcharge', $late))->assertStatus(409);
    saveAll($yard, $leavesOut([]))->assertOk();
    saveAll($yard, Things::removal($yard->business, 'surcharge', $late))->assertOk();
    expect(app(PriceLists::class)->of($yard->business->refresh())->surcharges)->toBe([]);
});

it('carries tax, surcharges, levels and pay out and in again', function (): void {
    $json = (string) file_get_contents(base_path('core/tests/Support/everything.json'));
    $business = app(ImportDocument::class)->asNew(Reader::read($json), Yard::open(slug: 'other')->owner);
    $given = Reader::read($json);
    $again = Reader::read(app(ExportDocument::class)($business));
    $names = static fn (array $all): array => array_map(
        static fn (object $one): string => $one->name,
        array_values($all),
    );
    expect($names($again->prices->surcharges))->toBe($names($given->prices->surcharges))
        ->and($names($again->prices->taxes->rates))->toBe($names($given->prices->taxes->rates))
        ->and($again->prices->taxes->included)->toBeTrue();
    $code = static fn (array $codes): array => array_diff_key(
        get_object_vars(array_values($codes)[1]),
        ['id' => 1, 'services' => 1, 'usedBy' => 1],
    );
    expect($code($again->prices->codes))->toEqual($code($given->prices->codes))
        ->and(array_values(array_values($again->prices->codes)[1]->usedBy))->toBe([1]);
    expect(array_map(array_values(...), array_values($again->prices->staffRates)))
        ->toEqual(array_map(array_values(...), array_values($given->prices->staffRates)));
    $pairs = array_map(null, array_values($again->prices->surcharges), array_values($given->prices->surcharges));
    foreach ($pairs as [$one, $other]) {
        expect([$one->when, $one->hours, $one->weekdays, $one->days, $one->charge, $one->staff])
            ->toEqual([$other->when, $other->hours, $other->weekdays, $other->days, $other->charge, $other->staff]);
    }
    $lesson = static fn (array $tariffs): array => [
        array_values($tariffs)[0]->pricing->frequencies,
        array_values($tariffs)[0]->pricing->extraPeopleStaff,
        count(array_values($tariffs)[0]->pricing->taxRates),
        count(array_values($tariffs)[0]->pricing->excludeSurcharges),
        count(array_values(array_values($tariffs)[0]->addOns)[0]->taxRates),
        array_map(static fn (object $tariff): mixed => $tariff->staffPay, array_values($tariffs)),
    ];
    expect($lesson($again->tariffs))->toEqual($lesson($given->tariffs))
        ->and(Service::query()->where('business_id', $business->id)->value('staff_pay'))->not->toBeNull();
});

it('shows what a visit costs before its prices are saved, each line with the rule that made it', function (): void {
    $yard = Yard::open(['price' => 4000, 'max_party' => 3]);
    dearAfternoons($yard, included: false);
    saveAll($yard, Things::fresh('offerCode'), Things::fresh('addOn'))->assertOk();
    $draft = Things::change($yard->business, 'service', $yard->lesson->id, [
        'pricing' => [
            'extraPeople' => [200],
            'taxRates' => [(string) TaxRate::query()->value('id')],
            'frequency' => [[
                'period' => 'week',
                'levels' => [['from' => 2, 'amount' => 4500, 'staffAmount' => null]],
                'earlier' => false,
            ]],
        ] + Yard::pricing(6000),
        'staffPay' => ['amount' => null, 'percent' => '40'],
    ]);
    $asks = [
        'drafts' => [$draft],
        'at' => '2027-03-01T13:00',
        'staff' => $yard->staff[0]->id,
        'minutes' => null,
        'party' => 3,
        'visit' => 2,
        'addOns' => [(string) AddOn::query()->value('id') => 2],
        'codes' => ['spring', 'autumn'],
    ];
    $quote = fn (array $more = []): TestResponse => $this->actingAs($yard->owner)
        ->postJson('/api/businesses/yard/drafts/quote', $more + $asks);
    $answer = $quote()->assertOk();
    expect(array_column($answer->json('after.lines'), 'why'))->toBe([
        'Its price is €60.00.',
        '2 more: €2.00 + €2.00.',
        '2 × €3.00.',
        'It lies outside the hours without it: €5.00.',
        '2 visits in the week: €45.00 instead of €60.00.',
        '10 % of what is left of base and people.',
        '23 % of Lesson, €40.50.',
        '23 % of Lesson, €3.60.',
        '23 % of Afternoon, €5.00.',
    ])
        ->and($answer->json('after.total'))->toBe(4500 + 400 - 490 + 600 + 500 + 932 + 83 + 115)
        ->and($answer->json('after.staffPay.0.amount'))->toBe(1960 + 250)
        ->and($answer->json('after.codes.1.why'))->toBe('There is no such code.')
        ->and($answer->json('before.lines.0.amount'))->toBe(5000)
        ->and($yard->lesson->refresh()->pricing['amount'])->toBe(5000); // nothing is saved
    $quote(['minutes' => 45])->assertOk()->assertJsonPath('after', null);
    $quote(['at' => 'soon'])->assertStatus(422);
    $quote(['staff' => 'nobody'])->assertStatus(422);
    $quote(['drafts' => [Things::fresh('category')]])->assertStatus(422);
});

it('pays somebody their own rate for a service', function (): void {
    $yard = Yard::open();
    dearAfternoons($yard, included: true);
    $own = Things::change($yard->business, 'person', $yard->staff[0]->id, [
        'rates' => [['service' => $yard->lesson->id, 'amount' => 1800, 'percent' => null]],
    ]);
    saveAll($yard, $own)->assertOk();
    expect(Booking::query()->findOrFail(held($yard, '10:00')->json('id'))->staff_pay)
        ->toBe([$yard->staff[0]->id => 1800]);
    $wrong = static fn (array $rate): array => Things::change($yard->business, 'person', $yard->staff[0]->id, [
        'rates' => [$rate + ['service' => $yard->lesson->id, 'amount' => null, 'percent' => null]],
    ]);
    saveAll($yard, $wrong(['service' => 'nobody', 'percent' => '5']))->assertStatus(422);
    saveAll($yard, $wrong([]))->assertStatus(422);
    saveAll($yard, $wrong(['percent' => '101']))->assertStatus(422);
    $again = Reader::read(app(ExportDocument::class)($yard->business->refresh()));
    expect(array_values($again->prices->staffRates)[0])->toBe([$yard->lesson->id => 1800]);
});

it('shows what staff are paid to those alone who reckon with it', function (string $role, bool $sees): void {
    $yard = Yard::open();
    dearAfternoons($yard, included: true);
    $surcharge = (string) Surcharge::query()->value('id');
    $user = User::query()->create(['name' => 'Kit', 'email' => 'kit@yard.example', 'password' => 'clay-and-water']);
    $yard->business->users()->attach($user->id, ['role' => $role]);
    $thing = fn (string $kind, string $id): TestResponse => $this->actingAs($user)
        ->getJson("/api/businesses/yard/things/{$kind}/{$id}")
        ->assertOk();
    $service = $thing('service', $yard->lesson->id);
    $field = static fn (array $change): bool => in_array('staffPay', array_column($change['fields'], 'field'), true);
    expect($service->json('content.staffPay.percent'))->toBe($sees ? '40' : null)
        ->and(array_filter($service->json('history'), $field) !== [])->toBe($sees)
        ->and($thing('surcharge', $surcharge)->json('content.staffPercent'))->toBe($sees ? '50' : null)
        ->and($service->json('content.pricing.amount'))->toBe(5000);
})->with([
    ['owner', true],
    ['manager', true],
    ['bookkeeper', true],
    ['desk', false],
]);

it('prices a visit for a client with a price of their own, not for an address (P1)', function (): void {
    $yard = Yard::open(['price' => 5000]);
    $client = App\Models\Client::query()->findOrFail($yard->book('10:00')->client_id);
    $put = fn (array $rates): Illuminate\Testing\TestResponse => $this->actingAs($yard->owner)
        ->putJson("/api/businesses/yard/clients/{$client->id}/rates", ['rates' => $rates]);
    $own = ['service' => $yard->lesson->id, 'amount' => 3500];
    $put([['amount' => -1] + $own])->assertStatus(422)->assertJsonPath(
        'fields',
        ['rates.0.amount' => 'This is no amount: digits, with at most as many decimals as the currency has.'],
    );
    $put([$own, $own])->assertStatus(422);
    $put([$own])->assertOk()->assertJsonPath('rates', [$own]);
    expect($this->getJson('/api/businesses/yard/clients?text=KIM')->json('clients.0.rates'))->toBe([$own])
        ->and($this->getJson('/api/businesses/yard/clients?text=nobody')->json('clients'))->toBe([]);
    $quote = fn (?string $client): mixed => $this->postJson('/api/businesses/yard/drafts/quote', [
        'drafts' => [Things::change($yard->business, 'service', $yard->lesson->id, [])],
        'at' => substr(Yard::at('10:00'), 0, 16),
        'staff' => null,
        'minutes' => null,
        'party' => 1,
        'visit' => 1,
        'addOns' => [],
        'codes' => [],
        'client' => $client,
    ])->assertOk()->json('after.total');
    expect([$quote($client->id), $quote(null)])->toBe([3500, 5000])
        ->and($yard->book('12:00')->price)->toBe(5000);
});

it('pays whoever takes a moved visit, and not whoever would have', function (): void {
    $yard = Yard::open(['price' => 5000, 'staff_pay' => ['amount' => null, 'percent' => '40']], people: 2);
    [$ana, $bo] = $yard->staff;
    $bo->update(['rates' => [['service' => $yard->lesson->id, 'amount' => 3000, 'percent' => null]]]);
    App\Models\Business::rulesChanged($yard->business->id);
    $booking = $yard->book('10:00');
    $other = $booking->staff_ids === [$ana->id] ? $bo : $ana;
    $pays = [$ana->id => 2000, $bo->id => 3000];
    $paid = static fn (): array => App\Models\BookEntry::query()
        ->where('account', 'staff_pay')
        ->groupBy('staff_id')
        ->selectRaw('staff_id, -sum(amount) as amount')
        ->pluck('amount', 'staff_id')
        ->map(static fn (mixed $amount): int => (int) $amount)
        ->filter()
        ->all();
    expect($paid())->toBe([$booking->staff_ids[0] => $pays[$booking->staff_ids[0]]]);
    $at = YardBell\Core\Time\Wall::instant(Yard::at('14:00'));
    $to = new App\Bookings\Destination($at, [$other->id]);
    app(App\Bookings\MoveBooking::class)($yard->business, $booking->id, $to, 'Ana');
    expect($paid())->toBe([$other->id => $pays[$other->id]])->and($booking->refresh()->price)->toBe(5000);
});
