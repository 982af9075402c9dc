<?php

declare(strict_types=1);

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Made-up documents of any size for the benchmarks, the same ones for the same numbers. */
final readonly class Yard
{
    /** Monday, 2027-03-01. */
    public const MONDAY = 1_803_859_200;

    /**
     * @param  int  $days the bookings lie within so many days from the Monday
     * @return array<string, mixed>
     */
    public static function document(int $people, int $services, int $bookings, int $days, int $around = 0): array
    {
        $random = new Randomizer(new Mt19937(20270301));
        $ids = array_map(static fn (int $i): string => "person-{$i}", range(1, $people));
        $weekdays = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat'];

        return [
            'format' => 'yardbell/1',
            'business' => [
                'name' => 'Bench',
                'timeZone' => 'Europe/Lisbon',
                'currency' => 'EUR',
                'openingHours' => array_fill_keys($weekdays, [['from' => '08:00', 'to' => '20:00']]),
                'closures' => [
                    ['id' => 'spring', 'from' => '2027-03-19T12:00', 'to' => '2027-03-20T00:00', 'staff' => null],
                ],
            ],
            'locations' => [['id' => 'harbour', 'name' => 'Harbour'], ['id' => 'mill', 'name' => 'Mill']],
            'resources' => [
                ['id' => 'wheel', 'units' => array_map(static fn (int $i): string => "wheel-{$i}", range(1, 12))],
            ],
            'staff' => array_map(
                static fn (string $id, int $i): array => [
                    'id' => $id,
                    'name' => "Person {$i}",
                    'hours' => array_fill_keys($weekdays, [
                        ['from' => ['08:00', '09:00', '11:00'][$i % 3], 'to' => ['16:00', '18:00', '20:00'][$i % 3]],
                    ]),
                    'breaks' => array_fill_keys($weekdays, [['from' => '13:00', 'to' => '13:30']]),
                ],
                $ids,
                array_keys($ids),
            ),
            'services' => array_map(
                static fn (int $i): array => [
                    'id' => "service-{$i}",
                    'name' => "Service {$i}",
                    'minutes' => [30, 45, 60, 90][$i % 4],
                    'setup' => 5,
                    'clearup' => 10,
                    'startEvery' => 15,
                    'bookAheadDays' => 400,
                    'locations' => ['harbour'],
                    'staff' => $i === 0 ? $ids : array_values(array_slice($ids, $i % max(1, $people - 8), 8)),
                    'assignment' => 'rotate',
                    'resources' => $i % 5 === 4 ? [['pool' => 'wheel', 'units' => 1]] : [],
                ],
                range(0, $services - 1),
            ),
            'clients' => array_map(
                static fn (int $i): array => ['id' => "client-{$i}", 'name' => "Client {$i}"],
                range(0, 199),
            ),
            'bookings' => [
                ...self::bookings($random, $ids, $services, $bookings, 0, $days),
                ...self::bookings($random, $ids, $services, $around, 60, 300),
            ],
        ];
    }

    /**
     * Who waits for something of such a document: for some hours of one to three weekdays, for one to three weeks.
     *
     * @return list<array<string, mixed>>
     */
    public static function waitlist(int $people, int $services, int $entries): array
    {
        $random = new Randomizer(new Mt19937(20270301));

        return array_map(static function (int $i) use ($random, $people, $services): array {
            $windows = [];
            for ($weekday = $random->getInt(1, 3); $weekday > 0; $weekday--) {
                $from = $random->getInt(16, 30);
                $windows[['mon', 'tue', 'wed', 'thu', 'fri', 'sat'][$random->getInt(0, 5)]] = [
                    ['from' => self::halfHour($from), 'to' => self::halfHour($from + $random->getInt(4, 8))],
                ];
            }
            $first = $random->getInt(0, 20);

            return [
                'id' => "w{$i}",
                'service' => 'service-'.$random->getInt(0, $services - 1),
                'staff' => $i % 3 === 0 ? ['person-'.$random->getInt(1, $people)] : null,
                'from' => gmdate('Y-m-d', self::MONDAY + $first * 86400),
                'until' => gmdate('Y-m-d', self::MONDAY + ($first + $random->getInt(6, 20)) * 86400),
                'windows' => $windows,
                'createdAt' => gmdate('Y-m-d\TH:i\Z', self::MONDAY - $random->getInt(1, 30 * 1440) * 60),
            ];
        }, range(1, $entries));
    }

    private static function halfHour(int $of): string
    {
        return sprintf('%02d:%02d', intdiv($of, 2), $of % 2 * 30);
    }

    /**
     * @param  list<string>  $ids
     * @return list<array<string, mixed>>
     */
    private static function bookings(
        Randomizer $random,
        array $ids,
        int $services,
        int $count,
        int $from,
        int $days,
    ): array {
        $bookings = [];
        for ($i = 0; $i < $count; $i++) {
            $service = $random->getInt(0, $services - 1);
            $start = self::MONDAY + ($from + $random->getInt(0, $days - 1)) * 86400 + $random->getInt(32, 76) * 900;
            $bookings[] = [
                'id' => "b{$from}-{$i}",
                'service' => "service-{$service}",
                'start' => gmdate('Y-m-d\TH:i\Z', $start),
                'minutes' => [30, 45, 60, 90][$service % 4],
                'setup' => 5,
                'clearup' => 10,
                'staff' => [$ids[$random->getInt(0, count($ids) - 1)]],
                'location' => 'harbour',
                'units' => $service % 5 === 4 ? ['wheel-'.$random->getInt(1, 12)] : [],
                'party' => 1,
                'client' => 'client-'.$random->getInt(0, 199),
                'state' => ['confirmed', 'confirmed', 'completed', 'cancelled'][$random->getInt(0, 3)],
                'createdAt' => gmdate('Y-m-d\TH:i\Z', self::MONDAY - $random->getInt(1, 90) * 86400),
            ];
        }

        return $bookings;
    }
}
