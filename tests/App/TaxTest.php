<?php

declare(strict_types=1);

use App\Bookings\CancelBooking;
use App\Bookings\Cancelling;
use App\Ledger\Http\Csv;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Document;
use App\Models\TaxDay;
use App\Models\TaxRate;
use App\Papers\DocumentContent;
use App\Support\Clock;
use Tests\Support\Yard;

/* On which day tax counts is the owner's choice; a period's sums are those of its documents. */

beforeEach(function (): void {
    $this->yard = Yard::open(['price' => 12300]);
    $rate = TaxRate::query()->create([
        'business_id' => $this->yard->business->id, 'name' => 'VAT', 'percent' => '23', 'position' => 0,
    ]);
    $this->yard->business->update(['prices_include_tax' => true]);
    $this->yard->lesson->update(['pricing' => [...$this->yard->lesson->pricing, 'taxRates' => [$rate->id]]]);
    Business::rulesChanged($this->yard->business->id);
    $this->yard->business->refresh();
    $this->actingAs($this->yard->owner);
    $this->day = static fn (int $days): string => app(Clock::class)->now()->addDays($days)->format('Y-m-d');
    $this->tax = fn (string $from, string $until): array => $this->getJson(
        "/api/businesses/yard/figures?from={$from}&until={$until}",
    )->assertOk()->json('tax');
    $this->pay = fn (Booking $booking, int $amount, int $seen) => $this->postJson(
        "/api/businesses/yard/sales/{$booking->sale_id}/payments",
        ['method' => 'card', 'amount' => $amount, 'tip' => 0, 'given' => null, 'keepsRest' => false, 'seen' => $seen],
    )->assertOk();
});

it('counts tax on the day it was booked, visited or paid', function (string $counts, array $amounts): void {
    $this->yard->business->update(['tax_day' => $counts]);
    $days = array_map($this->day, [0, 1, 2]);
    $booking = $this->yard->book('10:00'); // the day after tomorrow
    app(Clock::class)->putForward(24 * 60);
    ($this->pay)($booking, 12300, 12300);
    $found = array_map(fn (string $day): int => ($this->tax)($day, $day)[0]['amount'] ?? 0, $days);
    expect($found)->toBe($amounts);
})->with([
    'booked' => ['booked', [2300, 0, 0]],
    'visited' => ['visited', [0, 0, 2300]],
    'paid' => ['paid', [0, 2300, 0]],
]);

it('says net, tax and gross by rate, in figures and file', function (): void {
    $this->yard->business->update(['tax_day' => 'booked']);
    $booking = $this->yard->book('10:00');
    $today = ($this->day)(0);
    expect(($this->tax)($today, $today)[0])->toMatchArray(['net' => 10000, 'amount' => 2300, 'gross' => 12300]);
    $file = $this->get("/api/businesses/yard/tax.csv?from={$today}&until={$today}")->streamedContent();
    expect($file)->toContain("VAT 23\",booked,{$today},{$booking->sale_id},\"Kim Post\",100.00,23.00,123.00,EUR");
});

it('counts what is paid in parts in parts that come to all of it, and what is refunded off again', function (): void {
    $this->yard->business->update(['tax_day' => 'paid']);
    $booking = $this->yard->book('10:00', days: 9);
    $days = array_map($this->day, range(0, 3));
    foreach ([[4000, 12300], [4001, 8300], [4299, 4299]] as [$amount, $seen]) {
        ($this->pay)($booking, $amount, $seen);
        app(Clock::class)->putForward(24 * 60);
    }
    $each = array_map(fn (string $day): int => ($this->tax)($day, $day)[0]['amount'], array_slice($days, 0, 3));
    expect(array_sum($each))->toBe(2300)->and($each)->toBe([748, 748, 804])
        ->and(($this->tax)($days[0], $days[2])[0])->toMatchArray(['net' => 10000, 'amount' => 2300]);
    $this->postJson("/api/businesses/yard/sales/{$booking->sale_id}/refunds", [
        'amount' => 12300, 'why' => 'Ill', 'seen' => 0, 'staysOwed' => false, 'told' => false,
    ])->assertOk();
    expect(($this->tax)($days[3], $days[3])[0]['amount'])->toBe(-2300)
        ->and(($this->tax)($days[0], $days[3]))->toBe([]);
});

it('comes to what the documents of the same sales come to, whatever was taken off', function (TaxDay $counts): void {
    $this->yard->business->update(['tax_day' => $counts]);
    foreach (['10:00', '11:00', '13:00'] as $i => $time) {
        $booking = $this->yard->book($time, "c{$i}@post.example");
        if ($i === 1) {
            $this->postJson("/api/businesses/yard/sales/{$booking->sale_id}/let-off", [
                'amount' => 1001, 'seen' => 12300, 'why' => 'Late',
            ])->assertOk();
        }
        ($this->pay)($booking, $i === 1 ? 11299 : 12300, $i === 1 ? 11299 : 12300);
        $this->postJson("/api/businesses/yard/sales/{$booking->sale_id}/invoice", ['name' => 'Kim', 'address' => ''])
            ->assertOk();
    }
    $off = $this->yard->book('15:00', 'off@post.example');
    app(CancelBooking::class)($this->yard->business->id, $off->id, new Cancelling('Owner'));
    $documents = Document::query()->get()->map(fn (Document $one) => DocumentContent::read($one->content)->taxes[0]);
    [$tax] = ($this->tax)(($this->day)(0), ($this->day)(3));
    expect([$tax['net'], $tax['amount']])->toBe([(int) $documents->sum('net'), (int) $documents->sum('amount')]);
})->with(TaxDay::cases());

it('gives this month and the last in one word', function (): void {
    $months = function (string $month): array {
        $found = $this->getJson("/api/businesses/yard/figures?month={$month}")->assertOk()->json();

        return [$found['from'], $found['until']];
    };
    $now = app(Clock::class)->now();
    expect($months('this'))->toBe([$now->format('Y-m-01'), $now->format('Y-m-t')])
        ->and($months('last'))->toBe([
            $now->subMonthNoOverflow()->format('Y-m-01'), $now->subMonthNoOverflow()->format('Y-m-t'),
        ]);
});

it('gives payments, closes and the book as files, whose entries sum to zero', function (): void {
    $booking = $this->yard->book('10:00');
    ($this->pay)($booking, 12300, 12300);
    $this->postJson('/api/businesses/yard/closes', ['counted' => 100, 'banked' => 0, 'seen' => 0, 'note' => '=1+1'])
        ->assertOk();
    $rows = function (string $of): array {
        $lines = explode("\r\n", trim($this->get("/api/businesses/yard/{$of}.csv")->assertOk()->streamedContent()));
        $head = str_getcsv(substr((string) array_shift($lines), 3), escape: '');

        return array_map(
            static fn (string $line): array => array_combine($head, str_getcsv($line, escape: '')),
            $lines,
        );
    };
    expect($rows('payments')[0])->toMatchArray(['what' => 'paid', 'method' => 'card', 'amount' => '123.00'])
        ->and($rows('closes')[0])->toMatchArray(['difference' => '1.00', 'note' => "'=1+1"])
        ->and(array_sum(array_column($rows('book'), 'amount')))->toEqualWithDelta(0.0, 0.001)
        ->and($rows('payouts'))->toBe([]);
});

it('disarms every cell that a spreadsheet would reckon with, and no number', function (string $cell, string $is): void {
    ob_start();
    Csv::of('test', ['a'], [[$cell]])->sendContent();
    expect(explode("\r\n", (string) ob_get_clean())[1])->toBe($is);
})->with([
    ['=1+1', "'=1+1"], ['+44 1632', "\"'+44 1632\""], ['-1-1', "'-1-1"], ['@sum', "'@sum"], ["\t=1", "\"'\t=1\""],
    ['-12.50', '-12.50'], ['+3', '+3'], ['12', '12'], ['Kim', 'Kim'],
]);
