<?php

declare(strict_types=1);

namespace YardBell\Core\Time;

use function gmdate;
use function intdiv;
use function strlen;
use function substr;

/**
 * Reading and writing of dates, times of day, wall date-times and instants.
 *
 * A date is a day number (days since 1970-01-01), a time of day is minutes since 00:00, a wall date-time is
 * day × 1440 + minutes (a minute as the clock on the wall shows it), an instant is minutes since 1970-01-01T00:00Z
 * (T1).
 */
final class Wall
{
    public const DAY = 1440;

    public const WEEKDAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];

    /** @var array<string, int> dates read before: a document repeats few dates many times */
    private static array $days = [];

    /** @var array<string, int> likewise "T09:30Z" */
    private static array $times = [];

    /** @throws InvalidTime */
    public static function day(string $date): int
    {
        return self::$days[$date] ?? self::readDay($date);
    }

    public static function date(int $day): string
    {
        return gmdate('Y-m-d', $day * 86400);
    }

    /** 0 = Monday … 6 = Sunday; 1970-01-01 was a Thursday. */
    public static function weekday(int $day): int
    {
        return ((($day + 3) % 7) + 7) % 7;
    }

    /** @throws InvalidTime unless 00:00 … 23:59, or 24:00 where $midnightEnds */
    public static function timeOfDay(string $time, bool $midnightEnds = false): int
    {
        if (preg_match('/^([01]\d|2[0-3]):([0-5]\d)\z/', $time, $part) === 1) {
            return 60 * (int) $part[1] + (int) $part[2];
        }

        return $midnightEnds && $time === '24:00' ? self::DAY : throw InvalidTime::timeOfDay($time);
    }

    /** "2027-03-01T09:30" as a wall minute. @throws InvalidTime */
    public static function dateTime(string $wall): int
    {
        try {
            return strlen($wall) === 16 && $wall[10] === 'T'
                ? self::day(substr($wall, 0, 10)) * self::DAY + self::timeOfDay(substr($wall, 11))
                : throw InvalidTime::wall($wall);
        } catch (InvalidTime) {
            throw InvalidTime::wall($wall);
        }
    }

    /** "2027-03-01T09:30Z" as an instant. @throws InvalidTime */
    public static function instant(string $instant): int
    {
        $day = self::$days[substr($instant, 0, 10)] ?? null;
        $time = self::$times[substr($instant, 10)] ?? null;
        if ($day !== null && $time !== null) {
            return $day * self::DAY + $time;
        }
        if (strlen($instant) !== 17 || $instant[16] !== 'Z') {
            throw InvalidTime::instant($instant);
        }
        try {
            $wall = self::dateTime(substr($instant, 0, 16));
            self::$times[substr($instant, 10)] = self::timeOfDay(substr($instant, 11, 5));

            return $wall;
        } catch (InvalidTime) {
            throw InvalidTime::instant($instant);
        }
    }

    /** An instant of an outside calendar, with seconds or without, as seconds (T1). @throws InvalidTime */
    public static function instantWithSeconds(string $instant): int
    {
        if (preg_match('/^(.{16})(?::([0-5]\d)(?:\.\d{1,9})?)?Z\z/s', $instant, $part) !== 1) {
            throw InvalidTime::instant($instant);
        }

        return 60 * self::instant($part[1].'Z') + (int) ($part[2] ?? 0);
    }

    public static function writeInstant(int $instant): string
    {
        return gmdate('Y-m-d\TH:i\Z', $instant * 60);
    }

    /** A wall minute as "2027-03-01T09:30". */
    public static function writeWall(int $wall): string
    {
        return gmdate('Y-m-d\TH:i', $wall * 60);
    }

    public static function writeTimeOfDay(int $minutes): string
    {
        return sprintf('%02d:%02d', intdiv($minutes, 60), $minutes % 60);
    }

    private static function readDay(string $date): int
    {
        if (
            preg_match('/^((?:19|20|21)\d\d)-(\d\d)-(\d\d)\z/', $date, $part) !== 1 ||
            ! checkdate((int) $part[2], (int) $part[3], (int) $part[1])
        ) {
            throw InvalidTime::date($date);
        }

        return self::$days[$date] = intdiv(
            (int) gmmktime(
                hour: 0,
                minute: 0,
                second: 0,
                month: (int) $part[2],
                day: (int) $part[3],
                year: (int) $part[1],
            ),
            86400,
        );
    }
}
