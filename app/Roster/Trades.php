<?php

declare(strict_types=1);

namespace App\Roster;

use App\Support\WeeklyTable;

/**
 * Kinds of businesses in general terms, each with hours and services to begin with. All of it can be changed at once.
 */
final class Trades
{
    private const WEEKDAYS = ['mon', 'tue', 'wed', 'thu', 'fri'];

    /** @return list<array<string, mixed>> */
    public static function all(): array
    {
        $day = self::hours(self::WEEKDAYS, '09:00', '17:00');
        $shop = self::hours(['tue', 'wed', 'thu', 'fri', 'sat'], '09:00', '18:00');

        return [
            self::trade('lessons', 'Lessons and coaching', self::hours(self::WEEKDAYS, '10:00', '19:00'), [
                ['Trial lesson', 30, 0],
                ['Lesson', 60, 45],
                ['Double lesson', 90, 65],
            ]),
            self::trade('looks', 'Hair, skin and nails', $shop, [
                ['Cut', 45, 38],
                ['Colour', 120, 85],
                ['Quick tidy', 20, 18],
            ]),
            self::trade('health', 'Health and body work', $day, [
                ['First visit', 60, 70],
                ['Treatment', 45, 55],
                ['Short treatment', 25, 35],
            ]),
            self::trade('advice', 'Advice and meetings', $day, [
                ['Get to know each other', 20, 0],
                ['Consultation', 60, 90],
            ]),
            self::trade('repairs', 'Repairs and home visits', self::hours(self::WEEKDAYS, '08:00', '17:00'), [
                ['Look and estimate', 30, 0],
                ['Repair visit', 90, 95],
            ]),
            self::trade('workshop', 'Studio or workshop', $shop, [['Guided hour', 60, 48], ['Bench time', 120, 26]]),
            self::trade('animals', 'Care for animals', $day, [['Wash and brush', 60, 40], ['Claws', 15, 12]]),
            self::trade('other', 'Something else', $day, [['Appointment', 60, 0]]),
        ];
    }

    /**
     * @param  array<string, list<array{from: string, to: string}>>  $hours
     * @param  list<array{string, int, int}>  $services name, minutes, price in whole units of the currency
     * @return array<string, mixed>
     */
    private static function trade(string $id, string $name, array $hours, array $services): array
    {
        return [
            'id' => $id,
            'name' => $name,
            'hours' => WeeklyTable::whole($hours),
            'services' => array_map(
                static fn (array $service): array => [
                    'name' => $service[0],
                    'minutes' => $service[1],
                    'price' => $service[2],
                ],
                $services,
            ),
        ];
    }

    /**
     * @param  list<string>  $weekdays
     * @return array<string, list<array{from: string, to: string}>>
     */
    private static function hours(array $weekdays, string $from, string $to): array
    {
        return array_fill_keys($weekdays, [['from' => $from, 'to' => $to]]);
    }
}
