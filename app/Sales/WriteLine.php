<?php

declare(strict_types=1);

namespace App\Sales;

use App\Models\Account;
use App\Models\Sale;
use App\Models\SaleLine;
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

    public function __invoke(Sale $sale, NewLine $new, string $by, ?CarbonImmutable $at = null): SaleLine
    {
        $line = $sale->lines()->create([
            'business_id' => $sale->business_id,
            'booking_id' => $new->booking,
            'kind' => $new->kind,
            'label' => mb_substr($new->label, 0, 120),
            'amount' => $new->amount,
            'taxes' => $new->taxes,
            'why' => $new->why,
            'by' => $by,
            'at' => $at ?? $this->clock->now(),
        ]);
        $postings = [...self::owed($sale, $new), ...$new->more];
        $this->book->write($sale->business, $postings, $by, $at);

        return $line;
    }

    /** @return list<Posting> */
    private static function owed(Sale $sale, NewLine $new): array
    {
        $about = $new->kind->movement();
        $postings = [
            new Posting(
                about: $about,
                to: Account::Due,
                from: Account::Sales,
                amount: $new->amount,
                sale: $sale,
                booking: $new->booking,
                why: $new->why,
            ),
        ];
        foreach ($new->taxes as $tax) {
            $postings[] = new Posting(
                about: $about,
                to: Account::Sales,
                from: Account::Tax,
                amount: $tax['amount'],
                sale: $sale,
                booking: $new->booking,
                rate: "{$tax['name']} {$tax['percent']}",
            );
        }

        return $postings;
    }
}
