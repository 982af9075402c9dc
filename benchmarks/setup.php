<?php

declare(strict_types=1);

/*
 * bin/yardbell bench setup: the workspace's lists and previews on the running demonstration, and on a house of 60
 * people, 150 services, 3,000 bookings and two years of special days that is made for it and taken away again. By turns
 * with the floor (one row by its key) and with "who is signed in", the least that any workspace route does.
 */

require __DIR__.'/run.php';
define('ROUNDS', sized(60, 2));

require __DIR__.'/Yard.php';
require __DIR__.'/Window.php';
[$address, $port] = [rtrim($argv[1], '/'), (int) $argv[2]];
$db = database($port);
emptied($port);

$document = Yard::document(sized(60, 4), sized(150, 6), sized(3000, 50), 60);
for ($day = 0; $day < 852; $day++) {
    if (gmdate('N', Yard::MONDAY + ($day - 60) * 86400) === '1') {
        continue; // Mondays follow the weekly hours, which the preview changes
    }
    $document['business']['specialDays'][] = [
        'date' => gmdate('Y-m-d', Yard::MONDAY + ($day - 60) * 86400),
        'hours' => [['from' => '09:00', 'to' => '17:00']],
    ];
}
imported($document);
$window = Window::of($address);
$hours = static function (string $business) use ($window): array {
    $thing = json_decode($window->ask("/api/businesses/{$business}/things/openingHours/business")[2], true);
    $thing['content']['hours']['mon'] = [['from' => '10:00', 'to' => '21:00']];

    return [
        'drafts' => [
            [
                'kind' => 'openingHours',
                'id' => 'business',
                'version' => $thing['version'],
                'content' => $thing['content'],
            ],
        ],
    ];
};
[$small, $large] = [$hours('quernmoor'), $hours('bench')];
$asked = [
    'floor' => ['/gate-api/floor', null],
    'who is signed in' => ['/api/me', null],
    'set-up, 8 services' => ['/api/businesses/quernmoor/setup', null],
    'set-up, 60 people 150 services' => ['/api/businesses/bench/setup', null],
    'a year of special days' => ['/api/businesses/bench/year/2027', null],
    'preview, demonstration' => ['/api/businesses/quernmoor/drafts/preview', $small],
    'preview, 60 people 150 services' => ['/api/businesses/bench/drafts/preview', $large],
];
$times = [];
for ($round = -5; $round < ROUNDS; $round++) {
    foreach ($asked as $what => [$path, $body]) {
        if (str_starts_with($what, 'preview, 60') && $round > 4) {
            continue;
        }
        [$took, $status] = $window->ask($path, $body);
        $status === 200 || stop("{$path} answered {$status}.");
        if ($round >= 0) {
            $times[$what][] = $took;
        }
    }
}
$ratios = table($times);
verdict(
    $ratios['who is signed in'] <= 1.6 &&
    $ratios['set-up, 8 services'] <= 3 &&
    $ratios['set-up, 60 people 150 services'] <= 3 &&
    $ratios['preview, 60 people 150 services'] <= 25,
);
