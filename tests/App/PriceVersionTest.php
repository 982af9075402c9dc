<?php

declare(strict_types=1);

use App\Bookings\Destination;
use App\Bookings\MoveBooking;
use App\Models\AddOn;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Client;
use App\Models\PriceVersion;
use App\Models\Sale;
use App\Models\Surcharge;
use App\Models\TaxRate;
use App\Prices\BookedPrices;
use App\Support\ClientLink;
use Illuminate\Testing\TestResponse;
use Tests\Support\Yard;
use YardBell\Core\Time\Wall;

/* A booking keeps the prices it was made under (rules.md, part 5); what those lack costs what it costs today. */

beforeEach(function (): void {
    $this->yard = Yard::open([
        'max_party' => 4,
        'places' => 4,
        'lengths' => [60, 120],
        'pricing' => ['extraPeople' => [1000], 'byMinutes' => [
            ['minutes' => 60, 'amount' => 4300], ['minutes' => 120, 'amount' => 8000],
        ]] + Yard::pricing(0),
        'staff_pay' => ['amount' => null, 'percent' => '50'],
    ], people: 2);
    $this->reprice = function (array $change): void {
        $this->yard->lesson->update($change);
        Business::rulesChanged($this->yard->business->id);
        $this->yard->business->refresh();
    };
    $this->raise = fn () => ($this->reprice)([
        'pricing' => ['extraPeople' => [3000], 'byMinutes' => [
            ['minutes' => 60, 'amount' => 5300], ['minutes' => 120, 'amount' => 9900],
        ]] + Yard::pricing(0),
        'staff_pay' => ['amount' => null, 'percent' => '10'],
    ]);
    $this->party = fn (Booking $of, int $party, string $tried = '', array $more = []): TestResponse => $this->postJson(
        "/gate-api/bookings/{$of->id}/party{$tried}?".app(ClientLink::class)->query($of),
        ['party' => $party] + $more,
    );
});

it('says what one more costs by the old prices before it is pressed, and charges that', function (): void {
    $booking = $this->yard->book('10:00');
    ($this->raise)();
    $tried = ($this->party)($booking, 2, '/tried')->assertOk();
    expect($tried->json('says'))->toBe(['It then costs €53.00 instead of €43.00.', '€53.00 is still to be paid.'])
        ->and($booking->refresh()->party)->toBe(1);
    ($this->party)($booking, 2, more: ['seen' => $tried->json('seen')])->assertOk();
    expect($booking->refresh()->price)->toBe(5300)
        ->and($booking->staff_pay)->toBe([$booking->staff_ids[0] => 2650])
        ->and(Sale::query()->sole()->owed())->toBe(5300);
});

it('is not changed where somebody else was quicker with the money than the client with the press', function (): void {
    $booking = $this->yard->book('10:00');
    $seen = ($this->party)($booking, 2, '/tried')->json('seen');
    ($this->party)($booking, 3)->assertOk();
    ($this->party)($booking, 2, more: ['seen' => $seen])->assertStatus(409)->assertJson(['code' => 'meanwhile']);
    expect($booking->refresh()->party)->toBe(3);
});

it('lasts longer at the old price, also at the desk, and who takes it instead is paid by it', function (): void {
    $booking = $this->yard->book('10:00');
    ($this->raise)();
    $to = new Destination(Wall::instant(Yard::at('10:00')), minutes: 120);
    app(MoveBooking::class)($this->yard->business, $booking->id, $to, 'Owner');
    expect($booking->refresh()->price)->toBe(8000);
    $other = array_values(array_diff(array_column($this->yard->staff, 'id'), $booking->staff_ids))[0];
    app(MoveBooking::class)(
        $this->yard->business,
        $booking->id,
        new Destination(Wall::instant(Yard::at('10:00')), [$other]),
        'Owner',
    );
    expect($booking->refresh()->staff_pay)->toBe([$other => 4000]);
});

it('keeps taxes and surcharges as they were', function (): void {
    $rate = TaxRate::query()->create([
        'business_id' => $this->yard->business->id, 'name' => 'VAT', 'percent' => '23', 'position' => 0,
    ]);
    $this->yard->business->update(['prices_include_tax' => true]);
    ($this->reprice)(['pricing' => [...$this->yard->lesson->pricing, 'taxRates' => [$rate->id]]]);
    $booking = $this->yard->book('10:00');
    $rate->update(['percent' => '10']);
    Surcharge::query()->create([
        'business_id' => $this->yard->business->id, 'name' => 'Late', 'when' => 'weekdays', 'hours' => null,
        'weekdays' => Wall::WEEKDAYS, 'dates' => [], 'amount' => 700, 'percent' => null, 'position' => 0,
    ]);
    ($this->raise)();
    ($this->party)($booking, 2)->assertOk();
    expect($booking->refresh()->price)->toBe(5300)->and(array_column($booking->taxes, 'percent'))->toBe(['23']);
});

it('costs today’s price where its own lacks one: an add-on and somebody who came later', function (): void {
    $booking = $this->yard->book('10:00');
    $addOn = AddOn::query()->create([
        'business_id' => $this->yard->business->id, 'name' => 'Glaze', 'price' => 900, 'minutes' => 0,
        'per_person' => false, 'tax_rates' => [], 'services' => null, 'position' => 0,
    ]);
    $rate = ['service' => $this->yard->lesson->id, 'amount' => 100, 'percent' => null];
    $this->yard->staff[1]->update(['rates' => [$rate]]);
    ($this->raise)();
    [$tariff, $list] = app(BookedPrices::class)->of($this->yard->business, $booking);
    expect($tariff->addOns[$addOn->id]->amount)->toBe(900)
        ->and($tariff->pricing->byMinutes)->toBe([60 => 4300, 120 => 8000])
        ->and($list->staffRates)->toBe([]); // was there already, and had none
});

it('writes a row a change, whatever else is changed, and however many book', function (): void {
    $this->yard->book('10:00');
    $this->yard->book('12:00', 'lo@post.example');
    Business::rulesChanged($this->yard->business->id);
    $this->yard->business->refresh();
    $this->yard->book('14:00', 'bo@post.example');
    expect(PriceVersion::query()->count())->toBe(1);
    ($this->raise)();
    $this->yard->book('15:00', 'cy@post.example');
    expect(PriceVersion::query()->count())->toBe(2);
});

it('grants nobody a client’s own price for having typed their address, then or when more come', function (): void {
    $kim = Client::query()->create([
        'business_id' => $this->yard->business->id, 'name' => 'Kim', 'email' => 'kim@post.example', 'phone' => '',
        'rates' => [['service' => $this->yard->lesson->id, 'amount' => 1000]],
    ]);
    ($this->reprice)([]);
    $booking = $this->yard->book('10:00', 'kim@post.example');
    expect([$booking->client_id, $booking->price])->toBe([$kim->id, 4300]);
    ($this->party)($booking, 2)->assertOk();
    expect($booking->refresh()->price)->toBe(5300);
});

it('keeps a client’s own price that the desk has sold at, when more come', function (): void {
    $kim = Client::query()->create([
        'business_id' => $this->yard->business->id, 'name' => 'Kim', 'email' => 'kim@post.example', 'phone' => '',
        'rates' => [['service' => $this->yard->lesson->id, 'amount' => 1000]],
    ]);
    ($this->reprice)([]);
    $card = $this->actingAs($this->yard->owner)->postJson('/api/businesses/yard/bookings', [
        'service' => $this->yard->lesson->id, 'party' => 1, 'minutes' => 60, 'start' => Yard::at('10:00'),
        'client' => $kim->id, 'told' => false,
    ])->assertCreated();
    $kim->update(['rates' => []]);
    ($this->raise)();
    $booking = Booking::query()->findOrFail($card->json('id'));
    expect($booking->price)->toBe(1000);
    ($this->party)($booking, 2)->assertOk();
    expect($booking->refresh()->price)->toBe(2000);
});

it('says at the Gate where a price of one’s own may count, to everybody alike', function (): void {
    $page = fn (): array => app(App\Gate\GatePage::class)->of($this->yard->business->refresh())['ownPrices'];
    expect($page())->toBe([]);
    Client::query()->create([
        'business_id' => $this->yard->business->id, 'name' => 'Kim', 'email' => 'kim@post.example', 'phone' => '',
        'rates' => [['service' => $this->yard->lesson->id, 'amount' => 1000]],
    ]);
    ($this->reprice)([]);
    expect($page())->toBe([$this->yard->lesson->id]);
});

it('changes once what is pressed twice, and mails once', function (): void {
    $booking = $this->yard->book('10:00');
    app(App\Outbox\DeliverDue::class)();
    $seen = ($this->party)($booking, 2, '/tried')->json('seen');
    ($this->party)($booking, 2, more: ['seen' => $seen])->assertOk();
    ($this->party)($booking, 2, more: ['seen' => $seen])->assertOk();
    $mails = App\Models\OutboxEntry::query()->where('occasion', 'changed')->where('audience', 'client');
    expect($booking->refresh()->party)->toBe(2)->and($mails->count())->toBe(1);
});

it('knows the versions of its own business alone', function (): void {
    $version = $this->yard->book('10:00')->price_version;
    $other = Yard::open(['price' => 100], 'mill');
    $lists = app(App\Prices\PriceLists::class);
    expect($lists->was($this->yard->business, $version))->not->toBeNull()
        ->and($lists->was($other->business, $version))->toBeNull();
});
