<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Business;
use App\Support\Instants;
use Carbon\CarbonImmutable;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\JoinClause;
use YardBell\Core\Time\Wall;

/** Staff pay and tips by person, and payouts, of a period: sums of the book, each with the entries behind it. */
final readonly class Figures
{
    public function __construct(private ConnectionInterface $db)
    {
    }

    /**
     * By the day of the visit; tips by the day they were given.
     *
     * @return list<array{staff: string, name: string, pay: int, tips: int, visits: list<array{booking: string,
     *     service: string, day: string, amount: int}>}>
     */
    public function pay(Business $business, string $from, string $until): array
    {
        $zone = $business->zone();
        $first = $zone->first(Wall::day($from) * Wall::DAY);
        $end = $zone->first((Wall::day($until) + 1) * Wall::DAY);
        // by when they take somebody's time, which is how bookings are kept; it begins before they do
        $visits = $this->db
            ->table('bookings as b')
            ->join('book_entries as e', static function (JoinClause $join): void {
                $join->on('e.business_id', '=', 'b.business_id')->on('e.booking_id', '=', 'b.id');
            })
            ->where('b.business_id', $business->id)
            ->where('b.taken_from', '>=', Instants::toDatabase($first - $business->longest_taken))
            ->where('b.taken_from', '<', Instants::toDatabase($end))
            ->where('b.starts_at', '>=', Instants::toDatabase($first))
            ->where('b.starts_at', '<', Instants::toDatabase($end))
            ->where('e.account', 'staff_pay')
            ->groupBy('e.staff_id', 'e.booking_id', 'b.service_name', 'b.starts_at')
            ->orderBy('b.starts_at')
            ->selectRaw(
                'e.staff_id as staff, e.booking_id as booking, b.service_name as service, b.starts_at, '
                    .'-sum(e.amount) as amount',
            )
            ->havingRaw('sum(e.amount) <> 0')
            ->get();
        $tips = $this->db
            ->table('book_entries')
            ->where('business_id', $business->id)
            ->where('account', 'tips')
            ->whereBetween('day', [$from, $until])
            ->groupBy('staff_id')
            ->selectRaw("coalesce(staff_id, '') as staff, -sum(amount) as amount")
            ->get();
        $people = [];
        foreach ($visits as $visit) {
            $people[$visit->staff] ??= self::nothing($visit->staff);
            $people[$visit->staff]['pay'] += (int) $visit->amount;
            $people[$visit->staff]['visits'][] = [
                'booking' => $visit->booking,
                'service' => $visit->service,
                'day' => CarbonImmutable::parse($visit->starts_at, 'UTC')
                    ->setTimezone($business->time_zone)
                    ->format('Y-m-d'),
                'amount' => (int) $visit->amount,
            ];
        }
        foreach ($tips as $tip) {
            $people[$tip->staff] ??= self::nothing($tip->staff);
            $people[$tip->staff]['tips'] = (int) $tip->amount;
        }
        foreach ($business->staff()->get() as $member) {
            if (isset($people[$member->id])) {
                $people[$member->id]['name'] = $member->name;
            }
        }
        usort($people, static fn (array $a, array $b): int => [$a['name'], $a['staff']] <=> [$b['name'], $b['staff']]);

        return $people;
    }

    /**
     * @return array{staff: string, name: string, pay: int, tips: int, visits: list<array{booking: string,
     *     service: string, day: string, amount: int}>}
     */
    private static function nothing(string $staff): array
    {
        return ['staff' => $staff, 'name' => '', 'pay' => 0, 'tips' => 0, 'visits' => []];
    }

    /**
     * What the processor sent to the bank, and what it kept for itself.
     *
     * @return list<array{id: string, day: string, net: int, fees: int, items: list<array{sale: string, name: string,
     *     net: int, fee: int}>}>
     */
    public function payouts(Business $business, string $from, string $until): array
    {
        $payouts = [];
        $rows = $this->db
            ->table('payouts as p')
            ->join('book_entries as e', static function (JoinClause $join): void {
                $join->on('e.business_id', '=', 'p.business_id')->on('e.payout_id', '=', 'p.id');
            })
            ->join('sales as s', static function (JoinClause $join): void {
                $join->on('s.business_id', '=', 'e.business_id')->on('s.id', '=', 'e.sale_id');
            })
            ->where('p.business_id', $business->id)
            ->whereBetween('p.day', [$from, $until])
            ->whereIn('e.account', ['bank', 'fees'])
            ->groupBy(['p.id', 'p.day', 'e.payment_id', 'e.sale_id', 's.name'])
            ->orderBy('p.id')
            ->orderBy('s.name')
            ->selectRaw(
                "p.id, p.day, e.sale_id as sale, s.name, sum(if(e.account = 'bank', e.amount, 0)) as net, "
                    ."sum(if(e.account = 'fees', e.amount, 0)) as fee",
            )
            ->get();
        foreach ($rows as $row) {
            $payouts[$row->id] ??= ['id' => $row->id, 'day' => $row->day, 'net' => 0, 'fees' => 0, 'items' => []];
            $payouts[$row->id]['net'] += (int) $row->net;
            $payouts[$row->id]['fees'] += (int) $row->fee;
            $payouts[$row->id]['items'][] = [
                'sale' => $row->sale,
                'name' => $row->name,
                'net' => (int) $row->net,
                'fee' => (int) $row->fee,
            ];
        }

        return array_values($payouts);
    }
}
