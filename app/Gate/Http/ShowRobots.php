<?php

declare(strict_types=1);

namespace App\Gate\Http;

use Illuminate\Http\Response;

/** What those who search may look at: booking pages alone; each says of itself whether it wants to be found. */
final class ShowRobots
{
    public function __invoke(): Response
    {
        $lines = [
            'User-agent: *',
            'Allow: /book/',
            'Allow: /build/',
            'Allow: /pictures/',
            'Disallow: /',
            'Sitemap: '.url('/sitemap.xml'),
        ];

        return new Response(implode("\n", $lines)."\n", 200, ['Content-Type' => 'text/plain; charset=utf-8']);
    }
}
