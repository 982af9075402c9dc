<?php

declare(strict_types=1);

namespace App\Sales;

use Illuminate\Database\ConnectionInterface;

/**
 * Looks through the book of all businesses: whether everything that is a sum of its entries agrees with what was sold,
 * paid, given back and issued. Each question finds only what is wrong.
 */
final readonly class AuditBook
{
    /** What is wrong, and the rows that are: {business, of, is, should}. */
    private const QUESTIONS = [
        'a pair does not sum to zero' => <<<'SQL'
            select business_id, pair as `of`, sum(amount) as `is`, 0 as should
            from book_entries group by business_id, pair
            having sum(amount) <> 0 or count(*) <> 2 or min(currency) <> max(currency)
            SQL,
        'a sale is owed something else than its lines come to' => <<<'SQL'
            select s.business_id, s.id as `of`, coalesce(e.amount, 0) as `is`, coalesce(l.amount, 0) as should
            from sales s
            left join (
                select business_id, sale_id, sum(amount) as amount from sale_lines group by business_id, sale_id
            ) l on l.business_id = s.business_id and l.sale_id = s.id
            left join (
                select business_id, sale_id, sum(amount) as amount from book_entries
                where account = 'due' and about in ('sold', 'taken_back', 'fee', 'added', 'less', 'waived')
                group by business_id, sale_id
            ) e on e.business_id = s.business_id and e.sale_id = s.id
            where coalesce(e.amount, 0) <> coalesce(l.amount, 0)
            SQL,
        'a sale\'s row says something else than its entries' => <<<'SQL'
            select s.business_id, s.id as `of`, s.owed as `is`, coalesce(e.owed, 0) as should
            from sales s
            left join (
                select business_id, sale_id, count(*) as moves,
                    sum(account = 'due'
                        and about in ('sold', 'taken_back', 'fee', 'added', 'less', 'waived')) as sold,
                    sum(if(account = 'due', amount, 0)) as owed,
                    sum(if(account = 'due' and about in ('sold', 'taken_back', 'fee', 'added', 'less', 'waived'),
                        amount, 0)) as total,
                    sum(if(account = 'due' and about in ('paid', 'undone'), -amount, 0)) as paid,
                    sum(if(account = 'due' and about = 'returned', amount, 0)) as back,
                    sum(if(account = 'returning', -amount, 0)) as underway
                from book_entries where sale_id is not null group by business_id, sale_id
            ) e on e.business_id = s.business_id and e.sale_id = s.id
            where (s.moves, s.sold, s.owed, s.total, s.paid, s.back, s.underway) <> (coalesce(e.moves, 0),
                coalesce(e.sold, 0), coalesce(e.owed, 0), coalesce(e.total, 0), coalesce(e.paid, 0),
                coalesce(e.back, 0), coalesce(e.underway, 0))
            SQL,
        'the drawer holds something else than its entries come to' => <<<'SQL'
            select b.id as business_id, 'drawer' as `of`, coalesce(d.amount, 0) as `is`, coalesce(e.amount, 0) as should
            from businesses b
            left join drawers d on d.business_id = b.id
            left join (
                select business_id, sum(amount) as amount from book_entries where account = 'cash' group by business_id
            ) e on e.business_id = b.id
            where coalesce(d.amount, 0) <> coalesce(e.amount, 0)
            SQL,
        'a sale has another tax than its lines' => <<<'SQL'
            select l.business_id, l.sale_id as `of`, coalesce(e.amount, 0) as `is`, -sum(t.amount) as should
            from sale_lines l
            join json_table(l.taxes, '$[*]' columns (amount bigint path '$.amount')) t
            left join (
                select business_id, sale_id, sum(amount) as amount from book_entries
                where account = 'tax' group by business_id, sale_id
            ) e on e.business_id = l.business_id and e.sale_id = l.sale_id
            group by l.business_id, l.sale_id, e.amount
            having coalesce(e.amount, 0) <> -sum(t.amount)
            SQL,
        'a payment stands in the book with another amount' => <<<'SQL'
            select p.business_id, p.id as `of`, coalesce(-sum(e.amount), 0) as `is`,
                if(p.state = 'paid' and p.kind <> 'card', p.amount, 0) as should
            from payments p
            left join book_entries e on e.business_id = p.business_id and e.payment_id = p.id
                and e.account = 'due' and e.about in ('paid', 'undone')
            group by p.business_id, p.id, p.state, p.kind, p.amount
            having `is` <> should
            SQL,
        'a refund stands in the book with another amount' => <<<'SQL'
            select p.business_id, p.id as `of`, coalesce(e.amount, 0) as `is`, coalesce(r.amount, 0) as should
            from payments p
            left join (
                select business_id, payment_id, sum(amount) as amount from refunds where state <> 'stopped'
                group by business_id, payment_id
            ) r on r.business_id = p.business_id and r.payment_id = p.id
            left join (
                select business_id, payment_id, sum(amount) as amount from book_entries
                where account = 'due' and about = 'returned' group by business_id, payment_id
            ) e on e.business_id = p.business_id and e.payment_id = p.id
            where coalesce(e.amount, 0) <> coalesce(r.amount, 0) or coalesce(r.amount, 0) > p.amount
            SQL,
        'something else is on its way back than the refunds say' => <<<'SQL'
            select r.business_id, r.payment_id as `of`, coalesce(e.amount, 0) as `is`, r.amount as should
            from (
                select business_id, payment_id,
                    sum(if(state in ('waiting', 'pending', 'failed'), amount, 0)) as amount
                from refunds group by business_id, payment_id
            ) r
            left join (
                select business_id, payment_id, -sum(amount) as amount from book_entries
                where account = 'returning' group by business_id, payment_id
            ) e on e.business_id = r.business_id and e.payment_id = r.payment_id
            where coalesce(e.amount, 0) <> r.amount
            SQL,
        'a visit that is booked is no line of a sale' => <<<'SQL'
            select b.business_id, b.id as `of`, 0 as `is`, b.price as should
            from bookings b
            where b.state in ('pending', 'confirmed', 'arrived', 'started', 'completed', 'no_show')
                and not exists (
                    select 1 from sale_lines l
                    where l.business_id = b.business_id and l.booking_id = b.id and l.sale_id = b.sale_id
                        and l.kind = 'visit'
                )
            SQL,
        'a client has less than nothing' => <<<'SQL'
            select business_id, client_id as `of`, -sum(amount) as `is`, 0 as should
            from book_entries where account = 'credit' group by business_id, client_id having sum(amount) > 0
            SQL,
        'a number of a document is missing' => <<<'SQL'
            select n.business_id, concat(n.kind, ' ', n.year) as `of`, count(d.id) as `is`, n.last as should
            from document_numbers n
            left join documents d on d.business_id = n.business_id and d.kind = n.kind and d.year = n.year
            group by n.business_id, n.kind, n.year, n.last
            having count(d.id) <> n.last or coalesce(max(d.number), 0) <> n.last
            SQL,
    ];

    public function __construct(private ConnectionInterface $db)
    {
    }

    /** @return list<string> what is wrong, for whoever looks after the installation; empty: all agrees */
    public function __invoke(): array
    {
        $findings = [];
        foreach (self::QUESTIONS as $wrong => $question) {
            foreach ($this->db->select($question) as $row) {
                $findings[] = "Business {$row->business_id}: {$wrong}: {$row->of} ({$row->is}, not {$row->should}).";
            }
        }

        return $findings;
    }
}
