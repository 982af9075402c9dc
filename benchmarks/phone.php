<?php

declare(strict_types=1);

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Tests\Browser\Window;

/*
 * bin/yardbell bench phone: how long the Gate takes until it is of use on a slow phone: 400 kbit/s, 0.4 s of delay, the
 * processor slowed four times, nothing kept from before.
 */

require __DIR__.'/run.php';
require __DIR__.'/../vendor/autoload.php';
define('LOADS', sized(5, 1));
const MOST = ['read' => 3.0, 'drawn' => 7.0]; // seconds; the line alone takes most of them

/** Times of a start that is a link already, and of one that scripts have drawn; kept by the page as it loads. */
const WATCH = <<<'JS'
    window.useful = {};
    const look = () => {
      const seen = { read: 'a[href*="at="]', drawn: '.part-fold:not(:disabled)' };
      for (const [what, where] of Object.entries(seen)) {
        if (!(what in window.useful) && document.querySelector(where) !== null) {
          requestAnimationFrame(() => setTimeout(() => (window.useful[what] ??= performance.now() / 1000)));
        }
      }
    };
    new MutationObserver(look).observe(document, { childList: true, subtree: true });
    JS;

browsers(rtrim($argv[1], '/'));
$seconds = ['read' => [], 'drawn' => []];
for ($load = 0; $load < LOADS; $load++) {
    $phone = Window::open(390, 844)->onSlowLine();
    $tools = new ChromeDevToolsDriver($phone->driver);
    $tools->execute('Emulation.setCPUThrottlingRate', ['rate' => 4]);
    $tools->execute('Page.addScriptToEvaluateOnNewDocument', ['source' => WATCH]);
    $phone->go('/book/quernmoor')->find('.part-fold:not(:disabled)');
    usleep(500_000);
    foreach ($phone->driver->executeScript('return window.useful') as $what => $after) {
        $seconds[$what][] = (float) $after;
    }
    $phone->quit();
}
$phrases = [
    'read' => 'the two weeks can be read, each time a link',
    'drawn' => 'they are drawn, and a press picks one',
];
foreach ($phrases as $what => $says) {
    printf("%-46s %5.1f s\n", $says, quantile($seconds[$what], 0.5));
}
verdict(quantile($seconds['read'], 0.5) <= MOST['read'] && quantile($seconds['drawn'], 0.5) <= MOST['drawn']);
