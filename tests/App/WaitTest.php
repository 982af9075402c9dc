<?php

declare(strict_types=1);

use App\Bookings\ChangeParty;
use App\Bookings\Destination;
use App\Bookings\MoveBooking;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Lock;
use App\Models\Sale;
use App\Processor\Processor;
use App\Support\Clock;
use App\Support\Mutex;
use App\Times\Wish;
use App\Upkeep\Sweep;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Tests\Support\FakeProcessor;
use Tests\Support\Races;
use Tests\Support\Yard;
use YardBell\Core\Time\Wall;

/* Who waits for whom, with two connections: nobody for another business, person, unit or date. */

beforeEach(function (): void {
    $this->app->instance(Processor::class, new FakeProcessor());
    $this->yard = Yard::open(['price' => 4800], people: 2);
    $this->theirs = Yard::open(['price' => 4800], 'theirs', people: 1);
    config(['database.connections.slow' => config('database.connections.mariadb')]);
    /** Does something in a transaction of another connection that stays open. */
    $this->slowly = function (callable $does): void {
        DB::connection('slow')->beginTransaction();
        DB::setDefaultConnection('slow');
        $does();
        DB::setDefaultConnection('mariadb');
    };
    DB::statement('set session innodb_lock_wait_timeout = 1');
    $this->waits = function (callable $does): bool {
        try {
            $does();

            return false;
        } catch (QueryException $wrong) {
            expect($wrong->errorInfo[1] ?? null)->toBe(1205);

            return true;
        }
    };
    $this->hold = fn (Yard $yard, string $time, int $days = 2, ?string $with = null): callable => function () use (
        $yard,
        $time,
        $days,
        $with,
    ): void {
        $choice = new App\Times\Choice($yard->lesson->id, $with);
        app(App\Bookings\HoldTime::class)($yard->business, new Wish($choice, Wall::instant(Yard::at($time, $days))));
    };
    [$this->ana, $this->bo] = array_map(static fn ($member): string => $member->id, $this->yard->staff);
});

afterEach(fn () => DB::connection('slow')->rollBack());

it('waits for a hold that ran out and is just being paid only where its own time is wanted', function (): void {
    ($this->hold)($this->yard, '10:00', with: $this->ana)();
    $held = Booking::query()->sole();
    app(Clock::class)->putForward(11);
    ($this->slowly)(fn () => Lock::on(Booking::query()->whereKey($held->id))->first());
    expect(($this->waits)(($this->hold)($this->theirs, '10:00')))->toBeFalse() // another business
        ->and(($this->waits)(($this->hold)($this->yard, '10:00', 3, $this->ana)))->toBeFalse() // another date
        ->and(($this->waits)(($this->hold)($this->yard, '10:00', with: $this->bo)))->toBeFalse() // somebody else
        ->and(($this->waits)(($this->hold)($this->yard, '13:00', with: $this->ana)))->toBeFalse() // another hour
        ->and(($this->waits)(($this->hold)($this->yard, '10:00', with: $this->ana)))->toBeTrue();
});

it('waits for whoever is just booking only where the same person is wanted that day', function (): void {
    ($this->hold)($this->yard, '09:00', 5)(); // the prices of today are written down by whoever comes first, at once
    ($this->slowly)(($this->hold)($this->yard, '10:00', with: $this->ana));
    expect(($this->waits)(($this->hold)($this->theirs, '10:00')))->toBeFalse()
        ->and(($this->waits)(($this->hold)($this->yard, '10:00', 3, $this->ana)))->toBeFalse()
        ->and(($this->waits)(($this->hold)($this->yard, '10:00', with: $this->bo)))->toBeFalse()
        ->and(($this->waits)(($this->hold)($this->yard, '14:00', with: $this->ana)))->toBeTrue();
});

it('waits for nobody’s money', function (): void {
    $booking = $this->yard->book('10:00');
    ($this->slowly)(function () use ($booking): void {
        Lock::on(Booking::query()->whereKey($booking->id))->first();
        Lock::on(Sale::query()->whereKey($booking->sale_id))->first();
        DB::table('payments')->increment('lock_version');
        DB::table('outbox')->where('booking_id', $booking->id)->update(['error' => 'being sent']);
    });
    $other = $this->yard->book('12:00', 'nora@post.example');
    expect(($this->waits)(fn () => app(MoveBooking::class)(
        $this->yard->business,
        $other->id,
        new Destination(Wall::instant(Yard::at('15:00'))),
        'Owner',
    )))->toBeFalse()
        ->and(($this->waits)(fn () => $this->theirs->book('10:00', 'lo@post.example')))->toBeFalse();
});

it('waits for no set-up, no close of a day and no file', function (): void {
    ($this->slowly)(function (): void {
        foreach (['SETUP', 'DRAWER', 'FILES', 'CODE x', 'VISITOR x'] as $what) {
            app(Mutex::class)->take($this->yard->business->id, $what);
        }
    });
    expect(($this->waits)(fn () => $this->yard->book('10:00')))->toBeFalse();
});

it('sweeps without waiting for what somebody is just doing', function (): void {
    $booking = $this->yard->book('10:00');
    $other = $this->yard->book('12:00', 'nora@post.example');
    Booking::query()->whereKey($other->id)->update(['visitor' => 'old', 'created_at' => now()->subDays(2)]);
    ($this->slowly)(fn () => Lock::on(Booking::query()->whereKey($booking->id))->first());
    expect(($this->waits)(fn () => app(Sweep::class)->all()))->toBeFalse()
        ->and($other->refresh()->visitor)->toBeNull();
});

/** Where whoever comes first is slow to write, so that all others come meanwhile. */
function slowToWrite(string $sql): void
{
    DB::connection()->beforeExecuting(
        static fn (string $asked) => str_starts_with($asked, $sql) ? usleep(400_000) : null,
    );
}

it('gives the last unit to one of two parties that grow at the same moment', function (): void {
    $this->yard->lesson->update(['max_party' => 2]);
    $this->yard->pool(['One', 'Two', 'Three'], perPerson: true);
    $both = [$this->yard->book('10:00'), $this->yard->book('10:00', 'nora@post.example')];
    $answers = Races::run(2, function (int $i) use ($both): string {
        slowToWrite('update `bookings` set `party`');

        return (string) app(ChangeParty::class)($this->yard->business, $both[$i]->id, 2)->party;
    });
    sort($answers);
    $units = array_merge(...Booking::query()->pluck('units')->all());
    expect($units)->toHaveCount(3)
        ->and(array_unique($units))->toHaveCount(3)
        ->and($answers[0])->toBe('2')
        ->and($answers[1])->toContain('refusal.booking.no_room');
});

it('moves to units that nobody else is just moving to', function (): void {
    $this->yard = Yard::open(slug: 'third', people: 3);
    $this->yard->pool(['One', 'Two', 'Three']);
    $bookings = array_map(
        fn (string $mail): Booking => $this->yard->book('10:00', $mail),
        ['a@post.example', 'b@post.example', 'c@post.example'],
    );
    Races::run(3, function (int $i) use ($bookings): string {
        usleep([0, 50_000, 600_000][$i]); // the third comes while the second, who has waited for the first, writes
        slowToWrite('update `bookings` set `starts_at`');

        return app(MoveBooking::class)(
            $this->yard->business,
            $bookings[$i]->id,
            new Destination(Wall::instant(Yard::at('14:00'))),
            'Owner',
        )->id;
    });
    $units = array_merge(...Booking::query()->pluck('units')->all());
    expect(array_unique($units))->toHaveCount(3);
});
