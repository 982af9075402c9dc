<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Contracts\Validation\ValidationRule;
use YardBell\Core\Time\InvalidTime;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\Window;

/**
 * A weekly table as it is stored and sent: {"mon": [{"from": "09:00", "to": "12:30"}], …}; a missing day has none.
 *
 * @phpstan-type Stretch array{from: string, to: string, at?: string}
 * @phpstan-type Week array<string, list<Stretch>>
 */
final class WeeklyTable implements ValidationRule
{
    private const MOST_A_DAY = 12;

    /**
     * @param  array<string, list<array{from: string, to: string, at?: string}>>  $table
     * @return array<int, list<Window>> by weekday, 0 = Monday
     */
    public static function windows(array $table): array
    {
        $weekly = [];
        foreach (Wall::WEEKDAYS as $weekday => $name) {
            $weekly[$weekday] = self::list($table[$name] ?? []);
        }

        return $weekly;
    }

    /**
     * @param  list<array{from: string, to: string, at?: string}>  $windows
     * @return list<Window>
     */
    public static function list(array $windows): array
    {
        return array_map(
            static fn (array $window): Window => Window::between($window['from'], $window['to'], $window['at'] ?? null),
            $windows,
        );
    }

    /** @return Week|null what came as JSON, or was kept so; null: none at all */
    public static function of(Given $given, string $key): ?array
    {
        return self::whole($given->underIf($key)?->all());
    }

    /**
     * All seven days in their order, each window with its keys in theirs.
     *
     * @param  array<array-key, mixed>|null  $table
     * @return ($table is null ? null : Week)
     */
    public static function whole(?array $table): ?array
    {
        if ($table === null) {
            return null;
        }
        $whole = [];
        foreach (Wall::WEEKDAYS as $name) {
            $whole[$name] = self::stretches(Given::in($table)->each($name));
        }

        return $whole;
    }

    /**
     * Sorted, since the order in which stretches were drawn means nothing.
     *
     * @param  list<Given>  $windows
     * @return list<Stretch>
     */
    public static function stretches(array $windows): array
    {
        $stretches = array_map(static function (Given $window): array {
            $place = $window->stringIf('at');

            return ['from' => $window->string('from'), 'to' => $window->string('to')] +
                ($place === null ? [] : ['at' => $place]);
        }, $windows);
        sort($stretches);

        return $stretches;
    }

    /** @param  list<string>  $places ids that a window may count for alone; none: windows count everywhere */
    public function __construct(private readonly array $places = [])
    {
    }

    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        $wrong =
            is_array($value) && array_diff(array_keys($value), Wall::WEEKDAYS) === []
                ? array_values(array_filter(array_map($this->wrongDay(...), $value)))[0] ?? null
                : 'wrong.hours.weekday';
        if ($wrong !== null) {
            $fail($wrong);
        }
    }

    /** @return string|null what is wrong with the stretches of one day */
    public function wrongDay(mixed $windows): ?string
    {
        if (! is_array($windows) || ! array_is_list($windows) || count($windows) > self::MOST_A_DAY) {
            return 'wrong.hours.stretches?most='.self::MOST_A_DAY;
        }
        foreach ($windows as $window) {
            if (
                ! is_array($window) ||
                ! is_string($window['from'] ?? null) ||
                ! is_string($window['to'] ?? null) ||
                array_diff_key($window, ['from' => 1, 'to' => 1, 'at' => 1]) !== []
            ) {
                return 'wrong.hours.stretch';
            }
            if (($window['at'] ?? null) !== null && ! in_array($window['at'], $this->places, true)) {
                return 'wrong.hours.location';
            }
            try {
                Window::between($window['from'], $window['to']);
            } catch (InvalidTime $wrong) {
                return CoreSentence::of($wrong)->text();
            }
        }

        return null;
    }
}
