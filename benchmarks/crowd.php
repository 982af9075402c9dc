<?php

declare(strict_types=1);

/*
 * bin/yardbell bench crowd: the same questions about two weeks, before and after 200,000 more past and future bookings
 * lie in the table of the running demonstration; each against the floor of its own moment. They are taken out again.
 */

require __DIR__.'/run.php';
define('BOOKINGS', sized(200_000, 2_000));
define('ROUNDS', sized(200, 2));
define('WARM', sized(20, 1));

[$address, $port] = [rtrim($argv[1], '/'), (int) $argv[2]];
$db = database($port);
$page = (string) @file_get_contents("{$address}/book/quernmoor");
preg_match('#id="first">(.*?)</script>#s', $page, $found) ||
    stop("No Gate answers at {$address}/book/quernmoor. bin/yardbell start serves one.");
$shown = json_decode($found[1], true, 64, JSON_THROW_ON_ERROR);
$service = $shown['times']['service'];
$joins = array_column(array_filter($shown['page']['services'], static fn (array $one): bool => $one['joins']), 'id');
$times = "/gate-api/pages/quernmoor/open-times?service={$service}";
$then = array_map(static fn (string $id): array => ['service' => $id], array_slice([...$joins, $service], 0, 2));
$visit = $times.'&'.http_build_query(['then' => json_encode($then)]);
$requests = [
    'floor' => '/gate-api/floor',
    'two weeks, kept' => $times,
    'the same, made anew' => $times.'&from=',
    'of a visit of three, kept' => $visit,
    'the same of it, made anew' => $visit.'&from=',
];
$handle = curl_init();
$ask = static function (string $path) use ($address, $handle): float {
    curl_setopt_array($handle, [
        CURLOPT_URL => $address.$path,
        CURLOPT_RETURNTRANSFER => true,
        CURLOPT_HTTPHEADER => ['Accept: application/json'],
    ]);
    $start = hrtime(true);
    curl_exec($handle);
    curl_getinfo($handle, CURLINFO_RESPONSE_CODE) === 200 || stop("{$path} did not answer.");

    return (hrtime(true) - $start) / 1e6;
};
$asked = 0;
/** @return array<string, list<float>> milliseconds by request, by turns */
$measure = static function () use ($ask, $requests, &$asked): array {
    $took = array_fill_keys(array_keys($requests), []);
    for ($round = -WARM; $round < ROUNDS; $round++) {
        foreach ($requests as $what => $path) {
            // from a day long past is from today, and nobody has asked so before: such an answer is not kept
            $one = $ask(str_ends_with($path, '=') ? $path.date('Y-m-d', ++$asked * 86400) : $path);
            if ($round >= 0) {
                $took[$what][] = $one;
            }
        }
    }

    return $took;
};
$clear = static function () use ($db): void {
    $db->exec("delete from booking_staff where booking_id like 'CROWD%'");
    $db->exec("delete from bookings where id like 'CROWD%'");
};

/** Counts the tables anew, once what was taken out is gone for good: else the server takes them for empty. */
function settle(PDO $db): void
{
    for ($try = 0; $try < 300; $try++) {
        $left = $db->query("show global status like 'Innodb_history_list_length'")->fetchColumn(1);
        if ((int) $left === 0) {
            break;
        }
        usleep(100_000);
    }
    $db->query('analyze table bookings, booking_staff')->fetchAll();
}

$clear();
register_shutdown_function($clear);
$few = $measure();
$half = intdiv(BOOKINGS, 2);
$at = "timestampadd(minute, if(n.seq <= {$half}, -1, 1) * cast(43200 + mod(n.seq, {$half}) * 13 as signed), "
    .'utc_date())'; // some 2.5 years each way, a month around today left alone
$of = 'business_id = (select business_id from services where id = '.$db->quote($service).')';
// Each is a copy of a booking that is there, but for what makes it another: whatever columns there come to be.
$other = [
    'id' => "concat('CROWD', lpad(n.seq, 21, '0'))",
    'service_id' => 's.id',
    'service_name' => 's.name',
    'session_id' => 'null',
    'visitor' => 'null',
    'starts_at' => $at,
    'minutes' => 's.minutes',
    'setup' => 's.setup',
    'clearup' => 's.clearup',
    'extra_minutes' => '0',
    'units' => "'[]'",
    'taken_from' => "timestampadd(minute, -s.setup, {$at})",
    'taken_until' => "timestampadd(minute, s.minutes + s.clearup, {$at})",
    'state' => "if(n.seq <= {$half}, 'completed', 'confirmed')",
    'staff_ids' => "concat('[\"', m.id, '\"]')",
    'created_at' => "{$at} - interval 40 day",
    'updated_at' => "{$at} - interval 40 day",
];
$columns = $db
    ->query(
        'select column_name from information_schema.columns where table_schema = database() and table_name = '
            ."'bookings' and is_generated = 'NEVER'",
    )
    ->fetchAll(PDO::FETCH_COLUMN);
array_diff(array_keys($other), $columns) === [] ||
    stop('bookings has no column '.implode(', ', array_diff(array_keys($other), $columns)).'.');
$into = implode('`, `', $columns);
$values = implode(', ', array_map(static fn (string $column): string => $other[$column] ?? "t.`{$column}`", $columns));
$rows = BOOKINGS;
$db->exec("insert into bookings (`{$into}`) select {$values}
    from seq_1_to_{$rows} n join services s on s.id = '{$service}'
    join (select * from bookings where {$of} and state = 'confirmed' limit 1) t
    join (select id, row_number() over (order by position, id) - 1 as k, count(*) over () as many
        from staff where {$of}) m on m.k = mod(n.seq, m.many)");
$db->exec("insert into booking_staff (business_id, booking_id, staff_id, service_id, made_at, holds_until)
    select business_id, id, json_value(staff_ids, '$[0]'), service_id, created_at, '9999-12-31 00:00:00'
    from bookings where id like 'CROWD%'");
settle($db);
$rows = (int) $db->query("select count(*) from bookings where id like 'CROWD%'")->fetchColumn();
$many = $measure();
$clear();
settle($db);
echo "The demonstration alone.\n";
$before = table($few);
printf("\nWith %s more bookings.\n", number_format($rows));
$after = table($many);
$grown = array_map(static fn (float $now, float $then): float => $now / $then, $after, $before);
printf("\nOf the floor %.2f times what it was without at the most (limit 1.1).\n", max($grown));
verdict(max($grown) <= 1.1);
