<?php

declare(strict_types=1);

/*
 * No line of what we write is wider than 120 columns. Left out: what is made (types, the API description), sentences in
 * lang/, and documents, whose tables are as wide as they are.
 */

const WIDEST = 120;
const CODE = '/\.(php|ts|tsx|js|mjs|css|sh)\z|\/yardbell\z/';
const MADE = '/^resources\/js\/lib\/api-types\.ts\z|^lang\//';

chdir(dirname(__DIR__, 2));
exec('git ls-files --cached --others --exclude-standard', $files);
$wide = [];
foreach ($files as $file) {
    if (preg_match(CODE, $file) !== 1 || preg_match(MADE, $file) === 1 || ! is_file($file)) {
        continue;
    }
    foreach (file($file, FILE_IGNORE_NEW_LINES) ?: [] as $number => $line) {
        if (mb_strlen($line) > WIDEST) {
            $wide[] = $file.':'.($number + 1).' has '.mb_strlen($line).' columns';
        }
    }
}
echo implode("\n", $wide), $wide === [] ? 'No line is too wide.' : '', "\n";
exit($wide === [] ? 0 : 1);
