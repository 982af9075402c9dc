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
                    if (! is_array($window) || ! is_string($window['from'] ?? null) || ! is_string($window['to'] ?? null) || count($window) !== 2) {
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
