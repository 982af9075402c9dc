<?php

declare(strict_types=1);

use YardBell\Core\Tests\Support\Chance;
use YardBell\Core\Tests\Support\Days;
use YardBell\Core\Tests\Support\Twin;

/**
 * "mon 09:00 ana: w1 w2" for each match.
 *
 * @param  list<array<string, mixed>>  $entries
 * @param  array<string, mixed>  $document
 * @param  array<string, string>  $options
 * @return list<string>
 */
function waitedFor(array $entries, array $document, array $options = []): array
{
    foreach ($entries as $i => $entry) {
        $document['waitlist'][] = $entry + [
            'id' => 'w'.($i + 1),
            'service' => 'lesson',
            'from' => '2027-03-01',
            'until' => '2027-03-07',
            'createdAt' => '2027-02-01T12:00Z',
        ];
    }
    [$exit, $out] = Days::command($document, $options + [
        'from' => '2027-02-01',
        'to' => '2027-03-31',
        'now' => '2027-02-20T00:00Z',
    ], 'waitlist');
    if ($exit !== 0) {
        return explode("\n", trim($out));
    }

    return array_map(
        static fn (array $match): string => strtolower(gmdate('D H:i ', (int) strtotime($match['row']['start'])))
            .implode('+', $match['row']['staff'])
            .': '
            .implode(' ', $match['entries']),
        json_decode($out, true, 8, JSON_THROW_ON_ERROR)['matches'],
    );
}

/**
 * Lessons of 60 or 30 minutes at every full hour, Monday nine to eleven and Tuesday nine to ten.
 *
 * @param  array<string, mixed>  $service
 * @param  array<string, mixed>  $more
 * @return array<string, mixed>
 */
function waitedDays(array $service = [], array $business = [], array $more = []): array
{
    return Days::document(
        $service + ['staff' => ['ana', 'bo'], 'minutes' => [60, 30], 'maxParty' => 2, 'startEvery' => 60],
        $business + [
            'openingHours' => [
                'mon' => [['from' => '09:00', 'to' => '11:00']],
                'tue' => [['from' => '09:00', 'to' => '10:00']],
            ],
        ],
        more: $more + [
            'staff' => [['id' => 'ana'], ['id' => 'bo', 'hours' => ['tue' => [['from' => '09:00', 'to' => '10:00']]]]],
            'locations' => [['id' => 'yard'], ['id' => 'mill']],
        ],
    );
}

it('matches what is offered with what is wished for', function (array $entry, string $rows): void {
    expect(
        implode(', ', array_map(
            static fn (string $match): string => substr($match, 0, -strlen(': w1')),
            waitedFor([$entry], waitedDays()),
        )),
    )->toBe($rows);
})->with([
    'anything' => [[], 'mon 09:00 ana, mon 10:00 ana, tue 09:00 ana, tue 09:00 bo'],
    'somebody' => [['staff' => ['bo']], 'tue 09:00 bo'],
    'either, on a day' => [
        ['staff' => ['bo', 'ana'], 'windows' => ['tue' => [['from' => '00:00', 'to' => '24:00']]]],
        'tue 09:00 ana, tue 09:00 bo',
    ],
    'somewhere else' => [['locations' => ['mill']], ''],
    'somewhere' => [['locations' => ['mill', 'yard'], 'staff' => ['bo']], 'tue 09:00 bo'],
    'no window' => [['windows' => ['mon' => []]], ''],
    'a part of a day' => [['windows' => ['mon' => [['from' => '09:30', 'to' => '12:00']]]], 'mon 10:00 ana'],
    'to the minute' => [['windows' => ['mon' => [['from' => '09:00', 'to' => '10:00']]]], 'mon 09:00 ana'],
    'not only its start' => [['windows' => ['mon' => [['from' => '09:00', 'to' => '09:59']]]], ''],
    'windows that touch are one' => [
        ['windows' => ['mon' => [['from' => '09:30', 'to' => '10:30'], ['from' => '10:30', 'to' => '11:00']]]],
        'mon 10:00 ana',
    ],
    'the night before' => [
        ['windows' => ['mon' => [['from' => '20:00', 'to' => '10:00']]]],
        'tue 09:00 ana, tue 09:00 bo',
    ],
    'the night before the first date' => [
        ['windows' => ['sun' => [['from' => '20:00', 'to' => '10:00']]]],
        'mon 09:00 ana',
    ],
    'dates' => [['until' => '2027-03-01'], 'mon 09:00 ana, mon 10:00 ana'],
    'dates the wrong way round' => [['from' => '2027-03-08'], ''],
    'too large a party' => [['party' => 3], ''],
    'a length there is' => [['minutes' => 30, 'extra' => 30, 'staff' => ['bo']], 'tue 09:00 bo'],
    'a length there is not' => [['minutes' => 45], ''],
    'longer than there is room' => [['extra' => 70], ''],
]);

it('lists who has waited longest first, ties as they are listed, the shorter of one start first', function (): void {
    $entries = [
        ['staff' => ['bo'], 'createdAt' => '2027-02-03T12:00Z'],
        ['staff' => ['bo'], 'minutes' => 30],
        ['staff' => ['bo'], 'minutes' => 60],
        ['staff' => ['bo'], 'minutes' => 30, 'extra' => 30],
    ];
    expect(waitedFor($entries, waitedDays()))->toBe(['tue 09:00 bo: w2', 'tue 09:00 bo: w3 w4 w1']);
});

it('does not leave out what tears a day apart (T21)', function (): void {
    $days = waitedDays(['minutes' => 30, 'startEvery' => 15], ['tightDays' => 'only']);
    expect(waitedFor([['windows' => ['mon' => [['from' => '09:15', 'to' => '09:45']]]]], $days))
        ->toBe(['mon 09:15 ana: w1']);
});

it('offers a group what is left of it, and a session whatever its length', function (): void {
    $session = [
        'id' => 's1',
        'service' => 'taster',
        'start' => '2027-03-02T18:00Z',
        'minutes' => 90,
        'places' => 3,
        'staff' => ['ana'],
        'location' => 'yard',
    ];
    $days = waitedDays(['places' => 4, 'maxParty' => 4, 'staff' => ['bo']], more: ['sessions' => [$session]]);
    $days['services'][] = ['id' => 'taster', 'kind' => 'session', 'staff' => ['ana'], 'locations' => ['yard']];
    $days['bookings'] = [
        [
            'id' => 'b1',
            'service' => 'lesson',
            'start' => '2027-03-02T09:00Z',
            'minutes' => 60,
            'staff' => ['bo'],
            'location' => 'yard',
            'party' => 2,
            'createdAt' => '2027-02-01T00:00Z',
        ],
        ['id' => 'b2', 'service' => 'taster', 'session' => 's1', 'createdAt' => '2027-02-01T00:00Z'],
    ];
    $entries = [
        ['party' => 3],
        ['party' => 2],
        ['service' => 'taster', 'party' => 2, 'minutes' => 45, 'extra' => 5],
        ['service' => 'taster', 'party' => 3],
    ];
    expect(waitedFor($entries, $days))->toBe(['tue 09:00 bo: w2', 'tue 18:00 ana: w3']);
});

it('refuses what is no entry', function (array $entry, string $problem): void {
    expect(waitedFor([$entry], waitedDays()))->toBe([$problem]);
})->with([
    [['staff' => []], '/waitlist/0/staff: null is anybody and anywhere; an empty list would be nobody and nowhere.'],
    [['locations' => ['hall']], '/waitlist/0/locations/0: there is no location "hall".'],
    [['party' => 0], '/waitlist/0/party: 0 is too small, at least 1 is needed.'],
    [['client' => 'c9'], '/waitlist/0/client: there is no client "c9".'],
    [['createdAt' => null], '/waitlist/0/createdAt: it is missing.'],
    [['windows' => ['mon' => [['from' => '09:00', 'to' => '10:00', 'at' => 'yard']]]],
        '/waitlist/0/windows/mon/0/at: only the own hours of a member name a location.'],
]);

/*
 * Against a twin that asks for each entry alone, and each minute of each row. More of them:
 * YARDBELL_SEEDS=1000 vendor/bin/pest core/tests/Booking/WaitlistTest.php
 */
it('agrees with asking for each entry alone', function (): void {
    $matches = 0;
    for ($seed = 5000; $seed < 5000 + Chance::seeds(15); $seed++) {
        $chance = new Chance($seed);
        $document = $chance->document();
        $document['waitlist'] = $chance->waitlist($document);
        ['from' => $from, 'to' => $to, 'now' => $now] = $chance->ask();
        $dates = ['from' => $from, 'to' => max($from, $to), 'now' => $now];
        $document['business']['tightDays'] = ['off', 'only'][$seed % 2];
        [$exit, $out] = Days::command($document, $dates, 'waitlist');
        expect($exit)->toBe(0, $out)
            ->and(json_decode($out, true)['matches'])
            ->toBe(matchesOneByOne($document, $dates), "seed {$seed}, {$chance->zone}");
        $matches += count(json_decode($out, true)['matches']);
    }
    expect($matches)->toBeGreaterThan(2 * Chance::seeds(15));
});

/**
 * @param  array<string, mixed>  $document
 * @param  array{from: string, to: string, now: string}  $dates
 * @return list<array{row: array<string, mixed>, entries: list<string>}>
 */
function matchesOneByOne(array $document, array $dates): array
{
    $document['business']['tightDays'] = 'off';
    $twin = new Twin($document);
    $matches = [];
    foreach ($document['waitlist'] as $listed => $entry) {
        $ask = $dates + ['service' => $entry['service'], 'extra' => (string) $entry['extra']]
            + (isset($entry['minutes']) ? ['minutes' => (string) $entry['minutes']] : []);
        $alone = Days::slots($document, $ask + ['party' => '1']);
        $for = array_map(placeOf(...), Days::slots($document, $ask + ['party' => (string) $entry['party']]));
        foreach ($alone as $row) {
            unset($row['next']);
            if ($twin->wishes($entry, $row) && in_array(placeOf($row), $for, true)) {
                $key = json_encode(placeIn($document, $entry['service'], $row));
                $matches[$key]['row'] = $row;
                $matches[$key]['entries'][] = [$entry['createdAt'], $listed, $entry['id']];
            }
        }
    }
    uksort($matches, static fn (string $a, string $b): int => json_decode($a) <=> json_decode($b));

    return array_map(static function (array $match): array {
        sort($match['entries']);

        return ['row' => $match['row'], 'entries' => array_column($match['entries'], 2)];
    }, array_values($matches));
}

/** @param  array<string, mixed>  $row */
function placeOf(array $row): array
{
    return [$row['start'], $row['end'], $row['location'], $row['staff'], $row['session']];
}

/**
 * @param  array<string, mixed>  $document
 * @param  array<string, mixed>  $row
 * @return list<mixed> what matches are sorted by
 */
function placeIn(array $document, string $id, array $row): array
{
    $at = array_search($id, array_column($document['services'], 'id'), true);
    $service = $document['services'][$at];
    $places = static fn (array $ids, array $order): array => array_map(
        static fn (?string $id): int => is_int($place = array_search($id, $order, true)) ? $place : -1,
        $ids,
    );
    $staff = $places($row['staff'], $service['staff']);

    return [
        $row['start'],
        $at,
        $places([$row['location']], $service['locations']),
        [$staff[0] ?? -1, $staff[1] ?? -1, $staff[2] ?? -1],
        array_search($row['session'], array_column($document['sessions'] ?? [], 'id'), true),
        $row['end'],
    ];
}
