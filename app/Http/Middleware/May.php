<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Access\Act;
use App\Http\Asker;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** `may:change-setup`: goes on only if the role of whoever asks may do this here. */
final class May
{
    public function handle(Request $request, Closure $next, string $act): Response
    {
        $access = Asker::access($request);
        $access->authorize(Act::from($act));

        return $next($request);
    }
}
