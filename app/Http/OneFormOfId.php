<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Id;
use Illuminate\Routing\Events\RouteMatched;

/**
 * Identifiers in an address get their one form before anything is looked up by them, on whatever route: links that an
 * earlier version has mailed write them in small letters.
 */
final class OneFormOfId
{
    /** The questions in an address that are identifiers, or lists of them with words between. */
    private const ASKED = ['of', 'service', 'with', 'place', 'then'];

    public function __invoke(RouteMatched $matched): void
    {
        foreach ($matched->route->parameters() as $name => $value) {
            if (is_string($value)) {
                $matched->route->setParameter($name, Id::of($value));
            }
        }
        $query = $matched->request->query;
        foreach (self::ASKED as $name) {
            $value = $query->all()[$name] ?? null;
            if (is_string($value)) {
                $query->set($name, (string) preg_replace_callback(
                    '/[^\/,]+/',
                    static fn (array $word): string => Id::of($word[0]),
                    $value,
                ));
            }
        }
    }
}
