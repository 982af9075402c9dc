<?php

declare(strict_types=1);

namespace App\Http;

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
    private const SENTENCES = [
        401 => 'Sign in first.',
        403 => 'You may not do this.',
        404 => 'There is nothing here. The link may be mistyped, or what it led to is gone.',
        405 => 'This address is used in another way.',
        413 => 'That is too much at once.',
        419 => 'This page was open for too long. Load it again; what you typed is still there.',
        503 => 'Nobody answers just now. Nothing was changed, and what you typed is still there; try again in a few '
            .'seconds.',
    ];

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
                ['code' => $wrong->code(), 'message' => $wrong->getMessage(), ...$wrong->details()],
            ],
            $wrong instanceof ValidationException => [
                422,
                [
                    'code' => 'invalid',
                    'message' => 'Something needs another look.',
                    'fields' => array_map(static fn (array $sentences): string => $sentences[0], $wrong->errors()),
                ],
            ],
            $wrong instanceof UniqueConstraintViolationException => [
                409,
                [
                    'code' => 'taken',
                    'message' => 'Somebody has just taken the same name or address. Nothing was changed; choose '
                        .'another.',
                ],
            ],
            $wrong instanceof AuthenticationException => [
                401,
                ['code' => 'signed_out', 'message' => self::SENTENCES[401]],
            ],
            $wrong instanceof TooManyRequestsHttpException => [
                429,
                self::tooMany((int) ($wrong->getHeaders()['Retry-After'] ?? 60)),
            ],
            $wrong instanceof HttpExceptionInterface => [
                $wrong->getStatusCode(),
                [
                    'code' => 'http',
                    'message' => self::SENTENCES[$wrong->getStatusCode()] ?? 'That did not work.',
                ],
            ],
            NoDatabase::is($wrong) => [
                503,
                ['code' => 'away', 'message' => self::SENTENCES[503], 'retryAfter' => self::AWAY_SECONDS],
            ],
            default => [500, null],
        };
        if ($body === null) {
            return config('app.debug') === true
                ? null
                : self::shaped($request, 500, [
                    'code' => 'broken',
                    'message' => 'Something broke on our side. Nothing was changed; try again in a moment.',
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
            'message' => 'Too many tries. Try again in '.TooMany::wait($seconds).'.',
            'retryAfter' => $seconds,
        ];
    }

    /** @param  array<string, mixed>  $body */
    private static function shaped(Request $request, int $status, array $body): JsonResponse|Response
    {
        $headers = isset($body['retryAfter']) ? ['Retry-After' => $body['retryAfter']] : [];

        return self::wantsJson($request)
            ? new JsonResponse($body, $status, $headers)
            : response()->view('refusal', ['status' => $status, 'message' => $body['message']], $status, $headers);
    }

    private static function wantsJson(Request $request): bool
    {
        return $request->is('api/*', 'gate-api/*') || $request->expectsJson();
    }
}
