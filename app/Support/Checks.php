<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Business;
use Closure;
use Illuminate\Validation\Rule;
use YardBell\Core\Time\InvalidTime;
use YardBell\Core\Time\Wall;

/** Checks of single fields that several kinds of things share. */
final class Checks
{
    /** @return list<mixed> a picture of this business, or none */
    public static function picture(Business $business): array
    {
        return ['nullable', 'string', Rule::exists('pictures', 'id')->where('business_id', $business->id)];
    }

    /** @return list<mixed> the id of a row of this business */
    public static function of(Business $business, string $table): array
    {
        return ['string', Rule::exists($table, 'id')->where('business_id', $business->id)];
    }

    /** A web address that a browser may be sent to. */
    public static function link(): Closure
    {
        return static function (string $attribute, mixed $value, Closure $fail): void {
            if (
                ! is_string($value) ||
                filter_var($value, FILTER_VALIDATE_URL) === false ||
                preg_match('#^https?://#i', $value) !== 1
            ) {
                $fail('wrong.plain.link');
            }
        };
    }

    /** "2027-03-01" */
    public static function date(): Closure
    {
        return self::time(Wall::day(...));
    }

    /** "2027-03-01T09:30" */
    public static function wall(): Closure
    {
        return self::time(Wall::dateTime(...));
    }

    /** "2027-03-01T09:30Z" */
    public static function instant(): Closure
    {
        return self::time(Wall::instant(...));
    }

    /** "09:30" */
    public static function timeOfDay(): Closure
    {
        return self::time(Wall::timeOfDay(...));
    }

    /** "09:30", or "24:00", the end of the day */
    public static function endOfDay(): Closure
    {
        return self::time(static fn (string $time): int => Wall::timeOfDay($time, midnightEnds: true));
    }

    /** @param  callable(string): int  $read */
    private static function time(callable $read): Closure
    {
        return static function (string $attribute, mixed $value, Closure $fail) use ($read): void {
            try {
                $read(is_string($value) ? $value : '');
            } catch (InvalidTime $wrong) {
                $fail(CoreSentence::of($wrong)->text());
            }
        };
    }
}
