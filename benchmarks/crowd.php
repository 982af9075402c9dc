<?php

declare(strict_types=1);

/*
 * bin/yardbell bench crowd: what clients and the house ask of a business, before and after it has 1,000,000 more
 * bookings, 50,000 clients and 300,000 sales with 2.4 million entries; each against the floor of its own moment, and
 * allowed so many times what it was of the floor before.
 */

require __DIR__.'/run.php';
require __DIR__.'/Window.php';
require __DIR__.'/Crowd.php';
define('BOOKINGS', sized(1_000_000, 2_000));
define('CLIENTS', sized(50_000, 100));
define('SALES', sized(300_000, 600));
define('ROUNDS', sized(60, 2));
define('WARM', sized(10, 1));

[$address, $port] = [rtrim($argv[1], '/'), (int) $argv[2]];
$db = database($port);
copied($address);
$business = (int) $db->query("select id from businesses where slug = 'bench'")->fetchColumn();
$page = (string) @file_get_contents("{$address}/book/bench");
preg_match('#id="first">(.*?)</script>#s', $page, $found) || stop("No Gate answers at {$address}/book/bench.");
$shown = json_decode($found[1], true, 64, JSON_THROW_ON_ERROR);
$service = $shown['times']['service'];
$free = array_values(
    array_filter($shown['page']['services'], static fn (array $one): bool => $one['payment'] === 'none'),
)[0]['id'];
$joins = array_column(array_filter($shown['page']['services'], static fn (array $one): bool => $one['joins']), 'id');
$then = array_map(static fn (string $id): array => ['service' => $id], array_slice([...$joins, $service], 0, 2));
$times = "/gate-api/pages/bench/open-times?service={$service}";
$visit = $times.'&'.http_build_query(['then' => json_encode($then)]);
$window = Window::of($address);
[$today, $month] = [gmdate('Y-m-d'), gmdate('Y-m-01', time() - 60 * 86400)];
$monday = gmdate('Y-m-d', strtotime('monday this week'));
$dense = gmdate('Y-m-d', time() + 90 * 86400);
$house = '/api/businesses/bench';
$asked = 0;
$requests = [
    'floor' => '/gate-api/floor',
    'two weeks, kept' => $times,
    'the same, made anew' => $times.'&from=',
    'of a visit of three, kept' => $visit,
    'the same of it, made anew' => $visit.'&from=',
    'the Board today' => "{$house}/board?date={$today}",
    'the Board on a day of the crowd' => "{$house}/board?date={$dense}",
    'clients, by name' => "{$house}/clients?text=dora",
    'clients, a part of a word' => "{$house}/clients?text=ora",
    'sales, the latest' => "{$house}/sales?state=all",
    'sales that are due' => "{$house}/sales?state=due",
    'figures of this week' => "{$house}/figures?from={$monday}&until=".gmdate('Y-m-d', strtotime($monday) + 6 * 86400),
    'figures of a month of the crowd' => "{$house}/figures?from={$month}&until=".gmdate('Y-m-t', strtotime($month)),
    'a day of the drawer' => "{$house}/days/{$today}",
];
$get = static function (string $path) use ($window): float {
    [$took, $status] = $window->ask($path);
    $status === 200 || stop("{$path} answered {$status}.");

    return $took;
};
$acts = static function (array $starts) use ($window, $free, &$asked): array {
    $start = $starts[array_rand($starts)]['at'];
    [$hold, $status, $said] = $window->ask(
        '/gate-api/pages/bench/holds',
        ['service' => $free, 'staff' => null, 'start' => $start],
    );
    $status === 201 || stop("A hold answered {$status}: {$said}");
    $held = json_decode($said, true);
    $asked++;
    [$book, $status] = $window->ask("/gate-api/bookings/{$held['id']}/book?{$held['query']}", [
        'name' => 'Bench Mark',
        'email' => "bench{$asked}@post.example",
        'phone' => '',
        'note' => '',
    ]);
    $status === 200 || stop("Booking answered {$status}.");
    [$cancel, $status] = $window->ask("/gate-api/bookings/{$held['id']}/cancel?{$held['query']}", []);
    $status === 200 || stop("Cancelling answered {$status}.");

    return ['hold' => $hold, 'book' => $book, 'cancel' => $cancel];
};
$round = static function (): float {
    $home = getenv('YARDBELL_HOME') ?: dirname(__DIR__).'/.yardbell';
    $settings = getenv('YARDBELL_SETTINGS') ?: "{$home}/run/env"; // of the running application
    exec('bash -c '.escapeshellarg(". {$settings}; php benchmarks/round.php"), $said);
    is_numeric($said[0] ?? '') || stop('A round of the workers has failed: '.implode(' ', $said));

    return (float) $said[0];
};
/** @return array<string, list<float>> milliseconds by request, by turns */
$measure = static function () use ($get, $acts, $round, $requests, $window, $free, &$asked): array {
    $took = [];
    $starts = [];
    foreach ([2, 16] as $later) {
        $from = gmdate('Y-m-d', time() + $later * 86400);
        $days = json_decode($window->ask("/gate-api/pages/bench/open-times?service={$free}&from={$from}")[2], true);
        array_push($starts, ...array_merge(...array_column($days['days'] ?? [], 'starts')));
    }
    for ($i = -WARM; $i < ROUNDS; $i++) {
        $one = [];
        foreach ($requests as $what => $path) {
            // from a day long past is from today, and nobody has asked so before: such an answer is not kept
            $one[$what] = $get(str_ends_with($path, '=') ? $path.date('Y-m-d', ++$asked * 86400) : $path);
        }
        $one += $acts($starts);
        $one += $i % 6 === 0 ? ['a round of the workers' => $round()] : [];
        foreach ($i < 0 ? [] : $one as $what => $milliseconds) {
            $took[$what][] = $milliseconds;
        }
    }

    return $took;
};
$crowd = new Crowd($db, 'bench', $service, BOOKINGS, CLIENTS, SALES);
$few = $measure();
$crowd->come();
$many = $measure();
echo "The business of the demonstration alone.\n";
$before = table($few);
$come = array_map(number_format(...), [BOOKINGS, CLIENTS, SALES]);
printf("\nWith %s more bookings, %s clients, %s sales.\n", ...$come);
$after = table($many);
echo "\nOf the floor, times what it was without:\n";
// a day of the crowd has 480 visits and a month 14,400, which are shown
$limits = ['the Board on a day of the crowd' => 2.0, 'figures of a month of the crowd' => 30.0];
$kept = true;
foreach ($after as $what => $now) {
    $grown = $now / $before[$what];
    $limit = $limits[$what] ?? 1.3;
    printf("%-34s %6.2f (limit %.1f)\n", $what, $grown, $limit);
    $kept = $kept && $grown <= $limit;
}
verdict($kept);
