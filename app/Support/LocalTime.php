<?php

declare(strict_types=1);

namespace App\Support;

use App\Language\Sentence;
use App\Models\Business;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\App;
use Illuminate\Support\Facades\Cache;
use IntlDateFormatter;
use IntlDatePatternGenerator;

/** Times as a business's clock shows them, written as the reader's language and country do. */
final class LocalTime
{
    /** @var array<string, string> by locale and parts; kept, since looking one up takes ICU a millisecond */
    private static array $patterns = [];

    /**
     * "Wednesday 3 March 2027, 13:30 (Lisbon time)"; with a clock of 12 hours "1:30 pm".
     *
     * @param  string|null  $zone null: the business's
     */
    public static function written(CarbonImmutable $at, Business $business, ?string $zone = null): Sentence
    {
        $zone ??= $business->time_zone;

        return new Sentence('time.in_zone', [
            'day' => self::format($at, 'EEEEdMMMMy', $zone),
            'clock' => self::format($at, self::hours($business), $zone),
            'city' => self::city($zone),
        ]);
    }

    /** "Wednesday 3 March 2027, 13:30 to 14:30 (Lisbon time)" */
    public static function span(CarbonImmutable $from, CarbonImmutable $to, Business $business): Sentence
    {
        return new Sentence('time.span_in_zone', [
            'day' => self::format($from, 'EEEEdMMMMy', $business->time_zone),
            'from' => self::clock($from, $business),
            'to' => self::clock($to, $business),
            'city' => self::city($business->time_zone),
        ]);
    }

    /** "1 hour 30 minutes" */
    public static function length(int $minutes): Sentence
    {
        [$hours, $rest] = [intdiv($minutes, 60), $minutes % 60];

        return new Sentence('time.length', [
            'hours' => $hours,
            'minutes' => $rest,
            'both' => $hours > 0 && $rest > 0 ? 'yes' : 'no',
        ]);
    }

    private static function city(string $zone): string
    {
        return str_replace('_', ' ', basename($zone));
    }

    /** "13:30" or "1:30 pm" */
    public static function clock(CarbonImmutable $at, Business $business): string
    {
        return self::format($at, self::hours($business), $business->time_zone);
    }

    /** "Fri 5 March, 13:30" */
    public static function short(CarbonImmutable $at, Business $business): string
    {
        return self::format($at, 'EEEdMMMM', $business->time_zone).', '.self::clock($at, $business);
    }

    /** "Friday 5 March 2027" of a day number. */
    public static function date(int $day): string
    {
        return self::format(CarbonImmutable::createFromTimestampUTC($day * 86_400), 'EEEEdMMMMy', 'UTC');
    }

    /** "Friday 5 March" of a day number. */
    public static function day(int $day): string
    {
        return self::format(CarbonImmutable::createFromTimestampUTC($day * 86_400), 'EEEEdMMMM', 'UTC');
    }

    /** "9:30" or "1:30 pm" of a minute of the day. */
    public static function ofDay(int $minute, Business $business): string
    {
        $written = self::format(CarbonImmutable::createFromTimestampUTC($minute * 60), self::hours($business), 'UTC');

        return (string) preg_replace('/^0(?=\d)/', '', $written);
    }

    private static function hours(Business $business): string
    {
        return $business->clock === 12 ? 'hmm' : 'Hmm';
    }

    /**
     * As newer tables of CLDR have it, which browsers use: no comma between weekday and day, no narrow spaces.
     *
     * @param  string  $parts which of a time are written: a skeleton of CLDR
     */
    private static function format(CarbonImmutable $at, string $parts, string $zone): string
    {
        $locale = App::getLocale();
        $format = new IntlDateFormatter(
            locale: $locale,
            dateType: IntlDateFormatter::NONE,
            timeType: IntlDateFormatter::NONE,
            timezone: $zone,
            calendar: null,
            pattern: self::$patterns["{$locale} {$parts}"] ??= Cache::store('rules')->rememberForever(
                "pattern {$locale} {$parts}",
                static fn (): string => self::pattern($locale, $parts),
            ),
        );

        return (string) $format->format($at->getTimestamp());
    }

    private static function pattern(string $locale, string $parts): string
    {
        $pattern = (string) (new IntlDatePatternGenerator($locale))->getBestPattern($parts);

        return (string) preg_replace(['/^(E+), d\b/', '/\x{202F}/u'], ['$1 d', ' '], $pattern);
    }
}
