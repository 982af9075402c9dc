<?php

declare(strict_types=1);

/*
 * What every benchmark is run by. With YARDBELL_BENCH=small it only shows that it still works, as the tests do it: few
 * rounds, little data, and no ratio is judged.
 */

function isSmall(): bool
{
    return getenv('YARDBELL_BENCH') === 'small';
}

/** So many rounds, rows or the like; less in a small run. */
function sized(int $usual, int $small): int
{
    return isSmall() ? $small : $usual;
}

/** Ends with a sentence, and as failed. */
function stop(string $why): never
{
    fwrite(STDERR, "{$why}\n");
    exit(1);
}

/** Ends as failed where a ratio that was promised is not kept. */
function verdict(bool $kept): never
{
    exit($kept || isSmall() ? 0 : 1);
}

/** The database of the running application, on the port of this machine. */
function database(int $port): PDO
{
    $name = getenv('DB_DATABASE') ?: 'yardbell';

    $home = getenv('YARDBELL_HOME') ?: dirname(__DIR__).'/.yardbell';
    $password = getenv('DB_PASSWORD') ?: trim((string) @file_get_contents("{$home}/database-password"));

    return new PDO("mysql:host=127.0.0.1;port={$port};dbname={$name}", 'yardbell', $password, [
        PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION,
    ]);
}

/** Does it once the benchmark is over: the clients it forked end before, and take nothing away. */
function afterwards(callable $do): void
{
    $pid = getmypid();
    register_shutdown_function(static function () use ($do, $pid): void {
        getmypid() === $pid && $do();
    });
}

/** Takes away the businesses that benchmarks made, now and when this one is over. */
function emptied(int $port): void
{
    $clear = static fn () => database($port)->exec("delete from businesses where slug like 'bench%'");
    $clear();
    afterwards($clear);
}

/** Copies the pottery of the demonstration as the business "bench"; it is gone once the benchmark is over. */
function copied(string $address): void
{
    $port = (int) (parse_url($address, PHP_URL_PORT) ?: 80) + 33;
    emptied($port);
    $file = tempnam(sys_get_temp_dir(), 'bench').'.json';
    artisan('export', escapeshellarg($file).' --business=quernmoor');
    $document = json_decode((string) file_get_contents($file), true, 64, JSON_THROW_ON_ERROR);
    unlink($file);
    $document['business']['name'] = 'Bench';
    imported($document);
    database($port)->exec("update businesses set published_at = now() where slug = 'bench'");
}

/**
 * Makes a business of a document in the running application.
 *
 * @param  array<string, mixed>  $document
 */
function imported(array $document): void
{
    $file = tempnam(sys_get_temp_dir(), 'bench').'.json';
    file_put_contents($file, json_encode($document, JSON_THROW_ON_ERROR));
    artisan('import', escapeshellarg($file).' --owner=alva@quernmoor.example');
    unlink($file);
}

/** Runs a command of the running application. */
function artisan(string $command, string $with): void
{
    exec((getenv('DB_DATABASE') === false ? 'bin/yardbell' : 'php artisan')." {$command} {$with}", $said, $failed);
    $failed === 0 || stop(implode("\n", $said));
}

/** @param  list<float>  $values */
function quantile(array $values, float $at): float
{
    sort($values);

    return $values[(int) floor($at * (count($values) - 1))];
}

/** As many runs, one after the other, a benchmark is looked at as: what is judged is the middle one of them. */
const RUNS = 5;

/**
 * Prints medians, 95th percentiles and ratios to the floor.
 *
 * @param  array<string, list<float>>  $times milliseconds by request, in the order they were asked, "floor" among them
 * @return array<string, float> each median by the floor's, in the middle one of several runs
 */
function table(array $times): array
{
    $ratios = [];
    printf("%-34s %10s %8s %8s\n", 'request', 'median ms', 'p95 ms', '× floor');
    foreach (array_filter($times) as $what => $values) {
        $ratios[$what] = ratio($values, $times['floor']);
        printf(
            "%-34s %10.1f %8.1f %8.2f\n",
            $what,
            quantile($values, 0.5),
            quantile($values, 0.95),
            $ratios[$what],
        );
    }

    return $ratios;
}

/**
 * @param  non-empty-list<float>  $values
 * @param  non-empty-list<float>  $to
 * @return float the one median by the other, in the middle one of several runs
 */
function ratio(array $values, array $to): float
{
    $runs = min(RUNS, count($values), count($to));
    $part = static fn (array $all, int $run): array => array_slice(
        $all,
        intdiv($run * count($all), $runs),
        max(1, intdiv(($run + 1) * count($all), $runs) - intdiv($run * count($all), $runs)),
    );

    return quantile(array_map(
        static fn (int $run): float => quantile($part($values, $run), 0.5) / quantile($part($to, $run), 0.5),
        range(0, $runs - 1),
    ), 0.5);
}

/** From now on Tests\Browser\Window opens on this address, until this benchmark is over. */
function browsers(string $address): void
{
    $driver = 9600 + random_int(0, 300);
    $chrome = proc_open(['chromedriver', "--port={$driver}"], [1 => ['file', '/dev/null', 'w']], $pipes);
    register_shutdown_function(static fn () => is_resource($chrome) && proc_terminate($chrome));
    usleep(800_000);
    putenv("YARDBELL_TEST_URL={$address}");
    putenv("YARDBELL_TEST_DRIVER=http://127.0.0.1:{$driver}");
}
