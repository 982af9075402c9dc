<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Language\Sentence;
use App\Support\Refusal;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * What everything passes that comes in: text is valid UTF-8, what stands in an address is a word and not a list, a body
 * of JSON is an object.
 */
final class Door
{
    /** The only questions in an address that are lists. */
    private const LISTS = ['addOns'];

    private const DEEPEST = 24;

    /** @throws Refusal with status 400 */
    public function handle(Request $request, Closure $next): Response
    {
        $path = rawurldecode($request->getPathInfo());
        if (! mb_check_encoding($path, 'UTF-8') || str_contains($path, "\0")) {
            throw new Refusal(new Sentence('refusal.unreadable.address'), 404, 'http');
        }
        $this->checkQuery($request);
        if ($request->isJson() && $request->getContent() !== '') {
            $this->checkJson($request->getContent());
        } else {
            self::check($request->request->all());
        }
        foreach ($request->allFiles() as $file) {
            foreach (is_array($file) ? $file : [$file] as $one) {
                self::check([$one->getClientOriginalName()]);
            }
        }

        return $next($request);
    }

    private function checkQuery(Request $request): void
    {
        foreach ($request->query->all() as $name => $value) {
            if (is_array($value) && ! in_array($name, self::LISTS, true)) {
                throw new Refusal(new Sentence('refusal.unreadable.list'), 400, 'unreadable');
            }
        }
        self::check($request->query->all());
    }

    private function checkJson(string $body): void
    {
        if (! is_array(json_decode($body, true, self::DEEPEST))) {
            throw new Refusal(new Sentence('refusal.unreadable.json'), 400, 'unreadable');
        }
    }

    /** @param  array<mixed>  $values */
    private static function check(array $values): void
    {
        foreach ($values as $key => $value) {
            if (is_array($value)) {
                self::check($value);
            } elseif (is_string($value) && ! mb_check_encoding($value, 'UTF-8')) {
                throw self::unreadable();
            }
            if (! mb_check_encoding((string) $key, 'UTF-8')) {
                throw self::unreadable();
            }
        }
    }

    private static function unreadable(): Refusal
    {
        return new Refusal(new Sentence('refusal.unreadable.letters'), 400, 'unreadable');
    }
}
