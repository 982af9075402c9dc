<?php

declare(strict_types=1);

use App\Messages\RemindUnanswered;
use App\Messages\Wording;
use App\Models\OutboxEntry;
use App\Support\Clock;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Artisan;
use Tests\Support\Yard;
use YardBell\Core\Booking\State;

/* The owners are reminded of a request whose answer is soon due. */

beforeEach(function (): void {
    $this->yard = Yard::open(['approval' => true]);
    $this->booking = $this->yard->book('10:00');
    $this->after = function (int $hours): Collection {
        app(Clock::class)->putForward($hours * 60);
        app(RemindUnanswered::class)();

        return OutboxEntry::query()->where('occasion', 'unanswered')->orderBy('id')->get();
    };
});

it('reminds them once, when a quarter of the time is left', function (): void {
    expect($this->booking->refresh()->state)->toBe(State::Pending)
        ->and(($this->after)(17))->toBeEmpty();
    $reminded = ($this->after)(2)->sole();
    expect($reminded->recipient)->toBe('owner@yard.example')
        ->and(app(Wording::class)->letter($reminded)->text)->toContain('was told to hear from you by');
    $this->booking->update(['calendar_sequence' => 1, 'note' => 'I bring my own clay.']);
    expect(($this->after)(2))->toHaveCount(1);
});

it('reminds once of a visit of several services', function (): void {
    $then = $this->yard->book('11:00');
    foreach ([$this->booking, $then] as $part) {
        $part->update(['visit_id' => $this->booking->id]);
    }
    expect(($this->after)(20)->pluck('booking_id')->all())->toBe([$this->booking->id]);
});

it('reminds of nothing that is answered', function (): void {
    $this->booking->update(['state' => State::Confirmed]);
    expect(($this->after)(20))->toBeEmpty();
});

it('reminds sooner where the business answers sooner', function (): void {
    $this->yard->business->update(['answer_minutes' => 4 * 60]);
    expect(($this->after)(2))->toBeEmpty()
        ->and(($this->after)(1))->toHaveCount(1);
});

it('is looked after by the worker, once a minute', function (): void {
    app(Clock::class)->putForward(20 * 60);
    Artisan::call('work', ['--once' => true, '--lane' => 'upkeep']);
    expect(OutboxEntry::query()->where('occasion', 'unanswered')->delete())->toBe(1);
    Artisan::call('work', ['--once' => true, '--lane' => 'upkeep']);
    expect(OutboxEntry::query()->where('occasion', 'unanswered')->count())->toBe(0);
});
