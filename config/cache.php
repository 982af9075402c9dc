<?php

declare(strict_types=1);

return [
    'default' => env('CACHE_STORE', 'database'),
    // Where requests of a minute are counted (App\Limits\PassingCounts): in the memory of this machine, or with
    // "redis" in one that several machines share.
    'limiter' => env('YARDBELL_COUNTS', 'apc'),
    'stores' => [
        'database' => ['driver' => 'database', 'table' => 'cache', 'lock_table' => 'cache_locks'],
        // Rule books, on each machine its own: see App\Times\RuleBooks.
        'rules' => ['driver' => 'file', 'path' => env('YARDBELL_RULE_BOOKS', storage_path('rule-books'))],
        'apc' => ['driver' => 'apc'],
        'redis' => ['driver' => 'redis', 'connection' => 'default'],
        'array' => ['driver' => 'array', 'serialize' => false],
    ],
    'prefix' => 'yardbell',
];
