<?php

declare(strict_types=1);

use App\Bookings\CancelBooking;
use App\Bookings\Cancelling;
use App\Bookings\ExpireHolds;
use App\Messages\Letter;
use App\Messages\Post;
use App\Messages\PostFailed;
use App\Models\Attachment;
use App\Models\Booking;
use App\Models\OutboxEntry;
use App\Models\Payment;
use App\Models\Refund;
use App\Outbox\DeliverDue;
use App\Processor\HttpProcessor;
use App\Processor\Processor;
use App\Processor\ProcessorUnreachable;
use App\StandIns\MailboxFiles;
use App\StandIns\ProcessorStandIn;
use App\Support\Circuit;
use App\Support\Clock;
use App\Upkeep\Sweep;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Tests\Support\FakeProcessor;
use Tests\Support\Races;
use Tests\Support\Yard;
use YardBell\Core\Booking\State;

/** A post that does what a test wants while a letter is on its way. */
function posting(Closure $during): void
{
    app()->instance(
        Post::class,
        new class($during) implements Post
        {
            public function __construct(private readonly Closure $during)
            {
            }

            public function send(Letter $letter): void
            {
                ($this->during)($letter);
            }
        },
    );
}

it('holds no lock while a letter is on its way', function (): void {
    Yard::open()->book('10:00');
    $free = [];
    posting(static function (Letter $letter) use (&$free): void {
        $free[] = DB::transactionLevel() === 0;
    });
    app(DeliverDue::class)();
    expect($free)->toBe([true, true, true]);
});

it('sends each letter once, however many workers there are', function (): void {
    $yard = Yard::open();
    foreach (['09:00', '10:00', '11:00', '12:00', '13:00'] as $time) {
        $yard->book($time);
    }
    $folder = sys_get_temp_dir().'/sent-'.bin2hex(random_bytes(5));
    mkdir($folder);
    posting(static function (Letter $letter) use ($folder): void {
        usleep(20_000);
        file_put_contents("{$folder}/".hash('sha256', $letter->key), 'x', FILE_APPEND);
    });
    Races::run(4, static fn (): string => (string) app(DeliverDue::class)());
    expect(array_map(file_get_contents(...), glob("{$folder}/*") ?: []))->toBe(array_fill(0, 15, 'x'));
});

it('tries again what a worker has left half-way, once its lease is over', function (): void {
    Yard::open()->book('10:00');
    OutboxEntry::query()->update(['leased_until' => now()->addSeconds(30)]);
    expect(app(DeliverDue::class)())->toBe(0);
    $this->travel(31)->seconds();
    expect(app(DeliverDue::class)())->toBeGreaterThan(0);
});

it('sends mail although the processor hangs, and the other way round', function (): void {
    $processor = new FakeProcessor();
    $this->app->instance(Processor::class, $processor);
    $yard = Yard::open(['price' => 4800, 'payment' => 'full']);
    $booking = $yard->book('10:00');
    $processor->state = 'paid';
    Yard::settle();
    app(CancelBooking::class)($yard->business->id, $booking->id, new Cancelling('Owner'));
    app(DeliverDue::class)(lane: 'mail');
    expect($processor->refunded)->toBe([])
        ->and(
            OutboxEntry::query()
                ->where('channel', 'mail')
                ->where('state', 'waiting')
                ->where('due_at', '<=', app(Clock::class)->now())
                ->count(),
        )
        ->toBe(0);
    posting(static fn () => throw new PostFailed('The post is closed.'));
    app(DeliverDue::class)(lane: 'money');
    expect($processor->refunded)->toHaveCount(1)
        ->and(Refund::query()->toBase()->value('state'))->toBe('done');
});

it('stops asking a service that does not answer, and asks again after a while', function (): void {
    $asked = 0;
    Http::fake(function () use (&$asked) {
        $asked++;

        return $asked <= 4 ? Http::failedConnection() : Http::response(['id' => 'co', 'state' => 'open'], 200);
    });
    $circuit = new Circuit(app('cache')->store(), app(Clock::class));
    $processor = new HttpProcessor(
        app(Illuminate\Http\Client\Factory::class),
        $circuit,
        'http://pay.example',
        'secret',
        'http://here.example',
        app(Clock::class),
    );
    $try = static function () use ($processor): string {
        try {
            return $processor->find('co')->state;
        } catch (ProcessorUnreachable) {
            return 'unreachable';
        }
    };
    foreach (range(1, 8) as $i) {
        expect($try())->toBe('unreachable');
    }
    expect($asked)->toBe(3); // the rest was not let through
    $this->travel(6)->seconds();
    expect($try())->toBe('unreachable')->and($asked)->toBe(4);
});

it('notifies from a queue of its own, never while it answers, and tries again', function (): void {
    $stand = app(ProcessorStandIn::class);
    $checkout = $stand->open([
        'key' => 'k',
        'amount' => 100,
        'currency' => 'EUR',
        'description' => 'x',
        'return_url' => 'http://a.example',
        'notify_url' => 'http://shop.example/notices',
        'keeps_card' => false,
    ]);
    $heard = [];
    Http::fake(function ($request) use (&$heard) {
        $heard[] = $request->body();

        return Http::response('', count($heard) === 1 ? 503 : 200);
    });
    $stand->pay($checkout->id, '6000 0000 0000 0006');
    expect($heard)->toBe([])
        ->and(DB::table('stand_in_notices')->count())->toBe(2);
    $stand->tick();
    expect($heard)->toHaveCount(2)
        ->and(DB::table('stand_in_notices')->count())->toBe(1);
    $this->travel(6)->seconds();
    $stand->tick();
    expect($heard)->toHaveCount(3)
        ->and(DB::table('stand_in_notices')->count())->toBe(0);
});

it('leaves no draft behind where the mailbox cannot be written', function (): void {
    $folder = sys_get_temp_dir().'/full-'.bin2hex(random_bytes(5));
    mkdir($folder);
    $mailbox = new MailboxFiles(app(Clock::class), $folder);
    mkdir("{$folder}/".hash('sha256', 'k').'.eml'); // a rename onto a folder fails, as on a broken disk
    expect(fn () => $mailbox->send(new Letter('k', 'a@b.example', 'Yard', 'S', 'T')))->toThrow(PostFailed::class)
        ->and(glob("{$folder}/draft*"))->toBe([]);
});

it('goes on with the rest where one part of the work fails, and says so once', function (): void {
    $this->app->bind(ExpireHolds::class, static fn () => throw new RuntimeException('disk full'));
    config(['logging.channels.single.path' => '/proc/nowhere/yardbell.log']);
    Yard::open()->book('10:00');
    expect(Artisan::call('work', ['--once' => true]))->toBe(0);
    expect(OutboxEntry::query()->where('state', 'sent')->count())->toBe(3);
    expect(Artisan::call('work', ['--once' => true, '--lane' => 'nowhere']))->toBe(2);
});

it('removes what is old enough, and nothing else', function (): void {
    $yard = Yard::open();
    $booked = $yard->book('10:00');
    $gone = $yard->hold('12:00');
    $paid = $yard->hold('14:00');
    foreach ([$booked, $gone] as $i => $booking) {
        $file = Attachment::query()->create([
            'business_id' => $yard->business->id,
            'booking_id' => $booking->id,
            'name' => 'a.txt',
            'bytes' => 1,
            'kind' => 'text/plain',
        ]);
        $path = app(App\Bookings\AttachmentFiles::class)->path($file);
        @mkdir(dirname($path), 0700, true);
        file_put_contents($path, 'x');
        $paths[$i] = $path;
    }
    Payment::query()->create([
        'business_id' => $yard->business->id,
        'sale_id' => app(App\Sales\OpenSale::class)($paid)->id,
        'amount' => 1,
        'currency' => 'EUR',
        'state' => 'failed',
    ]);
    app(DeliverDue::class)();
    app(Clock::class)->putForward(11);
    app(ExpireHolds::class)();
    DB::table('cache')->insert(['key' => 'k', 'value' => 'v', 'expiration' => time() - 1]);
    DB::table('sign_ups')->insert([
        'name' => 'a',
        'email' => 'a@b.example',
        'password' => 'x',
        'token_hash' => 'x',
        'expires_at' => now(),
    ]);
    $draft = config('yardbell.mailbox').'/draftXY';
    file_put_contents($draft, 'half');
    touch($draft, time() - 7200);
    app(Sweep::class)->all();
    Booking::query()->update(['visitor' => 'someone']);
    expect(Booking::query()->count())->toBe(3)
        ->and(DB::table('claims')->count())->toBeGreaterThan(0)
        ->and(is_file($draft))->toBeFalse()
        ->and(DB::table('cache')->where('key', 'k')->exists())->toBeFalse()
        ->and(DB::table('sign_ups')->count())->toBe(0)
        ->and(is_file($paths[1]))->toBeTrue();
    $this->travel(8)->days();
    app(Sweep::class)->all();
    expect(Booking::query()->whereNotNull('visitor')->count())->toBe(0);
    expect(Booking::query()->pluck('id')->sort()->values()->all())->toBe(
        collect([$booked->id, $paid->id])
            ->sort()
            ->values()
            ->all(),
    ) // bookings and money stay
        ->and(DB::table('booking_staff')->where('booking_id', $gone->id)->exists())->toBeFalse()
        ->and(DB::table('claims')->count())->toBe(0)
        ->and(is_file($paths[0]))->toBeTrue()
        ->and(is_file($paths[1]))->toBeFalse()
        ->and(OutboxEntry::query()->where('occasion', 'booked')->count())->toBe(3);
    $this->travel(400)->days();
    app(Sweep::class)->all();
    expect(OutboxEntry::query()->where('state', 'sent')->count())->toBe(0)
        ->and(Booking::query()->whereKey($booked->id)->exists())->toBeTrue();
});

it('removes the files of what came to nothing, and keeps those of what came about', function (): void {
    $yard = Yard::open();
    $times = ['09:00', '10:00', '11:00', '12:00', '13:00', '14:00', '15:00', '16:00'];
    $states = array_values(array_filter(State::cases(), static fn (State $state): bool => $state !== State::Expired));
    foreach (array_values($states) as $i => $state) {
        $booking = $yard->book($times[$i % 8], days: 2 + intdiv($i, 8));
        Attachment::query()->create([
            'business_id' => $yard->business->id,
            'booking_id' => $booking->id,
            'name' => $state->value,
            'bytes' => 1,
            'kind' => 'text/plain',
        ]);
        $booking->update(['state' => $state]);
    }
    $this->travel(3)->days();
    app(Sweep::class)->all();
    expect(Attachment::query()->orderBy('id')->pluck('name')->all())
        ->toBe(['pending', 'confirmed', 'arrived', 'started', 'completed', 'no_show']);
});

it('leases for as long as the machine’s clock says, wherever the demonstration’s was put', function (): void {
    Yard::open()->book('10:00');
    app(Clock::class)->putForward(60 * 24);
    $leased = [];
    posting(static function () use (&$leased): void {
        $leased[] = OutboxEntry::query()->whereNotNull('leased_until')->sole()->leased_until;
    });
    app(DeliverDue::class)();
    expect($leased)->not->toBe([])
        ->and(max($leased)->lessThanOrEqualTo(now()->addSeconds(60)))->toBeTrue();
    OutboxEntry::query()->update(['state' => 'waiting', 'leased_until' => now()->addSeconds(30)]);
    expect(app(DeliverDue::class)())->toBe(0); // another worker has it
});

it('lets one through to a service that was away, and all once it came back well', function (): void {
    $circuit = new Circuit(app('cache')->store(), app(Clock::class));
    $fails = static fn () => throw new RuntimeException('away');
    $ask = static function (callable $call) use ($circuit): string {
        try {
            return $circuit->through('kiln', $call, static fn () => new LogicException('refused'));
        } catch (LogicException|RuntimeException $wrong) {
            return $wrong->getMessage();
        }
    };
    $answers = static fn (): string => 'well';
    expect([$ask($fails), $ask($fails), $ask($fails), $ask($answers)])->toBe(['away', 'away', 'away', 'refused']);
    $this->travel(6)->seconds();
    $meanwhile = '';
    $first = $ask(static function () use ($ask, $answers, &$meanwhile): string {
        $meanwhile = $ask($answers); // somebody else, while the one is on its way

        return 'well';
    });
    expect([$first, $meanwhile])->toBe(['well', 'refused'])
        ->and([$ask($answers), $ask($fails), $ask($fails), $ask($answers)])->toBe(['well', 'away', 'away', 'well']);
});

it('keeps the end of a log that has grown large', function (): void {
    $folder = sys_get_temp_dir().'/logs-'.bin2hex(random_bytes(5));
    mkdir($folder);
    config(['logging.channels.single.path' => "{$folder}/yardbell.log"]);
    file_put_contents("{$folder}/work.log", str_repeat('a', 20_000_001).'end');
    app(Sweep::class)->all();
    clearstatcache();
    expect(filesize("{$folder}/work.log"))->toBe(2_000_000)
        ->and(file_get_contents("{$folder}/work.log", offset: 1_999_997))->toBe('end');
});

it('counts files under a lock, by what they are, and up to so many', function (): void {
    $yard = Yard::open();
    $held = $yard->hold('10:00');
    $send = static fn (int $i): string => app(App\Bookings\AttachmentFiles::class)->take(
        $held,
        Illuminate\Http\UploadedFile::fake()->createWithContent("holiday{$i}.php", 'Just words.'),
    )->name;
    $answers = Races::run(14, $send);
    sort($answers);
    expect(Attachment::query()->count())->toBe(10)
        ->and(count(array_filter($answers, static fn (string $answer): bool => str_ends_with($answer, '.txt'))))
        ->toBe(10);
    Attachment::query()
        ->limit(1)
        ->update(['bytes' => 2_000_000_000]);
    $other = $yard->hold('12:00');
    expect(
        fn () => app(App\Bookings\AttachmentFiles::class)->take(
            $other,
            Illuminate\Http\UploadedFile::fake()->createWithContent('a.txt', 'x'),
        ),
    )->toThrow(Illuminate\Validation\ValidationException::class);
});
