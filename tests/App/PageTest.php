<?php

declare(strict_types=1);

use App\Models\Business;
use App\Models\Location;
use App\Roster\Assigned;
use Tests\Support\Yard;
use YardBell\Core\Availability\TightDays;

/* What the Gate says of itself to others, what links to it say beforehand, and which times it offers first. */

/** @return array{page: array<string, mixed>, times: array<string, mixed>} what a page carries */
function carried(string $address): array
{
    $html = (string) test()->get($address)->assertOk()->getContent();
    preg_match('~<script type="application/json" id="first">(.*)</script>~', $html, $found);

    return json_decode($found[1] ?? '', true, 32, JSON_THROW_ON_ERROR);
}

beforeEach(function (): void {
    $this->yard = Yard::open(['price' => 4800, 'lengths' => [60, 90], 'description' => 'At the wheel.'], people: 2);
    $this->lesson = $this->yard->lesson->id;
});

it('tells others what it is: title, description, address, and its services as structured data', function (): void {
    $html = (string) $this->get('/book/yard')->getContent();
    expect($html)->toContain('<title>Book at Yard</title>')->not->toContain('noindex');
    preg_match('~<script type="application/ld\+json">(.*)</script>~', $html, $found);
    $data = json_decode($found[1] ?? '', true, 16, JSON_THROW_ON_ERROR);
    expect($data)->toMatchArray(['@type' => 'LocalBusiness', 'name' => 'Yard', 'url' => url('/book/yard')])
        ->and($data['openingHoursSpecification'][0])->toMatchArray(['dayOfWeek' => 'Monday', 'opens' => '09:00'])
        ->and($data['makesOffer'][0])->toMatchArray(['price' => '48.00', 'priceCurrency' => 'EUR'])
        ->and($data['makesOffer'][0]['itemOffered']['name'])->toBe('Lesson')
        ->and($data['location'][0]['address'])->toBe('1 Yard Lane');
    $named = (string) $this->get("/book/yard?service={$this->lesson}")->getContent();
    expect($named)->toContain('<title>Lesson at Yard</title>', 'content="At the wheel."', "?service={$this->lesson}\"");
});

it('is in the list for search engines unless the owner stays out, and says so itself', function (): void {
    $hidden = Yard::open(slug: 'hidden');
    $hidden->business->update(['searchable' => false]);
    Yard::open(slug: 'draft')->business->update(['published_at' => null]);
    expect((string) $this->get('/sitemap.xml')->assertOk()->getContent())
        ->toContain(url('/book/yard'))
        ->not->toContain('/book/hidden')
        ->not->toContain('/book/draft')
        ->and((string) $this->get('/book/hidden')->getContent())->toContain('<meta name="robots" content="noindex">')
        ->and((string) $this->get('/robots.txt')->getContent())->toContain('Sitemap: '.url('/sitemap.xml'));
});

it('fills in what a link says, and leaves out what is not offered', function (): void {
    [$ana, $bo] = $this->yard->staff;
    $mill = Location::query()->create([
        'business_id' => $this->yard->business->id,
        'name' => 'Mill',
        'address' => '2 Mill Lane',
    ]);
    $places = [$this->yard->business->locations()->firstOrFail()->id, $mill->id];
    app(Assigned::class)->set($this->yard->business->id, $this->lesson, 'location', $places);
    $this->yard->lesson->update(['max_party' => 3]);
    Business::rulesChanged($this->yard->business->id);
    $at = Yard::at('10:00', 20);
    $link = "/book/yard?service={$this->lesson}";
    $times = carried("{$link}&with={$bo->id}&place={$mill->id}&party=2&minutes=90&at={$at}")['times'];
    expect($times)->toMatchArray([
        'staff' => $bo->id,
        'location' => $mill->id,
        'party' => 2,
        'minutes' => 90,
        'from' => substr($at, 0, 10),
    ])->and(array_column($times['days'][0]['starts'], 'at'))->toContain($at);
    $wrong = carried("{$link}&with=nobody&place=x&party=99&minutes=7&at=soon&from=never")['times'];
    expect($wrong)->toMatchArray(['staff' => null, 'location' => $places[0], 'party' => 3, 'minutes' => null])
        ->and($wrong['from'])->toBe($wrong['today']);
    app(Assigned::class)->set($this->yard->business->id, $this->lesson, 'staff', [$ana->id]);
    expect(carried("/book/yard?service={$this->lesson}&with={$bo->id}")['times']['staff'])->toBeNull();
});

it('names the next free day where two weeks are full', function (): void {
    $this->yard->lesson->update(['available_from' => substr(Yard::at('00:00', 30), 0, 10)]);
    Business::rulesChanged($this->yard->business->id);
    $times = carried('/book/yard')['times'];
    expect($times['soonest'])->toBe([])->and($times['next'])->toBe(Yard::at('09:00', 30));
    $this->yard->lesson->update(['available_from' => substr(Yard::at('00:00', 400), 0, 10)]);
    Business::rulesChanged($this->yard->business->id);
    expect(carried('/book/yard')['times']['next'])->toBeNull();
});

it('offers first what leaves no gap too short for anything, and marks it (T21)', function (): void {
    $day = static fn (array $times): array => $times['days'][2]['starts'];
    $this->yard->lesson->update(['lengths' => null, 'available_from' => substr(Yard::at('00:00', 1), 0, 10)]);
    Business::rulesChanged($this->yard->business->id); // from tomorrow on: whole days, whatever time it is
    expect($day(carried('/book/yard')['times'])[0])->not->toHaveKey('suits');
    $this->yard->business->update(['tight_days' => TightDays::Mark]);
    $times = carried('/book/yard')['times'];
    expect(array_column($day($times), 'suits', 'minute'))->toMatchArray([540 => true, 570 => false, 600 => true])
        ->and(array_column($times['soonest'], 'suits'))->toBe([true, true, true]);
    $this->yard->business->update(['tight_days' => TightDays::Only]);
    expect(array_column($day(carried('/book/yard')['times']), 'minute'))
        ->toContain(540)
        ->not->toContain(570);
});

it('calls those who come what the business calls them', function (): void {
    $yard = Yard::open(['price' => 2000, 'max_party' => 3, 'head' => 'dog', 'heads' => 'dogs'], slug: 'walks');
    $service = app(App\Gate\GatePage::class)->of($yard->business)['services'][0];
    expect($service['heads'])->toBe(['one' => 'dog', 'many' => 'dogs']);
    $booking = $yard->book('10:00');
    $booking->update(['party' => 2]);
    $entry = App\Models\OutboxEntry::query()->where('occasion', 'booked')->where('audience', 'client')->sole();
    expect(app(App\Messages\Wording::class)->letter($entry)->text)->toContain('2 dogs')->not->toContain('people');
    $yard->lesson->update(['heads' => '']);
    expect(app(App\Messages\Wording::class)->letter($entry->refresh())->text)->toContain('2 people');
});
