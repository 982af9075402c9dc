<?php

declare(strict_types=1);

use App\Messages\Wording;
use App\Models\Booking;
use App\Models\Business;
use App\Models\OutboxEntry;
use App\Models\Sale;
use App\Models\TaxRate;
use App\Support\ClientLink;
use Illuminate\Testing\TestResponse;
use Tests\Support\Yard;

/* A price that was left open, "from" or on request (rules.md P1): asked for, settled once, told, taxed and invoiced. */

beforeEach(function (): void {
    $this->yard = Yard::open([
        'price' => 40000,
        'priceKind' => 'from',
        'staff_pay' => ['amount' => null, 'percent' => '10'],
    ]);
    $rate = TaxRate::query()->create([
        'business_id' => $this->yard->business->id, 'name' => 'VAT', 'percent' => '23', 'position' => 0,
    ]);
    $this->yard->business->update(['prices_include_tax' => true]);
    $this->yard->lesson->update(['pricing' => [...$this->yard->lesson->pricing, 'taxRates' => [$rate->id]]]);
    Business::rulesChanged($this->yard->business->id);
    $this->yard->business->refresh();
    $this->booking = $this->yard->book('10:00');
    $this->actingAs($this->yard->owner);
    $this->settle = fn (int $amount, bool $told = true): TestResponse => $this->postJson(
        "/api/businesses/yard/bookings/{$this->booking->id}/price",
        ['amount' => $amount, 'told' => $told],
    );
    $this->slip = fn (): TestResponse => $this->getJson("/api/businesses/yard/sales/{$this->booking->sale_id}");
    $this->listed = fn (): array => $this->getJson('/api/businesses/yard/sales?state=open')->assertOk()->json('rows');
});

it('asks for it on the slip, and lists it in the Ledger until it is settled', function (): void {
    expect(($this->slip)()->json('open'))
        ->toBe([['booking' => $this->booking->id, 'service' => 'Lesson', 'from' => 40000]])
        ->and(array_column(($this->listed)(), 'state', 'id'))->toBe([$this->booking->sale_id => 'open']);
    ($this->settle)(42500)->assertOk()->assertJson(['open' => [], 'total' => 42500, 'due' => 42500]);
    expect(($this->listed)())->toBe([]);
});

it('is settled once, taxed, paid to staff, told and invoiced', function (): void {
    ($this->settle)(42500)->assertOk();
    ($this->settle)(100)->assertStatus(409);
    $booking = Booking::query()->sole();
    expect([$booking->price, $booking->from_price, $booking->payment->value])->toBe([42500, null, 'none'])
        ->and(array_column($booking->taxes, 'amount'))->toBe([7947])
        ->and($booking->staff_pay)->toBe([$booking->staff_ids[0] => 4250])
        ->and(Sale::query()->sole()->owed())->toBe(42500);
    $letter = app(Wording::class)->letter(OutboxEntry::query()->where('occasion', 'priced')->sole());
    expect($letter->text)->toContain('€425.00')->toContain('To be paid when you come.');
    $page = $this->getJson("/gate-api/bookings/{$booking->id}?".app(ClientLink::class)->query($booking));
    expect($page->json('told.price'))->toBe('€425.00');
    $history = $this->getJson("/api/businesses/yard/bookings/{$booking->id}")->json('history');
    expect(end($history))->toMatchArray(['by' => 'Owner of yard', 'why' => 'the price settled']);
    $this->postJson("/api/businesses/yard/sales/{$booking->sale_id}/invoice", ['name' => 'Kim', 'address' => ''])
        ->assertOk();
});

it('mails nobody where nobody is to be told, and takes free for an answer', function (): void {
    ($this->settle)(0, false)->assertOk()->assertJson(['open' => [], 'due' => 0]);
    expect(OutboxEntry::query()->where('occasion', 'priced')->exists())->toBeFalse();
});

it('asks for an amount where none was typed', function (): void {
    ($this->settle)(-1)
        ->assertStatus(422)
        ->assertJsonPath('fields.amount', 'What does it cost? Type 0 if it is free.');
});

it('is no open price any more once it is cancelled', function (): void {
    $this->postJson("/api/businesses/yard/bookings/{$this->booking->id}/cancel", ['asks' => 'house'])->assertOk();
    ($this->settle)(100)->assertStatus(409);
    expect(($this->listed)())->toBe([]);
});

it('lets nobody settle a price who does not take money', function (): void {
    $this->actingAs($this->yard->somebody('staff', $this->booking->staff_ids[0]));
    ($this->settle)(100)->assertForbidden();
});

it('settles none of another business', function (): void {
    $other = Yard::open(['price' => 40000, 'priceKind' => 'from'], slug: 'mill');
    $this->actingAs($other->owner);
    $this->postJson("/api/businesses/mill/bookings/{$this->booking->id}/price", ['amount' => 100, 'told' => true])
        ->assertNotFound();
    expect(Booking::query()->findOrFail($this->booking->id)->from_price)->toBe(40000);
});
