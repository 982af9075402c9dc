<?php

declare(strict_types=1);

use App\Bookings\CancelBooking;
use App\Bookings\Cancelling;
use App\Models\Account;
use App\Models\BookEntry;
use App\Models\Payment;
use App\Models\Refund;
use App\Models\RefundState;
use App\Outbox\DeliverDue;
use App\Payments\AskRefunds;
use App\Payments\FetchPayouts;
use App\Payments\HearDispute;
use App\Processor\Processor;
use App\Processor\ProcessorPayout;
use App\Support\Clock;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Exceptions;
use Tests\Support\FakeProcessor;
use Tests\Support\Yard;
use YardBell\Core\Booking\State;

beforeEach(function (): void {
    $this->processor = new FakeProcessor();
    $this->app->instance(Processor::class, $this->processor);
    $this->yard = Yard::open(['price' => 4800, 'payment' => 'full']);
    $this->sum = static fn (Account $account): int => (int) BookEntry::query()
        ->where('account', $account)
        ->sum('amount');
    $this->payout = static fn (string $id, array $items): ProcessorPayout => new ProcessorPayout(
        $id,
        CarbonImmutable::now()->startOfMonth()->addMonths(3),
        $items,
    );
});

it('goes on asking after a refund that is not decided, and tells of one that is refused then', function (
    bool $decided,
    RefundState $state,
): void {
    $booking = $this->yard->book('10:00');
    $this->processor->state = 'paid';
    Yard::settle();
    $this->processor->decides = true;
    app(CancelBooking::class)($this->yard->business->id, $booking->id, new Cancelling('Owner'));
    app(DeliverDue::class)(lane: 'money');
    expect(Refund::query()->sole()->state)->toBe(RefundState::Pending);
    $this->travel(11)->seconds();
    app(AskRefunds::class)();
    expect(Refund::query()->sole()->state)->toBe(RefundState::Pending)
        ->and(($this->sum)(Account::Returning))->toBe(-4800);
    $this->processor->decided = $decided;
    $this->travel(11)->seconds();
    app(AskRefunds::class)();
    app(AskRefunds::class)();
    expect(Refund::query()->sole()->state)->toBe($state)
        ->and(($this->sum)(Account::Returning))->toBe($decided ? 0 : -4800)
        ->and(($this->sum)(Account::Processor))->toBe($decided ? 0 : 4800);
})->with([[true, RefundState::Done], [false, RefundState::Failed]]);

it('hears of a dispute whose notice was lost when its money goes', function (): void {
    $this->yard->book('10:00');
    $this->processor->state = 'paid';
    Yard::settle();
    $checkout = (string) Payment::query()->sole()->checkout;
    $this->processor->dispute = 'open';
    $this->processor->paidOut = [
        ($this->payout)('po_1', [['checkout' => $checkout, 'amount' => -4800, 'fee' => 0]]),
    ];
    app(FetchPayouts::class)->all();
    expect([($this->sum)(Account::Disputed), ($this->sum)(Account::Bank)])->toBe([4800, -4800]);
});

it('tries a refund that was decided against again, under another key', function (): void {
    $booking = $this->yard->book('10:00');
    $this->processor->state = 'paid';
    Yard::settle();
    [$this->processor->decides, $this->processor->decided] = [true, false];
    app(CancelBooking::class)($this->yard->business->id, $booking->id, new Cancelling('Owner'));
    app(DeliverDue::class)(lane: 'money');
    $this->travel(11)->seconds();
    app(AskRefunds::class)();
    $refund = Refund::query()->sole();
    $this->processor->decides = false;
    $this->actingAs($this->yard->owner)
        ->postJson("/api/businesses/yard/sales/{$refund->sale_id}/refunds/{$refund->id}", ['by' => 'again'])
        ->assertOk();
    app(DeliverDue::class)(lane: 'money');
    expect(array_keys($this->processor->refunded))->toBe(["refund-{$refund->id}", "refund-{$refund->id}-1"])
        ->and($refund->refresh()->state)->toBe(RefundState::Done)
        ->and(($this->sum)(Account::Returning))->toBe(0);
});

it('keeps a disputed payment apart until it is decided whose it is', function (string $end, array $sums): void {
    $this->yard->book('10:00');
    $this->processor->state = 'paid';
    Yard::settle();
    $payment = Payment::query()->sole();
    $hear = function (string $dispute) use ($payment): void {
        $this->processor->dispute = $dispute;
        app(HearDispute::class)($payment);
        app(HearDispute::class)($payment); // told twice
    };
    $hear('open');
    expect([($this->sum)(Account::Disputed), ($this->sum)(Account::Processor)])->toBe([4800, 0]);
    $hear($end);
    expect([($this->sum)(Account::Disputed), ($this->sum)(Account::Processor), ($this->sum)(Account::Fees)])
        ->toBe($sums);
})->with([['won', [0, 4800, 0]], ['lost', [0, 0, 4800]]]);

it('writes down what is paid out and what it cost, once', function (): void {
    $this->yard->book('10:00');
    $this->processor->state = 'paid';
    Yard::settle();
    $checkout = (string) Payment::query()->sole()->checkout;
    $this->processor->paidOut = [
        ($this->payout)('po_1', [['checkout' => $checkout, 'amount' => 4800, 'fee' => 92]]),
        ($this->payout)('po_2', [['checkout' => $checkout, 'amount' => -1000, 'fee' => 0]]),
    ];
    app(FetchPayouts::class)->all();
    app(FetchPayouts::class)->all();
    expect([($this->sum)(Account::Bank), ($this->sum)(Account::Fees)])->toBe([3708, 92])
        ->and(($this->sum)(Account::Processor))->toBe(1000);
    $found = $this->actingAs($this->yard->owner)->getJson('/api/businesses/yard/figures')->assertOk();
    expect($found->json('payouts'))->toBe([]); // of another month
    $month = CarbonImmutable::now()->startOfMonth()->addMonths(3);
    $dates = "from={$month->format('Y-m-d')}&until={$month->endOfMonth()->format('Y-m-d')}";
    $found = $this->getJson("/api/businesses/yard/figures?{$dates}");
    expect($found->json('payouts.0'))->toMatchArray(['id' => 'po_1', 'net' => 4708, 'fees' => 92]);
});

it('mends what a lost notice has left open, and tells of what nothing here has', function (): void {
    Exceptions::fake();
    $booking = $this->yard->book('10:00');
    app(App\Payments\OpenCheckouts::class)();
    Payment::query()->update(['state' => 'lapsed']); // no notice, and not asked after any more
    $this->processor->state = 'paid';
    $checkout = (string) Payment::query()->sole()->checkout;
    $this->processor->paidOut = [
        ($this->payout)('po_1', [
            ['checkout' => $checkout, 'amount' => 4800, 'fee' => 92],
            ['checkout' => 'co_stranger', 'amount' => 100, 'fee' => 1],
        ]),
    ];
    app(FetchPayouts::class)->all();
    expect($booking->refresh()->state)->toBe(State::Confirmed)
        ->and(($this->sum)(Account::Bank))->toBe(4708);
    Exceptions::assertReported(
        static fn (RuntimeException $told): bool => str_contains($told->getMessage(), 'co_stranger'),
    );
});

it('believes a notice only while it is fresh, and as it was sealed', function (): void {
    $this->app->forgetInstance(Processor::class);
    $processor = app(Processor::class);
    $now = app(Clock::class)->machine()->getTimestamp();
    $seal = static fn (int $time, string $body): string => "t={$time},v=".hash_hmac(
        'sha256',
        "{$time}.{$body}",
        'only-for-the-stand-in',
    );
    expect($processor->sealed('{"checkout":"a"}', $seal($now, '{"checkout":"a"}')))->toBeTrue()
        ->and($processor->sealed('{"checkout":"b"}', $seal($now, '{"checkout":"a"}')))->toBeFalse()
        ->and($processor->sealed('{"checkout":"a"}', $seal($now - 301, '{"checkout":"a"}')))->toBeFalse()
        ->and($processor->sealed('{"checkout":"a"}', hash_hmac('sha256', '{"checkout":"a"}', 'only-for-the-stand-in')))
        ->toBeFalse()
        ->and($processor->sealed('{"checkout":"a"}', ''))->toBeFalse();
});
