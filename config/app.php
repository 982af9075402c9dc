<?php

declare(strict_types=1);

use Illuminate\Broadcasting\BroadcastServiceProvider;
use Illuminate\Concurrency\ConcurrencyServiceProvider;
use Illuminate\Notifications\NotificationServiceProvider;
use Illuminate\Pagination\PaginationServiceProvider;
use Illuminate\Support\ServiceProvider;

return [
    'name' => 'Yard Bell',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1:8400'),
    'timezone' => 'UTC',
    // The locale of whoever asks for none that is spoken, and the languages: folders of lang/, with a build each.
    'locale' => env('YARDBELL_LOCALE', 'en-GB'),
    'fallback_locale' => 'en',
    'languages' => env('YARDBELL_LANGUAGES', 'en'),
    'cipher' => 'AES-256-CBC',
    'key' => env('APP_KEY'),
    // What nothing here uses is not begun at every request.
    'providers' => ServiceProvider::defaultProviders()->except([
        BroadcastServiceProvider::class, ConcurrencyServiceProvider::class,
        NotificationServiceProvider::class, PaginationServiceProvider::class,
    ])->toArray(),
    'maintenance' => ['driver' => 'file'],
];
