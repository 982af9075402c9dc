<?php

declare(strict_types=1);

use App\Messages\DeliverDue;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Location;
use App\Models\User;
use App\StandIns\MailboxFiles;
use App\Support\CurrentBusiness;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Tests\Support\Contract;
use Tests\Support\Yard;

function linkFromMail(string $address): string
{
    app(CurrentBusiness::class)->set(null); // as in the worker, which is no request
    app(DeliverDue::class)();
    foreach (app(MailboxFiles::class)->all() as $mail) {
        if ($mail['to'] === $address && preg_match('#https?://\S+#', $mail['text'], $found) === 1) {
            return $found[0];
        }
    }
    throw new RuntimeException("No link was mailed to {$address}.");
}

$facts = ['name' => 'Clay & Co', 'slug' => 'clay-co', 'about' => '', 'address' => '', 'timeZone' => 'Europe/Lisbon', 'currency' => 'EUR'];
$service = ['name' => 'Lesson', 'description' => '', 'price' => 0, 'payment' => 'none', 'minutes' => 60, 'setup' => 0, 'clearup' => 0, 'startEvery' => 15,
    'noticeMinutes' => 0, 'bookAheadDays' => 60, 'assignment' => 'choose', 'active' => true];

it('takes an owner from nothing to a published page', function () use ($facts, $service): void {
    Contract::holds('Me', $this->postJson('/api/sign-up', ['name' => 'Olga Wren', 'email' => 'Olga@Wren.example', 'password' => 'ten letters at least'])->assertCreated());
    $setup = $this->postJson('/api/businesses', $facts)->assertCreated();
    Contract::holds('Setup', $setup);
    expect($setup->json('missing.0.where'))->toBe('services');
    $this->putJson('/api/businesses/clay-co/published', ['published' => true])->assertStatus(409)->assertJson(['code' => 'unverified']);
    $this->get(linkFromMail('olga@wren.example'))->assertRedirect('/start?verified');
    $this->app['auth']->forgetGuards();
    $this->putJson('/api/businesses/clay-co/published', ['published' => true])->assertStatus(409)->assertJson(['code' => 'incomplete']);
    $staff = array_column($setup->json('staff'), 'id');
    $this->postJson('/api/businesses/clay-co/services', ['staff' => $staff] + $service)->assertCreated();
    $this->putJson('/api/businesses/clay-co/opening-hours', ['openingHours' => ['mon' => [['from' => '09:00', 'to' => '12:00'], ['from' => '13:00', 'to' => '18:00']]]])->assertOk();
    $this->putJson('/api/businesses/clay-co/published', ['published' => true])->assertOk()->assertJson(['published' => true, 'missing' => []]);
    $this->get('/book/clay-co')->assertOk();
});

it('signs in, and out, and tells nothing to whoever is not', function (): void {
    $yard = Yard::open();
    $this->postJson('/api/sign-in', ['email' => 'owner@yard.example', 'password' => 'wrong'])->assertUnprocessable()->assertJsonPath('fields.password', 'This address and password do not belong together.');
    $this->postJson('/api/sign-in', ['email' => 'OWNER@yard.example', 'password' => 'clay-and-water'])->assertOk();
    $this->getJson('/api/businesses/yard/setup')->assertOk();
    $this->postJson('/api/sign-out')->assertOk();
    $this->app['auth']->forgetGuards();
    Contract::holds('Refusal', $this->getJson('/api/businesses/yard/setup')->assertUnauthorized());
});

it('sets a new password by a mailed link, once', function (): void {
    Yard::open();
    $this->postJson('/api/forgot-password', ['email' => 'nobody@yard.example'])->assertOk();
    $this->postJson('/api/forgot-password', ['email' => 'owner@yard.example'])->assertOk();
    parse_str((string) parse_url(linkFromMail('owner@yard.example'), PHP_URL_QUERY), $query);
    $this->postJson('/api/new-password', $query + ['password' => 'short'])->assertUnprocessable();
    $this->postJson('/api/new-password', $query + ['password' => 'another long one'])->assertOk();
    $this->postJson('/api/new-password', $query + ['password' => 'a third long one'])->assertUnprocessable();
    $this->postJson('/api/sign-in', ['email' => 'owner@yard.example', 'password' => 'another long one'])->assertOk();
});

it('mails links to its own address, whatever a request calls it', function (): void {
    Yard::open();
    $this->postJson('http://evil.example/api/forgot-password', ['email' => 'owner@yard.example'])->assertOk();
    $this->postJson('http://evil.example/api/sign-up', ['name' => 'Olga', 'email' => 'olga@wren.example', 'password' => 'ten letters at least'])->assertCreated();
    expect(linkFromMail('owner@yard.example'))->toStartWith(config('app.url').'/new-password?')->and(linkFromMail('olga@wren.example'))->toStartWith(config('app.url').'/verify/');
});

it('slows down whoever guesses', function (): void {
    config(['yardbell.tries_a_minute' => 3]);
    (new App\Providers\AppServiceProvider($this->app))->boot();
    for ($i = 0; $i < 3; $i++) {
        $this->postJson('/api/sign-in', ['email' => 'a@b.example', 'password' => 'guess'])->assertUnprocessable();
    }
    $this->postJson('/api/sign-in', ['email' => 'a@b.example', 'password' => 'guess'])->assertTooManyRequests();
});

it('shows the day, a booking within it, and cancels from the card', function (): void {
    $yard = Yard::open(people: 2);
    $booking = $yard->book('10:00');
    $this->actingAs($yard->owner);
    $board = $this->getJson('/api/businesses/yard/board?date='.substr(Yard::at('10:00'), 0, 10))->assertOk();
    Contract::holds('Board', $board);
    expect($board->json('lanes'))->toHaveCount(2)->and($board->json('tags.0.client'))->toBe('Kim Post')->and($board->json('lanes.0.freeMinutes'))->toBe(420)
        ->and($board->json('ruler.start'))->toBe(Yard::at('09:00'));
    $version = $this->getJson('/api/businesses/yard/board/version')->json('version');
    Contract::holds('Card', $this->getJson("/api/businesses/yard/bookings/{$booking->id}")->assertOk());
    Contract::holds('Card', $this->postJson("/api/businesses/yard/bookings/{$booking->id}/cancel", ['why' => 'The kiln is cold.'])->assertOk());
    expect($booking->refresh()->state->value)->toBe('cancelled')
        ->and($this->getJson('/api/businesses/yard/board/version')->json('version'))->toBeGreaterThan($version)
        ->and($this->getJson('/api/businesses/yard/board?date='.substr(Yard::at('10:00'), 0, 10))->json('tags'))->toBe([]);
});

it('keeps businesses apart on every route', function () use ($service): void {
    $mine = Yard::open(slug: 'mine');
    $theirs = Yard::open(slug: 'theirs');
    $booking = $theirs->book('10:00');
    $this->actingAs($mine->owner);
    $before = json_encode([Business::query()->orderBy('id')->get(), Booking::query()->get(), User::query()->count()]);
    $tried = 0;
    foreach (Route::getRoutes() as $route) {
        if (! str_starts_with($route->uri(), 'api/businesses/{business}')) {
            continue;
        }
        foreach (['theirs', 'mine'] as $slug) {
            foreach ([$booking->id, $theirs->staff[0]->id, $theirs->lesson->id] as $id) {
                if ($slug === 'mine' && ! str_contains($route->uri(), '{id}')) {
                    continue;
                }
                $method = $route->methods()[0];
                $body = ['name' => 'Taken', 'published' => false, 'openingHours' => [], 'staff' => [$mine->staff[0]->id]] + $service;
                $this->json($method, '/'.strtr($route->uri(), ['{business}' => $slug, '{id}' => $id]), $method === 'GET' ? [] : $body)->assertNotFound();
                $tried++;
            }
        }
    }
    app(CurrentBusiness::class)->set(null);
    expect($tried)->toBeGreaterThan(30)->and(json_encode([Business::query()->orderBy('id')->get(), Booking::query()->get(), User::query()->count()]))->toBe($before);
    $this->postJson('/api/businesses/mine/services', ['staff' => [$theirs->staff[0]->id]] + $service)->assertUnprocessable();
});

it('says at the field what is wrong with a set-up', function (string $path, array $body, string $field) use ($facts, $service): void {
    $yard = Yard::open();
    $this->actingAs($yard->owner);
    $base = match ($path) {
        'facts' => $facts, 'services' => ['staff' => [$yard->staff[0]->id]] + $service, default => ['name' => 'Dee']
    };
    $answer = $this->json($path === 'staff' || $path === 'services' ? 'POST' : 'PUT', "/api/businesses/yard/{$path}", $body + $base)->assertUnprocessable();
    expect($answer->json('fields'))->toHaveKey($field);
})->with([
    ['facts', ['slug' => 'No Spaces'], 'slug'], ['facts', ['timeZone' => 'Mars/Base'], 'timeZone'], ['facts', ['currency' => 'eur'], 'currency'], ['facts', ['name' => ''], 'name'],
    ['services', ['minutes' => 0], 'minutes'], ['services', ['minutes' => 'long'], 'minutes'], ['services', ['price' => -1], 'price'], ['services', ['price' => null], 'price'],
    ['services', ['staff' => []], 'staff'], ['services', ['bookAheadDays' => 9999], 'bookAheadDays'], ['services', ['assignment' => 'luck'], 'assignment'],
    ['staff', ['name' => ''], 'name'], ['staff', ['email' => 'nope'], 'email'], ['staff', ['hours' => ['mon' => [['from' => '25:00', 'to' => '26:00']]]], 'hours'],
    ['staff', ['hours' => ['funday' => []]], 'hours'], ['opening-hours', ['openingHours' => ['mon' => 'always']], 'openingHours'], ['opening-hours', ['openingHours' => 7], 'openingHours'],
]);

it('keeps what a form does not speak of: places of hours, places of a service, its lengths', function (): void {
    $yard = Yard::open();
    [$member, $place] = [$yard->staff[0], $yard->business->locations()->firstOrFail()];
    Location::query()->create(['business_id' => $yard->business->id, 'name' => 'Mill', 'address' => '']);
    $member->update(['hours' => ['mon' => [['from' => '09:00', 'to' => '12:00', 'at' => $place->id], ['from' => '13:00', 'to' => '15:00']]]]);
    $yard->lesson->update(['lengths' => [60, 90]]);
    $saved = $this->actingAs($yard->owner)->putJson("/api/businesses/yard/staff/{$member->id}", ['name' => 'Ana', 'email' => null, 'active' => true, 'hours' => ['mon' => [['from' => '09:00', 'to' => '12:00'], ['from' => '13:00', 'to' => '16:00']]], 'breaks' => null])->assertOk();
    expect($saved->json('staff.0.hours.mon'))->toBe([['from' => '09:00', 'to' => '12:00', 'at' => $place->id], ['from' => '13:00', 'to' => '16:00']]);
    $service = ['name' => 'Lesson', 'description' => '', 'price' => 0, 'payment' => 'none', 'minutes' => 60, 'setup' => 0, 'clearup' => 0, 'startEvery' => 30, 'noticeMinutes' => 0, 'bookAheadDays' => 60, 'assignment' => 'all', 'active' => true, 'staff' => [$member->id]];
    $this->putJson("/api/businesses/yard/services/{$yard->lesson->id}", $service)->assertOk();
    expect($yard->lesson->refresh()->lengths)->toBe([60, 90])->and($yard->lesson->locations()->pluck('name')->all())->toBe(['Yard']);
    $this->putJson("/api/businesses/yard/services/{$yard->lesson->id}", ['minutes' => 45] + $service)->assertOk();
    expect($yard->lesson->refresh()->lengths)->toBeNull();
    $this->putJson("/api/businesses/yard/staff/{$member->id}", ['name' => 'Ana', 'hours' => ['mon' => [['from' => '09:00', 'to' => '12:00', 'at' => 7]]]])->assertStatus(422);
});

it('gives the business another rules mark with every change of what is set up', function (Closure $change): void {
    $yard = Yard::open();
    $before = $yard->business->refresh()->rules_mark;
    $change($yard);
    expect($yard->business->refresh()->rules_mark)->not->toBe($before);
})->with([
    'hours' => [fn (Yard $yard) => $yard->business->update(['opening_hours' => []])], 'somebody' => [fn (Yard $yard) => $yard->staff[0]->update(['active' => false])],
    'a service' => [fn (Yard $yard) => $yard->lesson->update(['minutes' => 30])], 'a place' => [fn (Yard $yard) => $yard->business->locations()->firstOrFail()->update(['hours' => []])],
    'who does it' => [fn (Yard $yard) => app(App\Offer\SaveService::class)($yard->business, $yard->lesson, ['minutes' => 60], [])],
    ...array_map(static fn (array $row): array => [fn (Yard $yard) => $row[0]::query()->create(['business_id' => $yard->business->id] + $row[1])], [
        'a closure' => [App\Models\Closure::class, ['from' => '2027-01-01', 'to' => '2027-01-02']], 'time off' => [App\Models\TimeOff::class, ['staff_id' => 'x', 'from' => '2027-01-01', 'to' => '2027-01-02']],
        'a busy time' => [App\Models\BusyTime::class, ['staff_id' => 'x', 'starts_at' => '2027-01-01', 'ends_at' => '2027-01-02']], 'a special day' => [App\Models\SpecialDay::class, ['of' => 'business', 'date' => '2027-01-01', 'hours' => []]],
        'a part of the day' => [App\Models\Daypart::class, ['name' => 'Early', 'from' => '06:00', 'to' => '09:00']], 'a pool' => [App\Models\Pool::class, ['name' => 'Wheels']],
        'a unit' => [App\Models\Unit::class, ['pool_id' => 'x', 'name' => 'One']], 'an outage' => [App\Models\Outage::class, ['unit_id' => 'x', 'from' => '2027-01-01', 'to' => '2027-01-02']],
    ]),
    'a closure that goes' => [function (Yard $yard): void {
        $closure = App\Models\Closure::query()->create(['business_id' => $yard->business->id, 'from' => '2027-01-01', 'to' => '2027-01-02']);
        DB::table('businesses')->update(['rules_mark' => $yard->business->rules_mark]);
        $closure->delete();
    }],
]);
