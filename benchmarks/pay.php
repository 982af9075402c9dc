<?php

declare(strict_types=1);

/*
 * bin/yardbell bench pay: clients who pay when booking beside clients who pay later, all at once, on the running
 * demonstration, and one whose transaction stays open for seconds each time. What is compared is the answer to "book",
 * and for those who pay the time until they stand before the payment page, and from paying until the booking is there.
 * Nobody may be kept waiting by the payment service, nor by the slow one.
 */

require __DIR__.'/run.php';
const CLIENTS = 6;
const LONGEST_NS = 60_000_000_000; // for one client; who waits longer says nothing
define('ROUNDS', sized(25, 2));
const SLOW_SECONDS = 3;

$address = rtrim($argv[1] ?? 'http://127.0.0.1:8400', '/');
copied($address);
$first = (string) @file_get_contents("{$address}/book/bench");
preg_match('#id="first">(.*?)</script>#s', $first, $found) ||
    stop("No Gate answers at {$address}/book/bench. bin/yardbell start serves one.");
$services = json_decode($found[1], true, 64, JSON_THROW_ON_ERROR)['page']['services'];
$of = static fn (array $kinds): array => array_values(
    array_filter(
        $services,
        static fn (array $one): bool => in_array($one['payment'], $kinds, true)
            && ! $one['approval'] && ! $one['session'],
    ),
)[0];
[$paid, $unpaid] = [$of(['full', 'deposit']), $of(['none'])];

/** @return array{float, mixed} milliseconds, answer */
$ask = static function (CurlHandle $handle, string $url, ?array $body = null, bool $form = false): array {
    curl_setopt_array(
        $handle,
        [
            CURLOPT_URL => $url,
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_HTTPHEADER => ['Accept: application/json', ...$form ? [] : ['Content-Type: application/json']],
            CURLOPT_COOKIEFILE => '',
        ] +
            ($body === null
                ? [CURLOPT_HTTPGET => true]
                : [CURLOPT_POST => true, CURLOPT_POSTFIELDS => $form ? http_build_query($body) : json_encode($body)]),
    );
    $start = hrtime(true);
    $answer = (string) curl_exec($handle);

    return [(hrtime(true) - $start) / 1e6, json_decode($answer, true) ?? $answer];
};

$client = static function (int $i) use ($address, $ask, $paid, $unpaid): array {
    $handle = curl_init();
    [$pays, $took] = [$i % 2 === 0, ['book' => [], 'page' => [], 'booked' => []]];
    $service = $pays ? $paid : $unpaid;
    for ($round = 0; $round < ROUNDS; $round++) {
        $from = gmdate('Y-m-d', time() + 86400 * (2 + (($i * ROUNDS + $round) % 40)));
        [, $times] = $ask(
            $handle,
            "{$address}/gate-api/pages/bench/open-times?service={$service['id']}&from={$from}",
        );
        $starts = array_merge(...array_column($times['days'] ?? [], 'starts'));
        if ($starts === []) {
            continue;
        }
        [, $held] = $ask($handle, "{$address}/gate-api/pages/bench/holds", [
            'service' => $service['id'],
            'start' => $starts[random_int(0, count($starts) - 1)]['at'],
        ]);
        if (! isset($held['id'])) {
            continue;
        }
        $start = hrtime(true);
        [$milliseconds, $booked] = $ask($handle, "{$address}/gate-api/bookings/{$held['id']}/book?{$held['query']}", [
            'name' => 'Bench Mark',
            'email' => "bench{$i}-{$round}@post.example",
            'phone' => '',
            'note' => '',
        ]);
        isset($booked['booking']) || exit(1);
        $took['book'][] = $milliseconds;
        $latest = hrtime(true) + LONGEST_NS;
        for ($page = $booked['pay']; $pays && $page === null; usleep(100_000)) {
            hrtime(true) < $latest || exit(1);
            [, $shown] = $ask($handle, "{$address}/gate-api/bookings/{$held['id']}?{$held['query']}");
            $page = $shown['pay'] ?? null;
        }
        if ($pays) {
            $took['page'][] = (hrtime(true) - $start) / 1e6;
            [, $html] = $ask($handle, $page);
            preg_match('#name="_token" value="([^"]+)"#', (string) $html, $token);
            $start = hrtime(true);
            $ask($handle, $page, ['_token' => $token[1] ?? '', 'card' => '6000 0000 0000 0001'], form: true);
            do {
                usleep(100_000);
                hrtime(true) < $latest || exit(1);
                [, $shown] = $ask($handle, "{$address}/gate-api/bookings/{$held['id']}?{$held['query']}");
            } while (($shown['state'] ?? '') === 'held');
            $took['booked'][] = (hrtime(true) - $start) / 1e6;
        }
        $ask($handle, "{$address}/gate-api/bookings/{$held['id']}/cancel?{$held['query']}", []);
    }

    return [$pays ? 'paid' : 'unpaid', $took];
};

/** Somebody's booking and sale are locked for seconds, again and again: nobody else may be kept waiting by that. */
$port = (int) ($argv[2] ?? (parse_url($address, PHP_URL_PORT) ?: 80) + 33);
[, $held] = $ask(curl_init(), "{$address}/gate-api/pages/bench/holds", [
    'service' => $unpaid['id'],
    'start' => array_merge(...array_column($ask(
        curl_init(),
        "{$address}/gate-api/pages/bench/open-times?service={$unpaid['id']}",
    )[1]['days'] ?? [], 'starts'))[0]['at'] ?? '',
]);
isset($held['id']) || stop('Nothing is free to be held.');
$slow = pcntl_fork();
if ($slow === 0) {
    $db = database($port);
    $db->exec('set session transaction isolation level read committed'); // as the application's
    $sale = $db->query("select id from sales where business_id =
        (select id from businesses where slug = 'bench') limit 1")->fetchColumn();
    while (true) {
        $db->beginTransaction();
        $db->prepare('update bookings set lock_version = lock_version + 1 where id = ?')->execute([$held['id']]);
        $db->prepare('update sales set lock_version = lock_version + 1 where id = ?')->execute([$sale]);
        sleep(SLOW_SECONDS);
        $db->rollBack();
    }
}

$files = [];
for ($i = 0; $i < CLIENTS; $i++) {
    $files[$i] = tempnam(sys_get_temp_dir(), 'pay');
    if (pcntl_fork() === 0) {
        file_put_contents($files[$i], json_encode($client($i)));
        exit(0);
    }
}
$failed = 0;
foreach ($files as $unused) {
    pcntl_wait($status);
    $failed += (int) ($status !== 0);
}
posix_kill($slow, SIGKILL);
pcntl_waitpid($slow, $status);
$failed === 0 || stop("{$failed} of the clients could not book, or were never told that they had.");
$all = [];
foreach ($files as $file) {
    [$kind, $took] = json_decode((string) file_get_contents($file), true) ?? ['', []];
    unlink($file);
    foreach ($took as $what => $values) {
        $all["{$kind} {$what}"] = [...$all["{$kind} {$what}"] ?? [], ...$values];
    }
}
$quantile = static function (array $values, float $at): float {
    sort($values);

    return $values === [] ? 0.0 : $values[(int) floor($at * (count($values) - 1))];
};
printf("%d clients at once, every other one pays.\n%-34s %7s %10s %8s\n", CLIENTS, '', 'times', 'median ms', 'p95 ms');
foreach (
    [
        'unpaid book' => 'answer to book, paid later',
        'paid book' => 'answer to book, paid now',
        'paid page' => 'until the payment page is there',
        'paid booked' => 'from paying until it is booked',
    ] as $key => $words
) {
    printf(
        "%-34s %7d %10.1f %8.1f\n",
        $words,
        count($all[$key] ?? []),
        $quantile($all[$key] ?? [], 0.5),
        $quantile($all[$key] ?? [], 0.95),
    );
}
$ratio = $quantile($all['paid book'] ?? [], 0.95) / max(0.001, $quantile($all['unpaid book'] ?? [], 0.95));
printf("p95 of a paid booking is %.2f × that of an unpaid one (limit 3).\n", $ratio);
($all['paid booked'] ?? []) !== [] || stop('Nothing was paid for; the figures above say nothing.');
$longest = max([0.0, ...$all['unpaid book'] ?? [], ...$all['paid book'] ?? []]);
printf("Longest answer %.0f ms, beside one who locks a booking and a sale for %d s.\n", $longest, SLOW_SECONDS);
verdict($ratio <= 3 && $longest < SLOW_SECONDS * 1000);
