<?php

declare(strict_types=1);

namespace App\Roster;

use Illuminate\Contracts\Validation\ValidationRule;
use YardBell\Core\Time\InvalidTime;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\Window;

/** A weekly table as it is stored and sent: {"mon": [{"from": "09:00", "to": "12:30"}], …}; a missing day has none. */
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
        return array_map(static fn (array $window): Window => Window::between($window['from'], $window['to'], $window['at'] ?? null), $windows);
    }

    /**
     * Windows that were there before, and counted for one place only, go on to do so.
     *
     * @param  array<string, list<array{from: string, to: string}>>  $new
     * @param  array<string, list<array{from: string, to: string, at?: string}>>  $old
     * @return array<string, list<array{from: string, to: string, at?: string}>>
     */
    public static function keepPlaces(array $new, array $old): array
    {
        foreach ($new as $weekday => $windows) {
            foreach ($windows as $i => $window) {
                foreach ($old[$weekday] ?? [] as $before) {
                    if (isset($before['at']) && $before['from'] === $window['from'] && $before['to'] === $window['to']) {
                        $new[$weekday][$i] = $before;
                    }
                }
            }
        }

        return $new;
    }

    /** @return array<int, list<Window>>|null */
    public static function decoded(?string $json): ?array
    {
        return $json === null ? null : self::windows(json_decode($json, true, 8, JSON_THROW_ON_ERROR));
    }

    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        if (! is_array($value) || array_diff(array_keys($value), Wall::WEEKDAYS) !== []) {
            $fail('Hours are given by weekday, mon to sun.');

            return;
        }
        foreach ($value as $windows) {
            if (! is_array($windows) || ! array_is_list($windows) || count($windows) > self::MOST_A_DAY) {
                $fail('A day has a list of at most '.self::MOST_A_DAY.' stretches.');

                return;
            }
            foreach ($windows as $window) {
                try {
                    if (! is_array($window) || ! is_string($window['from'] ?? null) || ! is_string($window['to'] ?? null) || ! is_string($window['at'] ?? '') || array_diff_key($window, ['from' => 1, 'to' => 1, 'at' => 1]) !== []) {
                        $fail('A stretch has a "from" and a "to".');

                        return;
                    }
                    Window::between($window['from'], $window['to']);
                } catch (InvalidTime $wrong) {
                    $fail($wrong->getMessage());

                    return;
                }
            }
        }
    }
}
