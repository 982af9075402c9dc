<?php

declare(strict_types=1);

use App\Bookings\ConfirmBooking;
use App\Bookings\Destination;
use App\Bookings\Details;
use App\Bookings\MoveBooking;
use App\Console\Work;
use App\Messages\ReviveReminders;
use App\Messages\Wording;
use App\Models\Booking;
use App\Models\BookingChange;
use App\Models\OfferCode;
use App\Models\OutboxEntry;
use App\Models\Payment;
use App\Models\Refund;
use App\Models\Sale;
use App\Outbox\DeliverDue;
use App\Payments\OpenCheckouts;
use App\Payments\SettlePayment;
use App\Processor\Processor;
use App\Support\ClientLink;
use App\Support\Clock;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\Support\FakeProcessor;
use Tests\Support\Yard;
use YardBell\Core\Time\Wall;

/* What holds while things are moved there and back, holds run out, and the clock jumps. */

beforeEach(function (): void {
    $this->processor = new FakeProcessor();
    $this->app->instance(Processor::class, $this->processor);
    $this->yard = Yard::open(['price' => 4800], people: 2);
    $this->jump = fn (int $minutes) => app(Clock::class)->putForward($minutes);
    $this->move = fn (Booking $booking, string $time, int $days = 3): Booking => app(MoveBooking::class)(
        $this->yard->business,
        $booking->id,
        new Destination(Wall::instant(Yard::at($time, $days)), [$this->yard->staff[0]->id]),
        'Owner',
    );
    $this->reminders = fn (): array => array_count_values(
        OutboxEntry::query()->where('occasion', 'reminder')->toBase()->pluck('state')->all(),
    );
});

it('has one reminder waiting, whatever was moved, and sends none again that was sent', function (): void {
    $booking = $this->yard->book('10:00', days: 3);
    $places = [['12:00', 4], ['10:00', 3], ['11:00', 3], ['10:00', 3]];
    foreach ($places as [$time, $days]) {
        ($this->move)($booking, $time, $days);
        expect(($this->reminders)()['waiting'] ?? 0)->toBe(1);
    }
    OutboxEntry::query()->where('occasion', 'reminder')->where('state', 'waiting')->update(['state' => 'sent']);
    foreach ($places as [$time, $days]) {
        ($this->move)($booking, $time, $days);
    }
    $due = $booking->refresh()->starts_at->subDay();
    $at = OutboxEntry::query()->where('occasion', 'reminder')->where('due_at', $due);
    expect($at->toBase()->pluck('state')->all())->toBe(['sent'])
        ->and(($this->reminders)()['waiting'] ?? 0)->toBe(0);
});

it('takes a move to where it is for none', function (): void {
    $booking = $this->yard->book('10:00', days: 3);
    app(DeliverDue::class)();
    $changes = BookingChange::query()->count();
    ($this->move)($booking, '10:00');
    expect(BookingChange::query()->count())->toBe($changes)
        ->and(OutboxEntry::query()->where('occasion', 'moved')->exists())->toBeFalse()
        ->and($booking->refresh()->calendar_sequence)->toBe(0);
});

it('plans again on the way back what a jump of the clock has dropped (M4)', function (): void {
    $booking = $this->yard->book('10:00', days: 3);
    $moved = $this->yard->book('12:00', 'nora@post.example', 3);
    ($this->move)($moved, '14:00');
    $gone = $this->yard->book('16:00', 'lo@post.example', 3);
    app(App\Bookings\CancelBooking::class)($gone->business_id, $gone->id, new App\Bookings\Cancelling('Owner'));
    foreach ([1, 2, 3] as $time) {
        ($this->jump)(5 * 1440);
        app(DeliverDue::class)();
        expect(($this->reminders)()['waiting'] ?? 0)->toBe(0);
        ($this->jump)(-5 * 1440);
        app(ReviveReminders::class)();
        expect(($this->reminders)()['waiting'] ?? 0)->toBe(2); // neither of where it was, nor of what is cancelled
    }
    ($this->jump)((int) app(Clock::class)->now()->diffInMinutes($booking->starts_at) - 1439);
    app(DeliverDue::class)();
    expect(($this->reminders)()['sent'] ?? 0)->toBe(1);
});

it('is told by the worker when the clock has gone back', function (): void {
    $this->yard->book('10:00', days: 3);
    ($this->jump)(5 * 1440);
    app(DeliverDue::class)();
    ($this->jump)(-5 * 1440);
    expect(array_keys((new ReflectionMethod(Work::class, 'parts'))->invoke(app(Work::class), 'upkeep')))
        ->toContain('reminders that a clock has dropped');
    Artisan::call('work', ['--lane' => 'upkeep', '--once' => true]);
    expect(($this->reminders)()['waiting'] ?? 0)->toBe(1);
});

it('dates all of the book by one clock', function (): void {
    ($this->jump)(10 * 1440);
    $booking = $this->yard->book('10:00');
    $this->actingAs($this->yard->owner)->postJson("/api/businesses/yard/sales/{$booking->sale_id}/payments", [
        'method' => 'cash', 'amount' => 4800, 'tip' => 0, 'given' => null, 'keepsRest' => false, 'seen' => 4800,
    ])->assertOk();
    $today = app(Clock::class)->now()->format('Y-m-d');
    $dates = [
        Sale::query()->sole()->created_at->format('Y-m-d'),
        Payment::query()->sole()->created_at?->format('Y-m-d'),
        ...DB::table('book_entries')->pluck('at')->map(static fn (string $at): string => substr($at, 0, 10))->all(),
    ];
    expect(array_unique($dates))->toBe([$today]);
});

it('books at the desk what its hold has run out of, or says that it is taken', function (bool $taken): void {
    $held = null;
    Booking::created(function (Booking $booking) use (&$held, $taken): void {
        if ($held === null) {
            $held = $booking;
            DB::afterCommit(function () use ($taken): void {
                app(Clock::class)->putForward(11);
                if ($taken) {
                    $this->yard->book('10:00', 'lo@post.example');
                    $this->yard->book('10:00', 'nora@post.example');
                }
            });
        }
    });
    $answer = $this->actingAs($this->yard->owner)->postJson('/api/businesses/yard/bookings', [
        'service' => $this->yard->lesson->id, 'party' => 1, 'start' => Yard::at('10:00'), 'name' => 'Rosa Bell',
        'email' => 'rosa@post.example', 'told' => true,
    ]);
    Booking::flushEventListeners();
    expect($answer->getStatusCode())->toBe($taken ? 409 : 201)
        ->and($held?->refresh()->state->value)->toBe($taken ? 'expired' : 'confirmed');
})->with([false, true]);

it('gives a use of a code to whoever has it when the money comes', function (bool $used): void {
    $this->yard->lesson->update(['payment_terms' => Yard::payment('full')]);
    App\Models\Business::rulesChanged($this->yard->business->id);
    OfferCode::query()->create([
        'business_id' => $this->yard->business->id, 'code' => 'SPRING', 'percent' => '50', 'uses' => 1,
    ]);
    $named = function (string $time, string $mail): Booking {
        $held = $this->yard->hold($time);
        $link = app(ClientLink::class)->query($held);
        $this->postJson("/gate-api/bookings/{$held->id}/codes?{$link}", ['codes' => ['spring']])->assertOk();
        app(ConfirmBooking::class)($this->yard->business->refresh(), $held, new Details('Kim', $mail));
        app(OpenCheckouts::class)();

        return $held->refresh();
    };
    $late = $named('10:00', 'late@post.example');
    expect($late->price)->toBe(2400);
    ($this->jump)(25); // its hold has run out, and with it its use
    if ($used) {
        $quick = $named('12:00', 'quick@post.example');
        $this->processor->state = 'paid';
        app(SettlePayment::class)(Payment::query()->where('sale_id', $quick->sale_id)->sole());
        expect($quick->refresh()->state->value)->toBe('confirmed')->and($quick->price)->toBe(2400);
    }
    $this->processor->state = 'paid';
    app(SettlePayment::class)(Payment::query()->where('sale_id', $late->sale_id)->sole());
    $page = $this->getJson("/gate-api/bookings/{$late->id}?".app(ClientLink::class)->query($late))->assertOk();
    if (! $used) {
        expect($late->refresh()->state->value)->toBe('confirmed');

        return;
    }
    $mail = OutboxEntry::query()->where('occasion', 'code_gone')->sole();
    expect($late->refresh()->state->value)->toBe('expired')
        ->and(Refund::query()->sole()->amount)->toBe(2400)
        ->and($page->json('told.money.0'))->toBe('Your payment came late, and the code was used up by then.')
        ->and(app(Wording::class)->letter($mail)->text)->toContain('the code you had used was used up by then')
        ->and(DB::table('code_uses')->join('bookings', 'bookings.id', 'code_uses.booking_id')
            ->where('bookings.state', 'confirmed')->count())->toBe(1);
})->with([false, true]);
