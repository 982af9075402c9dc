<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Models\Business;
use Illuminate\Http\Response;

/** The pages that search engines may show, for them to find. */
final class ShowSitemap
{
    private const MOST = 50_000;

    public function __invoke(): Response
    {
        $pages = Business::query()
            ->whereNotNull('published_at')
            ->where('searchable', true)
            ->orderBy('id')
            ->limit(self::MOST)
            ->get(['id', 'slug'])
            ->map(static fn (Business $one): string => '<url><loc>'.e(url("/book/{$one->slug}")).'</loc></url>');

        return new Response(
            '<?xml version="1.0" encoding="UTF-8"?>'
                .'<urlset xmlns="http://www.sitemaps.org/schemas/sitemap/0.9">'.$pages->implode('').'</urlset>',
            200,
            ['Content-Type' => 'application/xml; charset=utf-8'],
        );
    }
}
