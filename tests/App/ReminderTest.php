<?php

declare(strict_types=1);

use App\Models\Reminder;
use Illuminate\Testing\TestResponse;
use Tests\Support\Yard;

/* What somebody wants to be reminded of: theirs alone, and in nobody's way. */

beforeEach(function (): void {
    $this->yard = Yard::open();
    $this->actingAs($this->yard->owner);
    $this->date = substr(Yard::at('10:00', 0), 0, 10);
    $this->add = fn (string $at, string $text = 'Order clay'): TestResponse => $this->postJson(
        '/api/businesses/yard/reminders',
        ['at' => $at, 'text' => $text],
    );
    $this->seen = fn (string $date): array => $this->getJson("/api/businesses/yard/reminders?date={$date}")
        ->assertOk()
        ->json('reminders.*.text');
});

it('is kept by the clock on the wall, done and not done, and dropped', function (): void {
    $one = ($this->add)("{$this->date}T14:00")->assertCreated()->json('reminders.0');
    ($this->add)("{$this->date}T09:00", 'Call the supplier');
    expect(($this->seen)($this->date))->toBe(['Call the supplier', 'Order clay'])
        ->and($one['done'])->toBeFalse();
    $this->postJson("/api/businesses/yard/reminders/{$one['id']}", ['done' => true])->assertOk();
    expect(Reminder::query()->findOrFail($one['id'])->done)->toBeTrue();
    $this->deleteJson("/api/businesses/yard/reminders/{$one['id']}")->assertOk();
    expect(($this->seen)($this->date))->toBe(['Call the supplier']);
});

it('stays in sight today until it is done', function (): void {
    $yesterday = substr(Yard::at('10:00', -1), 0, 10);
    $tomorrow = substr(Yard::at('10:00', 1), 0, 10);
    $id = ($this->add)("{$yesterday}T10:00")->json('reminders.0.id');
    ($this->add)("{$tomorrow}T10:00", 'Fire the kiln');
    expect(($this->seen)($this->date))->toBe(['Order clay'])
        ->and(($this->seen)($tomorrow))->toBe(['Fire the kiln']);
    $this->postJson("/api/businesses/yard/reminders/{$id}", ['done' => true]);
    expect(($this->seen)($this->date))->toBe([])->and(($this->seen)($yesterday))->toBe(['Order clay']);
});

it('is seen and changed by nobody else, and says what is missing', function (): void {
    $id = ($this->add)("{$this->date}T14:00")->json('reminders.0.id');
    ($this->add)('soon')->assertUnprocessable();
    expect(($this->add)("{$this->date}T14:00", '')->assertUnprocessable()->json('fields'))->toHaveKey('text');
    $this->actingAs($this->yard->somebody('manager'));
    expect(($this->seen)($this->date))->toBe([]);
    $this->postJson("/api/businesses/yard/reminders/{$id}", ['done' => true])->assertNotFound();
    $this->deleteJson("/api/businesses/yard/reminders/{$id}")->assertNotFound();
});
