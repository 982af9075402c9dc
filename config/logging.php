<?php

declare(strict_types=1);

return [
    'default' => 'single',
    'channels' => [
        'single' => ['driver' => 'single', 'path' => env('YARDBELL_LOG', storage_path('logs/yardbell.log')), 'level' => 'warning'],
        'emergency' => ['path' => storage_path('logs/yardbell.log')],
    ],
];
