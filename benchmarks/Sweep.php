<?php

declare(strict_types=1);

use YardBell\Core\Time\Wall;

/** The same search in C (sweep.c), built here where a compiler is there. */
final readonly class Sweep
{
    private const WEEKDAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];

    private function __construct(private string $program)
    {
    }

    /** Null: there is no compiler. */
    public static function built(): ?self
    {
        $program = sys_get_temp_dir().'/yardbell-sweep-'.getmypid();
        exec('cc -O2 -o '.escapeshellarg($program).' '.escapeshellarg(__DIR__.'/sweep.c').' 2>&1', $said, $failed);
        register_shutdown_function(static fn () => @unlink($program));

        return $failed === 0 ? new self($program) : null;
    }

    /**
     * @param  array<string, mixed>  $document of Yard
     * @return array{float, list<string>} milliseconds a search; "2027-03-01T09:00Z person-1"
     */
    public function searched(
        array $document,
        string $service,
        string $from,
        string $to,
        string $now,
        int $rounds,
    ): array {
        $file = (string) tempnam(sys_get_temp_dir(), 'sweep');
        file_put_contents($file, implode("\n", self::numbers($document, $service, $from, $to, $now)));
        exec(escapeshellarg($this->program)." {$rounds} <".escapeshellarg($file), $lines);
        unlink($file);
        $people = array_column($document['staff'], 'id');
        $rows = array_map(static function (string $line) use ($people): string {
            [$start, $person] = explode(' ', $line);

            return Wall::writeInstant((int) $start)." {$people[(int) $person]}";
        }, array_slice($lines, 2));

        return [(float) $lines[0], $rows];
    }

    /**
     * @param  array<string, mixed>  $document
     * @return list<int>
     */
    private static function numbers(array $document, string $service, string $from, string $to, string $now): array
    {
        $zone = new DateTimeZone($document['business']['timeZone']);
        $changes = $zone->getTransitions((int) strtotime("{$from} UTC"), (int) strtotime("{$to} UTC"));
        $service = array_column($document['services'], null, 'id')[$service];
        $people = array_flip(array_column($document['staff'], 'id'));
        $windows = self::windows(-1, $document['business']['openingHours']);
        $breaks = [];
        foreach ($document['staff'] as $i => $member) {
            array_push($windows, ...self::windows($i, $member['hours']));
            array_push($breaks, ...self::windows($i, $member['breaks']));
        }
        $closures = array_map(static fn (array $one): array => array_map(
            static fn (string $wall): int => intdiv((new DateTimeImmutable($wall, $zone))->getTimestamp(), 60),
            [$one['from'], $one['to']],
        ), $document['business']['closures']);
        $bookings = [];
        foreach ($document['bookings'] as $one) {
            foreach ($one['state'] === 'cancelled' ? [] : $one['staff'] as $person) {
                $start = Wall::instant($one['start']);
                $bookings[] = [
                    $people[$person],
                    $start - $one['setup'],
                    $start + $one['minutes'] + $one['clearup'],
                    Wall::instant($one['createdAt']),
                ];
            }
        }

        return array_merge(
            [intdiv($changes[0]['offset'], 60), intdiv($changes[1]['ts'] ?? PHP_INT_MAX, 60)],
            [intdiv(($changes[1] ?? $changes[0])['offset'], 60), Wall::day($from), Wall::day($to), Wall::instant($now)],
            [$service['minutes'], $service['setup'], $service['clearup'], $service['startEvery'], count($people)],
            [count($windows), ...array_merge([], ...$windows)],
            [count($breaks), ...array_merge([], ...$breaks)],
            [count($closures), ...array_merge([], ...$closures)],
            [count($bookings), ...array_merge([], ...$bookings)],
        );
    }

    /**
     * @param  array<string, list<array{from: string, to: string}>>  $hours
     * @return list<array{int, int, int, int}>
     */
    private static function windows(int $person, array $hours): array
    {
        $windows = [];
        foreach ($hours as $weekday => $day) {
            foreach ($day as $window) {
                $windows[] = [
                    $person,
                    (int) array_search($weekday, self::WEEKDAYS, true),
                    Wall::timeOfDay($window['from']),
                    Wall::timeOfDay($window['to'], midnightEnds: true),
                ];
            }
        }

        return $windows;
    }
}
