<?php

declare(strict_types=1);

/*
 * Prints the class files that usual requests need, one a line, for bootstrap/preload.php: asks the application for its
 * floor, a page of a business and that business's times, holds one, books it and lets it go again, of which nothing is
 * kept, and looks which files that took; all of ours come with them. Without a business, fewer.
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
$json = ['CONTENT_TYPE' => 'application/json'];
/** @param  array<string, mixed>|null  $body */
$ask = static function (string $path, ?array $body = null) use ($kernel, $address, $json): string {
    $request = $body === null
        ? Request::create($address.$path)
        : Request::create($address.$path, 'POST', server: $json, content: json_encode($body, JSON_THROW_ON_ERROR));
    $request->headers->set('Accept', $body === null ? '*/*' : 'application/json');
    $answer = $kernel->handle($request);

    return $answer->isSuccessful() ? (string) $answer->getContent() : '';
};

$ask('/gate-api/floor');
$db = $app->make('db');
$slug = $db->table('businesses')->whereNotNull('published_at')->orderBy('id')->value('slug');
preg_match('#"service":"(\w{26})"#', $slug === null ? '' : $ask("/book/{$slug}"), $first);
if ($first !== []) {
    $times = $ask("/gate-api/pages/{$slug}/open-times?service={$first[1]}");
    preg_match('#"at":"([^"]+)"#', $times, $start);
    $db->beginTransaction();
    $held = $ask("/gate-api/pages/{$slug}/holds", ['service' => $first[1], 'start' => $start[1] ?? '']);
    preg_match('#"id":"(\w{26})".*"query":"([^"]+)"#', $held, $own);
    $who = ['name' => 'Nobody', 'email' => 'nobody@post.example', 'phone' => '+351210000000', 'agreed' => true];
    if ($own !== []) {
        $ask("/gate-api/bookings/{$own[1]}/book?{$own[2]}", $who);
        $ask("/gate-api/bookings/{$own[1]}/cancel?{$own[2]}", []);
    }
    $db->rollBack();
}
$ask('/sign-in');
class_exists(Component::class); // a class without a name in the templates' compiler builds on it
$map = array_filter(array_map(realpath(...), $classes->getClassMap()));
$own = array_filter($map, static fn (string $file): bool => preg_match("#^{$root}/(?:app|core/src)/#", $file) === 1);
$known = array_flip($map);
foreach (array_unique([...array_diff(get_included_files(), $always), ...array_values($own)]) as $file) {
    if (isset($known[$file])) {
        echo "{$file}\n";
    }
}
