<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What makes a link to something good: its seal, for a while, and until the business makes it void. */
final readonly class LinkSeal
{
    public function __construct(private Clock $clock, private string $key)
    {
    }

    /**
     * @param  string  $what what the link leads to: "booking …"
     * @param  int  $version how often its links were made void
     * @param  int  $until Unix time
     * @return string "until=…&seal=…"
     */
    public function query(string $what, int $version, int $until): string
    {
        return http_build_query(['until' => $until, 'seal' => $this->seal($what, $version, (string) $until)]);
    }

    /**
     * @throws NotFoundHttpException where it never was a link of ours
     * @throws LinkTooOld where it was good once
     */
    public function check(Request $request, string $what, int $version): void
    {
        $this->checkMade($request, $what, $version);
        $until = (int) self::given($request, 'until');
        if (! $this->isOf($request, $what, $version) || $until < $this->clock->now()->getTimestamp()) {
            throw new LinkTooOld();
        }
    }

    /**
     * Whether it was ever given out, good or not any more.
     *
     * @throws NotFoundHttpException
     */
    public function checkMade(Request $request, string $what, int $version): void
    {
        for ($one = 0; $one <= $version; $one++) {
            if ($this->isOf($request, $what, $one)) {
                return;
            }
        }

        throw new NotFoundHttpException();
    }

    private function isOf(Request $request, string $what, int $version): bool
    {
        $seal = $this->seal($what, $version, self::given($request, 'until'));

        return hash_equals($seal, self::given($request, 'seal'));
    }

    private static function given(Request $request, string $name): string
    {
        $value = $request->query($name);

        return is_string($value) ? $value : '';
    }

    private function seal(string $what, int $version, string $until): string
    {
        $suffix = $version === 0 ? '' : " {$version}";

        return hash_hmac('sha256', "{$what} {$until}{$suffix}", $this->key);
    }
}
