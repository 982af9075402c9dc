<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use YardBell\Core\Availability\CheckDiary;
use YardBell\Core\Availability\CheckRules;
use YardBell\Core\Availability\Finding;
use YardBell\Core\Price\CheckPrices;

use function array_flip;
use function array_keys;
use function array_map;
use function preg_match;

/** The command `check`: what keeps the business from being bookable. */
final class Check
{
    private const ZONE_TABLES = '/usr/share/zoneinfo/tzdata.zi';

    /**
     * @param  list<string>  $arguments
     * @return array{findings: list<array{pointer: string, problem: string, advice: string}>, zoneTables: string}
     *
     * @throws BadOption
     */
    public static function of(Scenario $scenario, array $arguments): array
    {
        Options::of($arguments, []);
        $findings = [
            ...(new CheckRules($scenario->book))->findings(),
            ...(new CheckDiary($scenario->book, $scenario->diary))->findings(),
            ...(new CheckPrices($scenario->prices, $scenario->tariffs, $scenario->book->services))->findings(),
        ];
        $places = [
            'services' => array_flip(array_map(strval(...), array_keys($scenario->book->services))),
            'staff' => array_flip(array_map(strval(...), array_keys($scenario->book->staff))),
            'locations' => array_flip(array_map(strval(...), array_keys($scenario->book->locations))),
            'sessions' => array_flip(array_column($scenario->diary->sessions, 'id')),
            'bookings' => array_flip($scenario->bookingIds),
            'codes' => array_flip(array_map(strval(...), array_keys($scenario->prices->codes))),
        ];

        return [
            'findings' => array_map(
                static fn (Finding $finding): array => [
                    'pointer' => "/{$finding->list}"
                        .($finding->id === null ? '' : '/'.($places[$finding->list][$finding->id] ?? ''))
                        .$finding->part,
                    ...FindingWords::of($finding),
                ],
                $findings,
            ),
            'zoneTables' => self::zoneTables(),
        ];
    }

    private static function zoneTables(): string
    {
        $head = is_readable(self::ZONE_TABLES) ? (string) file_get_contents(self::ZONE_TABLES, length: 100) : '';

        return preg_match('/^# version (\S+)/', $head, $part) === 1 ? $part[1] : timezone_version_get();
    }
}
