<?php

declare(strict_types=1);

use App\Models\Booking;
use App\Models\Sale;
use App\Models\User;
use App\Papers\DocumentContent;
use App\Sales\OpenSale;
use App\Support\Clock;
use Illuminate\Testing\TestResponse;
use Tests\Support\Yard;

/* How far a visit is: said on its day, and undone as easily. */

beforeEach(function (): void {
    $this->yard = Yard::open(['price' => 4800], people: 2);
    $this->booking = $this->yard->book('10:00');
    $this->mark = fn (string $state, bool $undo = false, ?Booking $of = null): TestResponse => $this->postJson(
        '/api/businesses/yard/bookings/'.($of ?? $this->booking)->id.'/course',
        ['state' => $state, 'undo' => $undo],
    );
    $this->toTheDay = fn () => app(Clock::class)->putForward(2 * 24 * 60);
    $this->actingAs($this->yard->owner);
});

it('goes its course step by step, and back (part 5)', function (): void {
    ($this->toTheDay)();
    expect(($this->mark)('arrived')->assertOk()->json())
        ->toMatchArray(['state' => 'arrived', 'steps' => ['started', 'completed'], 'undoes' => 'arrived']);
    expect(($this->mark)('started')->json('steps'))->toBe(['completed'])
        ->and(($this->mark)('completed')->json('steps'))->toBe([])
        ->and(($this->mark)('completed', undo: true)->json('state'))->toBe('started')
        ->and(($this->mark)('started', undo: true)->json('state'))->toBe('arrived')
        ->and(($this->mark)('arrived', undo: true)->json())->toMatchArray(['state' => 'confirmed', 'undoes' => null])
        ->and(($this->mark)('completed')->json('state'))->toBe('completed')
        ->and(($this->mark)('completed', undo: true)->json('state'))->toBe('confirmed');
    $told = array_map(
        static fn (array $one): string => trim("{$one['state']} {$one['why']}"),
        $this->getJson("/api/businesses/yard/bookings/{$this->booking->id}")->json('history'),
    );
    expect(array_slice($told, -3))->toBe(['confirmed undone', 'completed', 'confirmed undone']);
});

it('says nothing before the day, and nothing that cannot follow', function (): void {
    expect(($this->mark)('arrived')->assertStatus(409)->json('code'))->toBe('too_late');
    expect($this->getJson("/api/businesses/yard/bookings/{$this->booking->id}")->json('steps'))->toBe([]);
    ($this->toTheDay)();
    ($this->mark)('completed')->assertOk();
    ($this->mark)('completed')->assertOk(); // pressed twice
    ($this->mark)('arrived')->assertStatus(409);
    ($this->mark)('arrived', undo: true)->assertStatus(409); // it is something else by now
    ($this->mark)('cancelled')->assertStatus(422);
    expect(($this->mark)('completed', undo: true)->json('state'))->toBe('confirmed');
    ($this->mark)('confirmed', undo: true)->assertStatus(422);
});

it('takes a visit after all that was said not to have been come to, and what that cost back (L4)', function (): void {
    $this->booking->update(['cancellation' => ['freeMinutes' => 60, 'amount' => null, 'percent' => '50']]);
    app(Clock::class)->putForward(3 * 24 * 60);
    $this->postJson("/api/businesses/yard/bookings/{$this->booking->id}/missed")->assertOk();
    $sale = Sale::query()->sole();
    expect($sale->owed())->toBe(2400)
        ->and($this->postJson("/api/businesses/yard/bookings/{$this->booking->id}/restored")->assertOk()->json())
        ->toMatchArray(['state' => 'confirmed', 'fee' => null, 'due' => 4800])
        ->and($sale->owed())->toBe(4800);
    $paper = DocumentContent::of($this->yard->business, $sale->refresh(), 'Kim', '');
    expect($paper->total)->toBe(4800)
        ->and(array_sum(array_column($paper->lines, 'amount')))->toBe(4800)
        ->and(array_column($paper->lines, 'amount'))->toContain(4800);
    $this->postJson("/api/businesses/yard/bookings/{$this->booking->id}/missed")->assertOk();
    expect($sale->owed())->toBe(2400)
        ->and(app(OpenSale::class)($this->booking->refresh())->id)->toBe($sale->id);
});

it('lets staff say it of their own visits alone, and of none that was not come to', function (): void {
    ($this->toTheDay)();
    $own = $this->booking->staff_ids[0];
    $user = User::query()->create(['name' => 'Ana', 'email' => 'ana@post.example', 'password' => 'clay-and-water']);
    $this->yard->business->users()->attach($user->id, ['role' => 'staff', 'staff_id' => $own]);
    $other = $this->yard->book('10:00', 'lo@post.example');
    expect($other->staff_ids)->not->toBe([$own]);
    $this->actingAs($user);
    ($this->mark)('arrived')->assertOk();
    ($this->mark)('arrived', of: $other)->assertNotFound();
    $this->postJson("/api/businesses/yard/bookings/{$this->booking->id}/restored")->assertForbidden();
});

it('keeps when a visit began and ended, as it was pressed in a tunnel, and how long it took', function (): void {
    $yard = $this->yard;
    $booking = $yard->book('10:00');
    $booking->update(['starts_at' => now()->subHours(2)->startOfMinute()]);
    $mark = fn (string $state, ?int $ago) => $this->postJson("/api/businesses/yard/bookings/{$booking->id}/course", [
        'state' => $state,
        'undo' => false,
        'at' => $ago === null ? null : now()->subMinutes($ago)->utc()->format('Y-m-d\TH:i\Z'),
    ]);
    expect($mark('started', 100)->assertOk()->json('course'))->toMatchArray(['until' => null, 'over' => null]);
    $done = $mark('completed', 30)->assertOk()->json('course');
    expect($done['over'])->toBe(10)->and($mark('completed', null)->assertOk()->json('course'))->toBe($done);
    $mark('started', 0)->assertStatus(409);
    $this->postJson("/api/businesses/yard/bookings/{$booking->id}/course", [
        'state' => 'completed',
        'undo' => false,
        'at' => 'soon',
    ])->assertUnprocessable();
    $other = $yard->book('12:00');
    $other->update(['starts_at' => now()->subHour()->startOfMinute()]);
    $ahead = $this->postJson("/api/businesses/yard/bookings/{$other->id}/course", [
        'state' => 'started',
        'undo' => false,
        'at' => now()->addHours(3)->utc()->format('Y-m-d\TH:i\Z'),
    ])->assertOk();
    expect($ahead->json('course.from') <= now()->utc()->format('Y-m-d\TH:i\Z'))->toBeTrue(); // not believed
});
