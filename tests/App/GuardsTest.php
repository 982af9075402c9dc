<?php

declare(strict_types=1);

use App\Bookings\AttachmentFiles;
use App\Messages\MailQuota;
use App\Models\Account;
use App\Models\Attachment;
use App\Models\BookEntry;
use App\Models\Booking;
use App\Models\Client;
use App\Models\Invitation;
use App\Models\Payment;
use App\Models\Sale;
use App\Processor\Processor;
use App\Support\ClientLink;
use App\Support\Clock;
use App\Support\Instants;
use App\Times\Claims;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Illuminate\Validation\ValidationException;
use Tests\Support\FakeProcessor;
use Tests\Support\Races;
use Tests\Support\Things;
use Tests\Support\Yard;

/* What stands between two people at the same moment, or between somebody and a mistake: taken away, a test fails. */

beforeEach(function (): void {
    $this->processor = new FakeProcessor();
    $this->app->instance(Processor::class, $this->processor);
    $this->yard = Yard::open(['price' => 4800], people: 2);
    $this->owner = fn (string $path, array $body = []): TestResponse => $this->actingAs($this->yard->owner)
        ->postJson("/api/businesses/yard/{$path}", $body);
    $this->take = fn (Booking $booking, array $body = []): TestResponse => ($this->owner)(
        "sales/{$booking->refresh()->sale_id}/payments",
        [
            ...['method' => 'cash', 'amount' => 4800, 'tip' => 0, 'given' => null, 'keepsRest' => false],
            'seen' => 4800,
            ...$body,
        ],
    );
});

it('names codes on what is held: not once its payment has begun, nor when its hold is over', function (): void {
    $codes = fn (Booking $held): int => $this->postJson(
        "/gate-api/bookings/{$held->id}/codes?".app(ClientLink::class)->query($held),
        ['codes' => []],
    )->getStatusCode();
    $held = $this->yard->hold('10:00');
    expect($codes($held))->toBe(200);
    $this->yard->lesson->update(['payment_terms' => Yard::payment('full')]);
    $begun = $this->yard->book('12:00');
    expect($begun->state->value)->toBe('held')->and($codes($begun))->toBe(409);
    app(Clock::class)->putForward(11);
    expect($codes($held))->toBe(409);
});

it('spends what a client has with the business once, however many sales it is taken for at once', function (): void {
    $rich = $this->yard->book('09:00');
    ($this->take)($rich, ['given' => 9600, 'keepsRest' => true])->assertOk();
    $times = ['10:00', '11:00', '12:00', '13:00'];
    $others = array_map(fn (string $time): Booking => $this->yard->book($time), $times);
    $pay = fn (int $i): string => (string) ($this->take)($others[$i], ['method' => 'credit'])->getStatusCode();
    Races::run(4, $pay);
    expect((int) BookEntry::query()->where('account', Account::Credit)->sum('amount'))->toBe(0)
        ->and(Payment::query()->where('method', 'credit')->count())->toBe(1);
});

it('overwrites nothing where two save the same thing at the same moment', function (): void {
    $drafts = array_map(
        fn (int $i): array => Things::change($this->yard->business, 'facts', 'business', ['about' => "Word {$i}"]),
        range(1, 5),
    );
    $answers = Races::run(
        5,
        fn (int $i): string => (string) ($this->owner)('drafts', ['drafts' => [$drafts[$i]]])->getStatusCode(),
    );
    sort($answers);
    expect($answers)->toBe(['200', '409', '409', '409', '409'])
        ->and(DB::table('setup_changes')->count())->toBe(1);
});

it('lets nobody in by an invitation that is too old, nor as somebody who signs in already', function (): void {
    $invite = function (): string {
        ($this->owner)('invitations', [
            ...['email' => 'ana@post.example', 'role' => 'staff', 'staff' => $this->yard->staff[0]->id],
        ])->assertCreated();

        return basename((string) parse_url(Tests\Support\Mailed::link('ana@post.example'), PHP_URL_PATH));
    };
    $old = $invite();
    Invitation::query()->update(['expires_at' => now()->subMinute()]);
    $this->getJson("/api/invitations/{$old}")->assertNotFound();
    Invitation::query()->delete();
    $token = $invite();
    $bo = $this->yard->somebody('desk', $this->yard->staff[0]->id);
    $this->app['auth']->forgetGuards();
    $this->postJson("/api/invitations/{$token}", ['name' => 'Ana', 'password' => 'ten letters at least'])->assertOk();
    $signIns = DB::table('business_users')->where('staff_id', $this->yard->staff[0]->id)->pluck('user_id')->all();
    expect($signIns)->toBe([$bo->id]);
});

it('undoes no payment of which some went back, nor one whose change was spent since', function (): void {
    $first = $this->yard->book('09:00');
    $paid = ($this->take)($first)->json('payments.0.id');
    ($this->owner)("sales/{$first->sale_id}/refunds", [
        ...['amount' => 800, 'why' => 'Late', 'staysOwed' => false, 'told' => false, 'seen' => 0],
    ])->assertOk();
    ($this->owner)("sales/{$first->sale_id}/payments/{$paid}/undo")->assertStatus(409);
    $second = $this->yard->book('10:00');
    $kept = ($this->take)($second, ['given' => 9600, 'keepsRest' => true])->json('payments.0.id');
    ($this->take)($this->yard->book('11:00'), ['method' => 'credit'])->assertOk();
    ($this->owner)("sales/{$second->sale_id}/payments/{$kept}/undo")->assertStatus(409);
    expect(Sale::query()->findOrFail($second->sale_id)->owed())->toBe(0);
});

it('counts mail to strangers by the network that asks for it, and none to whoever has paid', function (): void {
    config(['yardbell.mails_to_one' => 50, 'yardbell.mails_from_one' => 2]);
    $quota = app(MailQuota::class);
    $booked = function (string $time, string $email): Booking {
        $booking = $this->yard->book($time, $email);
        $booking->update(['visitor' => 'somewhere']);

        return $booking->refresh();
    };
    $times = ['09:00' => 'a', '10:00' => 'b', '11:00' => 'c', '12:00' => 'd'];
    $takes = [];
    foreach ($times as $time => $name) {
        $takes[] = $quota->takesOf($booked($time, "{$name}@post.example"));
    }
    expect($takes)->toBe([true, true, false, false]);
    $this->yard->lesson->update(['payment_terms' => Yard::payment('full')]);
    $this->processor->state = 'paid';
    $paid = $this->yard->book('13:00', 'e@post.example');
    Yard::settle();
    $paid->refresh()->update(['visitor' => 'somewhere']);
    expect($quota->takesOf($paid))->toBeTrue();
});

it('never lets all places of a session be held', function (): void {
    $this->yard->lesson->update(['kind' => 'session', 'max_party' => 3]);
    $start = Instants::carbon(YardBell\Core\Time\Wall::instant(Yard::at('10:00')));
    App\Models\Session::query()->create([
        'business_id' => $this->yard->business->id,
        'service_id' => $this->yard->lesson->id,
        'location_id' => $this->yard->business->locations()->value('id'),
        'starts_at' => $start,
        'minutes' => 60,
        'taken_from' => $start,
        'taken_until' => $start->addHour(),
        'staff_ids' => [$this->yard->staff[0]->id],
        'units' => [],
        'places' => 8,
    ]);
    $hold = fn (int $i): int => $this->postJson(
        '/gate-api/pages/yard/holds',
        ['service' => $this->yard->lesson->id, 'start' => Yard::at('10:00')],
        ['REMOTE_ADDR' => "203.0.113.{$i}"],
    )->getStatusCode();
    expect(array_map($hold, range(1, 6)))->toBe([201, 201, 201, 201, 429, 429]);
});

it('takes no more files than fit, of one business together', function (): void {
    $held = $this->yard->hold('10:00');
    $take = static fn (): Attachment => app(AttachmentFiles::class)->take(
        $held,
        UploadedFile::fake()->createWithContent('a.txt', 'Just words.'),
    );
    $take()->update(['bytes' => 2_000_000_000 - 11]);
    $take();
    expect($take)->toThrow(ValidationException::class)->and(Attachment::query()->count())->toBe(2);
});

it('lets a hold lapse only if it has run out still when it is written', function (): void {
    $held = $this->yard->hold('10:00');
    app(Clock::class)->putForward(11);
    $longer = app(Clock::class)->now()->addMinutes(10);
    DB::listen(static function ($query) use ($held, $longer): void {
        if (str_starts_with($query->sql, 'select id, staff_ids')) { // its client goes on just then
            DB::table('bookings')->where('id', $held->id)->update(['held_until' => $longer]);
        }
    });
    $start = Instants::minute($held->starts_at);
    DB::transaction(fn () => app(Claims::class)->take(
        $this->yard->business,
        array_map(static fn ($member): string => $member->id, $this->yard->staff),
        $start,
        $start + 60,
    ));
    expect($held->refresh()->held_until?->format('H:i'))->toBe($longer->format('H:i'));
});
