<?php

declare(strict_types=1);

namespace YardBell\Core\Tests\Support;

use YardBell\Core\Availability\Slot;
use YardBell\Core\Availability\SlotSearch;
use YardBell\Core\Scenario\Command;
use YardBell\Core\Scenario\Reader;
use YardBell\Core\Scenario\Scenario;
use YardBell\Core\Time\Timeline;
use YardBell\Core\Time\Wall;

/** Small pictures of a day: "09:00-12:00 13:00-14:00" on Monday 2027-03-01 in UTC. */
final class Days
{
    public const MONDAY = '2027-03-01';

    public static function timeline(string $stretches): Timeline
    {
        $all = [];
        foreach (array_filter(explode(' ', $stretches)) as $stretch) {
            [$from, $to] = explode('-', $stretch);
            $all[] = [Wall::timeOfDay($from), Wall::timeOfDay($to, midnightEnds: true)];
        }

        return Timeline::of($all);
    }

    /**
     * A document with one service "lesson" of 60 minutes every 30, one place, Ana and Bo, open Monday 09:00-12:00; each
     * part replaced by what is given.
     *
     * @param  array<string, mixed>  $service
     * @param  array<string, mixed>  $business
     * @param  list<array<string, mixed>>  $bookings
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    public static function document(
        array $service = [],
        array $business = [],
        array $bookings = [],
        array $more = [],
    ): array {
        return [
            'format' => 'yardbell/1',
            'business' => [
                'name' => 'Yard',
                'timeZone' => 'UTC',
                'currency' => 'EUR',
                'openingHours' => ['mon' => [['from' => '09:00', 'to' => '12:00']]],
                ...$business,
            ],
            'locations' => [['id' => 'yard', 'name' => 'Yard']],
            'staff' => [['id' => 'ana', 'name' => 'Ana']],
            'services' => [
                [
                    'id' => 'lesson',
                    'name' => 'Lesson',
                    'minutes' => 60,
                    'startEvery' => 30,
                    'locations' => ['yard'],
                    'staff' => ['ana'],
                    ...$service,
                ],
            ],
            'bookings' => array_map(
                static fn (int $i, array $booking): array => [
                    'id' => "b{$i}",
                    'service' => 'lesson',
                    'minutes' => 60,
                    'staff' => ['ana'],
                    'location' => 'yard',
                    'createdAt' => '2027-02-01T00:00Z',
                    ...$booking,
                ],
                array_keys($bookings),
                $bookings,
            ),
            ...$more,
        ];
    }

    /** @param  array<string, mixed>  $document */
    public static function read(array $document): Scenario
    {
        $json = json_encode($document, JSON_THROW_ON_ERROR);

        return Reader::read(str_replace('"openingHours":[]', '"openingHours":{}', $json));
    }

    /**
     * The answer of the command itself, on one or more dates, asked long before unless told otherwise.
     *
     * @param  array<string, mixed>  $document
     * @param  array<string, string>  $options
     * @return list<array<string, mixed>>
     */
    public static function slots(array $document, array $options = []): array
    {
        [$exit, $out] = self::command($document, $options);
        if ($exit !== 0) {
            throw new \RuntimeException($out);
        }

        return json_decode($out, true, 8, JSON_THROW_ON_ERROR)['slots'];
    }

    /**
     * "T5 closure fair, T6 booking b1" for each row of `why`, or "offered".
     *
     * @param  array<string, mixed>  $document
     * @param  array<string, string>  $options
     * @return list<string>
     */
    public static function why(array $document, string $at, array $options = []): array
    {
        [$exit, $out] = self::command(
            $document,
            $options + ['at' => $at, 'service' => 'lesson', 'now' => '2027-02-01T00:00Z'],
            'why',
        );
        if ($exit !== 0) {
            throw new \RuntimeException($out);
        }
        $answer = json_decode($out, true, 8, JSON_THROW_ON_ERROR);

        return array_map(
            static fn (array $row): string => $row['reasons'] === [] && $row['offered']
                ? 'offered'
                : implode(
                    ', ',
                    array_map(
                        static fn (array $reason): string => "{$reason['rule']} {$reason['because']}",
                        $row['reasons'],
                    ),
                ),
            $answer['rows'],
        );
    }

    /**
     * The sentences of all rows of `why`.
     *
     * @param  array<string, mixed>  $document
     * @param  array<string, string>  $options
     * @return list<string>
     */
    public static function details(array $document, string $at, array $options = []): array
    {
        [, $out] = self::command(
            $document,
            $options + ['at' => $at, 'service' => 'lesson', 'now' => '2027-02-01T00:00Z'],
            'why',
        );
        $answer = json_decode($out, true, 8, JSON_THROW_ON_ERROR);

        return array_column(array_merge(...array_column($answer['rows'], 'reasons')), 'detail');
    }

    /**
     * The pointers and problems that `check` finds.
     *
     * @param  array<string, mixed>  $document
     * @return list<string>
     */
    public static function check(array $document): array
    {
        [$exit, $out] = self::command($document, [], 'check');
        if ($exit !== 0) {
            throw new \RuntimeException($out);
        }

        return array_map(
            static fn (array $finding): string => "{$finding['pointer']}: {$finding['problem']}",
            json_decode($out, true, 8, JSON_THROW_ON_ERROR)['findings'],
        );
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  array<string, string>  $options
     * @return array{int, string} the exit status and what was printed
     */
    public static function command(array $document, array $options = [], string $name = 'slots'): array
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'yard');
        file_put_contents($file, json_encode($document, JSON_THROW_ON_ERROR));
        if ($name === 'slots') {
            $options += [
                'service' => 'lesson',
                'from' => self::MONDAY,
                'to' => self::MONDAY,
                'now' => '2027-02-01T00:00Z',
            ];
        }
        $arguments = array_map(
            static fn (string $option, string $value): string => "--{$option}={$value}",
            array_keys($options),
            $options,
        );
        [$out, $errors] = [fopen('php://memory', 'w+'), fopen('php://memory', 'w+')];
        assert($out !== false && $errors !== false);
        $exit = Command::run([$name, $file, ...$arguments], $out, $errors);
        unlink($file);

        return [$exit, (string) stream_get_contents($exit === 0 ? $out : $errors, offset: 0)];
    }

    /**
     * "09:00 09:30 …": the starts of the rows, in UTC.
     *
     * @param  array<string, mixed>  $document
     * @param  array<string, string>  $options
     */
    public static function starts(array $document, array $options = []): string
    {
        return implode(
            ' ',
            array_map(static fn (array $row): string => substr($row['start'], 11, 5), self::slots($document, $options)),
        );
    }

    /**
     * "09:00 ana, 09:00 bo*": the rows with who takes them, the `next` one marked.
     *
     * @param  array<string, mixed>  $document
     * @param  array<string, string>  $options
     */
    public static function rows(array $document, array $options = []): string
    {
        return implode(
            ', ',
            array_map(
                static fn (array $row): string => substr($row['start'], 11, 5)
                    .' '
                    .implode('+', $row['staff'])
                    .($row['next'] ?? false ? '*' : ''),
                self::slots($document, $options),
            ),
        );
    }

    /** @return list<Slot> */
    public static function search(Scenario $scenario, \YardBell\Core\Availability\Ask $ask): array
    {
        return (new SlotSearch($scenario->book, $scenario->diary))->slots($ask);
    }
}
