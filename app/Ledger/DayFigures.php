<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Account;
use App\Models\Business;
use Illuminate\Database\ConnectionInterface;

/** What a day came to by each way of paying, and what the drawer should hold (rules.md L6). */
final readonly class DayFigures
{
    private const WAYS = [Account::Cash, Account::Card, Account::Bank, Account::Processor, Account::Credit];

    /** What moves money in or out for clients: not what was counted, banked or paid out. */
    private const OWN = ['counted', 'banked', 'payout'];

    public function __construct(private ConnectionInterface $db)
    {
    }

    /** @return list<array{way: string, in: int, out: int}> of each way that was used; a credit that pays is "in" */
    public function ways(Business $business, string $day): array
    {
        $found = $this->db->table('book_entries')
            ->where('business_id', $business->id)
            ->where('day', $day)
            ->whereIn('account', array_map(static fn (Account $way): string => $way->value, self::WAYS))
            ->whereNotIn('about', self::OWN)
            ->groupBy('account')
            ->selectRaw('account, sum(greatest(amount, 0)) as came, sum(least(amount, 0)) as went')
            ->get()
            ->keyBy('account');
        $ways = [];
        foreach (self::WAYS as $way) {
            $row = $found->get($way->value);
            if ($row !== null) {
                $ways[] = ['way' => $way->value, 'in' => (int) $row->came, 'out' => -(int) $row->went];
            }
        }

        return $ways;
    }

    /** What there is in the drawer by the book, minor unit. */
    public function drawer(Business $business): int
    {
        $amount = $this->db->table('drawers')->where('business_id', $business->id)->value('amount');

        return is_numeric($amount) ? (int) $amount : 0;
    }
}
