<?php

declare(strict_types=1);

return [
    'default' => env('CACHE_STORE', 'database'),
    'stores' => [
        'database' => ['driver' => 'database', 'table' => 'cache', 'lock_table' => 'cache_locks'],
        // Rule books, on each machine its own: see App\Bookings\RuleBooks.
        'rules' => ['driver' => 'file', 'path' => env('YARDBELL_RULE_BOOKS', storage_path('rule-books'))],
        'array' => ['driver' => 'array', 'serialize' => false],
    ],
    'prefix' => 'yardbell',
];
