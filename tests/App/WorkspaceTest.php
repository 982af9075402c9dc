<?php

declare(strict_types=1);

use App\Models\Business;
use App\Roster\Trades;
use Illuminate\Support\Facades\DB;
use Tests\Support\Mailed;
use Tests\Support\Yard;

$begun = [
    'name' => 'Clay & Co',
    'slug' => 'clay-co',
    'address' => '',
    'timeZone' => 'Europe/Lisbon',
    'currency' => 'EUR',
    'hours' => ['mon' => [['from' => '09:00', 'to' => '12:00']]],
    'people' => ['Bo Marsh'],
    'services' => [],
];

it('takes an owner from nothing to a published page', function () use ($begun): void {
    $this->postJson('/api/sign-up', [
        'name' => 'Olga Wren',
        'email' => 'Olga@Wren.example',
        'password' => 'ten letters at least',
    ])->assertAccepted();
    $link = Mailed::link('olga@wren.example');
    expect($link)->toStartWith(config('app.url').'/sign-up/');
    $this->postJson('/api/sign-up/'.basename($link))->assertCreated();
    $this->postJson('/api/sign-up/'.basename($link))->assertNotFound(); // once
    $trades = $this->getJson('/api/trades')->assertOk();
    $this->postJson('/api/businesses', $begun)->assertCreated();
    $setup = $this->getJson('/api/businesses/clay-co/setup')->assertOk();
    expect($setup->json('missing.0.what'))->toBe('There is no service.')
        ->and($setup->json('canPublish'))->toBeFalse()
        ->and(array_column($setup->json('staff'), 'name'))->toBe(['Olga Wren', 'Bo Marsh'])
        ->and($setup->json('me.role'))->toBe('owner');
    $this->putJson('/api/businesses/clay-co/published', ['published' => true])
        ->assertStatus(409)
        ->assertJson(['code' => 'incomplete']);
    $this->postJson(
        '/api/businesses',
        ['slug' => 'second', 'services' => [['name' => 'Lesson', 'minutes' => 60, 'price' => 4500]]] + $begun,
    )->assertCreated();
    $this->putJson('/api/businesses/second/published', ['published' => true])
        ->assertOk()
        ->assertJson(['published' => true]);
    expect($this->getJson('/api/businesses/second/setup')->json('missing'))->toBe([]);
    $this->get('/book/second')->assertOk()->assertSee('Lesson');
});

it('begins every trade so that it can be published at once', function (string $id) use ($begun): void {
    $yard = Yard::open();
    $trade = array_column(app(Trades::class)->all(), null, 'id')[$id];
    $services = array_map(
        static fn (array $service): array => ['price' => $service['price'] * 100] + $service,
        $trade['services'],
    );
    $this->actingAs($yard->owner)
        ->postJson('/api/businesses', ['hours' => $trade['hours'], 'services' => $services] + $begun)
        ->assertCreated();
    expect($this->getJson('/api/businesses/clay-co/setup')->json('missing'))->toBe([]);
})->with(['lessons', 'looks', 'health', 'advice', 'repairs', 'workshop', 'animals', 'other']);

it('says at the field what keeps a business from beginning', function (array $wrong, string $field) use ($begun): void {
    $yard = Yard::open();
    $answer = $this->actingAs($yard->owner)
        ->postJson('/api/businesses', $wrong + $begun)
        ->assertUnprocessable();
    expect($answer->json('fields'))->toHaveKey($field)
        ->and(Business::query()->count())->toBe(1);
})->with([
    [['name' => ' '], 'name'],
    [['slug' => 'No Spaces'], 'slug'],
    [['slug' => 'yard'], 'slug'],
    [['slug' => 'api'], 'slug'],
    [['timeZone' => 'Mars/Base'], 'timeZone'],
    [['currency' => 'eur'], 'currency'],
    [['hours' => ['mon' => [['from' => '25:00', 'to' => '26:00']]]], 'hours'],
    [['hours' => 7], 'hours'],
    [['services' => [['name' => '', 'minutes' => 60, 'price' => 0]]], 'services.0.name'],
    [['services' => [['name' => 'X', 'minutes' => 0, 'price' => 0]]], 'services.0.minutes'],
    [['services' => 'none'], 'services'],
    [['people' => ['']], 'people.0'],
]);

it('signs in, and out, and tells nothing to whoever is not', function (): void {
    $yard = Yard::open();
    $this->postJson('/api/sign-in', ['email' => 'owner@yard.example', 'password' => 'wrong'])
        ->assertUnprocessable()
        ->assertJsonPath('fields.password', 'This address and password do not belong together.');
    $this->postJson('/api/sign-in', ['email' => 'OWNER@yard.example', 'password' => 'clay-and-water'])->assertOk();
    $this->getJson('/api/businesses/yard/setup')->assertOk();
    $this->postJson('/api/sign-out')->assertOk();
    $this->app['auth']->forgetGuards();
    $this->getJson('/api/businesses/yard/setup')->assertUnauthorized();
});

it('sets a new password by a mailed link, once', function (): void {
    Yard::open();
    $this->postJson('/api/forgot-password', ['email' => 'nobody@yard.example'])->assertOk();
    $this->postJson('/api/forgot-password', ['email' => 'owner@yard.example'])->assertOk();
    parse_str((string) parse_url(Mailed::link('owner@yard.example'), PHP_URL_QUERY), $query);
    $this->postJson('/api/new-password', $query + ['password' => 'short'])->assertUnprocessable();
    $this->postJson('/api/new-password', $query + ['password' => 'another long one'])->assertOk();
    $this->postJson('/api/new-password', $query + ['password' => 'a third long one'])->assertUnprocessable();
    $this->postJson('/api/sign-in', ['email' => 'owner@yard.example', 'password' => 'another long one'])->assertOk();
});

it('mails links to its own address, whatever a request calls it', function (): void {
    Yard::open();
    $this->postJson('http://evil.example/api/forgot-password', ['email' => 'owner@yard.example'])->assertOk();
    $this->postJson('http://evil.example/api/sign-up', [
        'name' => 'Olga',
        'email' => 'olga@wren.example',
        'password' => 'ten letters at least',
    ])->assertAccepted();
    expect(Mailed::link('owner@yard.example'))->toStartWith(config('app.url').'/new-password?')
        ->and(Mailed::link('olga@wren.example'))->toStartWith(config('app.url').'/sign-up/');
});

it('shows the day, a booking within it, and cancels from the card', function (): void {
    $yard = Yard::open(people: 2);
    $booking = $yard->book('10:00');
    $this->actingAs($yard->owner);
    $board = $this->getJson('/api/businesses/yard/board?date='.substr(Yard::at('10:00'), 0, 10))->assertOk();
    expect($board->json('lanes'))->toHaveCount(2)
        ->and($board->json('tags.0.client'))->toBe('Kim Post')
        ->and($board->json('lanes.0.freeMinutes'))->toBe(420)
        ->and($board->json('ruler.start'))->toBe(Yard::at('09:00'));
    $version = $this->getJson('/api/businesses/yard/board/version')->json('version');
    $this->getJson("/api/businesses/yard/bookings/{$booking->id}")->assertOk();
    $cancel = ['asks' => 'house', 'why' => 'The kiln is cold.'];
    $this->postJson("/api/businesses/yard/bookings/{$booking->id}/cancel", $cancel)->assertOk();
    expect($booking->refresh()->state->value)->toBe('cancelled')
        ->and($this->getJson('/api/businesses/yard/board/version')->json('version'))->not->toBe($version)
        ->and($this->getJson('/api/businesses/yard/board?date='.substr(Yard::at('10:00'), 0, 10))->json('tags'))
        ->toBe([]);
});

it('gives the business another rules mark with every change of what is set up', function (Closure $change): void {
    $yard = Yard::open();
    $before = $yard->business->refresh()->rules_version;
    $change($yard);
    expect($yard->business->refresh()->rules_version)->not->toBe($before);
})->with([
    'hours' => [fn (Yard $yard) => $yard->business->update(['opening_hours' => []])],
    'somebody' => [fn (Yard $yard) => $yard->staff[0]->update(['active' => false])],
    'a service' => [fn (Yard $yard) => $yard->lesson->update(['minutes' => 30])],
    'a place' => [
        fn (Yard $yard) => $yard->business
            ->locations()
            ->firstOrFail()
            ->update(['hours' => []]),
    ],
    ...array_map(
        static fn (array $row): array => [
            fn (Yard $yard) => $row[0]::query()->create(['business_id' => $yard->business->id] + $row[1]),
        ],
        [
            'a closure' => [App\Models\Closure::class, ['from' => '2027-01-01', 'to' => '2027-01-02']],
            'time off' => [
                App\Models\TimeOff::class,
                ['staff_id' => 'x', 'from' => '2027-01-01', 'to' => '2027-01-02'],
            ],
            'a busy time' => [
                App\Models\BusyTime::class,
                ['staff_id' => 'x', 'starts_at' => '2027-01-01', 'ends_at' => '2027-01-02'],
            ],
            'a special day' => [
                App\Models\SpecialDay::class,
                ['of' => 'business', 'date' => '2027-01-01', 'hours' => []],
            ],
            'a part of the day' => [App\Models\Daypart::class, ['name' => 'Early', 'from' => '06:00', 'to' => '09:00']],
            'a pool' => [App\Models\Pool::class, ['name' => 'Wheels']],
            'a unit' => [App\Models\Unit::class, ['pool_id' => 'x', 'name' => 'One']],
            'an outage' => [App\Models\Outage::class, ['unit_id' => 'x', 'from' => '2027-01-01', 'to' => '2027-01-02']],
        ],
    ),
    'a closure that goes' => [
        function (Yard $yard): void {
            $closure = App\Models\Closure::query()->create([
                'business_id' => $yard->business->id,
                'from' => '2027-01-01',
                'to' => '2027-01-02',
            ]);
            DB::table('businesses')->update(['rules_version' => $yard->business->rules_version]);
            $closure->delete();
        },
    ],
]);
