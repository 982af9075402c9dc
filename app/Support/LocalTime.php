<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Business;
use Carbon\CarbonImmutable;
use IntlDateFormatter;

/** Times as a business's clock shows them, with the zone named. */
final class LocalTime
{
    /** "Wednesday 3 March 2027, 13:30 (Lisbon time)"; with a clock of 12 hours "1:30 pm". */
    public static function written(CarbonImmutable $at, Business $business): string
    {
        return self::format($at, $business, 'EEEE d MMMM y, '.self::hours($business))
            .' ('
            .self::city($business)
            .' time)';
    }

    /** "13:30" or "1:30 pm" */
    public static function clock(CarbonImmutable $at, Business $business): string
    {
        return self::format($at, $business, self::hours($business));
    }

    /** "Fri 5 March, 13:30" */
    public static function short(CarbonImmutable $at, Business $business): string
    {
        return self::format($at, $business, 'EEE d MMMM, '.self::hours($business));
    }

    /** "Friday 5 March 2027" of a day number. */
    public static function date(int $day): string
    {
        return CarbonImmutable::createFromTimestampUTC($day * 86_400)->format('l j F Y');
    }

    /** "13:30" or "1:30 pm" of a minute of the day. */
    public static function ofDay(int $minute, Business $business): string
    {
        return CarbonImmutable::createFromTimestampUTC($minute * 60)->format($business->clock === 12 ? 'g:i a' : 'G:i');
    }

    private static function hours(Business $business): string
    {
        return $business->clock === 12 ? 'h:mm a' : 'HH:mm';
    }

    private static function format(CarbonImmutable $at, Business $business, string $pattern): string
    {
        $format = new IntlDateFormatter(
            'en_GB',
            IntlDateFormatter::NONE,
            IntlDateFormatter::NONE,
            $business->time_zone,
            null,
            $pattern,
        );

        return (string) $format->format($at->getTimestamp());
    }

    private static function city(Business $business): string
    {
        return str_replace('_', ' ', basename($business->time_zone));
    }
}
