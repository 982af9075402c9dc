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
