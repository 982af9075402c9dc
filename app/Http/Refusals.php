<?php

declare(strict_types=1);

namespace App\Http;

use App\Language\Catalogue;
use App\Language\Sentence;
use App\Support\Refusal;
use App\Support\TooMany;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\HttpKernel\Exception\TooManyRequestsHttpException;
use Throwable;

/** Every failure in one shape: {code, message, fields?, …}. Pages get a page with the same sentence. */
final class Refusals
{
    /** Seconds after which it is worth asking again where the database cannot be reached; deploy/calm says the same. */
    private const AWAY_SECONDS = 5;

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([Refusal::class]);
        $exceptions->reportable(PlainReport::of(...));
        $exceptions->render(static fn (Throwable $wrong, Request $request) => self::answer($wrong, $request));
    }

    private static function answer(Throwable $wrong, Request $request): JsonResponse|Response|null
    {
        [$status, $body] = match (true) {
            $wrong instanceof Refusal => [
                $wrong->status,
                ['code' => $wrong->code(), 'message' => self::say($wrong->sentence), ...$wrong->details()],
            ],
            $wrong instanceof ValidationException => [
                422,
                [
                    'code' => 'invalid',
                    'message' => self::say(new Sentence('refusal.invalid')),
                    'fields' => array_map(
                        static fn (array $sentences): string => app(Catalogue::class)->text($sentences[0]),
                        $wrong->errors(),
                    ),
                ],
            ],
            $wrong instanceof UniqueConstraintViolationException => [
                409,
                [
                    'code' => 'taken',
                    'message' => self::say(new Sentence('refusal.taken')),
                ],
            ],
            $wrong instanceof AuthenticationException => [
                401,
                ['code' => 'signed_out', 'message' => self::status(401)],
            ],
            $wrong instanceof TooManyRequestsHttpException => [
                429,
                self::tooMany((int) ($wrong->getHeaders()['Retry-After'] ?? 60)),
            ],
            $wrong instanceof HttpExceptionInterface => [
                $wrong->getStatusCode(),
                [
                    'code' => 'http',
                    'message' => self::status($wrong->getStatusCode()),
                ],
            ],
            NoDatabase::is($wrong) => [
                503,
                [
                    'code' => 'away',
                    'message' => $request->isMethodSafe()
                        ? self::status(503)
                        : self::say(new Sentence('refusal.unsure')),
                    'retryAfter' => self::AWAY_SECONDS,
                ],
            ],
            default => [500, null],
        };
        if ($body === null) {
            return config('app.debug') === true
                ? null
                : self::shaped($request, 500, [
                    'code' => 'broken',
                    'message' => self::status(500),
                ]);
        }
        if ($wrong instanceof AuthenticationException && ! self::wantsJson($request)) {
            return null;
        }

        return self::shaped($request, $status, $body);
    }

    /** @return array{code: string, message: string, retryAfter: int} */
    private static function tooMany(int $seconds): array
    {
        return [
            'code' => 'too_many',
            'message' => self::status(429, ['wait' => TooMany::wait($seconds)]),
            'retryAfter' => $seconds,
        ];
    }

    /** @param  array<string, Sentence>  $parameters */
    private static function status(int $status, array $parameters = []): string
    {
        $code = "refusal.status.{$status}";

        return self::say(
            new Sentence(app(Catalogue::class)->knows($code) ? $code : 'refusal.status.other', $parameters),
        );
    }

    /** For pages that say it in their own place. */
    public static function said(Refusal $refused): string
    {
        return self::say($refused->sentence);
    }

    private static function say(Sentence|string $sentence): string
    {
        return is_string($sentence)
            ? app(Catalogue::class)->text($sentence)
            : app(Catalogue::class)->sentence($sentence);
    }

    /** @param  array<string, mixed>  $body */
    private static function shaped(Request $request, int $status, array $body): JsonResponse|Response
    {
        $headers = isset($body['retryAfter']) ? ['Retry-After' => $body['retryAfter']] : [];

        return self::wantsJson($request)
            ? new JsonResponse($body, $status, $headers)
            : response()->view(
                'refusal',
                ['message' => $body['message'], 'renew' => $status === 410 ? self::renewal($request) : null],
                $status,
                $headers,
            );
    }

    /** Where a new link can be asked for in place of one that is too old. */
    private static function renewal(Request $request): string
    {
        $to = implode('/', array_slice($request->segments(), 0, 2));

        return "/{$to}/renew?".http_build_query($request->only('until', 'seal'));
    }

    private static function wantsJson(Request $request): bool
    {
        return $request->is('api/*', 'gate-api/*') || $request->expectsJson();
    }
}
