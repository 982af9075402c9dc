<?php

declare(strict_types=1);

/*
 * bin/yardbell bench crowd: the same question about two weeks, before and after 200,000 more past and future bookings
 * lie in the table of the running demonstration; each against the floor of its own moment. They are taken out again.
 */

require __DIR__.'/run.php';
define('BOOKINGS', sized(200_000, 2_000));
define('ROUNDS', sized(300, 2));
define('WARM', sized(20, 1));

[$address, $port] = [rtrim($argv[1], '/'), (int) $argv[2]];
$db = database($port);
$page = (string) @file_get_contents("{$address}/book/quernmoor");
preg_match('#id="first">(.*?)</script>#s', $page, $found) ||
    stop("No Gate answers at {$address}/book/quernmoor. bin/yardbell start serves one.");
$service = json_decode($found[1], true, 64, JSON_THROW_ON_ERROR)['times']['service'];
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
/** @return array{float, float} medians of the floor and of the times, by turns */
$measure = static function () use ($ask, $service): array {
    $took = [[], []];
    for ($round = -WARM; $round < ROUNDS; $round++) {
        $pair = [$ask('/gate-api/floor'), $ask("/gate-api/pages/quernmoor/open-times?service={$service}")];
        if ($round >= 0) {
            [$took[0][], $took[1][]] = $pair;
        }
    }
    sort($took[0]);
    sort($took[1]);

    return [$took[0][intdiv(ROUNDS, 2)], $took[1][intdiv(ROUNDS, 2)]];
};
$clear = static function () use ($db): void {
    $db->exec("delete from booking_staff where booking_id like 'CROWD%'");
    $db->exec("delete from bookings where id like 'CROWD%'");
};

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
$db->query('analyze table bookings, booking_staff')->fetchAll();
$rows = (int) $db->query("select count(*) from bookings where id like 'CROWD%'")->fetchColumn();
$many = $measure();
$clear();
$db->query('analyze table bookings, booking_staff')->fetchAll();
printf("%-34s %10s %10s %8s\n", 'two weeks of times', 'floor ms', 'median ms', '× floor');
printf("%-34s %10.1f %10.1f %8.2f\n", 'the demonstration alone', ...$few, ...[$few[1] / $few[0]]);
printf("%-34s %10.1f %10.1f %8.2f\n", number_format($rows).' more bookings', ...$many, ...[$many[1] / $many[0]]);
$grown = $many[1] / $many[0] / ($few[1] / $few[0]);
printf("With the crowd %.2f times what it was without (limit 1.2).\n", $grown);
verdict($grown <= 1.2);
