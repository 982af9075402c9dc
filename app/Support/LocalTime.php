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
        return self::format($at, $business, 'EEEE d MMMM y, '.self::hours($business)).' ('.self::city($business).' time)';
    }

    /** "13:30" or "1:30 pm" */
    public static function clock(CarbonImmutable $at, Business $business): string
    {
        return self::format($at, $business, self::hours($business));
    }

    private static function hours(Business $business): string
    {
        return $business->clock === 12 ? 'h:mm a' : 'HH:mm';
    }

    private static function format(CarbonImmutable $at, Business $business, string $pattern): string
    {
        $format = new IntlDateFormatter('en_GB', IntlDateFormatter::NONE, IntlDateFormatter::NONE, $business->time_zone, null, $pattern);

        return (string) $format->format($at->getTimestamp());
    }

    private static function city(Business $business): string
    {
        return str_replace('_', ' ', basename($business->time_zone));
    }
}
