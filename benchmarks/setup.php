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
[$address, $port] = [rtrim($argv[1], '/'), (int) $argv[2]];
$db = database($port);
$clear = static fn () => $db->exec("delete from businesses where slug like 'bench%'");
$clear();
register_shutdown_function($clear);

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
$file = tempnam(sys_get_temp_dir(), 'bench').'.json';
file_put_contents($file, json_encode($document, JSON_THROW_ON_ERROR));
exec(
    (getenv('DB_DATABASE') === false ? 'bin/yardbell import ' : 'php artisan import ')
        .escapeshellarg($file)
        .' --owner=alva@quernmoor.example',
    $said,
    $failed,
);
unlink($file);
$failed === 0 || stop(implode("\n", $said));

$handle = curl_init();
$cookies = tempnam(sys_get_temp_dir(), 'bench');
/** @return array{float, int, string} milliseconds, status, answer */
$ask = static function (string $path, ?array $body = null) use ($address, $handle, $cookies): array {
    $token = '';
    foreach (curl_getinfo($handle, CURLINFO_COOKIELIST) as $cookie) {
        $token = str_contains($cookie, 'XSRF-TOKEN') ? urldecode(explode("\t", $cookie)[6]) : $token;
    }
    curl_setopt_array(
        $handle,
        [
            CURLOPT_URL => $address.$path,
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_COOKIEJAR => $cookies,
            CURLOPT_COOKIEFILE => '',
            CURLOPT_HTTPHEADER => [
                'Accept: application/json',
                'Content-Type: application/json',
                'X-Requested-With: XMLHttpRequest',
                "X-XSRF-TOKEN: {$token}",
            ],
        ] +
            ($body === null
                ? [CURLOPT_HTTPGET => true]
                : [CURLOPT_POST => true, CURLOPT_POSTFIELDS => json_encode($body)]),
    );
    $start = hrtime(true);
    $answer = (string) curl_exec($handle);

    return [(hrtime(true) - $start) / 1e6, curl_getinfo($handle, CURLINFO_RESPONSE_CODE), $answer];
};
$ask('/api/me');
$ask('/api/sign-in', ['email' => 'alva@quernmoor.example', 'password' => 'clay-and-water'])[1] === 200 ||
    stop("Alva cannot sign in at {$address}. bin/yardbell start serves the demonstration.");

$hours = static function (string $business) use ($ask): array {
    $thing = json_decode($ask("/api/businesses/{$business}/things/openingHours/business")[2], true);
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
        [$took, $status] = $ask($path, $body);
        $status === 200 || stop("{$path} answered {$status}.");
        if ($round >= 0) {
            $times[$what][] = $took;
        }
    }
}
$quantile = static function (array $values, float $at): float {
    sort($values);

    return $values[(int) floor($at * (count($values) - 1))];
};
$floor = $quantile($times['floor'], 0.5);
printf("%-34s %10s %8s %8s\n", 'request', 'median ms', 'p95 ms', '× floor');
foreach ($times as $what => $values) {
    printf(
        "%-34s %10.1f %8.1f %8.2f\n",
        $what,
        $quantile($values, 0.5),
        $quantile($values, 0.95),
        $quantile($values, 0.5) / $floor,
    );
}
