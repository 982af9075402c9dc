<?php

declare(strict_types=1);

namespace App\Roster;

use App\Language\Catalogue;
use App\Support\WeeklyTable;

/**
 * Kinds of businesses in general terms, each with hours and services to begin with. All of it can be changed at once.
 */
final readonly class Trades
{
    private const WEEKDAYS = ['mon', 'tue', 'wed', 'thu', 'fri'];

    public function __construct(private Catalogue $catalogue)
    {
    }

    /** @return list<array<string, mixed>> */
    public function all(): array
    {
        $day = self::hours(self::WEEKDAYS, '09:00', '17:00');
        $shop = self::hours(['tue', 'wed', 'thu', 'fri', 'sat'], '09:00', '18:00');

        return [
            $this->trade('lessons', self::hours(self::WEEKDAYS, '10:00', '19:00'), [
                ['trial_lesson', 30, 0],
                ['lesson', 60, 45],
                ['double_lesson', 90, 65],
            ]),
            $this->trade('looks', $shop, [
                ['cut', 45, 38],
                ['colour', 120, 85],
                ['quick_tidy', 20, 18],
            ]),
            $this->trade('health', $day, [
                ['first_visit', 60, 70],
                ['treatment', 45, 55],
                ['short_treatment', 25, 35],
            ]),
            $this->trade('advice', $day, [
                ['get_to_know_each_other', 20, 0],
                ['consultation', 60, 90],
            ]),
            $this->trade('repairs', self::hours(self::WEEKDAYS, '08:00', '17:00'), [
                ['look_and_estimate', 30, 0],
                ['repair_visit', 90, 95],
            ]),
            $this->trade('workshop', $shop, [['guided_hour', 60, 48], ['bench_time', 120, 26]]),
            $this->trade('animals', $day, [['wash_and_brush', 60, 40], ['claws', 15, 12]]),
            $this->trade('other', $day, [['appointment', 60, 0]]),
        ];
    }

    /**
     * @param  array<string, list<array{from: string, to: string}>>  $hours
     * @param  list<array{string, int, int}>  $services code of the name, minutes, price in whole units of the currency
     * @return array<string, mixed>
     */
    private function trade(string $id, array $hours, array $services): array
    {
        return [
            'id' => $id,
            'name' => $this->catalogue->say("trade.{$id}.name"),
            'hours' => WeeklyTable::whole($hours),
            'services' => array_map(
                fn (array $service): array => [
                    'name' => $this->catalogue->say("trade.{$id}.{$service[0]}"),
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
