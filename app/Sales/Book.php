<?php

declare(strict_types=1);

namespace App\Sales;

use App\Models\Account;
use App\Models\Business;
use App\Models\Id;
use App\Support\Clock;
use Carbon\CarbonImmutable;
use Illuminate\Database\ConnectionInterface;

/**
 * The book: pairs of entries that sum to zero, only ever added (rules.md L6). What is due, a drawer, a client's credit,
 * tax, tips, staff pay and fees are sums of its entries; those of a sale stand on its row as well, so that sales can be
 * looked for by them, and that of the drawer. Within the transaction that moves the money.
 */
final readonly class Book
{
    public function __construct(private ConnectionInterface $db, private Clock $clock)
    {
    }

    /**
     * @param  list<Posting>  $postings
     * @param  CarbonImmutable|null  $at null: now
     */
    public function write(Business $business, array $postings, string $by, ?CarbonImmutable $at = null): void
    {
        $at ??= $this->clock->now();
        $written = [
            'business_id' => $business->id,
            'day' => $at->setTimezone($business->time_zone)->format('Y-m-d'),
            'at' => $at->format('Y-m-d H:i:s'),
            'by' => $by,
        ];
        [$entries, $sums] = [[], []];
        foreach ($postings as $posting) {
            if ($posting->amount !== 0) {
                $pair = [...$written, ...self::columns($posting), 'currency' => $business->currency];
                $entries[] = ['account' => $posting->to->value, 'amount' => $posting->amount] + $pair;
                $entries[] = ['account' => $posting->from->value, 'amount' => -$posting->amount] + $pair;
                $sale = $posting->sale->id ?? null;
                foreach ($sale === null ? [] : SumsOfSale::of($posting) as $column => $amount) {
                    $sums[$sale][$column] = ($sums[$sale][$column] ?? 0) + $amount;
                }
            }
        }
        $this->db->table('book_entries')->insert($entries);
        $cash = array_sum(array_column(
            array_filter($entries, static fn (array $entry): bool => $entry['account'] === Account::Cash->value),
            'amount',
        ));
        if ($cash !== 0) {
            $this->db->statement(
                'insert into drawers (business_id, amount) values (?, ?) on duplicate key update amount = amount + ?',
                [$business->id, $cash, $cash],
            );
        }
        foreach ($sums as $sale => $more) {
            $this->db->table('sales')->where('business_id', $business->id)->where('id', $sale)->incrementEach($more);
        }
    }

    /** @return array<string, string|null> */
    private static function columns(Posting $posting): array
    {
        return [
            'pair' => Id::make(),
            'about' => $posting->about->value,
            'sale_id' => $posting->sale?->id,
            'client_id' => $posting->sale?->client_id,
            'payment_id' => $posting->payment,
            'payout_id' => $posting->payout,
            'booking_id' => $posting->booking,
            'staff_id' => $posting->staff,
            'rate' => $posting->rate,
            'why' => $posting->why,
        ];
    }
}
