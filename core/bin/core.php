<?php

declare(strict_types=1);

/*
 * slots, why, check: the core alone, without the framework's start-up and without Composer's loader.
 */

spl_autoload_register(static function (string $class): void {
    if (str_starts_with($class, 'YardBell\\Core\\')) {
        require dirname(__DIR__).'/src/'.strtr(substr($class, 14), '\\', '/').'.php';
    }
});

$kept = [];

exit(YardBell\Core\Scenario\Command::run(array_slice($argv, 1), STDOUT, STDERR, $kept));
