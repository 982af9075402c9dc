<?php

declare(strict_types=1);

/*
 * The Gate's first load: all JavaScript its entry brings along, gzipped. Fails above 90 kB.
 */

const MOST = 90_000;

$build = dirname(__DIR__, 2).'/public/build/en';
$manifest = json_decode((string) file_get_contents("{$build}/manifest.json"), true, 16, JSON_THROW_ON_ERROR);
$files = [];
$add = static function (string $entry) use (&$add, &$files, $manifest): void {
    $files[$manifest[$entry]['file']] = true;
    array_map($add, $manifest[$entry]['imports'] ?? []);
};
$add('resources/js/gate/main.tsx');
$size = array_sum(
    array_map(
        static fn (string $file): int => strlen((string) gzencode((string) file_get_contents("{$build}/{$file}"), 9)),
        array_keys($files),
    ),
);
echo "The Gate loads {$size} bytes of gzipped JavaScript, ".MOST." are allowed.\n";
exit($size > 0 && $size <= MOST ? 0 : 1);
