<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What a browser may do with our pages: run our own files, and nothing else. */
final class SecurityHeaders
{
    /** What everybody is shown alike; of anything else nothing stays behind in a browser or on the way. */
    private const PUBLIC = ['book/*', 'gate-api/pages/*', 'robots.txt', 'sitemap.xml', 'stand-ins/*'];

    public function handle(Request $request, Closure $next): Response
    {
        /** @var Response $response */
        $response = $next($request);
        // A form of a stand-in may lead back to the application, as a payment page does.
        $forms = $request->is('stand-ins/*') ? "'self' ".config()->string('app.url') : "'self'";
        $development = config('yardbell.development');
        $own = is_string($development) ? "'self' {$development}" : "'self'";
        $inline = is_string($development) ? " 'unsafe-inline'" : ''; // what reloads by itself writes into the page
        $reloads = is_string($development) ? ' '.str_replace('http:', 'ws:', $development) : '';
        $response->headers->add([
            'Content-Security-Policy' => "default-src 'none'; script-src {$own}{$inline}; style-src {$own}{$inline}; "
                ."font-src {$own}; img-src {$own} data:; connect-src {$own}{$reloads}; form-action {$forms}; "
                ."base-uri 'none'; frame-ancestors 'none'; manifest-src 'self'",
            'X-Content-Type-Options' => 'nosniff',
            'X-Frame-Options' => 'DENY',
            'Referrer-Policy' => 'strict-origin-when-cross-origin',
            'Permissions-Policy' => 'camera=(), microphone=(), geolocation=()',
            'Cross-Origin-Opener-Policy' => 'same-origin',
        ]);
        $isPublic = str_contains((string) $response->headers->get('Cache-Control'), 'public');
        if (! $isPublic && ! $request->is(self::PUBLIC)) {
            $response->headers->set('Cache-Control', 'no-store, private');
        }
        if ($request->isSecure() || str_starts_with(config()->string('app.url'), 'https://')) {
            $response->headers->set('Strict-Transport-Security', 'max-age=31536000');
        }

        return $response;
    }
}
