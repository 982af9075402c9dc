<?php

declare(strict_types=1);

/*
 * For PHP's own web server: built files as they are, with a year of caching (their names change with their content),
 * everything else to the application.
 */

$path = (string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH);
$file = realpath(dirname(__DIR__).'/public'.$path);
$types = ['js' => 'text/javascript', 'css' => 'text/css', 'woff2' => 'font/woff2', 'svg' => 'image/svg+xml', 'png' => 'image/png'];
$ending = pathinfo($path, PATHINFO_EXTENSION);

if ($file !== false && is_file($file) && isset($types[$ending]) && str_starts_with($file, dirname(__DIR__).'/public/')) {
    header("Content-Type: {$types[$ending]}");
    header('X-Content-Type-Options: nosniff');
    header('Cache-Control: public, max-age=31536000, immutable');
    readfile($file);

    return true;
}

$_SERVER['SCRIPT_NAME'] = '/index.php';
require dirname(__DIR__).'/public/index.php';
