<?php

declare(strict_types=1);

use App\Models\Sale;
use App\Sales\AuditBook;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/* A demonstration from before there were sales (tests/dumps), with payments in every state, becomes one with a book. */

beforeEach(function (): void {
    $this->name = config('database.connections.mariadb.database').'_old';
    DB::statement("drop database if exists {$this->name}");
    DB::statement("create database {$this->name}");
    config(['database.connections.old' => [...config('database.connections.mariadb'), 'database' => $this->name]]);
    $dump = (string) gzdecode((string) file_get_contents(base_path('tests/dumps/before-sales.sql.gz')));
    foreach (array_filter(explode(";\n", $dump), static fn (string $one): bool => trim($one) !== '') as $statement) {
        DB::connection('old')->unprepared($statement);
    }
    DB::purge('old');
});

afterEach(function (): void {
    DB::purge('old');
    DB::statement("drop database if exists {$this->name}");
});

/** @return array<string, string> by booking: what was paid of it, what goes or went back */
function paidBefore(Connection $old): array
{
    return $old
        ->table('payments')
        ->where('kind', '<>', 'card')
        ->whereIn('state', ['paid', 'refunding', 'refunded'])
        ->groupBy('booking_id')
        ->selectRaw("booking_id, concat(sum(amount), ' ', sum(returned)) as said")
        ->orderBy('booking_id')
        ->pluck('said', 'booking_id')
        ->all();
}

it('makes sales of bookings and payments, and loses nothing', function (): void {
    $old = DB::connection('old');
    $before = paidBefore($old);
    $payments = $old->table('payments')->count();
    $sold = $old->table('bookings')->whereIn('state', ['pending', 'confirmed', 'completed'])->sum('price');
    $fees = $old->table('bookings')->where('state', 'cancelled')->sum('fee');
    expect(count($before))->toBeGreaterThan(20);
    Artisan::call('migrate', ['--database' => 'old', '--force' => true]);
    $after = $old
        ->table('book_entries as e')
        ->join('bookings as b', 'b.sale_id', '=', 'e.sale_id')
        ->where('account', 'due')
        ->whereIn('about', ['paid', 'returned'])
        ->groupBy('b.id')
        ->selectRaw(
            "b.id, concat(-sum(if(about = 'paid', amount, 0)), ' ', sum(if(about = 'returned', amount, 0))) as said",
        )
        ->orderBy('b.id')
        ->pluck('said', 'id')
        ->all();
    $earned = $old->table('sale_lines')->sum('amount');
    expect($after)->toBe($before)
        ->and($old->table('payments')->whereNotNull('sale_id')->count())->toBe($payments)
        ->and((int) $earned)->toBe((int) $sold + (int) $fees)
        ->and((new AuditBook($old))())->toBe([]);
});

it('keeps tax that was added, and staff pay, where they were', function (): void {
    $old = DB::connection('old');
    $pay = 0;
    foreach ($old->table('bookings')->whereIn('state', ['pending', 'confirmed', 'completed'])->get() as $booking) {
        $pay += array_sum(json_decode($booking->staff_pay, true));
    }
    Artisan::call('migrate', ['--database' => 'old', '--force' => true]);
    $sum = static fn (string $account): int => (int) $old
        ->table('book_entries')
        ->where('account', $account)
        ->sum('amount');
    expect(-$sum('staff_pay'))->toBe($pay)
        ->and($pay)->toBeGreaterThan(0)
        ->and((int) $old->table('book_entries')->where('rate', 'VAT ')->where('account', 'tax')->sum('amount'))
        ->toBe(-230);
});

it('goes back, and comes again', function (): void {
    $old = DB::connection('old');
    $before = paidBefore($old);
    Artisan::call('migrate', ['--database' => 'old', '--force' => true]);
    Artisan::call('migrate:rollback', ['--database' => 'old', '--force' => true]);
    expect(paidBefore($old))->toBe($before);
    Artisan::call('migrate', ['--database' => 'old', '--force' => true]);
    expect((new AuditBook($old))())->toBe([])->and($old->table((new Sale())->getTable())->count())->toBeGreaterThan(50);
});
