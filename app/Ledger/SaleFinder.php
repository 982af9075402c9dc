<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Business;
use App\Papers\IssueDocument;
use App\Sales\OpenPrices;
use App\Support\Instants;
use App\Support\Money;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use stdClass;
use YardBell\Core\Time\Wall;

/**
 * Finds sales by name, number of a document, amount and date: two queries, by sums that stand on their rows.
 *
 * @phpstan-type Asked array{text: string, state: string, from: string|null, until: string|null}
 * @phpstan-type Found array{
 *     id: string, name: string, what: string, at: string, total: int, due: int, returning: int, state: string,
 *     numbers: list<string>,
 * }
 */
final readonly class SaleFinder
{
    public const PAGE = 50;

    /** Rows of a file at most. */
    public const MOST = 20_000;

    public function __construct(private ConnectionInterface $db)
    {
    }

    /**
     * @param  Asked  $asked state: all, due, paid, back (something was refunded) or open (a price is not settled);
     *   dates are local
     * @return array{rows: list<Found>, more: bool}
     */
    public function __invoke(Business $business, array $asked, int $page = 0, int $size = self::PAGE): array
    {
        $found = $this->sales($business)
            ->tap(fn (Builder $query) => $this->narrow($query, $business, $asked))
            ->orderByDesc('sales.created_at')
            ->orderByDesc('sales.id')
            ->offset($page * $size)
            ->limit($size + 1)
            ->get();
        $numbers = $this->numbers($business, $found->pluck('id'));

        return [
            'rows' => array_values(
                $found->take($size)->map(fn (stdClass $sale): array => self::row($sale, $numbers))->all(),
            ),
            'more' => $found->count() > $size,
        ];
    }

    /** Those that came to something, or whose price is open. */
    private function sales(Business $business): Builder
    {
        return $this->db
            ->table('sales')
            ->where('sales.business_id', $business->id)
            ->where(
                static fn (Builder $either) => $either
                    ->where('sales.moves', '>', 0)
                    ->orWhereExists(OpenPrices::ofSale(...)),
            )
            ->selectRaw(
                'sales.id, sales.name, sales.created_at, sales.owed, sales.underway, sales.total, sales.back, '
                    .'sales.paid, (select min(label) from sale_lines l where l.business_id = sales.business_id and '
                    ."l.sale_id = sales.id and l.label <> '') as what",
            )
            ->selectSub(static fn (Builder $open) => OpenPrices::ofSale($open)->selectRaw('count(*)'), 'open');
    }

    /** @param  Asked  $asked */
    private function narrow(Builder $query, Business $business, array $asked): void
    {
        $zone = $business->zone();
        $from = $asked['from'] === null ? null : $zone->first(Wall::day($asked['from']) * Wall::DAY);
        $until = $asked['until'] === null ? null : $zone->first((Wall::day($asked['until']) + 1) * Wall::DAY);
        match ($asked['state']) {
            'due' => $query->where('sales.owed', '>', 0),
            'paid' => $query->where('sales.owed', '<=', 0)->where('sales.paid', '>', 0),
            'back' => $query->where('sales.back', '>', 0),
            'open' => $query->whereIn(
                'sales.id',
                static fn (Builder $open) => OpenPrices::of($open, $business->id)->select('bookings.sale_id'),
            ),
            default => null,
        };
        if ($from !== null) {
            $query->where('sales.created_at', '>=', Instants::toDatabase($from));
        }
        if ($until !== null) {
            $query->where('sales.created_at', '<', Instants::toDatabase($until));
        }
        if ($asked['text'] !== '') {
            $query->where(fn (Builder $either) => $this->named($either, $business, $asked['text']));
        }
    }

    /** By a part of the name, an amount as it is written, or the number of a document. */
    private function named(Builder $query, Business $business, string $text): void
    {
        $like = addcslashes($text, '%_\\');
        $query->where('sales.name', 'like', "%{$like}%");
        $amount = self::amount($text, $business->currency);
        if ($amount !== null) {
            $query->orWhere('sales.total', $amount);
        }
        if (preg_match('/^(C?)(\d{4})-(\d{1,9})\z/i', $text, $number) === 1) {
            $query->orWhereExists(
                static fn (Builder $documents) => $documents
                    ->from('documents')
                    ->whereColumn('documents.business_id', 'sales.business_id')
                    ->whereColumn('documents.sale_id', 'sales.id')
                    ->where('kind', $number[1] === '' ? IssueDocument::INVOICE : IssueDocument::CREDIT)
                    ->where('year', (int) $number[2])
                    ->where('number', (int) $number[3]),
            );
        }
    }

    /** "48", "48.50" and "48,5" in the minor unit; null: no amount. */
    private static function amount(string $text, string $currency): ?int
    {
        if (preg_match('/^(\d{1,12})(?:[.,](\d{1,3}))?\z/', $text, $digits) !== 1) {
            return null;
        }
        $places = Money::places($currency);
        $minor = $digits[2] ?? '';

        return strlen($minor) > $places ? null : (int) ($digits[1].str_pad($minor, $places, '0'));
    }

    /**
     * @param  Collection<int, mixed>  $sales ids
     * @return array<string, list<string>> by sale
     */
    private function numbers(Business $business, Collection $sales): array
    {
        $numbers = [];
        $documents = $this->db
            ->table('documents')
            ->where('business_id', $business->id)
            ->whereIn('sale_id', $sales)
            ->orderBy('at')
            ->get(['sale_id', 'kind', 'year', 'number']);
        foreach ($documents as $document) {
            $letter = $document->kind === IssueDocument::CREDIT ? 'C' : '';
            $numbers[$document->sale_id][] = $letter.sprintf('%04d-%04d', $document->year, $document->number);
        }

        return $numbers;
    }

    /**
     * @param  array<string, list<string>>  $numbers
     * @return Found
     */
    private static function row(stdClass $sale, array $numbers): array
    {
        [$owed, $paid, $back] = [(int) $sale->owed, (int) $sale->paid, (int) $sale->back];

        return [
            'id' => $sale->id,
            'name' => $sale->name,
            'what' => $sale->what ?? '',
            'at' => str_replace(' ', 'T', substr($sale->created_at, 0, 16)).'Z',
            'total' => (int) $sale->total,
            'due' => max(0, $owed),
            'returning' => (int) $sale->underway,
            'state' => match (true) {
                (int) $sale->open > 0 => 'open',
                (int) $sale->underway > 0 => 'returning',
                $owed > 0 => $paid > $back ? 'part' : 'due',
                $paid > $back => 'paid',
                $back > 0 => 'back',
                default => 'nothing',
            },
            'numbers' => $numbers[$sale->id] ?? [],
        ];
    }
}
