<?php

declare(strict_types=1);

use App\Models\Booking;
use App\Models\Client;
use App\Models\Id;
use App\Models\OutboxEntry;
use App\Models\Sale;
use App\Models\SaleLine;
use App\Models\TaxRate;
use App\Outbox\DeliverDue;
use App\Processor\Processor;
use App\StandIns\MailboxFiles;
use App\Upkeep\Sweep;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Support\FakeProcessor;
use Tests\Support\Races;
use Tests\Support\Yard;

/* What is sold at the desk to somebody who has booked nothing: a sale that stands alone (rules.md L1). */

beforeEach(function (): void {
    $this->app->instance(Processor::class, new FakeProcessor());
    $this->yard = Yard::open(['price' => 4800]);
    $this->id = Id::make();
    $this->sell = fn (array $body = []): TestResponse => $this->actingAs($this->yard->owner)->postJson(
        '/api/businesses/yard/sales',
        [
            ...['id' => $this->id, 'client' => null, 'name' => 'Rosa Bell', 'email' => 'rosa@post.example'],
            ...['phone' => '', 'label' => 'Glaze, 1 l', 'amount' => 1900, 'taxRate' => null],
            ...$body,
        ],
    );
    $this->desk = fn (string $path, array $body = []): TestResponse => $this->actingAs($this->yard->owner)
        ->postJson("/api/businesses/yard/sales/{$this->id}/{$path}", $body);
    $this->pay = fn (int $amount): TestResponse => ($this->desk)('payments', [
        ...['method' => 'cash', 'amount' => $amount, 'tip' => 0, 'given' => null, 'keepsRest' => false],
        'seen' => $amount,
    ]);
});

it('writes what is bought down as a sale of its own, with its tax, and who bought it', function (): void {
    $rate = TaxRate::query()->create(['business_id' => $this->yard->business->id, 'name' => 'VAT', 'percent' => '20']);
    $slip = ($this->sell)(['taxRate' => $rate->id])->assertCreated();
    expect($slip->json())->toMatchArray(['id' => $this->id, 'name' => 'Rosa Bell', 'due' => 1900, 'bookings' => []])
        ->and($slip->json('taxes.0'))->toMatchArray(['name' => 'VAT', 'amount' => 317])
        ->and(Client::query()->sole()->only('name', 'email'))
        ->toBe(['name' => 'Rosa Bell', 'email' => 'rosa@post.example'])
        ->and(Booking::query()->count())->toBe(0);
    $more = ['label' => 'Sponge', 'amount' => 300, 'taxRate' => null, 'why' => '', 'seen' => 1900];
    expect(($this->desk)('lines', $more)->assertOk()->json('due'))->toBe(2200);
    ($this->desk)('lines', $more)->assertStatus(409); // pressed again, it is no second sponge
    expect(($this->pay)(2200)->assertOk()->json('due'))->toBe(0);
    $this->getJson('/api/businesses/yard/sales?state=paid')
        ->assertJsonPath('rows.0.id', $this->id)
        ->assertJsonPath('rows.0.what', 'Glaze, 1 l');
});

it('keeps nothing of a walk-in, and takes somebody known for the same', function (): void {
    ($this->sell)(['walkIn' => true, 'name' => null])->assertCreated()->assertJsonPath('name', 'Walk-in');
    expect(Client::query()->count())->toBe(0);
    $known = Client::query()->create(['business_id' => $this->yard->business->id, 'name' => 'Pia', 'email' => null]);
    ($this->sell)(['id' => Id::make(), 'client' => $known->id])->assertJsonPath('name', 'Pia');
    ($this->sell)(['id' => Id::make()]);
    ($this->sell)(['id' => Id::make(), 'email' => 'ROSA@post.example']);
    expect(Client::query()->count())->toBe(2);
});

it('is one sale however often it is asked for, also at the same moment', function (): void {
    ($this->sell)()->assertCreated();
    ($this->sell)(['label' => 'Something else', 'name' => 'Pia'])
        ->assertCreated()
        ->assertJsonPath('lines.0.label', 'Glaze, 1 l');
    $id = Id::make();
    $answers = Races::run(6, fn (): string => (string) ($this->sell)(['id' => $id])->status());
    expect($answers)->toBe(array_fill(0, 6, '201'))
        ->and(SaleLine::query()->where('sale_id', $id)->count())->toBe(1)
        ->and(Sale::query()->count())->toBe(2);
});

it('refuses what cannot be sold beside its field, and writes nothing', function (array $body, string $field): void {
    ($this->sell)($body)->assertStatus(422)->assertJsonStructure(['fields' => [$field]]);
    expect(Sale::query()->count())->toBe(0)->and(Client::query()->count())->toBe(0);
})->with([
    'nobody' => [['name' => ''], 'name'],
    'nothing' => [['label' => ''], 'label'],
    'for nothing' => [['amount' => 0], 'amount'],
    'no address' => [['email' => 'rosa at post'], 'email'],
    'an id that is none' => [['id' => 'sale'], 'id'],
    'a rate that is none' => [['taxRate' => '01ARZ3NDEKTSV4RRFFQ69G5FAV'], 'taxRate'],
]);

it('leaves the sale of another business alone whose id it is given', function (): void {
    ($this->sell)()->assertCreated();
    $other = Yard::open(slug: 'other');
    $this->actingAs($other->owner)->postJson('/api/businesses/other/sales', [
        ...['id' => $this->id, 'client' => null, 'name' => 'Kim', 'label' => 'Mine', 'amount' => 5, 'taxRate' => null],
    ])->assertNotFound();
    expect(DB::table('sale_lines')->pluck('business_id')->all())->toBe([$this->yard->business->id])
        ->and(DB::table('sales')->count())->toBe(1);
});

it('mails receipt, invoice and refund of it as letters of the sale, with their papers', function (): void {
    ($this->sell)();
    Client::query()->update(['proven_at' => now()]);
    ($this->pay)(1900);
    ($this->desk)('letters', ['what' => 'receipt'])->assertOk();
    ($this->desk)('invoice', ['name' => 'Rosa Bell', 'address' => 'Kiln Lane 3'])->assertOk();
    ($this->desk)('letters', ['what' => 'invoice'])->assertOk();
    ($this->desk)('refunds', [
        ...['amount' => 900, 'why' => 'A bottle was cracked', 'staysOwed' => false, 'told' => true, 'seen' => 0],
    ])->assertOk();
    ($this->desk)('letters', ['what' => 'pay_link'])->assertStatus(409);
    app(DeliverDue::class)();
    $mails = collect(app(MailboxFiles::class)->all())->keyBy('subject');
    expect($mails->keys()->sort()->values()->all())->toBe([
        'Your invoice from Yard',
        'Your receipt from Yard',
        'Your refund from Yard',
    ])
        ->and($mails['Your refund from Yard']['text'])->toContain('"A bottle was cracked"')
        ->and($mails['Your receipt from Yard']['text'])->toContain('Total: €10.00, all of it paid.')
        ->and($mails->pluck('to')->unique()->all())->toBe(['rosa@post.example'])
        ->and(OutboxEntry::query()->pluck('sale_id')->unique()->all())->toBe([$this->id]);
});

it('keeps what was mailed about a sale as long as what is mailed about a booking', function (): void {
    ($this->sell)();
    ($this->pay)(1900);
    ($this->desk)('letters', ['what' => 'receipt']);
    app(DeliverDue::class)();
    $this->travel(60)->days();
    app(Sweep::class)->all();
    expect(OutboxEntry::query()->count())->toBe(1);
    $this->travel(400)->days();
    app(Sweep::class)->all();
    expect(OutboxEntry::query()->count())->toBe(0);
});
