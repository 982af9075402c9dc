<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Str;

/**
 * The one form of an identifier: a ULID in capitals, as the database keeps and compares it. Whatever comes from outside
 * goes through of() once, at the door; after that two ids are the same or they are not.
 */
final class Id
{
    public const ULID = '/^[0-9A-HJKMNP-TV-Z]{26}\z/i';

    public static function make(): string
    {
        return strtoupper((string) Str::ulid());
    }

    /** What is no ULID stays as it is: it will not be found. */
    public static function of(string $given): string
    {
        return preg_match(self::ULID, $given) === 1 ? strtoupper($given) : $given;
    }
}
