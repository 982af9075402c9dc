<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Id;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Identifiers in an address get their one form before anything is looked up by them. */
final class OneFormOfId
{
    public function handle(Request $request, Closure $next): Response
    {
        $route = $request->route();
        foreach ($route->parameters() as $name => $value) {
            if (is_string($value)) {
                $route->setParameter($name, Id::of($value));
            }
        }

        return $next($request);
    }
}
