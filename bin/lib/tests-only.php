<?php

declare(strict_types=1);

/*
 * Prints, as PHP, the files with functions that Composer begins every request with and only the tests need, under the
 * names by which its autoloader knows what is there already: public/index.php tells it so.
 */

$root = dirname(__DIR__, 2);
$installed = json_decode(
    (string) file_get_contents("{$root}/vendor/composer/installed.json"),
    true,
    flags: JSON_THROW_ON_ERROR,
);
$files = [];
foreach ($installed['packages'] as $package) {
    if (in_array($package['name'], $installed['dev-package-names'], true)) {
        foreach ($package['autoload']['files'] ?? [] as $file) {
            $files[hash('md5', "{$package['name']}:{$file}")] = true;
        }
    }
}

echo '<?php return '.var_export($files, true).";\n";
