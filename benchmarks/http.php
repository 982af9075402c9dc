<?php

declare(strict_types=1);

/*
 * bin/yardbell bench http: the running server's answers against its own floor (one row by its key, a small answer), and
 * what is written also against a durable commit of two rows, all in one run and by turns, so that what else the machine
 * does falls on each alike. Prints medians, 95th percentiles and ratios.
 */

require __DIR__.'/run.php';
define('ROUNDS', sized(200, 2));

$address = rtrim($argv[1] ?? 'http://127.0.0.1:8400', '/');
$port = (int) ($argv[2] ?? 8433);
copied($address);
$database = database($port);
afterwards(static fn () => $database->exec("delete from counts where name like 'bench %'"));
/** @return array{float, int, mixed} as $ask does, of a commit that is on the disk when it is done */
$commit = static function () use ($database): array {
    $start = hrtime(true);
    $database->beginTransaction();
    foreach (['bench 1', 'bench 2'] as $name) {
        $database->exec("insert into counts (name, times, until) values ('{$name}', 1, '2000-01-01')
            on duplicate key update times = times + 1");
    }
    $database->commit();

    return [(hrtime(true) - $start) / 1e6, 200, null];
};
$first = static function () use ($address): array {
    $page = (string) @file_get_contents("{$address}/book/bench");
    preg_match('#id="first">(.*?)</script>#s', $page, $found) ||
        stop("No Gate answers at {$address}/book/bench. bin/yardbell start serves one.");

    return json_decode($found[1], true, 64, JSON_THROW_ON_ERROR);
};

$handle = curl_init();
/** @return array{float, int, mixed} milliseconds, status, answer */
$ask = static function (string $path, ?array $body = null) use ($address, $handle): array {
    curl_setopt_array(
        $handle,
        [
            CURLOPT_URL => $address.$path,
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json'],
        ] +
            ($body === null
                ? [CURLOPT_HTTPGET => true]
                : [CURLOPT_POST => true, CURLOPT_POSTFIELDS => json_encode($body)]),
    );
    $start = hrtime(true);
    $answer = (string) curl_exec($handle);

    return [(hrtime(true) - $start) / 1e6, curl_getinfo($handle, CURLINFO_RESPONSE_CODE), json_decode($answer, true)];
};

$page = $first();
$free = array_values(
    array_filter($page['page']['services'], static fn (array $one): bool => $one['payment'] === 'none'),
)[0]['id'];
$service = $page['times']['service'];
$joins = array_column(
    array_filter(
        $page['page']['services'],
        static fn (array $one): bool => $one['joins'] && $one['id'] !== $service,
    ),
    'id',
);
$then = array_map(static fn (string $id): array => ['service' => $id], array_slice([...$joins, $service], 0, 2));
$visit = http_build_query([
    'service' => $service,
    'location' => $page['times']['location'],
    'then' => json_encode($then),
    'from' => $page['times']['from'],
]);
$starts = [];
foreach ([0, 14, 28, 42] as $later) {
    $from = gmdate('Y-m-d', strtotime($page['times']['today']) + $later * 86400);
    [, , $times] = $ask("/gate-api/pages/bench/open-times?service={$free}&from={$from}");
    array_push($starts, ...array_merge(...array_column($times['days'], 'starts')));
}
$starts === [] && stop('Nothing is free to be booked.');

$statuses = [];
$times = array_fill_keys(
    ['floor', 'commit', 'times for two weeks', 'times for a visit', 'hold', 'book', 'let go'],
    [],
);
$wrong = 0;
for ($round = -10; $round < ROUNDS; $round++) {
    $start = $starts[array_rand($starts)]['at'];
    $took = [
        'floor' => $ask('/gate-api/floor'),
        'commit' => $commit(),
        'times for two weeks' => $ask("/gate-api/pages/bench/open-times?service={$service}"),
        'times for a visit' => $ask("/gate-api/pages/bench/open-times?{$visit}"),
        'hold' => $ask('/gate-api/pages/bench/holds', ['service' => $free, 'staff' => null, 'start' => $start]),
    ];
    $held = $took['hold'][2];
    if (isset($held['id'])) {
        $took['book'] = $ask("/gate-api/bookings/{$held['id']}/book?{$held['query']}", [
            'name' => 'Bench Mark',
            'email' => "bench{$round}@post.example",
            'phone' => '',
            'note' => '',
        ]);
        $took['let go'] = $ask("/gate-api/bookings/{$held['id']}/cancel?{$held['query']}", []);
    }
    foreach ($took as $what => [$milliseconds, $status]) {
        $statuses["{$what} {$status}"] = ($statuses["{$what} {$status}"] ?? 0) + 1;
        $wrong += $status >= 500 || $status === 0 || $status === 429 ? 1 : 0;
        if ($round >= 0) {
            $times[$what][] = $milliseconds;
        }
    }
}
$ratios = table($times);
echo 'Answers: '
    .implode(
        ', ',
        array_map(
            static fn (string $what, int $count): string => "{$what} × {$count}",
            array_keys($statuses),
            $statuses,
        ),
    )
    ."\n";
if ($wrong > 0) {
    echo "{$wrong} answers were failures; the figures above say nothing.\n";
    exit(1);
}
$commit = $ratios['commit'];
// Floors that each is to take, durable commits besides, and how many floors it may take in all.
$goals = [
    'times for two weeks' => [1.3, 0, 1.6],
    'times for a visit' => [4, 0, 4],
    'hold' => [3, 2, 8],
    'book' => [4, 2, 10],
    'let go' => [3, 2, 10.5],
];
$kept = true;
foreach ($goals as $what => [$floors, $commits, $most]) {
    $took = $ratios[$what] ?? 0;
    $goal = $floors + $commits * $commit;
    printf("%-34s %6.2f of its goal, %.2f of its limit\n", $what, $took / $goal, $took / $most);
    $kept = $kept && $took <= $most;
}
verdict($kept);
