<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\User;
use Illuminate\Cookie\CookieJar;
use Illuminate\Http\Request;
use Illuminate\Support\Str;

/** Remembers on a device who has signed in there, in a cookie that the application has encrypted. */
final readonly class KnownDevice
{
    private const COOKIE = 'yardbell_device';

    private const DAYS = 400;

    public function __construct(private CookieJar $cookies)
    {
    }

    /** @return string|null of this device, where the account of that address has signed in there */
    public function of(Request $request, string $address): ?string
    {
        $kept = $request->cookie(self::COOKIE);
        [$whose, $device] = explode(' ', is_string($kept) ? $kept : '') + ['', ''];

        return $device !== '' && hash_equals(self::whose($address), $whose) ? $device : null;
    }

    public function remember(Request $request, User $user): void
    {
        $device = $this->of($request, $user->email) ?? Str::random(20);
        $this->cookies->queue(self::COOKIE, self::whose($user->email)." {$device}", self::DAYS * 24 * 60);
    }

    private static function whose(string $address): string
    {
        return hash('sha256', $address);
    }
}
