<?php

declare(strict_types=1);

/*
 * bin/yardbell bench board: the Board of a house of 40 people with 600 bookings on one day, the week of six of them,
 * and the question every open window asks: has anything happened? By turns with the floor (one row by its key).
 */

require __DIR__.'/run.php';
require __DIR__.'/Yard.php';
require __DIR__.'/Window.php';
define('ROUNDS', sized(100, 2));

[$address, $port] = [rtrim($argv[1], '/'), (int) $argv[2]];
$db = database($port);
getenv('KEEP') || emptied($port);
$document = Yard::document(40, sized(40, 6), sized(820, 40), 1); // a quarter is cancelled
$week = Yard::document(6, 6, sized(300, 30), 6);
$document['bookings'] = [
    ...$document['bookings'],
    ...array_map(
        static fn (array $booking, int $i): array => [
            'id' => "w{$i}",
            'start' => gmdate('Y-m-d\TH:i\Z', (int) strtotime($booking['start']) + 7 * 86400),
        ] + $booking,
        $week['bookings'],
        array_keys($week['bookings']),
    ),
];
foreach (array_keys($document['services']) as $i) {
    $document['services'][$i]['pricing'] = ['kind' => 'fixed', 'amount' => 4800];
}
imported($document);

$window = Window::of($address);
$all = json_decode($window->ask('/api/businesses/bench/setup')[2], true)['staff'];
$ids = array_column($all, 'id');
$six = implode(',', array_slice($ids, 0, 6));
$asked = [
    'floor' => '/gate-api/floor',
    'who is signed in' => '/api/me',
    'has anything happened' => '/api/businesses/bench/board/version',
    'day of 40 people' => '/api/businesses/bench/board?date=2027-03-01',
    'day of 40 people, first asked' => '/api/businesses/bench/board?date=2027-03-01',
    'its fortnight' => '/api/businesses/bench/board/ribbon?date=2027-03-01',
    'week of six people' => "/api/businesses/bench/board?date=2027-03-08&span=week&staff={$six}",
];
$day = json_decode($window->ask($asked['day of 40 people'])[2], true);
printf("%d lanes, %d tags\n", count($day['lanes']), count($day['tags']));
$times = [];
for ($round = -5; $round < ROUNDS; $round++) {
    foreach ($asked as $what => $path) {
        if ($what === 'day of 40 people, first asked') {
            shuffle($ids);
            $path .= '&staff='.implode(',', $ids); // the same day, which nobody has looked at in this order
        }
        [$took, $status] = $window->ask($path);
        $status === 200 || stop("{$path} answered {$status}.");
        if ($round >= 0) {
            $times[$what][] = $took;
        }
    }
}
$ratios = table($times);
printf(
    "%d windows could ask every 1.5 s whether anything has happened\n",
    1.5 * $window->perSecond($asked['has anything happened'], sized(4, 1)),
);
verdict($ratios['day of 40 people'] <= 2.5 && $ratios['week of six people'] <= 2.5);
