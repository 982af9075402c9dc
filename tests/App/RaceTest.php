<?php

declare(strict_types=1);

use App\Bookings\HoldTime;
use App\Bookings\UseCodes;
use App\Models\Booking;
use App\Models\OfferCode;
use App\Models\OutboxEntry;
use App\Models\Payment;
use App\Payments\SettlePayment;
use App\Processor\Processor;
use App\Times\Choice;
use App\Times\Wish;
use Illuminate\Support\Facades\DB;
use Tests\Support\FakeProcessor;
use Tests\Support\Races;
use Tests\Support\Yard;
use YardBell\Core\Booking\State;
use YardBell\Core\Time\Wall;

it('gives one time to one of many who want it at the same moment', function (): void {
    $yard = Yard::open();
    $answers = Races::run(
        16,
        static fn (): string => app(HoldTime::class)(
            $yard->business,
            new Wish(new Choice($yard->lesson->id), Wall::instant(Yard::at('10:00'))),
        )->state->value,
    );
    sort($answers);
    expect($answers)->toBe(['held', ...array_fill(0, 15, 'taken, near: 4')])
        ->and(Booking::query()->count())->toBe(1);
});

it('gives overlapping times to one only, and as many as there are people to as many', function (): void {
    $yard = Yard::open(['clearup' => 30], people: 3);
    $times = ['10:00', '10:30', '11:00'];
    Races::run(
        12,
        static fn (int $i): string => app(HoldTime::class)(
            $yard->business,
            new Wish(new Choice($yard->lesson->id), Wall::instant(Yard::at($times[$i % 3]))),
        )->id,
    );
    $bookings = Booking::query()->with('staff')->get();
    expect($bookings)->toHaveCount(3)
        ->and($bookings->map(fn (Booking $booking): string => $booking->staff->firstOrFail()->name)->unique())
        ->toHaveCount(3);
});

it('gives the last use of a code to one of many who name it at the same moment', function (): void {
    $yard = Yard::open(['price' => 5000], people: 3);
    OfferCode::query()->create([
        'business_id' => $yard->business->id,
        'code' => 'SPRING',
        'percent' => '10',
        'uses' => 2,
    ]);
    $held = array_map(static fn (int $hour): string => $yard->hold("{$hour}:00")->id, range(10, 15));
    $answers = Races::run(
        6,
        static function (int $i) use ($yard, $held): string {
            [$use] = app(UseCodes::class)($yard->business, $held[$i], ['spring']);

            return $use->reason->value ?? 'counts';
        },
    );
    sort($answers);
    expect($answers)->toBe(['counts', 'counts', 'uses', 'uses', 'uses', 'uses'])
        ->and(Booking::query()->where('price', 4500)->count())->toBe(2);
});

it('ends a payment in a booking although the process dies between the two', function (): void {
    $processor = new FakeProcessor();
    app()->instance(Processor::class, $processor);
    $yard = Yard::open(['price' => 4800, 'payment' => 'full']);
    $booking = $yard->book('10:00');
    $processor->state = 'paid';
    Races::run(1, static function (): string {
        DB::listen(static function ($query): void {
            if (str_starts_with($query->sql, 'update `bookings`')) {
                // the payment is marked paid, the booking half confirmed, nothing committed
                posix_kill(getmypid(), SIGKILL);
            }
        });
        app(SettlePayment::class)(Payment::query()->firstOrFail());

        return 'lived';
    });
    expect($booking->refresh()->state)->toBe(State::Held)
        ->and(Payment::query()->toBase()->value('state'))->toBe('open');
    Yard::settle();
    expect($booking->refresh()->state)->toBe(State::Confirmed)
        ->and(Payment::query()->toBase()->value('state'))->toBe('paid');
});

it('settles a payment once, however many hear of it at the same moment', function (): void {
    $processor = new FakeProcessor();
    app()->instance(Processor::class, $processor);
    $yard = Yard::open(['price' => 4800, 'payment' => 'full']);
    $booking = $yard->book('10:00');
    $processor->state = 'paid';
    Races::run(8, static function (): string {
        app(SettlePayment::class)(Payment::query()->firstOrFail());

        return 'done';
    });
    expect($booking->refresh()->state)->toBe(State::Confirmed)
        ->and(OutboxEntry::query()->where('occasion', 'booked')->where('audience', 'client')->count())->toBe(1);
});
