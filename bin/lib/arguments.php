<?php

declare(strict_types=1);

/*
 * Whoever gives more than four arguments says which is which: a call with more by their place is told here.
 */

use PhpParser\Node;
use PhpParser\Node\Arg;
use PhpParser\Node\Expr\CallLike;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;

require dirname(__DIR__, 2).'/vendor/autoload.php';
chdir(dirname(__DIR__, 2));
const MOST = 4;

$parser = (new ParserFactory())->createForHostVersion();
$isLong = static fn (Node $node): bool => $node instanceof CallLike &&
    ! $node->isFirstClassCallable() &&
    count(array_filter(
        $node->getArgs(),
        static fn (Arg $given): bool => $given->name === null && ! $given->unpack,
    )) > MOST;
$found = [];
foreach (['app', 'core/src'] as $folder) {
    $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS));
    foreach ($files as $file) {
        $tree = $parser->parse((string) file_get_contents((string) $file)) ?? [];
        foreach ((new NodeFinder())->find($tree, $isLong) as $call) {
            $found[] = "{$file}:{$call->getStartLine()} gives more than ".MOST.' arguments by their place';
        }
    }
}
echo implode("\n", $found), $found === [] ? 'All long calls name what they give.' : '', "\n";
exit($found === [] ? 0 : 1);
