<?php

declare(strict_types=1);

use App\Http\Hosts;
use App\Http\Middleware\AsAsked;
use App\Http\Middleware\BusinessOfRoute;
use App\Http\Middleware\DemonstrationOnly;
use App\Http\Middleware\Door;
use App\Http\Middleware\May;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Refusals;
use App\Limits\Throttle;
use App\Support\Application;
use Illuminate\Auth\Middleware\Authenticate;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\InvokeDeferredCallbacks;
use Illuminate\Foundation\Http\Middleware\PreventRequestsDuringMaintenance;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Routing\Middleware\SubstituteBindings;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        api: __DIR__.'/../routes/gate.php',
        commands: __DIR__.'/../routes/console.php',
        apiPrefix: 'gate-api',
    )
    ->withMiddleware(static function (Middleware $middleware): void {
        $middleware->remove([
            HandleCors::class,
            InvokeDeferredCallbacks::class,
            PreventRequestsDuringMaintenance::class,
        ]);
        $middleware->append(AsAsked::class);
        $middleware->append(SecurityHeaders::class);
        $middleware->append(Door::class);
        $middleware->trustHosts(static fn (): array => Hosts::trusted(), subdomains: false);
        $middleware->trustProxies(at: Hosts::proxies());
        $middleware->alias([
            'demonstration' => DemonstrationOnly::class,
            'business' => BusinessOfRoute::class,
            'auth' => Authenticate::class,
            'may' => May::class,
            'limit' => Throttle::class,
        ]);
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->api(remove: [SubstituteBindings::class]);
    })
    ->withExceptions(static function (Exceptions $exceptions): void {
        Refusals::register($exceptions);
    })
    ->create();
