<?php

declare(strict_types=1);

return [
    'driver' => 'sparing', // App\Support\SparingSessions
    'lifetime' => 720,
    'expire_on_close' => false,
    'encrypt' => false,
    'table' => 'sessions',
    'lottery' => [2, 100],
    'cookie' => 'yardbell_session',
    'path' => '/',
    'domain' => null,
    'secure' => env('SESSION_SECURE_COOKIE'),
    'http_only' => true,
    'same_site' => 'lax',
];
