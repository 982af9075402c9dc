<?php

declare(strict_types=1);

use App\Models\Booking;
use App\Models\Occasion;
use App\Support\ClientLink;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Database\Events\TransactionBeginning;
use Illuminate\Database\Events\TransactionCommitted;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Tests\Support\Yard;

/*
 * What the database is asked for the two requests that most depend on. Whoever must ask for more raises the number
 * here, and says why.
 */

beforeEach(function (): void {
    $this->yard = Yard::open();
    $this->yard->book('15:00', days: 3); // what is set up is known to the machine
    $this->yard->business->refresh();
    $this->yard->hold('11:00', 3);
    $this->asked = [];
    $note = function (string $what): void {
        $this->asked[] = preg_replace('/\s+/', ' ', trim($what));
    };
    DB::listen(static fn (QueryExecuted $query) => $note($query->toRawSql()));
    Event::listen(
        static fn (TransactionBeginning $one) => $one->connection->transactionLevel() === 1 ? $note('begin') : 0,
    );
    Event::listen(
        static fn (TransactionCommitted $one) => $one->connection->transactionLevel() === 0 ? $note('commit') : 0,
    );
    $this->hold = fn () => $this->postJson(
        '/gate-api/pages/yard/holds',
        ['service' => $this->yard->lesson->id, 'start' => Yard::at('10:00')],
    )->assertCreated();
    $this->book = fn (Booking $held) => $this->postJson(
        "/gate-api/bookings/{$held->id}/book?".app(ClientLink::class)->query($held),
        ['name' => 'Rosa Bell', 'email' => 'rosa@post.example', 'phone' => '', 'note' => ''],
    )->assertOk();
});

it('holds in 18 statements and one commit', function (): void {
    ($this->hold)();
    expect(count($this->asked))->toBeLessThanOrEqual(18)
        ->and(array_count_values($this->asked)['commit'])->toBe(1);
});

it('books in 30 statements and one commit', function (): void {
    $held = $this->yard->hold('10:00');
    $this->asked = [];
    ($this->book)($held);
    expect(count($this->asked))->toBeLessThanOrEqual(30)
        ->and(array_count_values($this->asked)['commit'])->toBe(1)
        ->and($held->messages()->where('occasion', Occasion::Booked)->count())->toBe(3);
});

it('asks nothing of what is set up twice, and never for the columns of a table', function (string $request): void {
    $held = $this->yard->hold('12:00');
    $this->asked = [];
    $request === 'hold' ? ($this->hold)() : ($this->book)($held);
    $set = preg_grep('/\bfrom `?(?:businesses|services|questions|add_ons|staff|locations)`? /', $this->asked);
    expect(array_filter(array_count_values($set), static fn (int $times): bool => $times > 1))->toBe([])
        ->and($set)->not->toBe([])
        ->and(preg_grep('/information_schema/i', $this->asked))->toBe([]);
})->with(['hold', 'book']);

it('lets go of what is booked in 40 statements and one commit', function (): void {
    $booked = $this->yard->book('10:00');
    $this->asked = [];
    $this->postJson("/gate-api/bookings/{$booked->id}/cancel?".app(ClientLink::class)->query($booked), [])->assertOk();
    expect(count($this->asked))->toBeLessThanOrEqual(40)
        ->and(array_count_values($this->asked)['commit'])->toBe(1);
});
