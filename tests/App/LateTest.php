<?php

declare(strict_types=1);

use App\Messages\RemindLate;
use App\Models\OutboxEntry;
use Tests\Support\Yard;
use YardBell\Core\Booking\State;

/* Who has not said that a visit began is reminded once, and a little later the owner. */

beforeEach(function (): void {
    $this->yard = Yard::open();
    $this->booking = $this->yard->book('10:00');
    $this->late = function (int $minutes): array {
        $start = now()->subMinutes($minutes);
        $this->booking->update(['starts_at' => $start, 'taken_from' => $start]);
        app(RemindLate::class)();

        return OutboxEntry::query()
            ->where('occasion', 'late')
            ->orderBy('id')
            ->get()
            ->map(static fn (OutboxEntry $entry): string => "{$entry->audience->value} {$entry->recipient}")
            ->all();
    };
});

it('reminds the person and then the owner, each once', function (): void {
    $this->yard->staff[0]->update(['told_of' => ['late']]);
    expect(($this->late)(3))->toBe([])
        ->and(($this->late)(6))->toBe(['staff ana@yard.example'])
        ->and(($this->late)(20))->toBe(['staff ana@yard.example', 'owner owner@yard.example'])
        ->and(($this->late)(40))->toHaveCount(2);
});

it('leaves those in peace who do not want it, what has begun, and what is long over', function (): void {
    expect(($this->late)(20))->toBe([]);
    $this->yard->staff[0]->update(['told_of' => ['booked', 'late']]);
    expect(($this->late)(180))->toBe([]);
    $this->booking->update(['state' => State::Started]);
    expect(($this->late)(20))->toBe([]);
});
