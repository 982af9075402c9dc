<?php

declare(strict_types=1);

return [
    'default' => 'careful',
    'channels' => [
        // Where a log cannot be written (the disk is full), what was to be logged is lost and nothing else.
        'careful' => ['driver' => 'stack', 'channels' => ['single'], 'ignore_exceptions' => true],
        'single' => [
            'driver' => 'single',
            'path' => env('YARDBELL_LOG', storage_path('logs/yardbell.log')),
            'level' => 'warning',
            'permission' => 0640,
        ],
        'emergency' => ['path' => '/dev/null'],
    ],
];
