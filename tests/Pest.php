<?php

declare(strict_types=1);

uses(Tests\TestCase::class)->in('App');

// Browsers of each process that tests side by side with others go to an application of its own (bin/lib/test.sh).
$process = getenv('TEST_TOKEN');
foreach (['YARDBELL_TEST_URL', 'YARDBELL_TEST_STAND_INS'] as $address) {
    $own = getenv("{$address}_{$process}");
    if (is_string($own)) {
        putenv("{$address}={$own}");
    }
}
