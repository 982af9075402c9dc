<?php

declare(strict_types=1);

use App\Bookings\CancelBooking;
use App\Bookings\Cancelling;
use App\Models\Account;
use App\Models\BookEntry;
use App\Models\Booking;
use App\Models\Payment;
use App\Models\PaymentMethod;
use App\Models\PaymentState;
use App\Models\Refund;
use App\Models\RefundState;
use App\Models\Sale;
use App\Models\SaleLine;
use App\Models\TaxRate;
use App\Outbox\DeliverDue;
use App\Payments\DeskPayment;
use App\Payments\OpenPayment;
use App\Payments\RecordPayment;
use App\Payments\SettlePayment;
use App\Payments\TakeMoney;
use App\Processor\Processor;
use App\Sales\AuditBook;
use App\Sales\TipShares;
use App\Support\ClientLink;
use App\Support\Clock;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Support\FakeProcessor;
use Tests\Support\Races;
use Tests\Support\Yard;

beforeEach(function (): void {
    $this->processor = new FakeProcessor();
    $this->app->instance(Processor::class, $this->processor);
    $this->yard = Yard::open(['price' => 4800]);
    $this->sale = fn (Booking $booking): Sale => Sale::query()->findOrFail($booking->refresh()->sale_id);
    $this->desk = fn (string $path, array $body = []): TestResponse => $this->actingAs($this->yard->owner)
        ->postJson("/api/businesses/yard/sales/{$path}", $body);
    $this->take = fn (Sale $sale, array $body): TestResponse => ($this->desk)("{$sale->id}/payments", [
        ...['method' => 'cash', 'amount' => 4800, 'tip' => 0, 'given' => null, 'keepsRest' => false],
        ...['seen' => $sale->owed()],
        ...$body,
    ]);
    $this->sum = static fn (Account $account): int => (int) BookEntry::query()
        ->where('account', $account)
        ->sum('amount');
});

it('owes a visit from its being booked, as it was quoted (L1)', function (): void {
    $held = $this->yard->hold('09:00');
    expect(Sale::query()->count())->toBe(0);
    $sale = ($this->sale)($this->yard->book('10:00'));
    expect($sale->lines()->get()->map->only('label', 'amount')->all())
        ->toBe([['label' => 'Lesson', 'amount' => 4800]])
        ->and($sale->owed())->toBe(4800)
        ->and(($this->sum)(Account::Sales))->toBe(-4800)
        ->and($held->refresh()->sale_id)->toBeNull();
});

it('takes cash with change and a tip, and undoes it on the same day (L2, P10)', function (): void {
    $sale = ($this->sale)($this->yard->book('10:00'));
    $slip = ($this->take)($sale, ['tip' => 200, 'given' => 6000])->assertOk();
    expect($slip->json('due'))->toBe(0)
        ->and($slip->json('payments.0'))->toMatchArray(['amount' => 4800, 'tip' => 200, 'given' => 6000])
        ->and(($this->sum)(Account::Cash))->toBe(5000)
        ->and(($this->sum)(Account::Tips))->toBe(-200)
        ->and(BookEntry::query()->where('account', 'tips')->value('staff_id'))->toBe($this->yard->staff[0]->id);
    $undone = ($this->desk)("{$sale->id}/payments/{$slip->json('payments.0.id')}/undo")->assertOk();
    expect($undone->json('due'))->toBe(4800)
        ->and(($this->sum)(Account::Cash))->toBe(0)
        ->and(($this->sum)(Account::Tips))->toBe(0);
    ($this->desk)("{$sale->id}/payments/{$slip->json('payments.0.id')}/undo")->assertStatus(409);
});

it('closes a day once however many do it at the same moment: nothing goes to the bank twice', function (): void {
    ($this->take)(($this->sale)($this->yard->book('10:00')), []);
    $answers = Races::run(6, fn (): string => (string) $this->actingAs($this->yard->owner)->postJson(
        '/api/businesses/yard/closes',
        ['counted' => 4800, 'banked' => 4800, 'seen' => 4800, 'note' => null],
    )->getStatusCode());
    sort($answers);
    expect($answers)->toBe(['200', ...array_fill(0, 5, '409')])
        ->and(($this->sum)(Account::Cash))->toBe(0)
        ->and(DB::table('day_closes')->count())->toBe(1);
});

it('undoes nothing of another day, nor of a day that is closed', function (): void {
    $sale = ($this->sale)($this->yard->book('10:00'));
    $first = ($this->take)($sale, ['amount' => 1000])->json('payments.0.id');
    $this->actingAs($this->yard->owner)
        ->postJson('/api/businesses/yard/closes', ['counted' => 1000, 'banked' => 0, 'seen' => 1000, 'note' => null])
        ->assertOk();
    ($this->desk)("{$sale->id}/payments/{$first}/undo")->assertStatus(409);
    $this->travel(1)->minutes();
    $second = ($this->take)($sale, ['amount' => 500])->json('payments.1.id');
    app(Clock::class)->putForward(24 * 60);
    ($this->desk)("{$sale->id}/payments/{$second}/undo")->assertStatus(409);
    expect($sale->owed())->toBe(3300);
});

it('gives a tip back the way it came, from those who had it, and no more than was given (L3, P10)', function (): void {
    $sale = ($this->sale)($this->yard->book('10:00'));
    ($this->take)($sale, ['method' => 'card', 'amount' => 1000, 'tip' => 300])->assertOk();
    ($this->take)($sale, ['amount' => 500, 'tip' => 100])->assertOk();
    $back = fn (int $amount): TestResponse => ($this->desk)(
        "{$sale->id}/tips-back",
        ['amount' => $amount, 'why' => 'Typed wrong', 'seen' => $sale->owed()],
    );
    $slip = $back(250)->assertOk();
    expect($slip->json('tipsReturnable'))->toBe(150)
        ->and($slip->json('due'))->toBe(3300)
        ->and(array_column($slip->json('payments'), 'tipBack'))->toBe([150, 100])
        ->and(array_column($slip->json('history'), 'about'))->toContain('tip_back')
        ->and(($this->sum)(Account::Cash))->toBe(500)
        ->and(($this->sum)(Account::Card))->toBe(1150)
        ->and(($this->sum)(Account::Tips))->toBe(-150);
    $of = BookEntry::query()->where('account', 'tips')->where('about', 'tip_back');
    expect($of->pluck('staff_id')->unique()->all())->toBe([$this->yard->staff[0]->id]);
    expect($back(151)->assertStatus(422)->json('fields.amount'))
        ->toBe('At most €1.50 of the tips can be refunded.');
    $undone = ($this->desk)("{$sale->id}/payments/{$slip->json('payments.0.id')}/undo")->assertOk();
    expect(($this->sum)(Account::Tips))->toBe(0)
        ->and(($this->sum)(Account::Card))->toBe(0)
        ->and($undone->json('tipsReturnable'))->toBe(0);
});

it('shares a tip equally, what remains to the first, also what is left of it (P10)', function (): void {
    expect(TipShares::of(['ana', 'bo', 'cy'], 200))->toBe(['ana' => 67, 'bo' => 67, 'cy' => 66])
        ->and(TipShares::of(['ana', 'bo', 'ana'], 1))->toBe(['ana' => 1, 'bo' => 0])
        ->and(TipShares::of([], 5))->toBe(['' => 5]);
});

it('takes parts in several ways and counts down what is missing (L2)', function (): void {
    $sale = ($this->sale)($this->yard->book('10:00'));
    expect(($this->take)($sale, ['method' => 'card', 'amount' => 3000])->json('due'))->toBe(1800)
        ->and(($this->take)($sale, ['method' => 'transfer', 'amount' => 800])->json('due'))->toBe(1000)
        ->and(($this->take)($sale, ['amount' => 1000, 'given' => 1500, 'keepsRest' => true])->json('due'))->toBe(0)
        ->and([($this->sum)(Account::Card), ($this->sum)(Account::Bank), ($this->sum)(Account::Cash)])
        ->toBe([3000, 800, 1500]);
    $next = ($this->sale)($this->yard->book('12:00'));
    $slip = ($this->take)($next, ['method' => 'credit', 'amount' => 600])->assertStatus(422);
    expect($slip->json('fields.amount'))->toBe('They have €5.00 account credit.')
        ->and(($this->take)($next, ['method' => 'credit', 'amount' => 500])->json('due'))->toBe(4300)
        ->and(($this->sum)(Account::Credit))->toBe(0);
});

it('says at the field what is wrong with an amount', function (array $taken, string $field, string $said): void {
    $sale = ($this->sale)($this->yard->book('10:00'));
    $answer = ($this->take)($sale, $taken)->assertStatus(422);
    expect($answer->json("fields.{$field}"))->toBe($said)->and(Payment::query()->count())->toBe(0);
})->with([
    'below nothing' => [
        ['amount' => -1],
        'amount',
        'This is no amount: digits, with at most as many decimals as the currency has.',
    ],
    'parts of the least' => [
        ['amount' => 10.5],
        'amount',
        'This is no amount: digits, with at most as many decimals as the currency has.',
    ],
    'beyond all' => [
        ['amount' => 10 ** 12 + 1],
        'amount',
        'This is no amount: digits, with at most as many decimals as the currency has.',
    ],
    'nothing' => [['amount' => 0], 'amount', 'How much is it?'],
    'more than due' => [['method' => 'card', 'amount' => 4801], 'amount', 'At most €48.00 is due.'],
    'too little given' => [['given' => 4700], 'given', 'It comes to €48.00.'],
]);

it('tells the second of two who take money for the same', function (): void {
    $sale = ($this->sale)($this->yard->book('10:00'));
    ($this->take)($sale, [])->assertOk();
    $second = ($this->take)($sale, ['seen' => 4800])->assertStatus(409);
    expect($second->json('message'))->toContain($this->yard->owner->name)
        ->and($second->json('message'))->toContain('€0.00 is due now')
        ->and(($this->sum)(Account::Cash))->toBe(4800);
});

it('adds a product with its tax, and a correction with its reason', function (): void {
    $rate = TaxRate::query()->create([
        'business_id' => $this->yard->business->id,
        'name' => 'VAT',
        'percent' => '23',
    ]);
    $sale = ($this->sale)($this->yard->book('10:00'));
    $line = ['label' => 'Glaze', 'amount' => 1230, 'taxRate' => $rate->id, 'why' => '', 'seen' => 4800];
    $slip = ($this->desk)("{$sale->id}/lines", $line)->assertOk();
    expect($slip->json('due'))->toBe(6030)
        ->and($slip->json('taxes.0'))->toMatchArray(['name' => 'VAT', 'net' => 1000, 'amount' => 230])
        ->and(($this->sum)(Account::Tax))->toBe(-230);
    $less = ['label' => 'Clay was dry', 'amount' => -1000, 'taxRate' => null, 'why' => 'Clay was dry'];
    expect(($this->desk)("{$sale->id}/lines", [...$less, 'seen' => 6030])->json('due'))->toBe(5030);
    ($this->desk)("{$sale->id}/lines", [...$less, 'amount' => -5031, 'seen' => 5030])
        ->assertStatus(422)
        ->assertJsonPath('fields.amount', 'At most €50.30 can be taken off.');
    $this->yard->business->update(['prices_include_tax' => false]);
    expect(($this->desk)("{$sale->id}/lines", [...$line, 'seen' => 5030])->json('due'))->toBe(5030 + 1230 + 283);
});

it('gives back the latest payment first, by the way it came (L3)', function (): void {
    $sale = ($this->sale)($this->yard->book('10:00'));
    ($this->take)($sale, ['amount' => 3000]);
    ($this->take)($sale, ['method' => 'card', 'amount' => 1800]);
    $give = ['amount' => 2300, 'seen' => 0, 'staysOwed' => false, 'told' => false, 'why' => 'The kiln was cold'];
    $slip = ($this->desk)("{$sale->id}/refunds", $give)->assertOk();
    expect(array_column($slip->json('refunds'), 'amount', 'method'))->toBe(['card' => 1800, 'cash' => 500])
        ->and([$slip->json('due'), $slip->json('total')])->toBe([0, 2500])
        ->and([($this->sum)(Account::Card), ($this->sum)(Account::Cash)])->toBe([0, 2500]);
    ($this->desk)("{$sale->id}/refunds", [...$give, 'amount' => 2501])
        ->assertStatus(422)
        ->assertJsonPath('fields.amount', 'At most €25.00 can be refunded.');
    $again = ($this->desk)("{$sale->id}/refunds", [...$give, 'amount' => 2500, 'staysOwed' => true]);
    expect($again->json('due'))->toBe(2500);
});

it('gives credit back as credit', function (): void {
    $first = ($this->sale)($this->yard->book('10:00'));
    ($this->take)($first, ['given' => 5800, 'keepsRest' => true]);
    $sale = ($this->sale)($this->yard->book('12:00'));
    ($this->take)($sale, ['method' => 'credit', 'amount' => 1000]);
    expect(($this->sum)(Account::Credit))->toBe(0);
    app(CancelBooking::class)($this->yard->business->id, $sale->bookings()->firstOrFail()->id, new Cancelling('Owner'));
    expect(($this->sum)(Account::Credit))->toBe(-1000)->and($sale->owed())->toBe(0);
});

it('lets a fee off, and writes down who and why (L4)', function (): void {
    $yard = Yard::open([
        'price' => 4800,
        'payment' => 'card_hold',
        'cancellation' => ['freeMinutes' => 20_000, 'amount' => null, 'percent' => '50'],
    ], 'other');
    $booking = $yard->book('10:00');
    $this->processor->state = 'kept';
    Yard::settle();
    $this->processor->charges = false;
    app(CancelBooking::class)($yard->business->id, $booking->id, Cancelling::byClient());
    app(DeliverDue::class)(lane: 'money');
    $sale = ($this->sale)($booking);
    expect($sale->owed())->toBe(2400)
        ->and($sale->payments()->where('kind', 'fee')->sole()->state)->toBe(PaymentState::Refused);
    $at = "/api/businesses/other/sales/{$sale->id}";
    $this->actingAs($yard->owner)->getJson($at)->assertJson(['mayCharge' => true, 'due' => 2400]);
    $this->postJson("{$at}/charge", ['seen' => 2400])->assertOk()->assertJson(['mayCharge' => false]);
    $this->postJson("{$at}/charge", ['seen' => 2400])->assertStatus(409);
    $let = ['amount' => 2400, 'seen' => 2400, 'why' => 'She was ill'];
    $slip = $this->postJson("{$at}/let-off", $let)->assertOk();
    expect($slip->json('due'))->toBe(0)
        ->and(SaleLine::query()->where('kind', 'less')->sole()->only('amount', 'why', 'by'))
        ->toBe(['amount' => -2400, 'why' => 'She was ill', 'by' => $yard->owner->name]);
    $this->processor->charges = true;
    app(DeliverDue::class)(lane: 'money'); // what waits to be charged is not any more
    expect($this->processor->charged)->toBe([]);
});

it('tells of a refund that was refused, tries it again, or has it given by hand', function (string $by): void {
    $booking = $this->yard->book('10:00');
    $sale = ($this->sale)($booking);
    app(OpenPayment::class)($booking, [4800]);
    $this->processor->state = 'paid';
    Yard::settle();
    expect($sale->owed())->toBe(0);
    $this->processor->refunds = false;
    app(CancelBooking::class)($this->yard->business->id, $booking->id, new Cancelling('Owner'));
    app(DeliverDue::class)(lane: 'money');
    $refund = Refund::query()->sole();
    expect($refund->state)->toBe(RefundState::Failed)->and(($this->sum)(Account::Returning))->toBe(-4800);
    $this->processor->refunds = true;
    ($this->desk)("{$sale->id}/refunds/{$refund->id}", ['by' => $by])->assertOk();
    app(DeliverDue::class)(lane: 'money');
    expect(($this->sum)(Account::Returning))->toBe(0)
        ->and($refund->refresh()->state)->toBe($by === 'again' ? RefundState::Done : RefundState::Replaced)
        ->and(count($this->processor->refunded))->toBe($by === 'again' ? 1 : 0);
    ($this->desk)("{$sale->id}/refunds/{$refund->id}", ['by' => 'cash'])->assertStatus(409);
})->with(['again', 'cash', 'transfer']);

it('gives back what is paid by link after it was paid at the desk', function (): void {
    $booking = $this->yard->book('10:00');
    $sale = ($this->sale)($booking);
    app(OpenPayment::class)($booking, [4800]);
    app(OpenPayment::class)($booking, [4800]);
    expect(Payment::query()->count())->toBe(1); // pressed twice
    app(App\Payments\OpenCheckouts::class)();
    ($this->take)($sale, ['amount' => 1800]);
    $this->processor->state = 'paid';
    app(SettlePayment::class)(Payment::query()->where('method', 'processor')->sole());
    expect(Refund::query()->sole()->amount)->toBe(1800)->and($sale->owed())->toBe(0);
});

it('is only added to: the database refuses to change or remove what is written (L6)', function (string $table): void {
    $sale = ($this->sale)($this->yard->book('10:00'));
    ($this->take)($sale, []);
    ($this->desk)("{$sale->id}/invoice", ['name' => 'Kim', 'address' => ''])->assertOk();
    $this->postJson('/api/businesses/yard/closes', ['counted' => 4800, 'banked' => 0, 'seen' => 4800, 'note' => '']);
    expect(DB::table($table)->count())->toBeGreaterThan(0)
        ->and(fn () => DB::table($table)->update(['by' => 'Nobody']))->toThrow(QueryException::class, 'only added to')
        ->and(fn () => DB::table($table)->delete())->toThrow(QueryException::class, 'only added to');
})->with(['book_entries', 'sale_lines', 'documents', 'day_closes']);

it('finds what does not agree', function (): void {
    $sale = ($this->sale)($this->yard->book('10:00'));
    expect(app(AuditBook::class)())->toBe([]);
    $payment = $sale->payments()->create([
        'business_id' => $sale->business_id,
        'amount' => 500,
        'currency' => 'EUR',
        'state' => 'paid',
    ]);
    expect(app(AuditBook::class)())->toHaveCount(1)
        ->and(app(AuditBook::class)()[0])->toContain('a payment stands in the book with another amount')
        ->and(Artisan::call('book:check'))->toBe(1);
    $payment->update(['state' => 'open']);
    app(RecordPayment::class)($payment->id);
    expect(Artisan::call('book:check'))->toBe(0);
    $this->app->make('db')->table('book_entries')->insert([
        'business_id' => $sale->business_id,
        'pair' => 'half',
        'account' => 'cash',
        'amount' => 1,
        'currency' => 'EUR',
        'about' => 'paid',
        'day' => '2027-01-01',
        'at' => '2027-01-01 10:00:00',
        'by' => '',
    ]);
    expect(app(AuditBook::class)()[0])->toContain('a pair does not sum to zero');
    foreach (['moves', 'sold', 'owed', 'total', 'paid', 'back', 'underway'] as $sum) {
        DB::table('sales')->increment($sum);
        expect(implode(app(AuditBook::class)()))->toContain("a sale's row says something else than its entries");
        DB::table('sales')->decrement($sum);
        expect(implode(app(AuditBook::class)()))->not->toContain("a sale's row");
    }
    DB::table('drawers')->insert(['business_id' => $sale->business_id, 'amount' => 5]);
    expect(implode(app(AuditBook::class)()))->toContain('the drawer holds something else than its entries come to');
    DB::table('drawers')->delete();
    DB::table('sales')->update(array_fill_keys(['moves', 'sold', 'owed', 'total', 'paid', 'back', 'underway'], 0));
    DB::table('book_entries')->truncate();
    DB::table('sale_lines')->truncate();
    DB::table('payments')->delete();
    DB::table('bookings')->update(['state' => 'cancelled']);
});

it('closes a day with what was counted, the difference and what goes to the bank (L6)', function (): void {
    $sale = ($this->sale)($this->yard->book('10:00'));
    ($this->take)($sale, ['amount' => 3000]);
    ($this->take)($sale, ['method' => 'card', 'amount' => 1800]);
    $today = app(Clock::class)->now()->setTimezone($this->yard->business->time_zone)->format('Y-m-d');
    $day = $this->actingAs($this->yard->owner)->getJson("/api/businesses/yard/days/{$today}");
    expect($day->json('drawer'))->toBe(3000)
        ->and($day->json('ways'))->toBe([
            ['way' => 'cash', 'in' => 3000, 'out' => 0],
            ['way' => 'card', 'in' => 1800, 'out' => 0],
        ]);
    $close = ['counted' => 2950, 'banked' => 2000, 'seen' => 3000, 'note' => 'A coin rolled away'];
    $this->postJson('/api/businesses/yard/closes', [...$close, 'seen' => 2900])->assertStatus(409);
    $this->postJson('/api/businesses/yard/closes', [...$close, 'banked' => 2951])
        ->assertStatus(422)
        ->assertJsonPath('fields.banked', 'There is only €29.50 in the drawer.');
    $this->postJson('/api/businesses/yard/closes', $close)->assertOk();
    $day = $this->getJson("/api/businesses/yard/days/{$today}");
    expect($day->json('drawer'))->toBe(950)
        ->and($day->json('closes.0'))->toMatchArray(['expected' => 3000, 'counted' => 2950, 'banked' => 2000])
        ->and(($this->sum)(Account::Difference))->toBe(50)
        ->and(($this->sum)(Account::Bank))->toBe(2000);
});

it('finds sales by name, amount, number of an invoice, date and state', function (): void {
    $first = ($this->sale)($this->yard->book('10:00', 'ada@post.example'));
    $second = ($this->sale)($this->yard->book('12:00', 'kim@post.example'));
    ($this->take)($first, []);
    ($this->desk)("{$first->id}/invoice", ['name' => 'Ada', 'address' => ''])->assertOk();
    $number = app(Clock::class)->now()->format('Y').'-0001';
    $found = fn (string $query): array => array_column(
        $this->getJson("/api/businesses/yard/sales?{$query}")->assertOk()->json('rows'),
        'id',
    );
    expect($found(''))->toBe([$second->id, $first->id])
        ->and($found('state=due'))->toBe([$second->id])
        ->and($found('state=paid'))->toBe([$first->id])
        ->and($found('state=back'))->toBe([])
        ->and($found("text={$number}"))->toBe([$first->id])
        ->and($found('text=48'))->toBe([$second->id, $first->id])
        ->and($found('text=48.01'))->toBe([])
        ->and($found('text=Nobody'))->toBe([])
        ->and($found('until=2020-01-01'))->toBe([]);
    $csv = $this->get('/api/businesses/yard/sales.csv')->assertOk()->streamedContent();
    expect(substr_count($csv, "\r\n"))->toBe(3)->and($csv)->toContain('48.00');
});

it('takes the money of one of many who take it at the same moment, and tells the others', function (): void {
    $sale = ($this->sale)($this->yard->book('10:00'));
    $answers = Races::run(8, fn (int $i): string => app(TakeMoney::class)(
        $this->yard->business,
        $sale->id,
        new DeskPayment($i % 2 === 0 ? PaymentMethod::Cash : PaymentMethod::Card, 4800),
        4800,
        "Person {$i}",
    )->id);
    expect(array_count_values($answers))
        ->toEqual([$sale->id => 1, 'App\Support\Refusal: refusal.sale.meanwhile' => 7])
        ->and(Payment::query()->count())->toBe(1)
        ->and($sale->owed())->toBe(0);
});

it('leaves nothing of what was only tried', function (): void {
    $sale = ($this->sale)($this->yard->book('10:00'));
    $tried = ($this->take)($sale, ['amount' => 2000, 'given' => 5000, 'tries' => 1])->assertOk();
    expect([$tried->json('due'), $tried->json('payments.0.change')])->toBe([2800, 3000])
        ->and(Payment::query()->count())->toBe(0)
        ->and($sale->owed())->toBe(4800);
});

it('gives tax by rate and pay by person, each with what it is made of', function (): void {
    $rate = TaxRate::query()->create([
        'business_id' => $this->yard->business->id,
        'name' => 'VAT',
        'percent' => '23',
    ]);
    $this->yard->lesson->update([
        'pricing' => [...Yard::pricing(12300), 'taxRates' => [$rate->id]],
        'staff_pay' => ['amount' => null, 'percent' => '40'],
    ]);
    App\Models\Business::rulesChanged($this->yard->business->id);
    $booking = $this->yard->book('10:00');
    ($this->take)(($this->sale)($booking), ['amount' => 12300, 'tip' => 500]);
    $off = $this->yard->book('12:00');
    app(CancelBooking::class)($this->yard->business->id, $off->id, new Cancelling('Owner'));
    $period = 'from=2020-01-01&until=2040-01-01';
    $this->actingAs($this->yard->owner);
    $found = $this->getJson("/api/businesses/yard/figures?{$period}")->assertOk();
    expect($found->json('tax'))->toHaveCount(1)
        ->and($found->json('tax.0'))->toMatchArray(['rate' => 'VAT 23', 'amount' => 2300])
        ->and(array_column($found->json('tax.0.sales'), 'amount'))->toBe([2300])
        ->and($found->json('pay.0'))->toMatchArray(['name' => 'Ana Reed', 'pay' => 4920, 'tips' => 500])
        ->and(array_column($found->json('pay.0.visits'), 'booking'))->toBe([$booking->id])
        ->and($this->get("/api/businesses/yard/tax.csv?{$period}")->streamedContent())->toContain('23.00')
        ->and($this->get("/api/businesses/yard/pay.csv?{$period}")->streamedContent())->toContain('49.20');
});

it('lets a client pay what is due by the link, once however often it is pressed', function (): void {
    $booking = $this->yard->book('10:00');
    $query = app(ClientLink::class)->query($booking);
    $at = "/b/{$booking->id}/pay?{$query}";
    $shown = fn (): ?string => $this->getJson("/gate-api/bookings/{$booking->id}?{$query}")->assertOk()->json('pay');
    expect($shown())->toBeNull(); // it is paid when they come
    $this->get($at)->assertRedirect();
    expect(Payment::query()->count())->toBe(0);
    ($this->desk)(($this->sale)($booking)->id.'/letters', ['what' => 'pay_link'])->assertOk();
    expect($shown())->toBe($at);
    $this->get($at)->assertOk()->assertSee('being opened')->assertSee('http-equiv="refresh"', false);
    Yard::settle();
    foreach ([1, 2] as $press) {
        $this->get($at)->assertRedirect('http://pay.example/co_'.Payment::query()->sole()->id);
    }
    $this->processor->state = 'paid';
    Yard::settle();
    expect(($this->sale)($booking)->owed())->toBe(0)
        ->and($shown())->toBeNull()
        ->and(Payment::query()->count())->toBe(1);
    $this->get($at)->assertRedirect();
    $this->get("/b/{$booking->id}/pay?until=1&seal=x")->assertNotFound();
});

it('gives the last of a credit to one of many who take it at the same moment', function (): void {
    ($this->take)(($this->sale)($this->yard->book('09:00')), ['given' => 5300, 'keepsRest' => true])->assertOk();
    $sales = array_map(
        fn (string $time): Sale => ($this->sale)($this->yard->book($time)),
        ['10:00', '11:00', '12:00', '13:00', '14:00', '15:00'],
    );
    $answers = Races::run(6, fn (int $i): string => app(TakeMoney::class)(
        $this->yard->business,
        $sales[$i]->id,
        new DeskPayment(PaymentMethod::Credit, 500),
        4800,
        "Person {$i}",
    )->id);
    $taken = array_filter($answers, static fn (string $answer): bool => strlen($answer) === 26);
    expect($taken)->toHaveCount(1)->and(($this->sum)(Account::Credit))->toBe(0);
});

it('gives back a fee that the card gave while it was paid at the desk', function (): void {
    $yard = Yard::open([
        'price' => 4800,
        'payment' => 'card_hold',
        'cancellation' => ['freeMinutes' => 20_000, 'amount' => null, 'percent' => '50'],
    ], 'other');
    $booking = $yard->book('10:00');
    $this->processor->state = 'kept';
    Yard::settle();
    app(CancelBooking::class)($yard->business->id, $booking->id, Cancelling::byClient());
    $sale = ($this->sale)($booking);
    $entry = App\Models\OutboxEntry::query()->where('channel', 'charge')->sole();
    $done = app(App\Payments\ChargeChannel::class)->send($entry); // and while it is on the way:
    app(TakeMoney::class)($yard->business, $sale->id, new DeskPayment(PaymentMethod::Cash, 2400), 2400, 'Owner');
    $done();
    expect($sale->owed())->toBe(0)
        ->and(Refund::query()->sole()->only('amount', 'state'))
        ->toBe(['amount' => 2400, 'state' => RefundState::Waiting]);
});

it('shares a tip among those who took the visit, what remains to the first (P10)', function (): void {
    $yard = Yard::open(['price' => 4800], 'other', people: 2);
    $booking = $yard->book('10:00');
    $booking->update(['staff_ids' => [$yard->staff[1]->id, $yard->staff[0]->id]]);
    $sale = ($this->sale)($booking);
    app(TakeMoney::class)($yard->business, $sale->id, new DeskPayment(PaymentMethod::Card, 0, 501), 4800, 'Owner');
    $tips = BookEntry::query()->where('account', 'tips')->orderBy('id')->get();
    expect($tips->map(static fn (BookEntry $entry): array => [$entry->staff_id, -$entry->amount])->all())
        ->toBe([[$yard->staff[1]->id, 251], [$yard->staff[0]->id, 250]]);
});

it('leaves what came by hand to be given back by hand, when a client cancels by the link', function (): void {
    $booking = $this->yard->book('10:00');
    $sale = ($this->sale)($booking);
    ($this->take)($sale, []);
    app(CancelBooking::class)($this->yard->business->id, $booking->id, Cancelling::byClient());
    expect([$sale->owed(), ($this->sum)(Account::Cash)])->toBe([-4800, 4800]);
    $query = app(ClientLink::class)->query($booking);
    expect($this->getJson("/gate-api/bookings/{$booking->id}?{$query}")->json('told.money'))
        ->toBe(['€48.00 was paid.', '€48.00 is still to be refunded.']);
    $give = ['amount' => 4800, 'seen' => -4800, 'staysOwed' => false, 'told' => false, 'why' => 'Cancelled'];
    ($this->desk)("{$sale->id}/refunds", $give)->assertOk()->assertJson(['owed' => 0, 'total' => 0]);
    expect(($this->sum)(Account::Cash))->toBe(0);
});
