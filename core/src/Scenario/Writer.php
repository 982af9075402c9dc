<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use Generator;
use stdClass;
use YardBell\Core\Availability\Booking;
use YardBell\Core\Availability\Closure;
use YardBell\Core\Availability\Daypart;
use YardBell\Core\Availability\Location;
use YardBell\Core\Availability\Member;
use YardBell\Core\Availability\Pool;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Seat;
use YardBell\Core\Availability\Service;
use YardBell\Core\Time\Interval;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\WallSpan;
use YardBell\Core\Time\Window;

use function array_filter;
use function array_keys;
use function array_map;
use function array_merge;
use function array_values;
use function json_encode;
use function strlen;
use function substr;

/** Writes a `yardbell/1` document that reads back equal. What is null or an empty list is left out. */
final class Writer
{
    private const PLAIN = JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE;

    public static function write(Scenario $scenario): string
    {
        return json_encode(self::document($scenario), self::PLAIN | JSON_PRETTY_PRINT);
    }

    /**
     * The same in pieces, where there are more bookings and clients than can be held at once.
     *
     * @param  Scenario  $scenario without them
     * @param  iterable<array-key, Booking|Seat>  $bookings
     * @param  iterable<string, string>  $clients names by id
     * @return Generator<string>
     */
    public static function pieces(Scenario $scenario, iterable $bookings, iterable $clients): Generator
    {
        yield substr(self::write($scenario), 0, -strlen("\n}"));
        $services = array_column($scenario->diary->sessions, 'service', 'id');
        yield from self::listed(
            'bookings',
            $bookings,
            static fn (Booking|Seat $one): array => DiaryWriter::taken($one, $services),
        );
        yield from self::listed(
            'clients',
            $clients,
            static fn (string $name, string $id): array => self::client($scenario, $id, $name),
        );
        yield "\n}";
    }

    /**
     * @template T
     *
     * @param  iterable<array-key, T>  $items
     * @param  callable(T, string): array<string, mixed>  $write
     * @return Generator<string> nothing where there are none
     */
    private static function listed(string $key, iterable $items, callable $write): Generator
    {
        $before = ",\n    \"{$key}\": [";
        foreach ($items as $id => $item) {
            yield "{$before}\n        ".json_encode($write($item, (string) $id), self::PLAIN);
            $before = ',';
        }
        if ($before === ',') {
            yield "\n    ]";
        }
    }

    /** @return array<string, mixed> */
    private static function client(Scenario $scenario, string $id, string $name): array
    {
        return ['id' => $id, 'name' => $name] + PriceWriter::client($scenario->prices, $id);
    }

    /** @return array<string, mixed> */
    private static function document(Scenario $scenario): array
    {
        $book = $scenario->book;

        return self::some([
            'format' => 'yardbell/1',
            'business' => self::some(
                ['name' => $scenario->name, 'timeZone' => $book->zone->name, 'currency' => $scenario->currency] +
                    self::business($book) +
                    PriceWriter::business($scenario->prices),
            ),
            'locations' => array_values(array_map(self::location(...), $book->locations)),
            'resources' => array_values(array_map(self::pool(...), $book->pools)),
            'staff' => array_map(
                static fn (Member $member): array => self::member($member) +
                    PriceWriter::member($scenario->prices, $member->id),
                array_values($book->staff),
            ),
            'services' => array_map(
                static fn (Service $service): array => ServiceWriter::service($service) +
                    (isset($scenario->tariffs[$service->id])
                        ? PriceWriter::tariff($scenario->tariffs[$service->id])
                        : []),
                array_values($book->services),
            ),
            'sessions' => array_map(DiaryWriter::session(...), $scenario->diary->sessions),
            'bookings' => self::bookings($scenario),
            'clients' => array_map(
                static fn (string $id, string $name): array => self::client($scenario, $id, $name),
                array_map(strval(...), array_keys($scenario->clients)),
                $scenario->clients,
            ),
            'codes' => PriceWriter::codes($scenario->prices),
            'waitlist' => array_map(DiaryWriter::waitlistEntry(...), $scenario->waitlist),
        ]);
    }

    /**
     * @param  array<string, mixed>  $values
     * @return array<string, mixed>
     */
    public static function some(array $values): array
    {
        return array_filter($values, static fn (mixed $value): bool => $value !== null && $value !== []);
    }

    /** @return array<string, mixed> */
    private static function business(RuleBook $book): array
    {
        return [
            'openingHours' => self::weekly($book->openingHours->weekly()),
            'specialDays' => self::specialDays($book->openingHours->specialDays()),
            'closures' => array_map(
                static fn (Closure $closure): array => self::some(
                    ['id' => $closure->id] +
                        self::span($closure->span) + [
                            'staff' => $closure->staff,
                            'name' => $closure->name === '' ? null : $closure->name,
                        ],
                ),
                $book->closures,
            ),
            'dayparts' => array_values(
                array_map(
                    static fn (Daypart $part): array => ['id' => $part->id, 'name' => $part->name] +
                        self::window($part->window),
                    $book->dayparts,
                ),
            ),
            'travelMinutes' => $book->travelMinutes,
            'tightDays' => $book->tightDays->value,
        ];
    }

    /** @return array<string, mixed> */
    private static function location(Location $location): array
    {
        return self::some(
            ['id' => $location->id, 'name' => $location->name] +
                ($location->hours === null
                    ? []
                    : [
                        'hours' => self::weekly($location->hours->weekly()),
                        'specialDays' => self::specialDays($location->hours->specialDays()),
                    ]),
        );
    }

    /** @return array<string, mixed> */
    private static function pool(Pool $pool): array
    {
        $outages = [];
        foreach ($pool->outages as $unit => $spans) {
            foreach ($spans as $span) {
                $outages[] = ['unit' => (string) $unit] + self::span($span);
            }
        }

        return self::some([
            'id' => $pool->id,
            'name' => $pool->name === '' ? null : $pool->name,
            'location' => $pool->location,
            'units' => $pool->units,
            'outages' => $outages,
        ]);
    }

    /** @return array<string, mixed> */
    private static function member(Member $member): array
    {
        return self::some([
            'id' => $member->id,
            'name' => $member->name,
            'active' => $member->active,
            'hours' => $member->weekly === null ? null : self::weekly($member->weekly),
            'specialDays' => self::specialDays($member->special),
            'breaks' => $member->breaks === null ? null : self::weekly($member->breaks->weekly()),
            'timeOff' => array_map(
                static fn (array $off): array => ['id' => $off[0]] + self::span($off[1]),
                $member->timeOff,
            ),
            'busy' => array_map(
                static fn (Interval $busy): array => [
                    'from' => Wall::writeInstant($busy->start),
                    'to' => Wall::writeInstant($busy->end),
                ],
                $member->busy,
            ),
            'respectBusy' => $member->respectBusy,
            'maxPerDay' => $member->maxPerDay,
        ]);
    }

    /** @return list<array<string, mixed>> in the order they were read */
    private static function bookings(Scenario $scenario): array
    {
        $services = array_column($scenario->diary->sessions, 'service', 'id');
        $written = [];
        foreach (array_merge($scenario->diary->bookings, $scenario->diary->seats) as $booking) {
            $written[$booking->id] = DiaryWriter::taken($booking, $services);
        }

        return array_map(static fn (string $id): array => $written[$id], $scenario->bookingIds);
    }

    /** @param  array<int, list<Window>>  $weekly */
    public static function weekly(array $weekly): stdClass
    {
        $table = new stdClass();
        foreach (Wall::WEEKDAYS as $weekday => $name) {
            if (($weekly[$weekday] ?? []) !== []) {
                $table->$name = array_map(self::window(...), $weekly[$weekday]);
            }
        }

        return $table;
    }

    /**
     * @param  array<int, list<Window>>  $special
     * @return list<array<string, mixed>>
     */
    private static function specialDays(array $special): array
    {
        return array_map(
            static fn (int $day, array $windows): array => [
                'date' => Wall::date($day),
                'hours' => array_map(self::window(...), $windows),
            ],
            array_keys($special),
            $special,
        );
    }

    /** @return array<string, string> */
    private static function window(Window $window): array
    {
        return ['from' => Wall::writeTimeOfDay($window->from), 'to' => Wall::writeTimeOfDay($window->to)] +
            ($window->at === null ? [] : ['at' => $window->at]);
    }

    /** @return array<string, string> */
    private static function span(WallSpan $span): array
    {
        return ['from' => Wall::writeWall($span->from), 'to' => Wall::writeWall($span->to)];
    }
}
