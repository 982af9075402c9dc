<?php

declare(strict_types=1);

use App\Bookings\CancelBooking;
use App\Bookings\Cancelling;
use App\Bookings\HoldTime;
use App\Models\Booking;
use App\Models\Id;
use App\Models\OutboxEntry;
use App\Models\Session;
use App\Models\SessionChange;
use App\Sales\Balance;
use App\Sessions\ChangeSessions;
use App\Sessions\FollowUp;
use App\Sessions\Schedule;
use App\Support\Mutex;
use App\Times\Choice;
use App\Times\TimeTaken;
use App\Times\Wish;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Support\Races;
use Tests\Support\Yard;
use YardBell\Core\Booking\Gathering;
use YardBell\Core\Time\Wall;

beforeEach(function (): void {
    $this->yard = Yard::open(
        ['kind' => 'session', 'setup' => 10, 'clearup' => 15, 'pricing' => Yard::pricing(4800)],
        people: 2,
    );
    $this->series = Id::make();
    $this->actingAs($this->yard->owner);
    $this->gathering = fn (array $more = []): array => $more + [
        'service' => $this->yard->lesson->id,
        'minutes' => 90,
        'staff' => [$this->yard->staff[0]->id],
        'location' => $this->yard->business->locations->first()->id,
        'places' => 6,
    ];
    $this->dates = fn (array $more = []): TestResponse => $this->postJson(
        '/api/businesses/yard/sessions/dates',
        ($this->gathering)($more + [
            'at' => substr(Yard::at('10:00'), 0, 16),
            'repeat' => ['every' => 1, 'unit' => 'days', 'count' => 3],
        ]),
    );
    $this->schedule = fn (array $starts, array $more = []): TestResponse => $this->postJson(
        '/api/businesses/yard/sessions',
        ($this->gathering)($more + ['series' => $this->series, 'starts' => $starts]),
    );
});

/** An hour's lesson of Ana's in the way. */
function busyAt(Yard $yard, string $time, int $days): void
{
    $other = Yard::offer($yard->business, ['name' => 'Haircut'], [$yard->staff[0]]);
    test()->postJson('/api/businesses/yard/bookings', [
        'service' => $other->id,
        'party' => 1,
        'start' => Yard::at($time, $days),
        'told' => false,
        'name' => 'Kim',
    ])->assertCreated();
}

it('says of each date what stands in its way, and what is nearest', function (): void {
    busyAt($this->yard, '10:30', 3);
    $dates = ($this->dates)()->assertOk()->json('dates');
    expect(array_column($dates, 'state'))->toBe(['free', 'taken', 'free'])
        ->and($dates[0]['end'])->toBe(Yard::at('11:30'))
        ->and($dates[1]['reasons'][0])->toContain('Kim')
        ->and($dates[1]['nearest'])->toBe(Yard::at('11:45', 3)); // with its set-up
    $evening = ($this->dates)(['at' => substr(Yard::at('20:00'), 0, 16)])->json('dates.0');
    expect($evening['state'])->toBe('outside')->and($evening['reasons'][0])->toContain('17:00');
    expect(Session::query()->count())->toBe(0);
});

it('schedules all of them, or none, and again the same', function (): void {
    busyAt($this->yard, '10:30', 3);
    $said = ($this->schedule)([Yard::at('10:00'), Yard::at('10:00', 3)])->assertStatus(409);
    expect($said->json('message'))->toContain('10:00')->and(Session::query()->count())->toBe(0);
    $starts = [Yard::at('20:00', 4), Yard::at('10:00'), Yard::at('12:00', 3)];
    $ids = ($this->schedule)($starts)->assertCreated()->json('sessions');
    expect(($this->schedule)($starts)->assertCreated()->json('sessions'))->toBe($ids)
        ->and(SessionChange::query()->pluck('session_id')->all())->toBe($ids)
        ->and(SessionChange::query()->first()->by)->toBe($this->yard->owner->name);
    $first = Session::query()->findOrFail($ids[0]);
    expect($first->taken_from->format('H:i'))->toBe('09:50')
        ->and($first->taken_until->format('H:i'))->toBe('11:45')
        ->and($first->staff_ids)->toBe([$this->yard->staff[0]->id])
        ->and($first->places)->toBe(6)
        ->and(Session::query()->pluck('series_id')->unique()->all())->toBe([$this->series]);
});

it('takes the units of all its places, and is in nobody’s way who needs others', function (): void {
    $this->yard->pool(['w1', 'w2', 'w3'], perPerson: true);
    expect(($this->dates)(['places' => 4])->json('dates.0.state'))->toBe('taken');
    ($this->schedule)([Yard::at('10:00')], ['places' => 2])->assertCreated();
    expect(Session::query()->sole()->units)->toHaveCount(2);
    $this->series = Id::make();
    $bo = ['staff' => [$this->yard->staff[1]->id]];
    ($this->schedule)([Yard::at('10:30')], ['places' => 2] + $bo)->assertStatus(409);
    ($this->schedule)([Yard::at('10:30')], ['places' => 1] + $bo)->assertCreated();
});

it('can be booked at the Gate at once', function (): void {
    ($this->schedule)([Yard::at('10:00')])->assertCreated();
    $booking = $this->yard->book('10:00');
    expect($booking->session_id)->toBe(Session::query()->sole()->id)
        ->and(Booking::query()->sole()->minutes)->toBe(90);
});

it('refuses what makes no session, by its field', function (array $more, string $field): void {
    $more = array_map(fn (mixed $value): mixed => is_callable($value) ? $value($this->yard) : $value, $more);
    $fields = ($this->schedule)([Yard::at('10:00')], $more)->assertStatus(422)->json('fields');
    expect(array_keys($fields)[0])->toBe($field);
    expect(Session::query()->count())->toBe(0);
})->with([
    'no people' => [['staff' => []], 'staff'],
    'somebody who does not do it' => [
        ['staff' => fn (Yard $yard): array => [Yard::open(slug: 'mill')->staff[0]->id]],
        'staff',
    ],
    'somebody who rests' => [
        [
            'staff' => function (Yard $yard): array {
                $yard->staff[0]->update(['active' => false]);

                return [$yard->staff[0]->id];
            },
        ],
        'staff',
    ],
    'a place elsewhere' => [['location' => 'elsewhere'], 'location'],
    'no places' => [['places' => 0], 'places'],
    'no length' => [['minutes' => 0], 'minutes'],
    'a service of appointments' => [
        ['service' => fn (Yard $yard): string => Yard::offer($yard->business, [], $yard->staff)->id],
        'service',
    ],
    'a date twice' => [['starts' => [Yard::at('10:00'), Yard::at('10:00')]], 'starts.0'],
]);

it('schedules nothing in the past, nor as a role that may not', function (): void {
    ($this->schedule)([Yard::at('10:00', -1)])->assertStatus(422);
    $this->actingAs($this->yard->somebody('desk'));
    ($this->schedule)([Yard::at('10:00')])->assertStatus(403);
    ($this->dates)()->assertStatus(403);
    expect(Session::query()->count())->toBe(0);
});

/** Three sessions on three days; two clients book the first, one of them the second, too, and pay. */
function series(object $test): array
{
    $ids = ($test->schedule)([Yard::at('10:00'), Yard::at('10:00', 3), Yard::at('10:00', 4)])->json('sessions');
    $yard = $test->yard;

    return [$ids, $yard->book('10:00'), $yard->book('10:00', 'lee@post.example'), $yard->book('10:00', days: 3)];
}

it('shows a session with those who come, and its service with the places that are left', function (): void {
    [$ids, $kim, $lee] = series($this);
    $lee->update(['party' => 2]);
    $sheet = $this->getJson("/api/businesses/yard/sessions/{$ids[0]}")->assertOk()->json();
    expect($sheet['taken'])->toBe(3)
        ->and($sheet['places'])->toBe(6)
        ->and(array_column($sheet['people'], 'booking'))->toBe([$kim->id, $lee->id])
        ->and($sheet['people'][1]['client']['email'])->toBe('lee@post.example')
        ->and($sheet['due'])->toBe(9600)
        ->and(array_column($sheet['people'], 'mayArrive'))->toBe([false, false])
        ->and(array_column($sheet['series'], 'taken'))->toBe([3, 1, 0])
        ->and($sheet['later'])->toBe(2)
        ->and($sheet['history'][0]['what'])->toBe('scheduled');
    $this->travelTo(new DateTimeImmutable(Yard::at('09:50')));
    expect($this->getJson("/api/businesses/yard/sessions/{$ids[0]}")->json('people.0.mayArrive'))->toBeTrue();
    $this->travelBack();
    $rows = $this->getJson("/api/businesses/yard/services/{$this->yard->lesson->id}/sessions")->json('sessions');
    expect(array_column($rows, 'id'))->toBe($ids)->and(array_column($rows, 'taken'))->toBe([3, 1, 0]);
    $this->getJson('/api/businesses/yard/services/'.Id::make().'/sessions')->assertNotFound();
});

it('shows those who see only their own day the sessions they hold', function (): void {
    [$ids] = series($this);
    $this->actingAs($this->yard->somebody('staff', $this->yard->staff[1]->id));
    $this->getJson("/api/businesses/yard/sessions/{$ids[0]}")->assertNotFound();
    Session::query()->whereKey($ids[0])->update(['staff_ids' => json_encode([$this->yard->staff[1]->id])]);
    $this->getJson("/api/businesses/yard/sessions/{$ids[0]}")->assertOk();
});

it('cancels a session at once, and then each booking of it once, with its money back', function (): void {
    [$ids, $kim, $lee, $later] = series($this);
    $this->postJson("/api/businesses/yard/sales/{$kim->sale_id}/payments", [
        'method' => 'cash', 'amount' => 4800, 'tip' => 0, 'given' => null, 'keepsRest' => false, 'seen' => 4800,
    ])->assertSuccessful();
    $tried = $this->postJson("/api/businesses/yard/sessions/{$ids[0]}/cancel/tried", [])->assertOk()->json();
    expect($tried)->toMatchArray(['sessions' => 1, 'bookings' => 2, 'people' => 2, 'back' => 4800, 'currency' => 'EUR'])
        ->and(Session::query()->where('state', 'cancelled')->count())->toBe(0);
    $cancel = fn (): TestResponse => $this->postJson("/api/businesses/yard/sessions/{$ids[0]}/cancel", [
        'why' => 'The kiln broke.',
    ]);
    $sheet = $cancel()->assertOk()->json();
    expect($sheet['state'])->toBe('cancelled')->and($sheet['leftToTell'])->toBe(2);
    expect(fn () => $this->yard->book('10:00', 'max@post.example'))->toThrow(TimeTaken::class);
    app(FollowUp::class)();
    $cancel()->assertOk();
    app(FollowUp::class)();
    $told = OutboxEntry::query()->where('occasion', 'cancelled')->where('audience', 'client')->pluck('booking_id');
    expect($told->sort()->values()->all())->toBe(collect([$kim->id, $lee->id])->sort()->values()->all())
        ->and($kim->refresh()->state->value)->toBe('cancelled')
        ->and(Balance::of($kim)->toGive)->toBe(4800) // paid in cash: somebody gives it back
        ->and($later->refresh()->state->value)->toBe('confirmed')
        ->and(app(FollowUp::class)())->toBe(0)
        ->and($this->getJson("/api/businesses/yard/sessions/{$ids[0]}")->json('leftToTell'))->toBe(0)
        ->and($this->getJson("/api/businesses/yard/sessions/{$ids[0]}")->json('history.1.what'))
        ->toBe('cancelled: The kiln broke.');
    expect(SessionChange::query()->where('session_id', $ids[0])->count())->toBe(2);
});

it('cancels all later ones of a series, and frees their people', function (): void {
    [$ids, $kim, , $later] = series($this);
    $this->postJson("/api/businesses/yard/sessions/{$ids[1]}/cancel", ['later' => true])->assertOk();
    app(FollowUp::class)();
    expect(Session::query()->where('state', 'scheduled')->pluck('id')->all())->toBe([$ids[0]])
        ->and($later->refresh()->state->value)->toBe('cancelled')
        ->and($kim->refresh()->state->value)->toBe('confirmed');
    $this->series = Id::make();
    ($this->schedule)([Yard::at('10:00', 3)])->assertCreated();
});

it('cancels none that has begun, and only for who schedules', function (): void {
    [$ids] = series($this);
    Session::query()->whereKey($ids[0])->update(['starts_at' => now()->subMinutes(5)]);
    $this->postJson("/api/businesses/yard/sessions/{$ids[0]}/cancel", [])->assertStatus(409);
    $this->actingAs($this->yard->somebody('desk'));
    $this->postJson("/api/businesses/yard/sessions/{$ids[1]}/cancel", [])->assertStatus(403);
    expect(Session::query()->where('state', 'cancelled')->count())->toBe(0);
});

it('goes on with a cancelling that was killed on its way', function (): void {
    [$ids, $kim, $lee] = series($this);
    $this->postJson("/api/businesses/yard/sessions/{$ids[0]}/cancel", [])->assertOk();
    app(CancelBooking::class)($this->yard->business->id, $kim->id, new Cancelling('Ana'));
    app(FollowUp::class)();
    expect($lee->refresh()->state->value)->toBe('cancelled')
        ->and(Session::query()->findOrFail($ids[0])->follow_up)->toBeNull()
        ->and(OutboxEntry::query()->where('occasion', 'cancelled')->where('audience', 'client')->count())->toBe(2);
});

/** The change of a session to another hour; a clock shows UTC there. */
function changed(object $test, string $id, array $more, string $tried = ''): TestResponse
{
    $gathering = ($test->gathering)($more + ['at' => substr(Yard::at('13:00'), 0, 16)]);
    unset($gathering['service']);

    return $test->postJson("/api/businesses/yard/sessions/{$id}/change{$tried}", $gathering);
}

it('changes a session and all later ones by as many days, and tells each client once', function (): void {
    [$ids, $kim, $lee, $later] = series($this);
    $tried = changed($this, $ids[0], ['later' => true], '/tried')->assertOk()->json();
    expect(array_column($tried['dates'], 'at'))
        ->toBe([Yard::at('13:00'), Yard::at('13:00', 3), Yard::at('13:00', 4)])
        ->and($tried['bookings'])->toBe(3);
    expect(changed($this, $ids[0], ['later' => true])->assertOk()->json())
        ->toMatchArray(['leftToTell' => 2, 'taken' => 2]);
    expect(Session::query()->orderBy('starts_at')->pluck('starts_at')->map->format('H:i')->all())
        ->toBe(['13:00', '13:00', '13:00']);
    app(FollowUp::class)();
    app(FollowUp::class)();
    expect($kim->refresh()->starts_at->format('Y-m-d\TH:i\Z'))->toBe(Yard::at('13:00'))
        ->and($kim->taken_until->format('H:i'))->toBe('14:45')
        ->and($later->refresh()->starts_at->format('Y-m-d\TH:i\Z'))->toBe(Yard::at('13:00', 3))
        ->and(Session::query()->whereNotNull('follow_up')->count())->toBe(0);
    $told = OutboxEntry::query()->where('occasion', 'moved')->get();
    expect($told->pluck('booking_id')->sort()->values()->all())
        ->toBe(collect([$kim->id, $lee->id, $later->id])->sort()->values()->all())
        ->and($told->pluck('audience')->map->value->unique()->all())->toBe(['client']);
    changed($this, $ids[0], ['later' => true])->assertOk();
    expect(app(FollowUp::class)())->toBe(0); // nothing has changed, so nobody is told
});

it('changes nothing where one of them cannot be so', function (array $more, int $status): void {
    [$ids, $kim] = series($this);
    $kim->update(['party' => 3]);
    busyAt($this->yard, '15:30', 4);
    changed($this, $ids[0], ['later' => true] + $more)->assertStatus($status);
    expect(Session::query()->orderBy('starts_at')->pluck('starts_at')->map->format('H:i')->unique()->all())
        ->toBe(['10:00'])
        ->and(Session::query()->pluck('places')->unique()->all())->toBe([6])
        ->and(SessionChange::query()->count())->toBe(3);
})->with([
    'somebody is taken on a later date' => [['at' => substr(Yard::at('15:00'), 0, 16)], 409],
    'more people than places' => [['places' => 3], 409],
    'it would be over' => [['at' => substr(Yard::at('10:00', -1), 0, 16)], 422],
    'nobody holds it' => [['staff' => []], 422],
]);

it('tells who booked of another place, and of other people only who asks', function (): void {
    [$ids, $kim] = series($this);
    $bo = $this->yard->staff[1]->id;
    changed($this, $ids[0], ['at' => substr(Yard::at('10:00'), 0, 16), 'staff' => [$bo]])->assertOk();
    app(FollowUp::class)();
    expect($kim->refresh()->staff->pluck('id')->all())->toBe([$bo])
        ->and(OutboxEntry::query()->where('occasion', 'moved')->count())->toBe(0);
    $mill = App\Models\Location::query()->create(['business_id' => $this->yard->business->id, 'name' => 'Mill']);
    $this->yard->lesson->locations()->attach($mill->id, ['business_id' => $this->yard->business->id, 'position' => 1]);
    $this->yard->business->update(['rules_version' => Id::make()]);
    changed($this, $ids[0], ['at' => substr(Yard::at('10:00'), 0, 16), 'staff' => [$bo], 'location' => $mill->id])
        ->assertOk();
    app(FollowUp::class)();
    expect($kim->refresh()->location_id)->toBe($mill->id)
        ->and(OutboxEntry::query()->where('occasion', 'moved')->where('booking_id', $kim->id)->count())->toBe(1);
});

it('is changed by who schedules alone', function (): void {
    [$ids] = series($this);
    $this->actingAs($this->yard->somebody('desk'));
    changed($this, $ids[0], [])->assertStatus(403);
    changed($this, $ids[0], [], '/tried')->assertStatus(403);
});

it('gives the last places to as many as there are, while they are changed', function (): void {
    $this->yard->lesson->update(['max_party' => 3]);
    $this->yard->business->update(['rules_version' => Id::make()]);
    $id = ($this->schedule)([Yard::at('10:00')])->json('sessions.0');
    $session = Session::query()->findOrFail($id);
    [$business, $lesson] = [$this->yard->business, $this->yard->lesson->id];
    $gathering = fn (int $places): Gathering => new Gathering(
        $lesson,
        90,
        $session->staff_ids,
        (string) $session->location_id,
        $places,
    );
    Races::run(40, static function (int $i) use ($business, $session, $lesson, $gathering): string {
        if ($i % 8 === 0) {
            app(ChangeSessions::class)(
                business: $business,
                session: $session,
                gathering: $gathering($i % 16 === 0 ? 3 : 5),
                wall: $business->zone()->wall(Wall::instant(Yard::at('10:00'))),
                later: false,
                told: false,
                by: 'Ana',
            );

            return 'changed';
        }
        $choice = new Choice($lesson, null, 1 + $i % 2);

        return app(HoldTime::class)($business, new Wish($choice, Wall::instant(Yard::at('10:00'))))->id;
    });
    $taken = (int) Booking::query()->where('session_id', $id)->where('state', 'held')->sum('party');
    expect($taken)->toBeGreaterThan(0)->toBeLessThanOrEqual(Session::query()->findOrFail($id)->places);
});

it('schedules nobody twice, however many do at once', function (): void {
    $business = $this->yard->business;
    $gathering = new Gathering(
        $this->yard->lesson->id,
        90,
        [$this->yard->staff[0]->id],
        (string) $business->locations->first()->id,
        6,
    );
    $answers = Races::run(8, static fn (int $i): string => app(Schedule::class)(
        business: $business,
        series: Id::make(),
        gathering: $gathering,
        starts: array_map(
            static fn (int $day): int => Wall::instant(Yard::at($i % 2 === 0 ? '10:00' : '11:00', $day)),
            range(2, 40),
        ),
        by: 'Ana',
    )[0]->id);
    expect(Session::query()->count())->toBe(39)
        ->and(array_filter($answers, static fn (string $one): bool => strlen($one) === 26))->toHaveCount(1);
});

/** Somebody else holds the turn of a taker on the day of the first session, and goes on holding it. */
function takeTurn(Yard $yard, string $taker): ConnectionInterface
{
    config(['database.connections.other' => config('database.connections.mariadb')]);
    DB::statement('set innodb_lock_wait_timeout = 0');
    $other = DB::connection('other');
    $other->beginTransaction();
    (new Mutex($other))->take($yard->business->id, $taker, substr(Yard::at('10:00'), 0, 10));

    return $other;
}

it('waits for whoever is about to book who or what it needs', function (string $act, string $taker): void {
    $id = ($this->schedule)([Yard::at('10:00')])->json('sessions.0');
    $other = takeTurn($this->yard, $taker === 'session' ? $id : $this->yard->staff[1]->id);
    $this->series = Id::make();
    $bo = ['staff' => [$this->yard->staff[1]->id]];
    $status = match ($act) {
        'schedule' => ($this->schedule)([Yard::at('13:00')], $bo),
        'change' => changed($this, $id, $taker === 'session' ? [] : $bo),
        default => $this->postJson("/api/businesses/yard/sessions/{$id}/cancel", []),
    };
    $other->rollBack();
    DB::purge('other');
    expect($status->getStatusCode())->toBeGreaterThanOrEqual(500)
        ->and(Session::query()->where('state', 'scheduled')->pluck('starts_at')->map->format('H:i')->all())
        ->toBe(['10:00']);
})->with([['schedule', 'person'], ['change', 'person'], ['change', 'session'], ['cancel', 'session']]);

it('changes none that has begun', function (): void {
    $id = ($this->schedule)([Yard::at('10:00')])->json('sessions.0');
    Session::query()->whereKey($id)->update(['starts_at' => now()->subMinutes(5)]);
    changed($this, $id, [])->assertStatus(409);
});

it('deals with all others where one of them cannot be dealt with, and comes back to it', function (): void {
    [$ids, $kim, $lee, $later] = series($this);
    $this->postJson("/api/businesses/yard/sessions/{$ids[0]}/cancel", ['later' => true])->assertOk();
    Booking::saving(static function (Booking $booking) use ($kim): void {
        if ($booking->id === $kim->id) {
            throw new LogicException('broken');
        }
    });
    expect(fn () => app(FollowUp::class)())->toThrow(LogicException::class)
        ->and($lee->refresh()->state->value)->toBe('cancelled')
        ->and($later->refresh()->state->value)->toBe('cancelled')
        ->and($kim->refresh()->state->value)->toBe('confirmed')
        ->and(Session::query()->whereNotNull('follow_up')->pluck('id')->all())->toBe([$ids[0]]);
});

it('moves once what is asked twice, also where the second had read it before the first', function (): void {
    [$ids] = series($this);
    $stale = Session::query()->findOrFail($ids[0]);
    $move = fn () => app(ChangeSessions::class)(
        business: $this->yard->business,
        session: $stale->replicate()->setRawAttributes($stale->getAttributes()),
        gathering: new Gathering($stale->service_id, 90, $stale->staff_ids, (string) $stale->location_id, 6),
        wall: $this->yard->business->zone()->wall(Wall::instant(Yard::at('10:00', 12))),
        later: true,
        told: true,
        by: 'Ana',
    );
    $move();
    $move();
    expect(Session::query()->orderBy('starts_at')->pluck('starts_at')->map->format('Y-m-d\TH:i\Z')->all())
        ->toBe([Yard::at('10:00', 12), Yard::at('10:00', 13), Yard::at('10:00', 14)]);
});

it('is not changed by a window that has not seen what another one did', function (): void {
    [$ids] = series($this);
    $seen = ['seen' => $this->getJson("/api/businesses/yard/sessions/{$ids[0]}")->json('version')];
    changed($this, $ids[0], $seen)->assertOk();
    changed($this, $ids[0], $seen)->assertOk(); // the same once more
    $said = changed($this, $ids[0], $seen + ['places' => 8])->assertStatus(409)->json('message');
    expect($said)->toContain($this->yard->owner->name)->and(Session::query()->findOrFail($ids[0])->places)->toBe(6);
});

it('cancels only what was shown: whom it concerns, and how much money', function (): void {
    [$ids, $kim] = series($this);
    $url = "/api/businesses/yard/sessions/{$ids[0]}/cancel";
    $seen = $this->postJson("{$url}/tried", [])->json('seen');
    $this->yard->book('10:00', 'max@post.example');
    $this->actingAs($this->yard->owner)->postJson($url, ['seen' => $seen])->assertStatus(409);
    expect(Session::query()->findOrFail($ids[0])->state)->toBe('scheduled');
    $seen = $this->postJson("{$url}/tried", [])->json('seen');
    $this->postJson($url, ['seen' => $seen])->assertOk();
    $this->postJson($url, ['seen' => $seen])->assertOk(); // pressed twice
});

it('tells of an earlier change whom it had not come to, though of the next nobody is to be told', function (): void {
    [$ids, $kim] = series($this);
    OutboxEntry::query()->where('state', 'waiting')->update(['state' => 'sent']);
    changed($this, $ids[0], [])->assertOk();
    changed($this, $ids[0], ['places' => 8, 'told' => false])->assertOk();
    app(FollowUp::class)();
    expect(OutboxEntry::query()->where('occasion', 'moved')->where('booking_id', $kim->id)->count())->toBe(1);
});
