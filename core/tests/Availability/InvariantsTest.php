<?php

declare(strict_types=1);

use YardBell\Core\Availability\Ask;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Scenario\Reader;
use YardBell\Core\Scenario\Scenario;
use YardBell\Core\Tests\Support\Chance;
use YardBell\Core\Tests\Support\Days;
use YardBell\Core\Time\Wall;

/* What must hold of every document, on ones made by chance. */

/**
 * @param  array<string, mixed>  $document
 * @param  array{from: string, to: string, now: string, party: int}  $asked
 * @return array<string, Slot> by start, place and people
 */
function rowsOf(array $document, array $asked, string $service = 'lesson'): array
{
    $rows = [];
    $ask = new Ask(
        $service,
        Wall::day($asked['from']),
        Wall::day(max($asked['from'], $asked['to'])),
        Wall::instant($asked['now']),
        party: $asked['party'],
    );
    foreach (Days::search(read($document), $ask) as $slot) {
        $rows["{$slot->start} {$slot->location} ".implode('+', $slot->staff)] = $slot;
    }

    return $rows;
}

/** @param  array<string, mixed>  $document */
function read(array $document): Scenario
{
    return Reader::read(json_encode($document, JSON_THROW_ON_ERROR));
}

/**
 * @return Generator<int, array{
 *     array<string, mixed>, array{service: string, from: string, to: string, now: string, party: int},
 * }>
 */
function documents(): Generator
{
    for ($seed = 1000; $seed < 1000 + Chance::seeds(60); $seed++) {
        $chance = new Chance($seed);
        yield $seed => [$chance->document(), $chance->ask()];
    }
}

/** Minutes of a booking that holds time now, or of a row, with its set-up and clear-up where asked for. */
function minutesOf(int $start, int $minutes, int $before, int $after): array
{
    return range($start - $before, $start + $minutes + $after - 1);
}

it('never offers a person or a unit that is taken, minute by minute (T6, T9)', function (): void {
    [$looked, $clashes] = [0, []];
    foreach (documents() as $seed => [$document, $asked]) {
        $service = $document['services'][0];
        $scenario = read($document);
        [$people, $units] = [[], []];
        foreach ($scenario->diary->bookings as $booking) {
            if ($booking->holdsTime(Wall::instant($asked['now']))) {
                $without = $booking->service === 'other' || ! ($service['resources'][0]['holdsBuffers'] ?? true);
                foreach (minutesOf($booking->start, $booking->minutes, $booking->setup, $booking->clearup) as $minute) {
                    $people += array_fill_keys(
                        array_map(static fn (string $id): string => "{$id} {$minute}", $booking->staff),
                        true,
                    );
                    $inside = $minute >= $booking->start && $minute < $booking->start + $booking->minutes;
                    $units +=
                        $inside || ! $without
                            ? array_fill_keys(
                                array_map(static fn (string $id): string => "{$id} {$minute}", $booking->units),
                                true,
                            )
                            : [];
                }
            }
        }
        $buffers =
            $service['resources'][0]['holdsBuffers'] ?? true
                ? [$service['setup'] ?? 0, $service['clearup'] ?? 0]
                : [0, 0];
        foreach (array_slice(rowsOf($document, $asked), 0, 200) as $key => $slot) {
            if ($slot->places < ($service['places'] ?? 1)) {
                continue; // it joins others, who are not in its way (T14)
            }
            $looked++;
            [$setup, $clearup] = [$service['setup'] ?? 0, $service['clearup'] ?? 0];
            foreach (minutesOf($slot->start, $slot->end - $slot->start, $setup, $clearup) as $minute) {
                foreach ($slot->staff as $member) {
                    $clashes += isset($people["{$member} {$minute}"]) ? ["seed {$seed}: {$key}" => true] : [];
                }
            }
            foreach ($slot->units as $unit) {
                foreach (minutesOf($slot->start, $slot->end - $slot->start, ...$buffers) as $minute) {
                    $clashes += isset($units["{$unit} {$minute}"]) ? ["seed {$seed}: {$key}, {$unit}" => true] : [];
                }
            }
        }
    }
    expect($clashes)->toBe([])
        ->and($looked)->toBeGreaterThan(15 * Chance::seeds(60));
});

it('opens no time by a commitment more', function (): void {
    foreach (documents() as $seed => [$document, $asked]) {
        $more = $document;
        $more['bookings'][] = [
            'id' => 'more',
            'service' => 'other',
            'start' => $asked['from'].'T10:00Z',
            'minutes' => 45,
            'staff' => ['bo'],
            'location' => 'yard',
            'units' => ['w1'],
            'createdAt' => '2026-01-01T00:00Z',
        ];
        $opened = array_diff_key(rowsOf($more, $asked), rowsOf($document, $asked));
        expect($opened)->toBe([], "seed {$seed}");
    }
});

it('closes no time by wider hours, limits and grids from the opening aside', function (): void {
    $asked = 0;
    foreach (documents() as $seed => [$document, $ask]) {
        $service = $document['services'][0];
        if (
            ($service['startFrom'] ?? 'clock') === 'opening' ||
            isset($service['maxPerDay']) ||
            array_filter(array_column($document['staff'], 'maxPerDay'), 'is_int') !== []
        ) {
            continue;
        }
        $asked++;
        $wider = $document;
        foreach ($wider['business']['openingHours'] as &$windows) {
            $windows[] = ['from' => '06:00', 'to' => '22:00'];
        }
        unset($windows);
        expect(array_diff_key(rowsOf($document, $ask), rowsOf($wider, $ask)))->toBe([], "seed {$seed}");
    }
    expect($asked)->toBeGreaterThan(Chance::seeds(60) / 6);
});

it('shifts by whole weeks what a whole document is shifted by, away from clock changes', function (): void {
    $rows = 0;
    foreach (documents() as $seed => [$document, $ask]) {
        $still = ['business' => ['timeZone' => 'Asia/Kathmandu'] + $document['business']] + $document;
        $shift = static fn (mixed $value): mixed => is_string($value) &&
        preg_match('/^(\d{4}-\d\d-\d\d)(.*)$/', $value, $part) === 1
            ? Wall::date(Wall::day($part[1]) + 35).$part[2]
            : $value;
        $later = $still;
        array_walk_recursive($later, static function (mixed &$value) use ($shift): void {
            $value = $shift($value);
        });
        $expected = array_map(
            static fn (Slot $slot): array => [
                $slot->start + 35 * Wall::DAY,
                $slot->staff,
                $slot->units,
                $slot->places,
                $slot->next,
            ],
            array_values(rowsOf($still, $ask)),
        );
        $shifted = array_map(
            static fn (Slot $slot): array => [$slot->start, $slot->staff, $slot->units, $slot->places, $slot->next],
            array_values(rowsOf($later, array_map($shift, $ask))),
        );
        expect($shifted)->toBe($expected, "seed {$seed}");
        $rows += count($shifted);
    }
    expect($rows)->toBeGreaterThan(15 * Chance::seeds(60));
});

it('changes nothing but ids when ids are changed', function (): void {
    foreach (documents() as $seed => [$document, $ask]) {
        $names = [
            '"ana"' => '"1"',
            '"bo"' => '"02"',
            '"cy"' => '"a.b:c-_"',
            '"mill"' => '"7"',
            '"w1"' => '"3"',
            '"wheel"' => '"'.str_repeat('W', 64).'"',
        ];
        $renamed = json_decode(
            strtr(json_encode($document, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES), $names),
            true,
        );
        $told = static fn (array $rows): string => json_encode(
            array_values($rows),
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
        );
        expect($told(rowsOf($renamed, $ask)))->toBe(strtr($told(rowsOf($document, $ask)), $names), "seed {$seed}");
    }
});

it('asks of several days what it asks of each', function (): void {
    foreach (documents() as $seed => [$document, $ask]) {
        $to = max($ask['from'], $ask['to']);
        $each = [];
        for ($day = Wall::day($ask['from']); $day <= Wall::day($to); $day++) {
            $each += rowsOf($document, ['from' => Wall::date($day), 'to' => Wall::date($day)] + $ask);
        }
        expect(array_keys($each))->toEqualCanonicalizing(array_keys(rowsOf($document, $ask)), "seed {$seed}");
    }
});
