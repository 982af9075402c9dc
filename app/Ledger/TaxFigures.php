<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Account;
use App\Models\Business;
use App\Models\Movement;
use App\Models\TaxDay;
use App\Support\Column;
use App\Support\Instants;
use Brick\Math\BigInteger;
use Brick\Math\RoundingMode;
use Carbon\CarbonImmutable;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use stdClass;
use YardBell\Core\Time\Wall;

/**
 * The tax of a period by rate, on the day on which it counts for the business: when it was booked, on the day of the
 * visit, or as it is paid, in proportion. What is taken off again counts as what it is taken off from, so that a period
 * comes to what its documents come to.
 *
 * @phpstan-type Row array{sale: string, name: string, day: string, net: int, amount: int}
 * @phpstan-type Rate array{rate: string, net: int, amount: int, gross: int, sales: list<Row>}
 */
final readonly class TaxFigures
{
    /** What comes in and goes back. */
    private const MONEY = [Movement::Paid, Movement::Undone, Movement::Returned];

    public function __construct(private ConnectionInterface $db)
    {
    }

    /**
     * @param  string  $from local date, $until local date, both included
     * @return list<Rate>
     */
    public function of(Business $business, string $from, string $until): array
    {
        $parts = $business->tax_day === TaxDay::Paid
            ? $this->paid($business, $from, $until)
            : $this->sold($business, $from, $until);
        $rates = [];
        foreach ($parts as [$rate, $row]) {
            if ($row['net'] === 0 && $row['amount'] === 0) {
                continue;
            }
            $rates[$rate] ??= ['rate' => $rate, 'net' => 0, 'amount' => 0, 'gross' => 0, 'sales' => []];
            $rates[$rate]['net'] += $row['net'];
            $rates[$rate]['amount'] += $row['amount'];
            $rates[$rate]['gross'] += $row['net'] + $row['amount'];
            $rates[$rate]['sales'][] = $row;
        }
        ksort($rates);

        return array_values($rates);
    }

    /** @return list<array{string, Row}> by rate: of each sale, on the first day on which something of it counts */
    private function sold(Business $business, string $from, string $until): array
    {
        [$first, $end] = self::instants($business, $from, $until);
        $day = $business->tax_day === TaxDay::Visited ? 'coalesce(b.starts_at, l.at)' : 'l.at';
        $rows = $this->lines($business)
            ->leftJoin('bookings as b', static fn ($join) => $join
                ->on('b.business_id', '=', 'l.business_id')
                ->on('b.id', '=', 'l.booking_id'))
            ->whereRaw("{$day} >= ? and {$day} < ?", [$first, $end])
            ->groupBy('t.name', 't.percent', 'l.sale_id', 's.name')
            ->orderBy('day')
            ->orderBy('l.sale_id')
            ->selectRaw("t.name as tax, t.percent, l.sale_id as sale, s.name, min({$day}) as day, "
                .'sum(t.net) as net, sum(t.amount) as amount')
            ->get();

        return array_values($rows->map(static fn (stdClass $row): array => ["{$row->tax} {$row->percent}", [
            'sale' => $row->sale,
            'name' => $row->name,
            'day' => CarbonImmutable::parse($row->day, 'UTC')->setTimezone($business->time_zone)->format('Y-m-d'),
            'net' => (int) $row->net,
            'amount' => (int) $row->amount,
        ]])->all());
    }

    /** @return list<array{string, Row}> by rate: of each sale, what was paid by the end less what was paid before */
    private function paid(Business $business, string $from, string $until): array
    {
        $money = $this->db->table('book_entries')
            ->where('business_id', $business->id)
            ->where('account', Account::Due->value)
            ->whereIn('about', array_map(static fn (Movement $one): string => $one->value, self::MONEY))
            ->where('day', '<=', $until);
        $sales = (clone $money)->where('day', '>=', $from)->distinct()->pluck('sale_id');
        $entries = $money->whereIn('sale_id', $sales)->get(['sale_id', 'day', 'amount'])->groupBy('sale_id');
        [$first, $end] = self::instants($business, $from, $until);
        $lines = $this->db->table('sale_lines')
            ->where('business_id', $business->id)
            ->whereIn('sale_id', $sales)
            ->where('at', '<', $end)
            ->get(['sale_id', 'at', 'amount', 'taxes'])
            ->groupBy('sale_id');
        $names = $this->db->table('sales')
            ->where('business_id', $business->id)
            ->whereIn('id', $sales)
            ->pluck('name', 'id');
        $parts = [];
        foreach ($entries as $sale => $moved) {
            $own = $lines->get($sale) ?? new Collection();
            $before = self::share(
                $own->where('at', '<', $first),
                -self::sum($moved->where('day', '<', $from)),
            );
            $after = self::share($own, -self::sum($moved));
            foreach ($after + array_fill_keys(array_keys($before), [0, 0]) as $rate => [$net, $amount]) {
                [$wasNet, $was] = $before[$rate] ?? [0, 0];
                $days = Column::strings($moved->where('day', '>=', $from)->sortBy('day')->pluck('day'));
                $parts[] = [(string) $rate, [
                    'sale' => (string) $sale,
                    'name' => is_string($names[$sale] ?? null) ? $names[$sale] : '',
                    'day' => $days[0] ?? $from,
                    'net' => $net - $wasNet,
                    'amount' => $amount - $was,
                ]];
            }
        }

        return $parts;
    }

    /**
     * What part of a sale's tax so much of it has, in proportion: all of it once all is paid.
     *
     * @param  Collection<int, stdClass>  $lines
     * @return array<string, array{int, int}> net and tax by rate
     */
    private static function share(Collection $lines, int $paid): array
    {
        $total = self::sum($lines);
        $rates = [];
        foreach ($lines as $line) {
            /** @var list<array{name: string, percent: string, net: int, amount: int}> $taxes */
            $taxes = json_decode((string) $line->taxes, true);
            foreach ($taxes as $tax) {
                [$net, $amount] = $rates["{$tax['name']} {$tax['percent']}"] ?? [0, 0];
                $rates["{$tax['name']} {$tax['percent']}"] = [$net + $tax['net'], $amount + $tax['amount']];
            }
        }
        $part = static fn (int $of): int => $total <= 0 ? 0 : BigInteger::of($of)
            ->multipliedBy(min($paid, $total))
            ->dividedBy($total, RoundingMode::HALF_UP)
            ->toInt();

        return array_map(static fn (array $rate): array => [$part($rate[0]), $part($rate[1])], $rates);
    }

    /** @param  Collection<int, stdClass>  $rows */
    private static function sum(Collection $rows): int
    {
        return array_sum($rows->map(static fn (stdClass $row): int => (int) $row->amount)->all());
    }

    private function lines(Business $business): Builder
    {
        return $this->db
            ->table('sale_lines as l')
            ->join('sales as s', static fn ($join) => $join
                ->on('s.business_id', '=', 'l.business_id')
                ->on('s.id', '=', 'l.sale_id'))
            ->crossJoin($this->db->raw("json_table(l.taxes, '$[*]' columns (name varchar(120) path '$.name', "
                ."percent varchar(20) path '$.percent', net bigint path '$.net', amount bigint path '$.amount')) t"))
            ->where('l.business_id', $business->id);
    }

    /** @return array{string, string} of the database, the second not included */
    private static function instants(Business $business, string $from, string $until): array
    {
        $zone = $business->zone();

        return [
            Instants::toDatabase($zone->first(Wall::day($from) * Wall::DAY)),
            Instants::toDatabase($zone->first((Wall::day($until) + 1) * Wall::DAY)),
        ];
    }
}
