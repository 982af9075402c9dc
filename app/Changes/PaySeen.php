<?php

declare(strict_types=1);

namespace App\Changes;

use function array_is_list;
use function in_array;
use function is_array;

/** What staff are paid stands in contents beside what clients pay: not everybody who sees the one sees the other. */
final class PaySeen
{
    private const KEYS = ['staffPay', 'staffAmount', 'staffPercent', 'extraPeopleStaff', 'rates'];

    /**
     * A content, or a part of one, as if nothing were said of pay.
     *
     * @template T of array<array-key, mixed>|null
     *
     * @param  T  $content
     * @return (T is null ? null : array<array-key, mixed>)
     */
    public static function without(?array $content): ?array
    {
        foreach ($content ?? [] as $key => $value) {
            $content[$key] = match (true) {
                in_array($key, self::KEYS, true) => self::nothing($value),
                is_array($value) => self::without($value),
                default => $value,
            };
        }

        return $content;
    }

    /** @return array{}|null */
    private static function nothing(mixed $value): ?array
    {
        return is_array($value) && array_is_list($value) ? [] : null;
    }
}
