<?php

declare(strict_types=1);

namespace App\Accounts;

use Closure;

/**
 * What a password must be: long enough to be worth something, short enough to be hashed whole, and not one of the
 * commonest.
 */
final class Passwords
{
    private const SHORTEST = 10;

    /** bcrypt looks at so many bytes and no more. */
    private const LONGEST_BYTES = 72;

    /** @return list<mixed> */
    public static function rules(): array
    {
        return [
            'required',
            'string',
            'min:'.self::SHORTEST,
            static function (string $attribute, mixed $value, Closure $fail): void {
                if (is_string($value) && strlen($value) > self::LONGEST_BYTES) {
                    $fail(
                        'wrong.password.too_long?most='.self::LONGEST_BYTES,
                    );
                } elseif (is_string($value) && self::isCommon($value)) {
                    $fail(
                        'wrong.password.common',
                    );
                }
            },
        ];
    }

    /** @return array<string, string> */
    public static function sentences(): array
    {
        return [
            'password.required' => 'wrong.password.required?least='.self::SHORTEST,
            'password.min' => 'wrong.password.too_short?least='.self::SHORTEST,
            'password.string' => 'wrong.password.required?least='.self::SHORTEST,
        ];
    }

    /** A common word or row of keys, also twice, or with digits and signs around it. */
    private static function isCommon(string $password): bool
    {
        $plain = strtolower($password);
        $core = trim($plain, '0123456789!?.,;:_-*#@$ ');
        $half = strlen($core) % 2 === 0 ? substr($core, 0, intdiv(strlen($core), 2)) : '';
        $common = self::list();

        return strlen(count_chars($plain, 3)) <= 3 ||
            isset($common[$plain]) ||
            isset($common[$core]) ||
            ($half !== '' && $core === $half.$half && isset($common[$half])) ||
            str_contains('01234567890123456789', $plain) ||
            str_contains('98765432109876543210', $plain);
    }

    /** @return array<string, int> */
    private static function list(): array
    {
        return array_flip(
            file(resource_path('common-passwords.txt'), FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [],
        );
    }
}
