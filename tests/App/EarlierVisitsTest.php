<?php

declare(strict_types=1);

use App\Bookings\CancelBooking;
use App\Bookings\Cancelling;
use App\Bookings\ConfirmBooking;
use App\Bookings\DecideBooking;
use App\Bookings\Details;
use App\Messages\Wording;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Client;
use App\Models\OutboxEntry;
use App\Models\Sale;
use App\Models\TaxRate;
use App\Sales\AuditBook;
use App\Support\ClientLink;
use Illuminate\Testing\TestResponse;
use Tests\Support\Yard;

/* The second walk of a day lets the first cost less too, where the owner wishes it (rules.md P5, L7). */

beforeEach(function (): void {
    $this->yard = Yard::open(['price' => 2000], people: 2);
    $this->actingAs($this->yard->owner);
    $this->price = function (array $pricing): void {
        $this->yard->lesson->update(['pricing' => $pricing + Yard::pricing(2000)]);
        Business::rulesChanged($this->yard->business->id);
    };
    $this->daily = static fn (bool $earlier = true): array => ['frequency' => [[
        'period' => 'day',
        'levels' => [['from' => 2, 'amount' => 1600, 'staffAmount' => null]],
        'earlier' => $earlier,
    ]]];
    ($this->price)(($this->daily)());
    $this->rosa = Client::query()->create([
        'business_id' => $this->yard->business->id,
        'name' => 'Rosa Bell',
        'email' => 'rosa@post.example',
        'phone' => '',
    ]);
    $this->book = fn (string $time, array $more = [], int $days = 2): Booking => Booking::query()->findOrFail(
        $this->postJson('/api/businesses/yard/bookings', $more + [
            'service' => $this->yard->lesson->id,
            'party' => 1,
            'start' => Yard::at($time, $days),
            'client' => $this->rosa->id,
            'told' => true,
        ])->assertCreated()->json('id'),
    );
    $this->byLink = function (string $time, int $days = 2): Booking {
        $held = $this->yard->hold($time, $days);
        $held->update(['priced_for' => $this->rosa->id]);
        app(ConfirmBooking::class)($this->yard->business, $held, new Details('Rosa Bell', 'rosa@post.example'));

        return $held;
    };
    $this->pay = function (Booking $booking, int $amount): TestResponse {
        $sale = "/api/businesses/yard/sales/{$booking->sale_id}";

        return $this->postJson("{$sale}/payments", [
            'method' => 'cash',
            'amount' => $amount, 'tip' => 0, 'seen' => $amount, 'given' => null, 'keepsRest' => false,
        ])->assertSuccessful();
    };
});

it('corrects the earlier visit, tells its client, and credits what that leaves overpaid', function (): void {
    $first = ($this->book)('10:00');
    ($this->pay)($first, 2000);
    $other = ($this->book)('10:00', days: 3);
    $second = ($this->book)('14:00');
    $sale = Sale::query()->findOrFail($first->sale_id);
    expect($second->price)->toBe(1600)
        ->and($first->refresh()->price)->toBe(1600)
        ->and($other->refresh()->price)->toBe(2000)
        ->and($sale->owed())->toBe(0)
        ->and($sale->refunds()->sole()->only(['amount', 'as_credit']))->toBe(['amount' => 400, 'as_credit' => true])
        ->and(app(AuditBook::class)())->toBe([]);
    $told = OutboxEntry::query()->where('occasion', 'cheaper')->sole();
    expect($told->recipient)->toBe('rosa@post.example')
        ->and(app(Wording::class)->letter($told)->text)->toContain('€4.00 is account credit now.', '€16.00');
    $page = $this->getJson("/gate-api/bookings/{$first->id}?".app(ClientLink::class)->query($first))->assertOk();
    expect($page->json('told.money'))->toBe(['Paid.', '€4.00 is account credit now.']);
    $slip = $this->getJson("/api/businesses/yard/sales/{$second->sale_id}")->assertOk();
    expect($slip->json('credit'))->toBe(400);
    $card = $this->getJson("/api/businesses/yard/bookings/{$first->id}")->json('history');
    expect(json_encode($card))->toContain('a lower price, as they come more often');
});

it('takes nothing of it back when the second is cancelled, and refunds what the first costs now', function (): void {
    $first = ($this->book)('10:00');
    ($this->pay)($first, 2000);
    $second = ($this->book)('14:00');
    app(CancelBooking::class)($first->business_id, $second->id, new Cancelling('Ana'));
    expect($first->refresh()->price)->toBe(1600)->and(Sale::query()->find($first->sale_id)?->owed())->toBe(0);
    app(CancelBooking::class)($first->business_id, $first->id, new Cancelling('Ana'));
    expect(Sale::query()->find($first->sale_id)?->owed())->toBe(-1600) // cash: somebody hands it back
        ->and(app(AuditBook::class)())->toBe([]);
});

it('corrects the tax with the price, whether prices include it or not', function (bool $included): void {
    $this->yard->business->update(['prices_include_tax' => $included]);
    $vat = TaxRate::query()->create([
        'business_id' => $this->yard->business->id, 'name' => 'VAT', 'percent' => '25', 'position' => 0,
    ]);
    ($this->price)(['taxRates' => [$vat->id]] + ($this->daily)());
    $first = ($this->book)('10:00');
    $second = ($this->book)('14:00');
    expect($first->refresh()->price)->toBe($second->price)
        ->and($first->taxes)->toBe($second->taxes)
        ->and(Sale::query()->find($first->sale_id)?->owed())->toBe($included ? 1600 : 2000)
        ->and(app(AuditBook::class)())->toBe([]);
})->with(['included' => true, 'on top' => false]);

it('leaves alone what it is not for', function (callable $set): void {
    $set($this);
    $first = ($this->book)('10:00');
    ($this->book)('14:00');
    expect($first->refresh()->price)->toBe(2000)
        ->and(OutboxEntry::query()->where('occasion', 'cheaper')->count())->toBe(0);
})->with([
    'where the owner does not wish it' => [fn (object $test) => ($test->price)(($test->daily)(earlier: false))],
    'a price of their own' => [function (object $test): void {
        $test->rosa->update(['rates' => [['service' => $test->yard->lesson->id, 'amount' => 2000]]]);
        Business::rulesChanged($test->yard->business->id);
    }],
]);

it('lets nobody cancelled, of somebody else or of another service be corrected', function (): void {
    $gone = ($this->book)('10:00');
    app(CancelBooking::class)($gone->business_id, $gone->id, new Cancelling('Ana'));
    $else = ($this->book)('11:00', ['client' => null, 'name' => 'Kim', 'email' => 'kim@post.example']);
    $two = ['frequency' => [['period' => 'day', 'levels' => [['from' => 1, 'amount' => 1600, 'staffAmount' => null]],
        'earlier' => true]]];
    ($this->price)($two);
    ($this->book)('14:00');
    expect($gone->refresh()->price)->toBe(2000)->and($else->refresh()->price)->toBe(2000);
});

it('corrects it for whoever books by a link of theirs, and once the house says yes where it asks', function (): void {
    $first = ($this->book)('10:00');
    $held = $this->yard->hold('15:00');
    $terms = fn (): string => $this->getJson("/gate-api/bookings/{$held->id}?".app(ClientLink::class)->query($held))
        ->json('told.terms');
    expect($terms())->toBe('');
    $held->update(['priced_for' => $this->rosa->id]);
    expect($terms())->toBe('With this booking your earlier ones cost €4.00 less.');
    $held->delete();
    $this->yard->lesson->update(['approval' => true]);
    $asked = ($this->byLink)('14:00');
    expect($first->refresh()->price)->toBe(2000);
    $card = fn (): int => $this->getJson("/api/businesses/yard/bookings/{$asked->id}")->json('lowersEarlier');
    expect($card())->toBe(400); // said before the yes
    app(DecideBooking::class)($asked->business_id, $asked->id, yes: true, by: 'Ana');
    expect($card())->toBe(0)
        ->and($first->refresh()->price)->toBe(1600)
        ->and(OutboxEntry::query()->where('occasion', 'cheaper')->count())->toBe(1);
    $this->yard->lesson->update(['approval' => false]);
    $third = ($this->book)('10:00', days: 3);
    ($this->byLink)('14:00', 3);
    expect($third->refresh()->price)->toBe(1600);
});

it('corrects nothing where the house says no', function (): void {
    $first = ($this->book)('10:00');
    $this->yard->lesson->update(['approval' => true]);
    $asked = ($this->byLink)('14:00');
    app(DecideBooking::class)($asked->business_id, $asked->id, yes: false, by: 'Ana');
    expect($first->refresh()->price)->toBe(2000)
        ->and(OutboxEntry::query()->where('occasion', 'cheaper')->count())->toBe(0);
});

it('mails nobody who is not to be told', function (): void {
    ($this->book)('10:00');
    ($this->book)('14:00', ['told' => false]);
    expect(OutboxEntry::query()->where('occasion', 'cheaper')->count())->toBe(0);
});
