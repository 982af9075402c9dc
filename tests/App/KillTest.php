<?php

declare(strict_types=1);

use App\Bookings\CancelBooking;
use App\Bookings\Cancelling;
use App\Bookings\ConfirmBooking;
use App\Bookings\ExpireHolds;
use App\Models\Booking;
use App\Models\Payment;
use App\Models\PaymentState;
use App\Models\Refund;
use App\Outbox\DeliverDue;
use App\Payments\AskRefunds;
use App\Payments\OpenCheckouts;
use App\Processor\Processor;
use App\StandIns\ProcessorMoney;
use App\StandIns\ProcessorStandIn;
use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\NearProcessor;
use Tests\Support\Yard;
use YardBell\Core\Booking\State;

/* Application and worker are killed at any moment between "pay" and "booked", and between "cancel" and "paid back". */

const KILLS = 300;

/** Does it in a process of its own, which is killed after a while, wherever it is. */
function killedMeanwhile(int $microseconds, callable $work): void
{
    $ready = tempnam(sys_get_temp_dir(), 'kill');
    $child = pcntl_fork();
    if ($child === 0) {
        try {
            DB::connection()->getPdo();
            file_put_contents((string) $ready, 'x');
            $work();
        } catch (Throwable) {
            // what it could not do is done by another
        }
        posix_kill((int) getmypid(), SIGKILL);
    }
    while (filesize((string) $ready) === 0 && pcntl_waitpid($child, $status, WNOHANG) === 0) {
        usleep(200);
        clearstatcache();
    }
    usleep($microseconds);
    posix_kill($child, SIGKILL);
    pcntl_waitpid($child, $status);
    unlink((string) $ready);
}

function workMoney(): void
{
    Payment::query()->update(['ask_at' => null]);
    Refund::query()->update(['ask_at' => null]);
    Yard::settle();
    app(AskRefunds::class)();
    app(DeliverDue::class)(lane: 'money');
}

it('loses no payment and makes none twice, however often it is killed', function (): void {
    config(['yardbell.hold_minutes' => 600, 'yardbell.payment_minutes' => 600, 'yardbell.hold_life_minutes' => 600]);
    $this->app->instance(Processor::class, new NearProcessor(app(ProcessorStandIn::class)));
    $yard = Yard::open(['price' => 4800, 'payment' => 'full', 'book_ahead_days' => 60], people: 3);
    $random = new Randomizer(new Mt19937(7));
    $details = new App\Bookings\Details('Kim', 'kim@post.example');
    $held = [];
    for ($i = 0; $i < 75; $i++) {
        $held[] = $yard->hold(sprintf('%02d:00', 9 + $i % 7), 2 + intdiv($i, 7))->id;
    }
    $begun = hrtime(true);
    app(ConfirmBooking::class)($yard->business, $yard->hold('16:00', 40), $details);
    workMoney();
    $longest = intdiv(hrtime(true) - $begun, 1000); // microseconds: what all of it takes on this machine
    DB::purge();
    for ($kill = 0; $kill < KILLS; $kill++) {
        $id = $held[intdiv($kill, 4)];
        $after = $random->getInt(0, $longest);
        match ($kill % 4) {
            0 => killedMeanwhile($after, static fn () => app(ConfirmBooking::class)(
                $yard->business,
                Booking::query()->findOrFail($id),
                $details,
            )),
            2 => killedMeanwhile($after, static fn () => app(CancelBooking::class)(
                $yard->business->id,
                $held[$random->getInt(0, intdiv($kill, 4))],
                Cancelling::byClient(),
            )),
            default => killedMeanwhile($after, workMoney(...)),
        };
        // nobody can pay on a page whose address was lost before it was written down
        $open = DB::table('stand_in_checkouts')
            ->where('state', 'open')
            ->whereIn('id', DB::table('payments')->whereNotNull('checkout')->select('checkout'))
            ->pluck('id');
        foreach ($open as $checkout) {
            $card = ['0001', '0005', '0006', '0008', '0010'][$random->getInt(0, 4)];
            app(ProcessorStandIn::class)->pay((string) $checkout, "6000 0000 0000 {$card}");
        }
        DB::purge();
    }
    for ($round = 0; $round < 6; $round++) {
        $this->travel(2)->minutes(); // what a dead worker had leased is free again
        app(OpenCheckouts::class)();
        foreach (range(1, 5) as $part) {
            workMoney();
        }
        app(ExpireHolds::class)();
    }
    $paid = DB::table('stand_in_checkouts')->where('state', 'paid')->get();
    expect($paid->count())->toBeGreaterThan(10);
    foreach ($paid as $checkout) {
        $payment = Payment::query()->where('checkout', $checkout->id)->sole();
        $booking = Booking::query()->where('sale_id', $payment->sale_id)->sole();
        $back = app(ProcessorMoney::class)->moved($checkout->id, 'refund');
        $refused = $checkout->card === '6000 0000 0000 0005';
        expect($payment->state)->toBe(PaymentState::Paid)
            ->and($back)->toBe($booking->state === State::Confirmed || $refused ? 0 : (int) $checkout->amount)
            ->and((int) Refund::query()->where('payment_id', $payment->id)->sum('amount'))
            ->toBe($booking->state === State::Confirmed ? 0 : (int) $checkout->amount);
    }
    $times = Payment::query()->where('state', PaymentState::Paid)->groupBy('sale_id')->selectRaw('count(*) as times');
    expect($times->pluck('times')->unique()->all())->toBe([1])
        ->and(Booking::query()->where('state', State::Confirmed)->count())->toBeGreaterThan(2);
});
