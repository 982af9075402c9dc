<?php

declare(strict_types=1);

use App\Models\Booking;
use App\Models\VisitNote;
use App\Outbox\DeliverDue;
use App\StandIns\MailboxFiles;
use App\Support\ClientLink;
use App\Times\Wish;
use Illuminate\Testing\TestResponse;
use Tests\Support\Yard;
use YardBell\Core\Booking\State;

/* Another time suggested for one that was asked for, and what staff note about a visit. */

beforeEach(function (): void {
    $this->yard = Yard::open(['approval' => true], people: 2);
    $this->actingAs($this->yard->owner);
    $this->asked = $this->yard->book('10:00');
    $this->suggest = fn (array $times, array $more = []): TestResponse => $this->postJson(
        "/api/businesses/yard/bookings/{$this->asked->id}/suggest",
        ['times' => array_map(
            fn (string $at): array => ['start' => Yard::at($at), 'staff' => $this->asked->staff_ids],
            $times,
        )] + $more,
    );
    $this->take = fn (string $at, string $how = 'post'): TestResponse => $this->{$how}(
        str_replace(config('app.url'), '', app(ClientLink::class)->instead($this->asked->refresh(), Yard::at($at))),
    );
});

it('suggests times by mail, which the client takes by a link while what was asked for stays kept', function (): void {
    $card = ($this->suggest)(['13:00', '15:30'], ['why' => 'Then the kiln is cold'])->assertOk()->json();
    expect($card['suggested'])->toBe([Yard::at('13:00'), Yard::at('15:30')])->and($card['state'])->toBe('pending');
    app(DeliverDue::class)();
    $mail = array_values(array_filter(
        app(MailboxFiles::class)->all(),
        static fn (array $mail): bool => $mail['to'] === 'kim@post.example' &&
            str_contains($mail['subject'], 'Another time?'),
    ))[0];
    expect($mail['text'])->toContain('Then the kiln is cold')
        ->and(preg_match_all('#/b/\w+/instead\?\S+#', $mail['text'], $links))->toBe(2);
    $this->get($links[0][1])->assertOk()->assertSee('Yes, book this time');
    expect($this->asked->refresh()->state)->toBe(State::Pending); // looking books nothing
    $this->post($links[0][1])->assertRedirect();
    expect($this->asked->refresh()->state)->toBe(State::Confirmed)
        ->and($this->asked->starts_at->format('H:i'))->toBe('15:30')
        ->and($this->asked->suggested)->toBe([]);
    $this->post($links[0][0])->assertOk()->assertSee('You are now booked')->assertSee('is not kept for you');
    $this->post($links[0][1])->assertOk()->assertSee('You have taken it');
});

it('lists the suggested times on the client\'s own page, as long as they can be taken', function (): void {
    ($this->suggest)(['13:00', '15:30'])->assertOk();
    $own = function (): array {
        $query = app(ClientLink::class)->query($this->asked->refresh());

        return $this->getJson("/gate-api/bookings/{$this->asked->id}?{$query}")->assertOk()->json();
    };
    $shown = $own()['suggested'];
    expect(array_column($shown, 'start'))->toBe([Yard::at('13:00'), Yard::at('15:30')])
        ->and($shown[0]['end'])->toBe(Yard::at('14:00'))
        ->and($shown[0]['staff'])->toHaveCount(1);
    $late = $shown[1];
    $this->travelTo(Yard::at('14:00'));
    expect($own()['suggested'])->toBe([$late]);
    $this->post(str_replace(config('app.url'), '', $shown[0]['link']))->assertOk()->assertSee('is over');
    $this->postJson("/api/businesses/yard/bookings/{$this->asked->id}/answer", ['accept' => false])->assertOk();
    expect($own()['suggested'])->toBe([]);
    $this->post(str_replace(config('app.url'), '', $late['link']))->assertOk()->assertSee('Your request was declined');
});

it('takes none that was not suggested, and none that is taken meanwhile', function (): void {
    ($this->suggest)(['13:00'])->assertOk();
    ($this->take)('15:30')->assertOk()->assertSee('not offered any more');
    $other = Yard::offer($this->yard->business, ['name' => 'Other'], $this->yard->staff);
    $this->postJson('/api/businesses/yard/bookings', [
        'service' => $other->id,
        'staff' => $this->asked->staff_ids[0],
        'party' => 1,
        'start' => Yard::at('13:00'),
        'name' => 'Lou',
        'told' => false,
    ])->assertCreated();
    ($this->take)('13:00')->assertOk()->assertSee('taken');
    expect($this->asked->refresh()->state)->toBe(State::Pending)
        ->and($this->asked->starts_at->format('H:i'))->toBe('10:00');
    $this->post("/b/{$this->asked->id}/instead?start=".Yard::at('13:00'))->assertNotFound();
    ($this->take)('soon', 'get')->assertNotFound();
});

it('suggests only what is free, to who still waits', function (): void {
    ($this->suggest)(['03:00'])->assertStatus(409);
    ($this->suggest)([])->assertUnprocessable();
    ($this->suggest)(['11:00', '12:00', '13:00', '14:00'])->assertUnprocessable();
    $this->postJson("/api/businesses/yard/bookings/{$this->asked->id}/answer", ['accept' => true])->assertOk();
    ($this->suggest)(['13:00'])->assertStatus(409);
});

it('keeps notes of a visit, dated and signed, and shows when else the client was here', function (): void {
    $again = $this->yard->book('12:00', 'kim@post.example');
    $note = fn (string $text): TestResponse => $this->postJson(
        "/api/businesses/yard/bookings/{$this->asked->id}/notes",
        ['text' => $text],
    );
    expect($note('Left-handed')->assertOk()->json('notes.0'))
        ->toMatchArray(['text' => 'Left-handed', 'by' => $this->yard->owner->name]);
    $note(' ')->assertUnprocessable();
    $visits = fn (Booking $of): array => $this
        ->getJson("/api/businesses/yard/bookings/{$of->id}/visits")
        ->json('visits');
    expect($visits($again)[0])->toMatchArray(['id' => $this->asked->id, 'ahead' => true]);
    $mine = $this->yard->somebody('staff', $this->asked->staff_ids[0]);
    $this->actingAs($mine);
    $note('The small wheel')->assertOk();
    expect(VisitNote::query()->count())->toBe(2);
    $this->actingAs($this->yard->somebody('bookkeeper'));
    $note('no')->assertForbidden();
});

it('shows staff other visits with themselves alone, and lets them note nothing of others', function (): void {
    $this->yard->business->users()->detach();
    [$ana, $bo] = $this->yard->staff;
    $asked = Booking::query()->sole();
    $other = $asked->staff_ids[0] === $ana->id ? $bo : $ana;
    $book = fn (string $staff, string $at): Booking => app(App\Bookings\BookAtDesk::class)(
        $this->yard->business,
        [new Wish(
            new App\Times\Choice($this->yard->lesson->id, $staff),
            YardBell\Core\Time\Wall::instant(Yard::at($at)),
        )],
        new App\Clients\Guest($asked->client_id, '', '', ''),
        '',
        [],
        false,
        'Desk',
    )[0];
    [$theirs, $mine] = [$book($asked->staff_ids[0], '13:00'), $book($other->id, '14:00')];
    $this->actingAs($this->yard->somebody('staff', $other->id));
    $this->postJson("/api/businesses/yard/bookings/{$theirs->id}/notes", ['text' => 'x'])->assertNotFound();
    $this->getJson("/api/businesses/yard/bookings/{$theirs->id}/visits")->assertNotFound();
    expect($this->getJson("/api/businesses/yard/bookings/{$mine->id}/visits")->json('visits'))->toBe([]);
});
