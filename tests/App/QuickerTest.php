<?php

declare(strict_types=1);

use App\Models\Booking;
use App\Models\OutboxEntry;
use App\Outbox\DeliverDue;
use App\Support\Clock;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Support\Yard;

/* Two windows on one booking: whoever was slower is told what happened, and nothing is overwritten. */

beforeEach(function (): void {
    $this->yard = Yard::open(['price' => 4800], people: 2);
    $this->booking = $this->yard->book('10:00');
    $this->actingAs($this->yard->owner);
    $this->version = fn (): string => $this
        ->getJson("/api/businesses/yard/bookings/{$this->booking->id}")
        ->json('version');
    $this->act = fn (string $act, array $body, string $seen = ''): TestResponse => $this->postJson(
        "/api/businesses/yard/bookings/{$this->booking->id}/{$act}",
        $body,
        $seen === '' ? [] : ['If-Match' => $seen],
    );
    $this->mails = fn (string $occasion): int => OutboxEntry::query()
        ->where('occasion', $occasion)
        ->whereIn('state', ['waiting', 'sent'])
        ->count();
});

it('refuses what was done to a booking that somebody else has changed since, and says what happened', function (
    string $act,
    array $body,
    ?string $state = null,
    int $days = 0,
): void {
    if ($state !== null) {
        $this->booking->update(['state' => $state]);
    }
    app(Clock::class)->putForward($days * 24 * 60);
    if (isset($body['start'])) {
        $body['start'] = Yard::at('12:00');
    }
    if (isset($body['times'])) {
        $body['times'] = [['start' => Yard::at('12:00'), 'staff' => $this->booking->staff_ids]];
    }
    $seen = ($this->version)();
    $before = Booking::query()->sole()->getAttributes();
    DB::table('booking_changes')->insert([
        'business_id' => $this->booking->business_id, 'booking_id' => $this->booking->id, 'state' => 'confirmed',
        'by' => 'Bruno', 'why' => 'history.details', 'at' => now(),
    ]);
    $refused = ($this->act)($act, $body, $seen)->assertStatus(409);
    expect($refused->json('code'))->toBe('meanwhile')
        ->and($refused->json('message'))->toStartWith('Bruno was quicker: answers or note changed.')
        ->and(Booking::query()->sole()->getAttributes())->toBe($before);
    ($this->act)($act, $body, ($this->version)())->assertOk();
})->with([
    'cancel' => ['cancel', ['asks' => 'house']],
    'move' => ['move', ['start' => 'another']],
    'course' => ['course', ['state' => 'arrived', 'undo' => false], null, 3],
    'missed' => ['missed', [], null, 3],
    'answer' => ['answer', ['accept' => true], 'pending'],
    'suggest' => ['suggest', ['times' => 'another'], 'pending'],
]);

it('refuses a tag that is put down after somebody else has moved it', function (): void {
    $was = Yard::at('10:00');
    ($this->act)('move', ['start' => Yard::at('12:00'), 'was' => $was])->assertOk();
    $late = ($this->act)('move', ['start' => Yard::at('14:00'), 'was' => $was])->assertStatus(409);
    expect($late->json('code'))->toBe('meanwhile')
        ->and($late->json('message'))->toStartWith('Owner of yard was quicker: moved from')
        ->and(Booking::query()->sole()->starts_at->format('H:i'))->toBe('12:00');
    ($this->act)('move', ['start' => Yard::at('14:00'), 'was' => Yard::at('12:00')])->assertOk();
});

it('tells nobody of a move that is undone before anybody was mailed', function (): void {
    config()->set('yardbell.undo_seconds', 15);
    $moved = ($this->act)('move', ['start' => Yard::at('12:00')])->assertOk()->json('version');
    app(DeliverDue::class)(lane: 'mail');
    expect(($this->mails)('moved'))->toBeGreaterThan(0)
        ->and(OutboxEntry::query()->where('occasion', 'moved')->where('state', 'sent')->exists())->toBeFalse();
    ($this->act)('move', ['start' => Yard::at('10:00')], $moved)->assertOk();
    expect(($this->mails)('moved'))->toBe(0)->and(($this->mails)('reminder'))->toBe(1);
});

it('tells once where it was moved twice, and again where it is moved back after they were told', function (): void {
    config()->set('yardbell.undo_seconds', 15);
    foreach (['12:00', '13:00'] as $time) {
        ($this->act)('move', ['start' => Yard::at($time)])->assertOk();
    }
    $client = fn (): int => OutboxEntry::query()->where('occasion', 'moved')->where('audience', 'client')
        ->whereIn('state', ['waiting', 'sent'])->count();
    expect($client())->toBe(1);
    app(Clock::class)->putForward(1);
    app(DeliverDue::class)(lane: 'mail');
    ($this->act)('move', ['start' => Yard::at('10:00')])->assertOk();
    expect($client())->toBe(2);
});

it('tells nobody of a cancelling that is taken back before anybody was mailed', function (): void {
    config()->set('yardbell.undo_seconds', 15);
    $cancelled = ($this->act)('cancel', ['asks' => 'house'])->assertOk()->json('version');
    app(DeliverDue::class)(lane: 'mail');
    ($this->act)('restored', ['together' => true], $cancelled)->assertOk();
    app(Clock::class)->putForward(1);
    app(DeliverDue::class)(lane: 'mail');
    expect(($this->mails)('cancelled'))->toBe(0)->and(($this->mails)('restored'))->toBe(0);
});
