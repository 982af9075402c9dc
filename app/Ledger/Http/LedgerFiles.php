<?php

declare(strict_types=1);

namespace App\Ledger\Http;

use App\Http\Asker;
use App\Language\Catalogue;
use App\Ledger\Figures;
use App\Models\Business;
use App\Support\Clock;
use App\Support\Money;
use Carbon\CarbonImmutable;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\Request;
use stdClass;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What a bookkeeper takes away of a period, as files: payments and refunds, closes, payouts, and the whole book. */
final readonly class LedgerFiles
{
    public function __construct(
        private ConnectionInterface $db,
        private Figures $figures,
        private Clock $clock,
        private Catalogue $catalogue,
    ) {
    }

    /** What came in and went back, by the day of the business's clock. */
    public function payments(Request $request): StreamedResponse
    {
        [$business, $period] = $this->asked($request);
        $rows = $this->db
            ->table('book_entries as e')
            ->join('payments as p', 'p.id', '=', 'e.payment_id')
            ->join('sales as s', 's.id', '=', 'e.sale_id')
            ->where('e.business_id', $business->id)
            ->where('e.account', 'due')
            ->whereIn('e.about', ['paid', 'undone', 'returned'])
            ->whereBetween('e.day', [$period->from, $period->until])
            ->orderBy('e.id')
            ->selectRaw('e.day, e.at, e.about, p.method, -e.amount as amount, p.id, e.sale_id, s.name, e.by, e.why')
            ->get();
        $head = ['date', 'time', 'what', 'method', 'amount', 'currency', 'payment', 'sale', 'name', 'by', 'why'];

        return Csv::of('payments', $head, array_values($rows->map(fn (stdClass $row): array => [
            $row->day,
            self::time($business, $row->at),
            $row->about,
            $row->method,
            Money::plain((int) $row->amount, $business->currency),
            $business->currency,
            $row->id,
            $row->sale_id,
            $row->name,
            $this->told($row->by),
            $row->why,
        ])->all()));
    }

    /** Each close of a day's drawer. */
    public function closes(Request $request): StreamedResponse
    {
        [$business, $period] = $this->asked($request);
        $plain = static fn (int|string $amount): string => Money::plain((int) $amount, $business->currency);
        $rows = $this->db
            ->table('day_closes')
            ->where('business_id', $business->id)
            ->whereBetween('day', [$period->from, $period->until])
            ->orderBy('at')
            ->get();
        $head = ['date', 'time', 'expected', 'counted', 'difference', 'banked', 'currency', 'by', 'note'];

        return Csv::of('closes', $head, array_values($rows->map(static fn (stdClass $row): array => [
            $row->day,
            self::time($business, $row->at),
            $plain($row->expected),
            $plain($row->counted),
            $plain((int) $row->counted - (int) $row->expected),
            $plain($row->banked),
            $business->currency,
            $row->by,
            $row->note,
        ])->all()));
    }

    /** What the processor sent to the bank, sale by sale. */
    public function payouts(Request $request): StreamedResponse
    {
        [$business, $period] = $this->asked($request);
        $plain = static fn (int $amount): string => Money::plain($amount, $business->currency);
        $rows = [];
        foreach ($this->figures->payouts($business, $period->from, $period->until) as $payout) {
            foreach ($payout['items'] as $item) {
                $rows[] = [
                    $payout['day'], $payout['id'], $item['sale'], $item['name'],
                    $plain($item['net'] + $item['fee']), $plain($item['fee']), $plain($item['net']),
                    $business->currency,
                ];
            }
        }

        return Csv::of('payouts', ['date', 'payout', 'sale', 'name', 'gross', 'fee', 'net', 'currency'], $rows);
    }

    /** Every entry of the book (rules.md L6): the amounts of a pair sum to zero. */
    public function book(Request $request): StreamedResponse
    {
        [$business, $period] = $this->asked($request);
        $rows = $this->db
            ->table('book_entries')
            ->where('business_id', $business->id)
            ->whereBetween('day', [$period->from, $period->until])
            ->orderBy('id')
            ->get();
        $head = [
            'entry', 'pair', 'date', 'time', 'about', 'account', 'amount', 'currency', 'rate', 'sale', 'payment',
            'booking', 'staff', 'by', 'why',
        ];

        return Csv::of('book', $head, array_values($rows->map(fn (stdClass $row): array => [
            (string) $row->id,
            $row->pair,
            $row->day,
            self::time($business, $row->at),
            $row->about,
            $row->account,
            Money::plain((int) $row->amount, $business->currency),
            $row->currency,
            $row->rate,
            (string) $row->sale_id,
            (string) $row->payment_id,
            (string) $row->booking_id,
            (string) $row->staff_id,
            $this->told($row->by),
            $row->why,
        ])->all()));
    }

    /** @return array{Business, Period} */
    private function asked(Request $request): array
    {
        $business = Asker::business($request);

        return [$business, Period::read($request, $business, $this->clock)];
    }

    private static function time(Business $business, string $at): string
    {
        return CarbonImmutable::parse($at, 'UTC')->setTimezone($business->time_zone)->format('H:i');
    }

    private function told(string $by): string
    {
        return str_starts_with($by, 'history.') ? $this->catalogue->text($by) : $by;
    }
}
