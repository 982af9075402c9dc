<?php

declare(strict_types=1);

/*
 * Compiles what a request usually needs once, before PHP takes requests (deploy/php.ini). Which files those are is
 * found by
 * asking: bin/lib/preload-list.php.
 */

$list = (string) getenv('YARDBELL_PRELOAD');
foreach (is_readable($list) ? (file($list, FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: []) : [] as $file) {
    if (is_file($file)) {
        opcache_compile_file($file);
    }
}
