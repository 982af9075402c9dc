<?php

declare(strict_types=1);

use App\Bookings\CancelBooking;
use App\Bookings\Cancelling;
use App\Bookings\HoldTime;
use App\Bookings\MoveByClient;
use App\Models\Booking;
use App\Models\BusyTime;
use App\Models\Service;
use App\Models\Session;
use App\Models\TimeOff;
use App\Support\Instants;
use App\Times\Choice;
use App\Times\TimeTaken;
use App\Times\Wish;
use Illuminate\Support\Facades\DB;
use Tests\Support\Races;
use Tests\Support\Yard;
use YardBell\Core\Time\Wall;

/* Several at one time: shared appointments, sessions, units of pools, limits a day (rules.md T9, T12, T14, T15). */

function wish(Yard $yard, string $time = '10:00', int $party = 1, ?string $member = null): Wish
{
    return new Wish(new Choice($yard->lesson->id, $member, $party), Wall::instant(Yard::at($time)));
}

function hold(Yard $yard, Wish $wish): Booking
{
    return app(HoldTime::class)($yard->business, $wish);
}

/** A session of three places the day after tomorrow at ten. */
function scheduled(Yard $yard, int $places = 3): Session
{
    $yard->lesson->update(['kind' => 'session', 'max_party' => 3]);
    $start = Wall::instant(Yard::at('10:00'));

    return Session::query()->create([
        'business_id' => $yard->business->id,
        'service_id' => $yard->lesson->id,
        'location_id' => $yard->business->locations()->value('id'),
        'starts_at' => Instants::carbon($start),
        'minutes' => 90,
        'taken_from' => Instants::carbon($start),
        'taken_until' => Instants::carbon($start + 90),
        'staff_ids' => [$yard->staff[0]->id],
        'units' => [],
        'places' => $places,
    ]);
}

it('lets others join a shared appointment until its places are taken (T14)', function (): void {
    $yard = Yard::open(['places' => 4, 'max_party' => 3]);
    hold($yard, wish($yard, party: 3));
    expect(hold($yard, wish($yard))->party)->toBe(1)
        ->and(fn () => hold($yard, wish($yard)))->toThrow(TimeTaken::class)
        ->and(fn () => hold($yard, wish($yard, '10:30')))->toThrow(TimeTaken::class);
});

it('fills a group before it begins a second one, whoever is asked for (T14, T16)', function (): void {
    $yard = Yard::open(['places' => 2], people: 2);
    $first = hold($yard, wish($yard, member: $yard->staff[1]->id));
    expect(hold($yard, wish($yard))->staff_ids)->toBe($first->staff_ids)
        ->and(hold($yard, wish($yard))->staff_ids)->toBe([$yard->staff[0]->id]);
});

it('never gives more places than there are, however many come at once', function (): void {
    $yard = Yard::open(['places' => 5, 'max_party' => 2]);
    $answers = Races::run(
        12,
        static fn (int $i): string => (string) hold($yard, wish($yard, party: 1 + ($i % 2)))->party,
    );
    $taken = (int) Booking::query()->sum('party');
    expect($taken)->toBeLessThanOrEqual(5)->toBeGreaterThanOrEqual(4)
        ->and(array_sum(array_filter($answers, is_numeric(...))))->toBe($taken);
});

it('gives no unit twice, however many come at once (T9)', function (): void {
    $yard = Yard::open(people: 3);
    $yard->pool(['one', 'two']);
    $answers = Races::run(9, static fn (): string => hold($yard, wish($yard))->units[0]);
    $units = Booking::query()->get()->flatMap(static fn (Booking $booking): array => $booking->units);
    expect($units)->toHaveCount(2)
        ->and($units->unique())->toHaveCount(2)
        ->and(array_filter($answers, static fn (string $answer): bool => str_starts_with($answer, 'taken')))
        ->toHaveCount(7);
});

it('keeps to the limit a day, however many come at once (T12)', function (): void {
    $yard = Yard::open(['max_per_day' => 2], people: 3);
    Races::run(
        8,
        static fn (int $i): string => hold($yard, wish($yard, ['09:00', '11:00', '13:00', '15:00'][$i % 4]))->id,
    );
    expect(Booking::query()->count())->toBe(2);
});

it('keeps to the limit a day when clients move at once (T12)', function (): void {
    $yard = Yard::open(['max_per_day' => 2], people: 3);
    $day = substr(Yard::at('10:00'), 0, 10);
    $moved = [];
    foreach ([3, 4, 5] as $days) {
        foreach (['09:00', '11:00'] as $time) {
            $moved[] = $yard->book($time, days: $days)->id;
        }
    }
    Races::run(6, static fn (int $i): string => app(MoveByClient::class)(
        $yard->business,
        $moved[$i],
        Wall::instant(Yard::at(['09:00', '10:00', '11:00', '12:00', '13:00', '14:00'][$i])),
        null,
        alone: false,
    )->id);
    expect(Booking::query()->whereDate('starts_at', $day)->count())->toBe(2);
});

it('goes round, one after the other, however many come at once (T16)', function (): void {
    $yard = Yard::open(['assignment' => 'rotate'], people: 3);
    Races::run(
        6,
        static fn (int $i): string => hold(
            $yard,
            wish($yard, ['09:00', '10:00', '11:00', '12:00', '13:00', '14:00'][$i]),
        )->id,
    );
    $taken = array_count_values(
        Booking::query()->get()->map(static fn (Booking $booking): string => $booking->staff_ids[0])->all(),
    );
    sort($taken);
    expect(array_sum($taken))->toBe(6)->and(count($taken))->toBe(3);
});

it('gives places of a session until they are taken, and gives them back (T15)', function (): void {
    $yard = Yard::open();
    $session = scheduled($yard);
    $seat = hold($yard, wish($yard, party: 2));
    expect([$seat->session_id, $seat->staff_ids, $seat->minutes])->toBe([$session->id, [], 90])
        ->and(fn () => hold($yard, wish($yard, party: 2)))->toThrow(TimeTaken::class)
        ->and(hold($yard, wish($yard))->party)->toBe(1)
        ->and(fn () => hold($yard, wish($yard, '11:00')))->toThrow(TimeTaken::class);
    app(CancelBooking::class)($yard->business->id, $seat->id, Cancelling::byClient());
    expect(hold($yard, wish($yard, party: 2))->party)->toBe(2);
});

it('moves a place to another session of the same service, and to no other time', function (): void {
    $yard = Yard::open(people: 2);
    $full = scheduled($yard, 1);
    $next = $full->replicate()->fill([
        'starts_at' => $full->starts_at->addDay(),
        'taken_from' => $full->taken_from->addDay(),
        'taken_until' => $full->taken_until->addDay(),
        'staff_ids' => [$yard->staff[1]->id],
    ]);
    $next->save();
    $held = $this->postJson('/gate-api/pages/yard/holds', [
        'service' => $yard->lesson->id,
        'start' => Yard::at('10:00'),
    ])->assertCreated()->json();
    $link = "/gate-api/bookings/{$held['id']}";
    $details = ['name' => 'Rosa Bell', 'email' => 'rosa@post.example', 'phone' => '', 'note' => ''];
    $this->postJson("{$link}/book?{$held['query']}", $details)->assertOk();
    $times = $this->getJson("{$link}/move-times?{$held['query']}")->assertOk()->json();
    $starts = array_merge(...array_column($times['days'], 'starts'));
    expect(array_column($starts, 'at'))->toBe([Yard::at('10:00', 3)]);
    $move = fn (string $start) => $this->postJson("{$link}/move?{$held['query']}", ['start' => $start]);
    $move(Yard::at('11:00', 3))->assertStatus(409);
    $move(Yard::at('10:00'))->assertStatus(409); // where it is is no move
    $moved = $move(Yard::at('10:00', 3))->assertOk()->json();
    expect($moved['start'])->toBe(Yard::at('10:00', 3))
        ->and($moved['staff'][0]['id'])->toBe($yard->staff[1]->id)
        ->and(DB::table('booking_staff')->pluck('staff_id')->all())->toBe([$yard->staff[1]->id])
        ->and(DB::table('outbox')->where('occasion', 'moved')->where('audience', 'client')->count())->toBe(1);
    hold($yard, wish($yard)); // the place it had is free again
    expect(fn () => hold($yard, wish($yard)))->toThrow(TimeTaken::class);
    expect(Booking::query()->where('session_id', $next->id)->sole()->starts_at->format('H:i'))->toBe('10:00');
});

it('keeps whoever leads a session out of everything else meanwhile (T8)', function (): void {
    $yard = Yard::open();
    scheduled($yard);
    $other = Yard::offer($yard->business, ['name' => 'Other'], [$yard->staff[0]]);
    expect(
        fn () => hold($yard, new Wish(new Choice($other->id), Wall::instant(Yard::at('10:30')))),
    )
        ->toThrow(TimeTaken::class)
        ->and(
            app(HoldTime::class)($yard->business, new Wish(new Choice($other->id), Wall::instant(Yard::at('11:30'))))
                ->service_id,
        )
        ->toBe($other->id);
});

it('shows places at the Gate, to as many as come', function (): void {
    $yard = Yard::open();
    scheduled($yard);
    hold($yard, wish($yard, party: 2));
    $starts = fn (int $party): array => array_merge(
        ...array_column(
            $this->getJson("/gate-api/pages/yard/open-times?service={$yard->lesson->id}&party={$party}")
                ->assertOk()
                ->json('days'),
            'starts',
        ),
    );
    expect(array_column($starts(1), 'places'))->toBe([1])
        ->and($starts(2))->toBe([]);
    $this->getJson("/gate-api/pages/yard/open-times?service={$yard->lesson->id}&party=0")->assertStatus(422);
    $held = $this->postJson('/gate-api/pages/yard/holds', [
        'service' => $yard->lesson->id,
        'staff' => null,
        'start' => Yard::at('10:00'),
        'party' => 1,
    ])
        ->assertCreated()
        ->json();
    $this->postJson("/gate-api/bookings/{$held['id']}/book?{$held['query']}", [
        'name' => 'Kim',
        'email' => 'kim@post.example',
        'phone' => '',
        'note' => '',
    ])
        ->assertOk()
        ->assertJsonPath('booking.state', 'confirmed');
});

it('hangs a group on the Board as one tag with its places', function (): void {
    $yard = Yard::open(['places' => 4, 'max_party' => 3]);
    $first = hold($yard, wish($yard, party: 2));
    $second = hold($yard, wish($yard));
    $board = $this->actingAs($yard->owner)
        ->getJson('/api/businesses/yard/board?date='.substr(Yard::at('10:00'), 0, 10))
        ->assertOk()
        ->json();
    expect($board['tags'])->toHaveCount(1)
        ->and([
            $board['tags'][0]['places'],
            $board['tags'][0]['taken'],
            array_column($board['tags'][0]['people'], 'booking'),
        ])
        ->toBe([4, 3, [$first->id, $second->id]]);
    $other = Yard::open(slug: 'other');
    $session = scheduled($other, 8);
    $tags = $this->actingAs($other->owner)
        ->getJson('/api/businesses/other/board?date='.substr(Yard::at('10:00'), 0, 10))
        ->json('tags');
    expect([$tags[0]['id'], $tags[0]['places'], $tags[0]['taken'], $tags[0]['staff']])->toBe([
        $session->id,
        8,
        0,
        [$other->staff[0]->id],
    ]);
});

it('asks again by the set-up of now, not by that of when it first asked', function (): void {
    $yard = Yard::open();
    $wish = wish($yard);
    $stale = $yard->business->replicate();
    $stale->id = $yard->business->id;
    Service::query()
        ->findOrFail($yard->lesson->id)
        ->update(['hours' => ['mon' => []]]);
    expect(fn () => app(HoldTime::class)($stale, $wish))->toThrow(TimeTaken::class)
        ->and(Booking::query()->count())->toBe(0);
});

it('shows on the Board when somebody is off or busy elsewhere, and does not count it as free', function (): void {
    $yard = Yard::open();
    $date = substr(Yard::at('10:00'), 0, 10);
    $free = fn (): array => $this->actingAs($yard->owner)
        ->getJson("/api/businesses/yard/board?date={$date}")
        ->assertOk()
        ->json('lanes.0');
    expect($free()['freeMinutes'])->toBe(480);
    TimeOff::query()->create([
        'business_id' => $yard->business->id,
        'staff_id' => $yard->staff[0]->id,
        'from' => "{$date} 09:00:00",
        'to' => "{$date} 10:00:00",
    ]);
    BusyTime::query()->create([
        'business_id' => $yard->business->id,
        'staff_id' => $yard->staff[0]->id,
        'starts_at' => "{$date} 11:00:00",
        'ends_at' => "{$date} 11:29:30",
    ]);
    expect([$free()['freeMinutes'], $free()['off'], $free()['busy']])->toBe([
        390,
        [['from' => "{$date}T09:00Z", 'to' => "{$date}T10:00Z"]],
        [['from' => "{$date}T11:00Z", 'to' => "{$date}T11:30Z"]],
    ]);
    $yard->staff[0]->update(['respect_busy' => false]);
    expect($free()['busy'])->toBe([]);
});

it('lets a party in a session grow as far as there is room: its own places do not stand in its way', function (): void {
    $yard = Yard::open();
    $session = scheduled($yard);
    $start = Instants::minute($session->starts_at);
    $seat = fn (int $party): Booking => hold($yard, new Wish(new Choice($yard->lesson->id, null, $party), $start));
    [$theirs, $other] = [$seat(1), $seat(1)];
    foreach ([$theirs, $other] as $one) {
        Yard::sold($one);
    }
    $change = app(App\Bookings\ChangeParty::class);
    expect($change($yard->business, $theirs->id, 2)->party)->toBe(2)
        ->and(fn () => $change($yard->business, $theirs->id, 3))->toThrow(App\Support\Refusal::class);
});

it('says of a day whose session is full that nothing is free, not that there is no session', function (): void {
    $yard = Yard::open();
    $session = scheduled($yard, places: 1);
    $none = fn (): array => array_column(
        $this->getJson("/gate-api/pages/yard/open-times?service={$yard->lesson->id}")->assertOk()->json('days'),
        'none',
        'date',
    );
    $day = substr(Yard::at('10:00'), 0, 10);
    expect($none()[$day])->toBeNull();
    Yard::sold(hold($yard, new Wish(new Choice($yard->lesson->id), Instants::minute($session->starts_at))));
    expect($none()[$day])->toBe('full')
        ->and($none()[substr(Yard::at('10:00', 3), 0, 10)])->toBe('session');
});
