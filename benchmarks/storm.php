<?php

declare(strict_types=1);

/*
 * bin/yardbell bench storm: clients and desks who all want the same few days of a copy of the demonstration, while
 * processes of PHP and workers are killed: holds, visits, repeats, codes, parties, money at the desk, moves by link and
 * on the Board. Afterwards an independent look at the database: what was acknowledged is there, and nothing twice.
 */

require __DIR__.'/run.php';
require __DIR__.'/Window.php';
require __DIR__.'/StormClient.php';
require __DIR__.'/StormLook.php';
const CLIENTS = 8;
const CODE_USES = 25;
const KILLS_APART_MICROSECONDS = 300_000;
define('TRIES', sized(3000, 48));

$address = rtrim($argv[1] ?? 'http://127.0.0.1:8400', '/');
$port = (int) ($argv[2] ?? 8433);
copied($address);
preg_match('#id="first">(.*?)</script>#s', (string) @file_get_contents("{$address}/book/bench"), $found) ||
    stop("No Gate answers at {$address}/book/bench. bin/yardbell start serves one.");
$page = json_decode($found[1], true, 64, JSON_THROW_ON_ERROR)['page'];
$db = database($port);
$business = (int) $db->query("select id from businesses where slug = 'bench'")->fetchColumn();
$db->prepare("insert into offer_codes (business_id, id, code, percent, uses, minimum, used_before, used_by_before,
    first_visit_only, includes_extras, combines, position) values (?, ?, 'STORM', '10', ?, 0, 0, '{}', 0, 0, 1, 99)")
    ->execute([$business, strtoupper(substr(str_repeat('STRM', 7), 0, 26)), CODE_USES]);

$killed = sys_get_temp_dir()."/storm-kills-{$port}";
@unlink($killed);

/** Kills now and then one of the processes that work for the running start, as a machine without memory does. */
$killer = isSmall() ? 0 : pcntl_fork(); // in a small run others use the same machine
if (! isSmall() && $killer === 0) {
    sleep(3); // the desks sign in first
    $run = (getenv('YARDBELL_HOME') ?: dirname(__DIR__).'/.yardbell').'/run';
    for ($kill = 0; ; $kill++) {
        usleep(KILLS_APART_MICROSECONDS);
        $master = trim((string) @file_get_contents("{$run}/web/php.pid"));
        $works = $kill % 6 === 5
            ? "awk '/^worker/ { print $2 }' ".escapeshellarg("{$run}/processes")
            : 'pgrep -P '.escapeshellarg($master).' -f "pool application"';
        exec("{$works} | shuf -n 1", $pids);
        $pid = (int) array_pop($pids);
        $pid > 0 && posix_kill($pid, SIGKILL) && file_put_contents($killed, '.', FILE_APPEND);
    }
}
$logs = [];
for ($i = 0; $i < CLIENTS; $i++) {
    $logs[$i] = (string) tempnam(sys_get_temp_dir(), 'storm');
    if (pcntl_fork() === 0) {
        (new StormClient($address, $page, $i, $logs[$i]))->act(intdiv(TRIES, CLIENTS));
        posix_kill((int) getmypid(), SIGKILL); // without what this one does at its end
    }
}
for ($left = CLIENTS; $left > 0; $left--) {
    pcntl_waitpid(-1, $status);
}
if ($killer > 0) {
    posix_kill($killer, SIGKILL);
    pcntl_waitpid($killer, $status);
}
sleep(isSmall() ? 1 : 20); // what was ended comes back, and what waits is done
$acts = [];
foreach ($logs as $log) {
    foreach (file($log, FILE_IGNORE_NEW_LINES) ?: [] as $line) {
        $acts[] = json_decode($line, true);
    }
    unlink($log);
}
$kills = strlen((string) @file_get_contents($killed));
$statuses = array_count_values(array_map(static fn (array $act): string => "{$act['what']} {$act['status']}", $acts));
ksort($statuses);
foreach ($statuses as $what => $times) {
    printf("%-24s %6d\n", $what, $times);
}
printf("%d tries with %d kills.\n", count($acts), $kills);
$broken = array_filter($acts, static fn (array $act): bool => $act['status'] === 500);
$wrong = [...(new StormLook(database($port), $business))->wrong($acts, CODE_USES)];
artisan('book:check', '');
foreach ($broken as $act) {
    echo "500: {$act['what']} {$act['said']}\n";
}
echo implode("\n", $wrong), $wrong === [] ? '' : "\n";
echo $wrong === [] ? "Nothing is lost, and nothing is twice.\n" : count($wrong)." wrong.\n";
$booked = count(array_filter($acts, static fn (array $act): bool => $act['id'] !== ''));
$booked > 0 || stop('Nothing was booked; the above says nothing.');
exit($broken === [] && $wrong === [] ? 0 : 1);
