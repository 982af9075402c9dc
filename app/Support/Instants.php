<?php

declare(strict_types=1);

namespace App\Support;

use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;

/** Between the database's UTC date-times and the core's minutes. */
final class Instants
{
    public static function toDatabase(int $minute): string
    {
        return gmdate('Y-m-d H:i:s', $minute * 60);
    }

    /** "2027-03-01 09:00:00" as minutes since 1970-01-01T00:00Z. */
    public static function fromDatabase(string $dateTime): int
    {
        return intdiv((int) gmmktime(
            hour: (int) substr($dateTime, 11, 2),
            minute: (int) substr($dateTime, 14, 2),
            second: 0,
            month: (int) substr($dateTime, 5, 2),
            day: (int) substr($dateTime, 8, 2),
            year: (int) substr($dateTime, 0, 4),
        ), 60);
    }

    public static function minute(CarbonInterface $at): int
    {
        return (int) floor($at->getTimestamp() / 60);
    }

    /** As above, but a begun minute counts as a whole one. */
    public static function upFromDatabase(string $dateTime): int
    {
        return self::fromDatabase($dateTime) + (substr($dateTime, 17, 2) > '00' ? 1 : 0);
    }

    public static function carbon(int $minute): CarbonImmutable
    {
        return CarbonImmutable::createFromTimestampUTC($minute * 60);
    }
}
