<?php

declare(strict_types=1);

namespace App\Limits;

use App\Support\MailAddress;
use Closure;
use Illuminate\Container\Attributes\Config;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\TooManyRequestsHttpException;

/**
 * So many requests in a minute from one network, and of those about one account so many from there. Whoever is shut out
 * of one thing is not shut out of another: each route counts by itself.
 */
final readonly class Throttle
{
    private const SECONDS = 60;

    public function __construct(
        private PassingCounts $counts,
        #[Config('app.key')] private string $key,
        #[Config('yardbell.tries_a_minute')] private int $tries,
    ) {
    }

    /** @param  string  $kind "gate" or "account" */
    public function handle(Request $request, Closure $next, string $kind): Response
    {
        $network = Network::hash((string) $request->ip(), $this->key);
        $limits = $kind === 'gate'
            ? ["gate {$network}" => 6 * $this->tries]
            : [
                "{$request->path()} {$network}" => 3 * $this->tries,
                "{$request->path()} {$network} ".self::about($request) => $this->tries,
            ];
        foreach ($limits as $what => $most) {
            if ($this->counts->add($what, self::SECONDS) > $most) {
                throw new TooManyRequestsHttpException($this->counts->wait($what));
            }
        }

        return $next($request);
    }

    /** Whose account it is about, as it is looked up. */
    private static function about(Request $request): string
    {
        $email = $request->input('email');

        return is_string($email) ? hash('sha256', MailAddress::normal($email) ?? $email) : '';
    }
}
