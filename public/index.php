<?php

declare(strict_types=1);

use Illuminate\Foundation\Application;
use Illuminate\Http\Request;

define('LARAVEL_START', microtime(true));

// What only the tests need is not begun with a request: a twentieth of what it takes.
$testsOnly = dirname(__DIR__).'/bootstrap/cache/tests-only.php';
$GLOBALS['__composer_autoload_files'] = is_file($testsOnly) ? require $testsOnly : [];

require dirname(__DIR__).'/vendor/autoload.php';

/** @var Application $app */
$app = require dirname(__DIR__).'/bootstrap/app.php';

$app->handleRequest(Request::capture());
