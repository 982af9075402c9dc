<?php

declare(strict_types=1);

use App\Bookings\ConfirmBooking;
use App\Bookings\Details;
use App\Bookings\ExpireHolds;
use App\Bookings\HoldTime;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Client;
use App\Models\Location;
use App\Models\OutboxEntry;
use App\Models\Payment;
use App\Models\Unit;
use App\Processor\Processor;
use App\Support\ClientLink;
use App\Support\Clock;
use App\Support\Instants;
use App\Times\Choice;
use App\Times\Claims;
use App\Times\TimeTaken;
use App\Times\Wish;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Support\FakeProcessor;
use Tests\Support\Yard;
use YardBell\Core\Booking\State;
use YardBell\Core\Time\Wall;

const KIM = ['name' => 'Kim Post', 'email' => 'kim@post.example', 'phone' => '', 'note' => ''];

function holdAtGate(Yard $yard, string $time, int $days = 2, string $from = '203.0.113.7'): TestResponse
{
    return test()->postJson(
        '/gate-api/pages/yard/holds',
        ['service' => $yard->lesson->id, 'start' => Yard::at($time, $days)],
        ['REMOTE_ADDR' => $from],
    );
}

function bookAtGate(Booking $booking, string $mailed = ''): TestResponse
{
    return test()->postJson(
        "/gate-api/bookings/{$booking->id}/book?".app(ClientLink::class)->query($booking).$mailed,
        KIM,
    );
}

it('gives a time to one of two although the clock goes back between them', function (): void {
    $yard = Yard::open();
    app(Clock::class)->putForward(60 * 24);
    $first = $yard->hold('12:00', 3);
    app(Clock::class)->putForward(11);
    $second = app(HoldTime::class)(
        $yard->business,
        new Wish(new Choice($yard->lesson->id), Instants::minute($first->starts_at)),
    ); // the first hold has run out by now
    app(Clock::class)->putForward(-30); // and seems to hold again
    $kim = new Details(...KIM);
    $confirm = static fn (Booking $held): Booking => app(ConfirmBooking::class)($yard->business, $held, $kim);
    expect(static fn () => $confirm($first))->toThrow(TimeTaken::class);
    $confirm($second);
    expect($second->refresh()->state)->toBe(State::Confirmed)
        ->and(Booking::query()->where('state', 'confirmed')->count())->toBe(1);
});

it('sees what was made to last longer than anything before, whatever it knew of the business', function (): void {
    $yard = Yard::open();
    $booking = $yard->book('12:00', days: 3);
    DB::table('bookings')->where('id', $booking->id)->update([
        'taken_from' => $booking->taken_from->subDays(3),
        'starts_at' => $booking->starts_at->subDays(3),
        'minutes' => $booking->minutes + 3 * 1440,
    ]);
    DB::table('businesses')->where('id', $yard->business->id)->update(['longest_taken' => 4 * 1440]);
    expect(fn () => $yard->hold('12:00', 3))->toThrow(TimeTaken::class);
});

it('leaves no hold of a week when the clock is put back', function (): void {
    $yard = Yard::open();
    app(Clock::class)->putForward(60 * 24 * 7);
    $held = $yard->hold('12:00', 3);
    app(Clock::class)->putForward(-60 * 24 * 7);
    app(ExpireHolds::class)();
    expect($held->refresh()->state)->toBe(State::Expired);
});

it('books what somebody typed slowly for, also once the hold is marked as expired', function (): void {
    $yard = Yard::open();
    $held = $yard->hold('12:00');
    app(Clock::class)->putForward(11);
    app(ExpireHolds::class)();
    expect($held->refresh()->state)->toBe(State::Expired);
    bookAtGate($held)->assertOk();
    expect($held->refresh()->state)->toBe(State::Confirmed)
        ->and($held->changes()->pluck('why')->all())->toContain('history.taken_again');
});

it('does not book an expired hold whose time is somebody else’s', function (): void {
    $yard = Yard::open();
    $held = $yard->hold('12:00');
    app(Clock::class)->putForward(11);
    app(ExpireHolds::class)();
    $other = app(HoldTime::class)(
        $yard->business,
        new Wish(new Choice($yard->lesson->id), Instants::minute($held->starts_at)),
    );
    app(ConfirmBooking::class)($yard->business, $other, new Details(...['email' => 'bo@post.example'] + KIM));
    bookAtGate($held)
        ->assertStatus(409)
        ->assertJson(['code' => 'time_taken']);
});

it('claims both dates where the way over midnight touches the next one (T7)', function (): void {
    $yard = Yard::open(['minutes' => 60], people: 1);
    $yard->business->update(['travel_minutes' => 45]);
    $claimed = static fn (): array => DB::table('claims')
        ->where('taker', $yard->staff[0]->id)
        ->orderBy('day')
        ->pluck('day')
        ->all();
    $day = intdiv(Wall::instant(Yard::at('00:00')), 1440);
    app(Claims::class)->take($yard->business->refresh(), [$yard->staff[0]->id], $day * 1440 + 1380, $day * 1440 + 1410);
    expect($claimed())->toBe([Wall::date($day), Wall::date($day + 1)]);
});

it('never gives one person two places at midnight, however many try at once (T7)', function (): void {
    $yard = Yard::open(['minutes' => 30, 'start_every' => 15], people: 1);
    $yard->business->update([
        'travel_minutes' => 45,
        'opening_hours' => array_fill_keys(Wall::WEEKDAYS, [['from' => '00:00', 'to' => '24:00']]),
    ]);
    $far = Location::query()->create(['business_id' => $yard->business->id, 'name' => 'Far', 'address' => '']);
    $late = Yard::offer(
        $yard->business->refresh(),
        ['name' => 'Late', 'minutes' => 30, 'start_every' => 15],
        $yard->staff,
    );
    app(App\Roster\Assigned::class)->set($yard->business->id, $late->id, 'location', [$far->id]);
    app(App\Roster\Assigned::class)->set($yard->business->id, $yard->lesson->id, 'location', [
        Location::query()->where('name', 'Yard')->value('id'),
    ]);
    Business::rulesChanged($yard->business->id);
    $zone = $yard->business->zone();
    for ($night = 3; $night < 15; $night++) {
        $midnight = $zone->first((intdiv(app(Clock::class)->minute(), 1440) + $night) * 1440);
        Tests\Support\Races::run(
            2,
            static fn (int $i): string => app(HoldTime::class)(
                $yard->business->refresh(),
                $i === 0
                    ? new Wish(new Choice($yard->lesson->id), $midnight - 30)
                    : new Wish(new Choice($late->id), $midnight + 15),
            )->id,
        );
    }
    expect(Booking::query()->count())->toBe(12);
});

it('lets one network hold only so many times, and says when to come back', function (): void {
    config(['yardbell.holds_of_one' => 3]);
    $yard = Yard::open(people: 3);
    foreach (['09:00', '10:00', '11:00'] as $i => $time) {
        holdAtGate($yard, $time, 2 + $i, "203.0.113.{$i}")->assertCreated();
    }
    $refused = holdAtGate($yard, '12:00', 5)->assertStatus(429);
    expect($refused->json('code'))->toBe('too_many_holds')
        ->and((int) $refused->headers->get('Retry-After'))->toBeGreaterThan(500)->toBeLessThanOrEqual(600)
        ->and($refused->json('message'))->toContain('come back in 10 minutes');
    holdAtGate($yard, '12:00', 5, '198.51.100.7')->assertCreated(); // somebody else
    app(ConfirmBooking::class)($yard->business, Booking::query()->orderBy('id')->firstOrFail(), new Details(...KIM));
    holdAtGate($yard, '14:00', 6)->assertCreated(); // what is booked is no hold any more
});

it('never lets all of a day be held', function (): void {
    $yard = Yard::open(people: 1);
    $answers = array_map(
        fn (string $time, int $i): int => holdAtGate($yard, $time, 2, "203.0.{$i}.7")->getStatusCode(),
        ['09:00', '10:00', '11:00', '12:00', '13:00', '14:00', '15:00', '16:00'],
        range(0, 7),
    );
    expect($answers)->toBe([201, 201, 201, 201, 429, 429, 429, 429]);
    holdAtGate($yard, '09:00', 3, '203.0.9.7')->assertCreated(); // another day is free
    expect($yard->business->refresh()->abused_until)->not->toBeNull();
});

it('never locks out a client who is known, nor the desk', function (): void {
    $yard = Yard::open();
    $booking = $yard->book('09:00');
    foreach (['11:00', '12:00', '13:00', '14:00', '15:00'] as $i => $time) {
        holdAtGate($yard, $time, 2, "203.0.{$i}.7"); // somebody holds all that can be held, from other networks each
    }
    $known = "of={$booking->id}&".app(ClientLink::class)->query($booking);
    $hold = fn (string $link): TestResponse => $this->postJson('/gate-api/pages/yard/holds', [
        'service' => $yard->lesson->id,
        'start' => Yard::at('10:00'),
        'known' => $link,
    ], ['REMOTE_ADDR' => '203.0.99.7']);
    $hold($known)->assertStatus(429); // a link that was not mailed says nothing of who has it
    $this->get(app(ClientLink::class)->mailed($booking))->assertOk();
    $hold($known)->assertStatus(429); // nor does that it was mailed to somebody, and opened by them
    $mailed = "of={$booking->id}&".app(ClientLink::class)->mailedQuery($booking);
    $hold("{$mailed}0")->assertStatus(429);
    $hold($mailed)->assertCreated();
    $wish = new Wish(new Choice($yard->lesson->id), Instants::minute($booking->starts_at) + 6 * 60);
    app(HoldTime::class)($yard->business, $wish, by: 'Desk');
});

it('counts the parts of a visit as one hold', function (): void {
    config(['yardbell.holds_of_one' => 1]);
    $yard = Yard::open(people: 3);
    $visit = [
        'service' => $yard->lesson->id,
        'then' => [['service' => $yard->lesson->id]],
        'start' => Yard::at('10:00'),
    ];
    $this->postJson('/gate-api/pages/yard/holds', $visit)->assertCreated();
    $this->postJson('/gate-api/pages/yard/holds', $visit)->assertStatus(429);
    expect(Booking::query()->where('state', State::Held)->count())->toBe(2);
});

it('counts the holds of one network one after the other, also when they come at once', function (): void {
    $yard = Yard::open(people: 3);
    config(['yardbell.holds_of_one' => 2]);
    $visitor = App\Bookings\Visitor::from('203.0.113.7', 'key');
    Tests\Support\Races::run(
        10,
        static fn (int $i): string => app(HoldTime::class)(
            $yard->business,
            new Wish(new Choice($yard->lesson->id), Wall::instant(Yard::at('10:00', 2 + $i))),
            $visitor,
        )->id,
    );
    expect(Booking::query()->count())->toBe(2);
});

it('takes a network of many addresses for one visitor', function (string $one, string $other, bool $same): void {
    $network = static fn (string $address): string => App\Bookings\Visitor::from($address, 'key')->network;
    expect($network($one) === $network($other))->toBe(
        $same,
    );
})->with([
    ['203.0.113.7', '203.0.113.200', true],
    ['203.0.113.7', '203.0.114.7', false],
    ['2001:db8:1:2::3', '2001:db8:1:ffff::9', true],
    ['2001:db8:1::3', '2001:db8:2::3', false],
]);

it('ends a hold after an hour, however often somebody presses the button without paying', function (): void {
    $this->app->instance(Processor::class, new FakeProcessor());
    $yard = Yard::open(['price' => 4800, 'payment' => 'full']);
    $held = $yard->hold('12:00');
    foreach ([15, 15, 15, 14] as $minutes) {
        app(Clock::class)->putForward($minutes);
        bookAtGate($held)->assertOk();
        expect($held->refresh()->held_until->diffInMinutes($held->created_at, true))->toBeLessThanOrEqual(60);
    }
    app(Clock::class)->putForward(2);
    bookAtGate($held)
        ->assertStatus(409)
        ->assertJson(['code' => 'not_held']);
    expect(
        app(HoldTime::class)(
            $yard->business,
            new Wish(new Choice($yard->lesson->id), Instants::minute($held->starts_at)),
        )->state,
    )
        ->toBe(State::Held)
        ->and(Payment::query()->count())->toBe(1);
});

it('books what is paid later only once the address is proven, where the owner asks for it', function (): void {
    $yard = Yard::open(['price' => 4800]);
    $yard->business->update(['proof' => 'always']);
    $held = $yard->hold('12:00');
    $answer = bookAtGate($held)->assertOk();
    expect($answer->json('booking'))->toMatchArray(['state' => 'held', 'awaitsProof' => true])
        ->and(OutboxEntry::query()->toBase()->pluck('occasion')->all())->toBe(['prove']);
    $mail = app(App\Messages\Wording::class)->letter(OutboxEntry::query()->firstOrFail())->text;
    expect($mail)->not->toContain('Kim')->toContain('&mailed=');
    preg_match('/&mailed=[0-9a-f]+/', $mail, $mark);
    $prove = fn (string $mark) => $this->postJson(
        "/gate-api/bookings/{$held->id}/prove?".app(ClientLink::class)->query($held).$mark,
    );
    $prove('&mailed='.str_repeat('0', 64))->assertNotFound();
    expect($held->refresh()->state)->toBe(State::Held);
    $this->get("/b/{$held->id}?".app(ClientLink::class)->query($held).$mark[0])->assertOk();
    expect($held->refresh()->state)->toBe(State::Held)
        ->and(Client::query()->firstOrFail()->proven_at)->not->toBeNull(); // looking books nothing
    $prove($mark[0])->assertOk();
    $prove($mark[0])->assertOk();
    expect($held->refresh()->state)->toBe(State::Confirmed)
        ->and(OutboxEntry::query()->where('occasion', 'booked')->where('audience', 'client')->count())->toBe(1);
    bookAtGate($yard->hold('14:00'))
        ->assertOk()
        ->assertJson(['booking' => ['awaitsProof' => true]]); // somebody has typed the same address
    $known = $this->postJson('/gate-api/pages/yard/holds', [
        'service' => $yard->lesson->id,
        'start' => Yard::at('15:00'),
        'known' => "of={$held->id}&".app(ClientLink::class)->mailedQuery($held),
    ])->assertCreated()->json('id');
    bookAtGate(Booking::query()->findOrFail($known))
        ->assertOk()
        ->assertJson(['booking' => ['state' => 'confirmed']]); // they came by a mail
});

it('asks for a proof for a day once abuse has shown, and never where the owner says never', function (): void {
    $yard = Yard::open();
    $yard->business->update(['abused_until' => app(Clock::class)->now()->addHour()]);
    bookAtGate($yard->hold('12:00'))->assertJson(['booking' => ['awaitsProof' => true]]);
    app(Clock::class)->putForward(61);
    bookAtGate($yard->hold('13:00'))->assertJson(['booking' => ['awaitsProof' => false, 'state' => 'confirmed']]);
    $yard->business->update(['abused_until' => app(Clock::class)->now()->addHour(), 'proof' => 'never']);
    bookAtGate($yard->hold('14:00'))->assertJson(['booking' => ['awaitsProof' => false]]);
});

it('asks whoever books and books to prove the address, and stops them in the end', function (): void {
    config(['yardbell.holds_of_one' => 2]);
    $yard = Yard::open(people: 3);
    $times = ['09:00', '10:00', '11:00', '12:00', '13:00'];
    $answers = [];
    foreach ($times as $i => $time) {
        $held = holdAtGate($yard, $time, 2 + $i);
        $answers[] =
            $held->getStatusCode() === 201
                ? bookAtGate(Booking::query()->findOrFail($held->json('id')))->json('booking.awaitsProof')
                : $held->json('code');
        Booking::query()
            ->where('state', 'held')
            ->get()
            ->each(Yard::sold(...)); // as if each were proven
    }
    expect($answers)->toBe([false, false, true, true, 'too_many_bookings']);
    app(Clock::class)->putForward(61);
    expect(holdAtGate($yard, '15:00', 6)->getStatusCode())->toBe(201);
});

it('mails one address only so many links to prove it', function (): void {
    $yard = Yard::open(people: 3);
    $yard->business->update(['proof' => 'always']);
    $statuses = array_map(fn (int $i): int => bookAtGate($yard->hold('10:00', 2 + $i))->getStatusCode(), range(0, 5));
    expect($statuses)->toBe([200, 200, 200, 200, 200, 429])
        ->and(OutboxEntry::query()->where('occasion', 'prove')->count())->toBe(5);
});

it('claims everybody and everything that a time takes, so that nobody else gets any of it', function (): void {
    $yard = Yard::open(['assignment' => 'all'], people: 3);
    $yard->pool(['One']);
    $all = [...array_column($yard->staff, 'id'), Unit::query()->sole()->id];
    sort($all);
    $claimed = static fn (): array => DB::table('claims')
        ->where('day', substr(Yard::at('10:00'), 0, 10))
        ->whereIn('taker', $all)
        ->orderBy('taker')
        ->pluck('times', 'taker')
        ->all();
    $held = $yard->hold('10:00');
    expect(array_keys($claimed()))->toBe($all);
    $before = $claimed();
    DB::transaction(static fn () => app(App\Bookings\RenewHold::class)($held, $yard->business, null));
    foreach ($claimed() as $taker => $times) {
        expect($times)->toBeGreaterThan($before[$taker]);
    }
});

it('claims the service where a limit of the day or whose turn it is must be decided', function (array $service): void {
    $yard = Yard::open($service, people: 2);
    $yard->hold('10:00');
    expect(DB::table('claims')->where('taker', $yard->lesson->id)->count())->toBe((int) ($service !== []));
})->with([
    'a limit' => [['max_per_day' => 3]],
    'turns' => [['assignment' => 'rotate']],
    'neither' => [[]],
]);
