<?php

declare(strict_types=1);

use App\Facts\Badge;
use App\Models\Member;
use App\Models\Session;
use App\Support\Clock;
use Carbon\CarbonImmutable;
use Tests\Support\Things;
use Tests\Support\Yard;

beforeEach(function (): void {
    $this->yard = Yard::open(people: 2);
    $this->actingAs($this->yard->owner);
});

it('lets no two people wear the same mark', function (): void {
    $mark = static fn (Member $member): array => ['colour' => $member->colour, 'pattern' => $member->pattern];
    $save = fn (array $draft) => $this->postJson('/api/businesses/yard/drafts', ['drafts' => [$draft]]);
    expect($save(Things::fresh('person', $mark($this->yard->staff[0])))->assertUnprocessable()->json('fields'))->toBe([
        'drafts.0.pattern' => 'Ana Reed has this badge already. Choose another colour or pattern.',
    ]);
    $save(Things::fresh('person'))->assertOk(); // gets a free one
    expect(Member::query()->get()->map($mark)->unique()->count())->toBe(3);
    $this->yard->staff[1]->update($mark($this->yard->staff[0])); // as it may be from before
    $save(
        Things::change($this->yard->business, 'person', $this->yard->staff[1]->id, ['name' => 'Bo Marsh the Second']),
    )->assertOk();
    $save(
        Things::change($this->yard->business, 'person', $this->yard->staff[1]->id, Badge::next(2)),
    )->assertUnprocessable();
});

it('tells of a service of sessions that none is scheduled', function (): void {
    $draft = Things::change($this->yard->business, 'service', $this->yard->lesson->id, ['kind' => 'session']);
    $found = fn (): array => array_column(
        $this->postJson('/api/businesses/yard/drafts/times', ['drafts' => [$draft]])
            ->assertOk()
            ->json('findings'),
        'what',
    );
    expect($found())->toContain('No session of it is scheduled.');
    $at = app(Clock::class)->now()->addDays(3);
    Session::query()->create([
        'business_id' => $this->yard->business->id,
        'service_id' => $this->yard->lesson->id,
        'location_id' => $this->yard->business->locations()->value('id'),
        'starts_at' => $at,
        'minutes' => 60,
        'taken_from' => $at,
        'taken_until' => $at->addHour(),
        'staff_ids' => [$this->yard->staff[0]->id],
        'units' => [],
        'places' => 8,
    ]);
    expect($found())->not->toContain('No session of it is scheduled.');
});

it('counts no hour that has passed as still open', function (): void {
    $this->travelTo(CarbonImmutable::parse('2027-03-01T12:30:00Z'));
    $free = array_column($this->getJson('/api/businesses/yard/board')->assertOk()->json('lanes'), 'freeMinutes');
    expect($free)->toBe([270, 270]) // from half past twelve to five
        ->and(array_column($this->getJson('/api/businesses/yard/board?date=2027-02-28')->json('lanes'), 'freeMinutes'))
        ->toBe([0, 0]);
});

it('lists every length of a service', function (): void {
    $row = fn (): array => array_intersect_key(
        array_column($this->getJson('/api/businesses/yard/setup')->assertOk()->json('services'), null, 'id')[
            $this->yard->lesson->id
        ],
        ['lengths' => 1, 'ownLength' => 1],
    );
    expect($row())->toBe(['lengths' => [60], 'ownLength' => false]);
    $this->yard->lesson->update(['lengths' => [30, 60, 90]]);
    expect($row())->toBe(['lengths' => [30, 60, 90], 'ownLength' => false]);
    $this->yard->lesson->update(['lengths' => ['min' => 30, 'max' => 180, 'step' => 30]]);
    expect($row())->toBe(['lengths' => [30, 180], 'ownLength' => true]);
});

it('takes the same closure or time off only once', function (string $kind): void {
    $draft =
        $kind === 'timeOff'
            ? Things::fresh('timeOff', [
                'staff' => $this->yard->staff[0]->id,
                'name' => '',
                'from' => '2030-03-01T00:00',
                'to' => '2030-03-02T00:00',
            ])
            : Things::fresh('closure');
    $this->postJson('/api/businesses/yard/drafts', ['drafts' => [$draft]])->assertOk();
    expect(
        array_values(
            $this->postJson('/api/businesses/yard/drafts', ['drafts' => [$draft]])
                ->assertUnprocessable()
                ->json('fields'),
        )[0],
    )->toContain('is there already');
})->with(['timeOff', 'closure']);
