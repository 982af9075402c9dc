<?php

declare(strict_types=1);

use App\Messages\Wording;
use App\Models\Booking;
use App\Models\OutboxEntry;
use Illuminate\Testing\TestResponse;
use Tests\Support\Yard;

/* One of a repeat and all later ones move: each date on its own, told in one mail (rules.md T23). */

beforeEach(function (): void {
    $this->yard = Yard::open(['price' => 4800], people: 2);
    $this->actingAs($this->yard->owner);
    [$this->ana, $this->bo] = array_map(static fn (object $one): string => $one->id, $this->yard->staff);
    $this->book = fn (array $more = []): string => $this->postJson('/api/businesses/yard/bookings', $more + [
        'service' => $this->yard->lesson->id,
        'staff' => $this->ana,
        'party' => 1,
        'start' => Yard::at('10:00'),
        'name' => 'Rosa Bell',
        'email' => 'rosa@post.example',
        'told' => true,
    ])->assertCreated()->json('id');
    $dates = array_map(fn (int $days): array => ['start' => Yard::at('10:00', $days), 'staff' => $this->ana], [3, 4]);
    $this->first = ($this->book)(['more' => $dates]);
    [, $this->second, $this->third] = Booking::query()->orderBy('starts_at')->pluck('id')->all();
    $this->move = fn (array $body, string $tried = ''): TestResponse => $this->postJson(
        "/api/businesses/yard/bookings/{$this->first}/move{$tried}",
        $body + ['start' => Yard::at('12:00'), 'later' => true],
    );
    $this->at = static fn (): array => Booking::query()->whereNotNull('repeat_id')->orderBy('id')->get()
        ->map(static fn (Booking $one): string => $one->starts_at->format('Y-m-d\TH:i\Z'))->all();
});

it('says of each later one where it would be, or what stands in its way and what is nearest', function (): void {
    foreach ([$this->ana, $this->bo] as $busy) { // the second date at twelve
        ($this->book)(['staff' => $busy, 'start' => Yard::at('12:00', 3), 'email' => 'kim@post.example']);
    }
    $before = ($this->at)();
    $tried = ($this->move)([], '/tried')->assertOk()->json();
    expect($tried['fits'])->toBeTrue()
        ->and(array_column($tried['later'], 'id'))->toBe([$this->second, $this->third])
        ->and(array_column($tried['later'], 'fits'))->toBe([false, true])
        ->and($tried['later'][0]['reasons'][0])->toContain('Rosa Bell')
        ->and($tried['later'][0]['nearest'])->toBe(Yard::at('11:00', 3))
        ->and($tried['later'][1]['start'])->toBe(Yard::at('12:00', 4))
        ->and(($this->at)())->toBe($before);
    expect(($this->move)([])->assertStatus(409)->json('message'))->toContain('Nothing was moved')
        ->and(($this->at)())->toBe($before);
    $each = [['id' => $this->second, 'start' => Yard::at('11:00', 3)], ['id' => $this->third, 'start' => null]];
    expect(array_column(($this->move)(['each' => $each], '/tried')->json('later'), 'start'))
        ->toBe([Yard::at('11:00', 3), null]);
    ($this->move)(['each' => $each])->assertOk();
    expect(($this->at)())->toBe([Yard::at('12:00'), Yard::at('11:00', 3), Yard::at('10:00', 4)]);
});

it('tells the client of all of them in one mail, and of none that is put back at once', function (): void {
    ($this->move)([])->assertOk();
    $waiting = static fn () => OutboxEntry::query()
        ->where('occasion', 'moved')
        ->where('audience', 'client')
        ->where('state', 'waiting');
    expect($waiting()->count())->toBe(1);
    $text = app(Wording::class)->letter($waiting()->sole())->text;
    expect(substr_count($text, '12:00'))->toBeGreaterThanOrEqual(3);
    ($this->move)(['start' => Yard::at('10:00')])->assertOk();
    expect($waiting()->count())->toBe(0)
        ->and(OutboxEntry::query()->where('occasion', 'moved')->where('state', 'waiting')->count())->toBe(0);
});

it('tells only of those that are elsewhere in the end', function (): void {
    ($this->move)([])->assertOk();
    $each = [['id' => $this->second, 'start' => null]];
    ($this->move)(['start' => Yard::at('10:00'), 'each' => $each])->assertOk();
    $told = OutboxEntry::query()
        ->where('occasion', 'moved')
        ->where('audience', 'client')
        ->where('state', 'waiting')
        ->sole();
    expect($told->booking_id)->toBe($this->second);
});

it('shows on the card which repeat it is of', function (): void {
    $card = $this->getJson("/api/businesses/yard/bookings/{$this->second}")->assertOk()->json();
    expect(array_column($card['repeat'], 'id'))->toBe([$this->first, $this->second, $this->third])
        ->and($card['laterOnes'])->toBe(1);
});

it('says before it is moved who takes it instead of whom', function (): void {
    ($this->book)(['start' => Yard::at('12:00'), 'email' => 'kim@post.example']);
    $tried = ($this->move)(['later' => false], '/tried')->assertOk()->json();
    expect($tried['staff'])->toBe([$this->bo])->and($tried['instead'])->toBe([$this->ana]);
    expect(($this->move)(['later' => false, 'start' => Yard::at('14:00')], '/tried')->json('instead'))->toBe([]);
});

it('keeps whom a client wished for wished for, through a move to somebody else', function (): void {
    ($this->book)(['start' => Yard::at('12:00'), 'email' => 'kim@post.example']);
    ($this->move)(['later' => false])->assertOk();
    $booking = Booking::query()->findOrFail($this->first);
    expect($booking->staff_ids)->toBe([$this->bo])->and($booking->wished_staff)->toBe($this->ana);
    ($this->move)(['later' => false, 'start' => Yard::at('14:00')])->assertOk();
    expect($booking->refresh()->staff_ids)->toBe([$this->ana]);
});
