<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Language\Speech;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Answers in the language that is asked for; what is of a business, as the business writes. */
final readonly class AsAsked
{
    public function __construct(private Speech $speech)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        $this->speech->hear($request);
        /** @var Response $response */
        $response = $next($request);
        $response->headers->set('Vary', 'Accept-Language', replace: false);

        return $response;
    }
}
