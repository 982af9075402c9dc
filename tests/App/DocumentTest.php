<?php

declare(strict_types=1);

use App\Models\Booking;
use App\Models\Document;
use App\Models\Sale;
use App\Models\TaxRate;
use App\Outbox\DeliverDue;
use App\Papers\IssueDocument;
use App\StandIns\MailboxFiles;
use App\Support\Clock;
use Illuminate\Support\Facades\DB;
use Tests\Support\Pdf;
use Tests\Support\Races;
use Tests\Support\Yard;

beforeEach(function (): void {
    $this->yard = Yard::open(['price' => 4800]);
    $this->sale = fn (Booking $booking): Sale => Sale::query()->findOrFail($booking->refresh()->sale_id);
    $this->issue = fn (Sale $sale): Document => app(IssueDocument::class)->invoice(
        $this->yard->business,
        $sale->id,
        'Kim',
        '4 Quay Row',
        'Owner',
    );
});

it('numbers invoices and credit notes by year, and keeps them as they were issued (L5)', function (): void {
    $year = app(Clock::class)->now()->format('Y');
    $sale = ($this->sale)($this->yard->book('10:00'));
    $first = ($this->issue)($sale);
    expect($first->written())->toBe("{$year}-0001")
        ->and(fn () => ($this->issue)($sale))->toThrow(App\Support\Refusal::class);
    $credit = app(IssueDocument::class)->credit($this->yard->business, $sale->id, $first->id, 'Owner');
    expect($credit->written())->toBe("C{$year}-0001")
        ->and($credit->content['total'])->toBe(-4800)
        ->and($credit->content['of'])->toBe("{$year}-0001")
        ->and(fn () => app(IssueDocument::class)->credit($this->yard->business, $sale->id, $first->id, 'Owner'))
        ->toThrow(App\Support\Refusal::class);
    $this->yard->business->update(['name' => 'Renamed']);
    expect($first->refresh()->content['from'])->toStartWith('Yard')
        ->and(($this->issue)($sale)->written())->toBe("{$year}-0002");
    app(Clock::class)->putForward(370 * 24 * 60);
    $next = app(Clock::class)->now()->format('Y');
    expect($next)->not->toBe($year);
    expect(($this->issue)(($this->sale)($this->yard->book('12:00')))->written())->toBe("{$next}-0001");
});

it('prints the business, the lines, the tax by rate and the number', function (): void {
    $rate = TaxRate::query()->create([
        'business_id' => $this->yard->business->id,
        'name' => 'VAT',
        'percent' => '23',
    ]);
    $this->yard->lesson->update(['pricing' => [...Yard::pricing(12300), 'taxRates' => [$rate->id]]]);
    App\Models\Business::rulesChanged($this->yard->business->id);
    $this->yard->business->update(['tax_number' => 'QM 417']);
    $sale = ($this->sale)($this->yard->book('10:00'));
    $document = ($this->issue)($sale);
    $this->yard->business->update(['tax_number' => 'QM 999']);
    $this->actingAs($this->yard->owner);
    $pdf = $this->get("/api/businesses/yard/documents/{$document->id}")->assertOk();
    $words = Pdf::words((string) $pdf->getContent());
    expect($pdf->headers->get('Content-Type'))->toBe('application/pdf')
        ->and($words)->toContain($document->written())
        ->toContain('1 Yard Lane')
        ->toContain('Tax number QM 417')
        ->toContain('4 Quay Row')
        ->toContain('Lesson')
        ->toContain('123.00')
        ->toContain('VAT 23')
        ->toContain('100.00')
        ->toContain('23.00');
    $receipt = $this->get("/api/businesses/yard/sales/{$sale->id}/receipt")->assertOk();
    expect(Pdf::words((string) $receipt->getContent()))->toContain('Receipt')->toContain('Still due');
});

it('mails a receipt and an invoice as PDF, and a link to pay', function (): void {
    $sale = ($this->sale)($this->yard->book('10:00'));
    $this->actingAs($this->yard->owner);
    $send = fn (string $what) => $this->postJson("/api/businesses/yard/sales/{$sale->id}/letters", ['what' => $what]);
    $send('invoice')->assertStatus(409);
    ($this->issue)($sale);
    foreach (['pay_link', 'receipt', 'invoice'] as $what) {
        $send($what)->assertOk();
    }
    app(DeliverDue::class)(lane: 'mail');
    $subjects = array_column(app(MailboxFiles::class)->all(), 'subject', 'id');
    $mails = array_filter(
        $subjects,
        static fn (string $subject): bool => preg_match('/^(To be paid|Your receipt|Your invoice)/', $subject) === 1,
    );
    expect($mails)->toHaveCount(3);
    foreach ($mails as $id => $subject) {
        $file = (string) file_get_contents(config('yardbell.mailbox')."/{$id}.eml");
        expect(str_contains($file, 'application/pdf'))->toBe(! str_starts_with($subject, 'To be paid'));
    }
    $this->postJson("/api/businesses/yard/sales/{$sale->id}/payments", [
        'method' => 'cash',
        'amount' => 4800,
        'tip' => 0,
        'given' => null,
        'keepsRest' => false,
        'seen' => 4800,
    ]);
    $send('pay_link')->assertStatus(409);
});

it('leaves no gap in the numbers, many at once and some killed in the middle of it', function (): void {
    $sales = [];
    foreach (['09:00', '10:00', '11:00', '12:00', '13:00', '14:00'] as $time) {
        $sales[] = ($this->sale)($this->yard->book($time));
        $sales[] = ($this->sale)($this->yard->book($time, days: 3));
    }
    $answers = Races::run(12, function (int $i) use ($sales): string {
        if ($i % 3 !== 0) {
            return ($this->issue)($sales[$i])->written();
        }

        return DB::transaction(function () use ($sales, $i): string {
            ($this->issue)($sales[$i]);
            usleep(20_000);
            posix_kill((int) getmypid(), SIGKILL);

            return 'never';
        });
    });
    $numbers = Document::query()->orderBy('number')->pluck('number')->all();
    $issued = array_filter($answers, static fn (string $one): bool => preg_match('/^\d{4}-\d{4}\z/', $one) === 1);
    expect($issued)->toHaveCount(8)
        ->and($numbers)->toBe(range(1, 8))
        ->and(DB::table('document_numbers')->value('last'))->toBe(8);
});
