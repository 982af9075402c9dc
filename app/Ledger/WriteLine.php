<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Account;
use App\Models\Sale;
use App\Models\SaleLine;
use App\Models\SaleLineKind;
use App\Support\Clock;
use Carbon\CarbonImmutable;

/**
 * Adds a line to a sale: it is owed from then on, and its tax with it. Within a transaction that has locked the sale.
 */
final readonly class WriteLine
{
    public function __construct(private Book $book, private Clock $clock)
    {
    }

    /**
     * @param  int  $amount with tax, minor unit; below zero it is owed no more
     * @param  list<array{name: string, percent: string, included: bool, net: int, amount: int}>  $taxes
     * @param  list<Posting>  $more that goes with it
     */
    public function __invoke(
        Sale $sale,
        SaleLineKind $kind,
        string $label,
        int $amount,
        string $by,
        array $taxes = [],
        string $why = '',
        ?string $booking = null,
        array $more = [],
        ?CarbonImmutable $at = null,
    ): SaleLine {
        $line = $sale->lines()->create([
            'business_id' => $sale->business_id,
            'booking_id' => $booking,
            'kind' => $kind,
            'label' => mb_substr($label, 0, 120),
            'amount' => $amount,
            'taxes' => $taxes,
            'why' => $why,
            'by' => $by,
            'at' => $at ?? $this->clock->now(),
        ]);
        $about = $kind->movement();
        $postings = [new Posting($about, Account::Due, Account::Sales, $amount, $sale, booking: $booking, why: $why)];
        foreach ($taxes as $tax) {
            $postings[] = new Posting(
                $about,
                Account::Sales,
                Account::Tax,
                $tax['amount'],
                $sale,
                booking: $booking,
                rate: "{$tax['name']} {$tax['percent']}",
            );
        }
        $this->book->write($sale->business()->firstOrFail(), [...$postings, ...$more], $by, $at);

        return $line;
    }
}
