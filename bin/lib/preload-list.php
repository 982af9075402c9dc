<?php

declare(strict_types=1);

/*
 * Prints the class files that usual requests need, one a line, for bootstrap/preload.php: asks the application for its
 * floor, a page of a business and that business's times, and looks which files that took. Without a business, fewer.
 */

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\View\Component;

$root = dirname(__DIR__, 2);
$classes = require "{$root}/vendor/autoload.php";
$always = get_included_files(); // functions, which every request includes anyway
$app = require "{$root}/bootstrap/app.php";
$kernel = $app->make(Kernel::class);
$address = rtrim((string) getenv('APP_URL'), '/');
$ask = static function (string $path) use ($kernel, $address): string {
    $answer = $kernel->handle(Request::create($address.$path));

    return $answer->getStatusCode() === 200 ? (string) $answer->getContent() : '';
};

$ask('/gate-api/floor');
$slug = $app->make('db')->table('businesses')->whereNotNull('published_at')->orderBy('id')->value('slug');
preg_match('#"service":"(\w{26})"#', $slug === null ? '' : $ask("/book/{$slug}"), $first);
if ($first !== []) {
    $ask("/gate-api/pages/{$slug}/open-times?service={$first[1]}");
}
$ask('/sign-in');
class_exists(Component::class); // a class without a name in the templates' compiler builds on it
$known = array_flip(array_filter(array_map(realpath(...), $classes->getClassMap())));
foreach (array_diff(get_included_files(), $always) as $file) {
    if (isset($known[$file])) {
        echo "{$file}\n";
    }
}
