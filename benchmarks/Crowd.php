<?php

declare(strict_types=1);

/** A business that has gone on for years: bookings, clients, sales and their entries, put into the tables at once. */
final readonly class Crowd
{
    private int $business;

    /**
     * @param  int  $bookings half of them past, half to come, a month around today left alone
     * @param  string  $service whose they all are
     */
    public function __construct(
        private PDO $db,
        string $slug,
        private string $service,
        private int $bookings,
        private int $clients,
        private int $sales,
    ) {
        $this->business = (int) $db->query("select id from businesses where slug = '{$slug}'")->fetchColumn();
    }

    public function come(): void
    {
        $this->clients();
        $this->bookings();
        $this->sales();
        $this->settle();
    }

    /** Counts the tables anew, once what was written is done with: else the server takes them for empty. */
    public function settle(): void
    {
        for ($try = 0; $try < 600; $try++) {
            if ((int) $this->db->query("show global status like 'Innodb_history_list_length'")->fetchColumn(1) === 0) {
                break;
            }
            usleep(100_000);
        }
        $tables = 'bookings, booking_staff, clients, sales, sale_lines, payments, book_entries, outbox';
        $this->db->query("analyze table {$tables}")->fetchAll();
    }

    private function clients(): void
    {
        $name = "concat(elt(1 + mod(n.seq, 8), 'Ada', 'Bela', 'Cora', 'Dora', 'Edda', 'Fina', 'Gala', 'Hana'), ' ', "
            .'conv(n.seq * 7919, 10, 26))';
        $this->copies('clients', $this->clients, [
            'id' => "concat('CROWDC', lpad(n.seq, 20, '0'))",
            'name' => $name,
            'email' => "concat('crowd', n.seq, '@post.example')",
            'phone' => "concat('+3519', lpad(n.seq, 8, '0'))",
            'rates' => "'[]'",
        ]);
    }

    private function bookings(): void
    {
        $half = intdiv($this->bookings, 2);
        $at = "timestampadd(minute, if(n.seq <= {$half}, -1, 1) * cast(43200 + mod(n.seq, {$half}) * 3 as signed), "
            .'utc_date())';
        $people = $this->db->query("select count(*) from staff where business_id = {$this->business}");
        $many = (int) $people->fetchColumn();
        $sale = "if(n.seq <= {$this->sales}, concat('CROWDS', lpad(n.seq, 20, '0')), null)";
        $this->copies('bookings', $this->bookings, [
            'id' => "concat('CROWDB', lpad(n.seq, 20, '0'))",
            'client_id' => "concat('CROWDC', lpad(1 + mod(n.seq, {$this->clients}), 20, '0'))",
            'service_id' => "'{$this->service}'",
            'session_id' => 'null',
            'visitor' => 'null',
            'priced_for' => 'null',
            'visit_id' => 'null',
            'repeat_id' => 'null',
            'sale_id' => $sale,
            'starts_at' => $at,
            'minutes' => '60',
            'setup' => '0',
            'clearup' => '0',
            'extra_minutes' => '0',
            'units' => "'[]'",
            'taken_from' => $at,
            'taken_until' => "timestampadd(minute, 60, {$at})",
            'state' => "if(n.seq <= {$half}, 'completed', 'confirmed')",
            'staff_ids' => "concat('[\"', m.id, '\"]')",
            'created_at' => "{$at} - interval 40 day",
            'updated_at' => "{$at} - interval 40 day",
        ], "join (select id, row_number() over (order by position, id) - 1 as k from staff
            where business_id = {$this->business}) m on m.k = mod(n.seq, {$many})");
        $this->db->exec("insert into booking_staff (business_id, booking_id, staff_id, service_id, made_at, holds_until)
            select business_id, id, json_value(staff_ids, '$[0]'), service_id, created_at, '9999-12-31 00:00:00'
            from bookings where business_id = {$this->business} and id like 'CROWDB%'");
    }

    /** Each with a line, a payment in cash or by the processor, and eight entries; one in two hundred is still due. */
    private function sales(): void
    {
        $this->copies('sales', $this->sales, [
            'id' => "concat('CROWDS', lpad(n.seq, 20, '0'))",
            'client_id' => "concat('CROWDC', lpad(1 + mod(n.seq, {$this->clients}), 20, '0'))",
            'name' => "concat('Client ', n.seq)",
            'created_at' => $at = 'timestampadd(minute, -43200 - 3 * cast(n.seq as signed), utc_timestamp())',
            'moves' => 'if(mod(n.seq, 200) = 0, 6, 8)',
            'sold' => '1',
            'owed' => 'if(mod(n.seq, 200) = 0, 4800, 0)',
            'total' => '4800',
            'paid' => 'if(mod(n.seq, 200) = 0, 0, 4800)',
            'back' => '0',
            'underway' => '0',
        ]);
        $pairs = [
            ['due', 'sales', 4800, 'sold', ''],
            ['sales', 'tax', 898, 'sold', ''],
            ['pay_cost', 'staff_pay', 1200, 'pay', ''],
            ["if(mod(n.seq, 3) = 0, 'cash', 'processor')", 'due', 4800, 'paid', 'where mod(n.seq, 200) <> 0'],
        ];
        foreach ($pairs as $i => [$to, $from, $amount, $about, $where]) {
            $account = static fn (string $name): string => str_contains($name, '(') ? $name : "'{$name}'";
            foreach ([[$to, $amount], [$from, -$amount]] as [$name, $part]) {
                $whose = $name === 'staff_pay'
                    ? "(select id from staff where business_id = {$this->business} limit 1)"
                    : 'null';
                $this->db->exec("insert into book_entries
                    (business_id, pair, account, amount, currency, about, day, at, `by`, sale_id, booking_id, client_id,
                        staff_id, rate, why)
                    select {$this->business}, concat('CROWD{$i}', lpad(n.seq, 20, '0')), {$account($name)}, {$part},
                        'EUR', '{$about}', date({$at}), {$at}, 'Crowd', concat('CROWDS', lpad(n.seq, 20, '0')),
                        concat('CROWDB', lpad(n.seq, 20, '0')),
                        concat('CROWDC', lpad(1 + mod(n.seq, {$this->clients}), 20, '0')),
                        {$whose}, '', ''
                    from seq_1_to_{$this->sales} n {$where}");
            }
        }
        $this->db->exec("replace into drawers (business_id, amount)
            select business_id, sum(amount) from book_entries
            where business_id = {$this->business} and account = 'cash'");
    }

    /**
     * Copies of a row that is there, but for what makes each another: whatever columns there come to be.
     *
     * @param  array<string, string>  $other expressions by column
     */
    private function copies(string $table, int $rows, array $other, string $join = ''): void
    {
        $columns = $this->db
            ->query("select column_name from information_schema.columns where table_schema = database()
                and table_name = '{$table}' and is_generated = 'NEVER'")
            ->fetchAll(PDO::FETCH_COLUMN);
        $missing = array_diff(array_keys($other), $columns);
        $missing === [] || stop("{$table} has no column ".implode(', ', $missing).'.');
        $into = implode('`, `', $columns);
        $values = array_map(static fn (string $column): string => $other[$column] ?? "t.`{$column}`", $columns);
        $like = $table === 'bookings' ? "and state = 'confirmed' and session_id is null" : '';
        $this->db->exec("insert into {$table} (`{$into}`) select ".implode(', ', $values)."
            from seq_1_to_{$rows} n
            join (select * from {$table} where business_id = {$this->business} {$like} limit 1) t {$join}");
    }
}
