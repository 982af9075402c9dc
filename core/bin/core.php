<?php

declare(strict_types=1);

/*
 * slots, why, quote, visits, repeats, waitlist, check: the core alone, without the framework's start-up and without
 * Composer's loader.
 */

spl_autoload_register(static function (string $class): void {
    $file = strtr($class, '\\', '/').'.php';
    require str_starts_with($class, 'YardBell\\Core\\')
        ? dirname(__DIR__).'/src/'.substr($file, 14)
        : dirname(__DIR__, 2).'/vendor/brick/math/src/'.substr($file, 11); // exact arithmetic, the only other thing
});

$kept = [];

exit(YardBell\Core\Scenario\Command::run(array_slice($argv, 1), STDOUT, STDERR, $kept));
