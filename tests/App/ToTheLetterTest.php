<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;

it('compares ids and the program’s own words to the letter, whichever table they stand in', function (): void {
    $loose = DB::select("select concat(table_name, '.', column_name) as name from information_schema.columns
        where table_schema = database() and collation_name <> 'utf8mb4_bin'
        and (column_type = 'char(26)' or (table_name in ('bookings', 'book_entries', 'payments', 'refunds')
            and column_name in ('state', 'account', 'about', 'kind', 'method')))");
    expect(array_column($loose, 'name'))->toBe([]);
});
