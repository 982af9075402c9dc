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

    return new PDO("mysql:host=127.0.0.1;port={$port};dbname={$name}", 'yardbell', 'yardbell', [
        PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION,
    ]);
}

/** Takes away the businesses that benchmarks made, now and when this one is over. */
function emptied(PDO $db): void
{
    $clear = static fn () => $db->exec("delete from businesses where slug like 'bench%'");
    $clear();
    register_shutdown_function($clear);
}

/**
 * Takes away what benchmarks booked at the demonstration, once this one is over: all of it, its money too.
 *
 * @param  string  $like the addresses it booked with, for SQL
 */
function forgotten(PDO $db, string $like): void
{
    register_shutdown_function(static function () use ($db, $like): void {
        $bookings = 'select id from bookings where json_value(contact, \'$.email\') like ?';
        $sales = "select sale_id from bookings where id in ({$bookings}) and sale_id is not null";
        $db->exec('set foreign_key_checks = 0');
        $run = static fn (string $sql) => $db->prepare($sql)->execute([$like]);
        $checkouts = "select checkout from payments where sale_id in ({$sales})";
        $run("delete from stand_in_movements where checkout in ({$checkouts})");
        $run("delete from stand_in_checkouts where id in ({$checkouts})");
        foreach (['refunds', 'payments', 'sale_lines', 'book_entries'] as $table) {
            $run("delete from {$table} where sale_id in ({$sales})");
        }
        $run("delete from sales where id in ({$sales})");
        foreach (['outbox', 'booking_changes', 'booking_staff', 'code_uses'] as $table) {
            $run("delete from {$table} where booking_id in ({$bookings})");
        }
        $run('delete from bookings where json_value(contact, \'$.email\') like ?');
        $run('delete from clients where email like ?');
        $db->exec("delete from bookings where contact is null and state in ('cancelled', 'expired')"); // let go
        $db->exec('set foreign_key_checks = 1');
    });
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
    exec(
        (getenv('DB_DATABASE') === false ? 'bin/yardbell import ' : 'php artisan import ')
            .escapeshellarg($file)
            .' --owner=alva@quernmoor.example',
        $said,
        $failed,
    );
    unlink($file);
    $failed === 0 || stop(implode("\n", $said));
}

/** @param  list<float>  $values */
function quantile(array $values, float $at): float
{
    sort($values);

    return $values[(int) floor($at * (count($values) - 1))];
}

/**
 * Prints medians, 95th percentiles and ratios to the floor.
 *
 * @param  array<string, list<float>>  $times milliseconds by request, "floor" among them
 * @return array<string, float> each median by the floor's
 */
function table(array $times): array
{
    $floor = quantile($times['floor'], 0.5);
    $ratios = [];
    printf("%-34s %10s %8s %8s\n", 'request', 'median ms', 'p95 ms', '× floor');
    foreach ($times as $what => $values) {
        $ratios[$what] = quantile($values, 0.5) / $floor;
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
