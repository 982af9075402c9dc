<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The stand-ins are only there where the demonstration is. */
final class DemonstrationOnly
{
    public function handle(Request $request, Closure $next): Response
    {
        if (config('yardbell.demonstration') !== true) {
            throw new NotFoundHttpException;
        }

        return $next($request);
    }
}
