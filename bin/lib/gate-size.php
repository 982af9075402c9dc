<?php

declare(strict_types=1);

/*
 * The Gate's first load: all JavaScript its entry brings along, as it is sent. Fails above 80 kB by brotli, and above
 * 90 kB by gzip, for browsers that take nothing else.
 */

const MOST = ['br' => 80_000, 'gz' => 90_000];

$build = dirname(__DIR__, 2).'/public/build/en';
$manifest = json_decode((string) file_get_contents("{$build}/manifest.json"), true, 16, JSON_THROW_ON_ERROR);
$files = [];
$add = static function (string $entry) use (&$add, &$files, $manifest): void {
    $files[$manifest[$entry]['file']] = true;
    array_map($add, $manifest[$entry]['imports'] ?? []);
};
$add('resources/js/gate/main.tsx');
$sizes = [];
foreach (MOST as $ending => $most) {
    $sizes[$ending] = array_sum(
        array_map(static fn (string $file): int => (int) filesize("{$build}/{$file}.{$ending}"), array_keys($files)),
    );
    echo "The Gate loads {$sizes[$ending]} bytes of JavaScript as .{$ending}, {$most} are allowed.\n";
}
exit(min($sizes) > 0 && $sizes['br'] <= MOST['br'] && $sizes['gz'] <= MOST['gz'] ? 0 : 1);
