<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Support\Given;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/**
 * The stand-ins are only there where the demonstration is, and answer on the port alone that is theirs: the one that
 * was connected to, whatever is said of it.
 */
final class DemonstrationOnly
{
    public function handle(Request $request, Closure $next): Response
    {
        $port = parse_url(config()->string('yardbell.stand_ins'), PHP_URL_PORT) ?: 80;
        $connected = (int) Given::in($request->server->all())->text('SERVER_PORT');
        if (config('yardbell.demonstration') !== true || $connected !== $port) {
            throw new NotFoundHttpException;
        }

        return $next($request);
    }
}
