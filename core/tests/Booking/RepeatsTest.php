<?php

declare(strict_types=1);

use YardBell\Core\Booking\MonthDay;
use YardBell\Core\Booking\RepeatRule;
use YardBell\Core\Booking\RepeatUnit;
use YardBell\Core\Scenario\BadDocument;
use YardBell\Core\Scenario\Repeating;
use YardBell\Core\Tests\Support\Chance;
use YardBell\Core\Tests\Support\Days;
use YardBell\Core\Time\Wall;

/*
 * T23. A picture: one service of an hour every half hour, Ana at the yard, open Mondays 09:00-12:00 (Days::document).
 */

/**
 * @param  array<string, mixed>  $document
 * @param  array<string, mixed>  $request
 * @return list<array<string, mixed>>
 */
function repeated(array $document, array $request = []): array
{
    $until = isset($request['until']) ? [] : ['count' => 3];
    $request += ['service' => 'lesson', 'at' => Days::MONDAY.'T10:00', 'every' => ['weeks' => 1], ...$until];
    $request += ['now' => '2027-02-01T00:00Z'];
    $asked = json_encode($request, JSON_THROW_ON_ERROR);

    return Repeating::of(Days::read($document), $asked)['occurrences'];
}

/**
 * "03-01 10:00 ana", or "03-01 10:00 T6 → 03-01 11:00 ana", each occurrence in UTC.
 *
 * @param  array<string, mixed>  $document
 * @param  array<string, mixed>  $request
 * @return list<string>
 */
function placed(array $document, array $request = []): array
{
    $when = static fn (string $instant): string => substr($instant, 5, 5).' '.substr($instant, 11, 5);
    $row = static fn (?array $row): string => $row === null ? 'none' : implode('+', $row['staff']);

    return array_map(
        static fn (array $one): string => $when($one['start']).' '.($one['row'] !== null
            ? $row($one['row'])
            : implode(' ', $one['rules']).' → '
                .($one['nearest'] === null ? 'none' : $when($one['nearest']['start']).' '.$row($one['nearest']))),
        repeated($document, $request),
    );
}

it('repeats by days, weeks and months', function (string $at, int $every, string $unit, string $dates): void {
    $on = match (true) {
        str_contains($unit, 'last weekday') => MonthDay::LastWeekday,
        str_contains($unit, 'weekday') => MonthDay::Weekday,
        default => MonthDay::Same,
    };
    $weekdays = array_map(
        static fn (string $day): int => (int) array_search($day, Wall::WEEKDAYS, true),
        str_contains($unit, ' on ') ? explode(' ', explode(' on ', $unit)[1]) : [],
    );
    $unit = RepeatUnit::from(strtok($unit, ' '));
    $rule = new RepeatRule(Wall::dateTime("{$at}T10:00"), $every, $unit, $on, 4, weekdays: $weekdays);
    expect(implode(' ', array_map(Wall::date(...), $rule->days())))->toBe($dates);
})->with([
    'every other day' => ['2027-02-27', 2, 'days', '2027-02-27 2027-03-01 2027-03-03 2027-03-05'],
    'some weekdays of each week' => [
        '2027-03-03', 1, 'weeks on fri mon wed', '2027-03-03 2027-03-05 2027-03-08 2027-03-10',
    ],
    'two weekdays of every other week' => [
        '2027-03-04', 2, 'weeks on mon thu', '2027-03-04 2027-03-15 2027-03-18 2027-03-29',
    ],
    'the last Friday of a month, the first date as it stands' => [
        '2027-03-05', 1, 'months last weekday', '2027-03-05 2027-04-30 2027-05-28 2027-06-25',
    ],
    'the last of every other month' => [
        '2027-03-29', 2, 'months last weekday', '2027-03-29 2027-05-31 2027-07-26 2027-09-27',
    ],
    'every third week' => ['2027-12-20', 3, 'weeks', '2027-12-20 2028-01-10 2028-01-31 2028-02-21'],
    'the last day in a shorter month' => ['2027-12-31', 1, 'months', '2027-12-31 2028-01-31 2028-02-29 2028-03-31'],
    'over years' => ['2027-08-30', 6, 'months', '2027-08-30 2028-02-29 2028-08-30 2029-02-28'],
    'the second Tuesday' => ['2027-03-09', 1, 'months weekday', '2027-03-09 2027-04-13 2027-05-11 2027-06-08'],
    'the first, which is a Monday' => [
        '2027-03-01',
        1,
        'months weekday',
        '2027-03-01 2027-04-05 2027-05-03 2027-06-07',
    ],
    'the fifth Monday, or the last' => [
        '2027-03-29',
        1,
        'months weekday',
        '2027-03-29 2027-04-26 2027-05-31 2027-06-28',
    ],
]);

it('ends with a date that is included', function (string $until, int $count): void {
    $rule = new RepeatRule(Wall::dateTime('2027-03-01T10:00'), 1, RepeatUnit::Weeks, untilDay: Wall::day($until));
    expect(count($rule->days()))->toBe($count);
})->with([['2027-03-01', 1], ['2027-03-14', 2], ['2027-03-15', 3], ['2030-01-01', RepeatRule::MOST + 1]]);

it('takes what is offered, and says of the rest what stands in the way and what is nearest', function (): void {
    $document = Days::document(
        business: ['closures' => [['id' => 'fair', 'from' => '2027-03-15T00:00', 'to' => '2027-03-16T00:00']]],
        bookings: [['start' => '2027-03-08T10:30Z']],
    );
    expect(placed($document, ['count' => 4]))->toBe([
        '03-01 10:00 ana',
        '03-08 10:00 T6 → 03-08 09:30 ana', // half an hour earlier rather than an hour and a half later
        '03-15 10:00 T5 → none', // the Mondays before and after are seven days away
        '03-22 10:00 ana',
    ]);
});

it('looks six dates around, the earlier first, for the hour on the wall that is nearest', function (): void {
    $open = array_fill_keys(['mon', 'tue', 'sun'], [['from' => '09:00', 'to' => '12:00']]);
    $shut = [['id' => 'fair', 'from' => '2027-03-08T00:00', 'to' => '2027-03-09T00:00']];
    $document = Days::document(business: ['openingHours' => $open, 'closures' => $shut]);
    expect(placed($document, ['at' => '2027-03-08T10:10', 'count' => 1]))
        ->toBe(['03-08 10:10 T5 T10 → 03-07 10:00 ana'])
        ->and(placed($document, ['at' => '2027-03-08T10:15', 'count' => 1])[0])->toEndWith('→ 03-07 10:00 ana')
        ->and(placed($document, ['at' => '2027-03-08T10:16', 'count' => 1])[0])->toEndWith('→ 03-07 10:30 ana');
    $document['business']['closures'][] = ['id' => 'more', 'from' => '2027-03-07T00:00', 'to' => '2027-03-08T00:00'];
    expect(placed($document, ['at' => '2027-03-08T18:00', 'count' => 1])[0])->toEndWith('→ 03-09 11:00 ana');
});

it('counts what it has placed for those after it', function (): void {
    $night = ['minutes' => 1500, 'startEvery' => 60];
    $open = array_fill_keys(Wall::WEEKDAYS, [['from' => '00:00', 'to' => '24:00']]);
    $kiln = Days::document($night, ['openingHours' => $open]);
    expect(placed($kiln, ['every' => ['days' => 1], 'count' => 3]))->toBe([
        '03-01 10:00 ana',
        '03-02 10:00 T6 → 03-02 11:00 ana', // the first lasts until eleven
        '03-03 10:00 ana',
    ]);
    $limited = Days::document(['maxPerDay' => 1], ['timeZone' => 'UTC', 'openingHours' => $open]);
    expect(placed($limited, ['every' => ['days' => 1], 'count' => 2]))->toBe(['03-01 10:00 ana', '03-02 10:00 ana']);
    $session = Days::document(['kind' => 'session', 'minutes' => null], more: ['sessions' => [
        ['id' => 's1', 'service' => 'lesson', 'start' => '2027-03-01T10:00Z', 'minutes' => 60, 'staff' => ['ana'],
            'location' => 'yard', 'places' => 2],
    ]]);
    expect(placed($session, ['count' => 2, 'party' => 2]))->toBe(['03-01 10:00 ana', '03-08 10:00 T15 → none']);
});

it('keeps whose turn it is as it was', function (): void {
    $document = Days::document(
        ['staff' => ['ana', 'bo'], 'assignment' => 'rotate'],
        bookings: [['start' => '2027-02-15T09:00Z', 'createdAt' => '2027-01-01T00:00Z']],
        more: ['staff' => [['id' => 'ana'], ['id' => 'bo']]],
    );
    expect(placed($document))->toBe(['03-01 10:00 bo', '03-08 10:00 bo', '03-15 10:00 bo'])
        ->and(placed($document, ['staff' => 'ana'])[0])->toBe('03-01 10:00 ana');
});

it('asks nobody who rests unless they are wished', function (): void {
    $staff = ['staff' => [['id' => 'ana', 'breaks' => ['mon' => [['from' => '10:00', 'to' => '11:00']]]],
        ['id' => 'bo', 'active' => false]]];
    $document = Days::document(['staff' => ['ana', 'bo']], more: $staff);
    expect(placed($document, ['count' => 1]))->toBe(['03-01 10:00 T5 → 03-01 09:00 ana'])
        ->and(placed($document, ['count' => 1, 'staff' => 'bo']))->toBe(['03-01 10:00 T16 → none']);
    $document['staff'][0]['active'] = false;
    expect(placed($document, ['count' => 1]))->toBe(['03-01 10:00 T16 → none']);
});

it('names each rule once, by its number, of all people and places', function (): void {
    $document = Days::document(
        ['staff' => ['ana', 'bo'], 'maxParty' => 1, 'bookAheadDays' => 20],
        bookings: [['start' => '2027-03-01T09:30Z'], ['start' => '2027-03-01T10:30Z']],
        more: ['staff' => [['id' => 'ana'], ['id' => 'bo', 'hours' => []]]],
    );
    $document['staff'][1]['hours'] = ['tue' => [['from' => '09:00', 'to' => '12:00']]];
    expect(repeated($document, ['at' => '2027-03-01T10:10', 'party' => 2, 'count' => 1])[0]['rules'])
        ->toBe(['T5', 'T6', 'T10', 'T11', 'T13'])
        ->and(repeated(Days::document(), ['minutes' => 45])[0]['rules'])->toBe(['T17']);
});

it('has the date that the rule gives, also where its start falls on the next', function (): void {
    // there was no 30 December in Apia in 2011: what the rule places on it begins with the 31st
    $open = array_fill_keys(Wall::WEEKDAYS, [['from' => '09:00', 'to' => '12:00']]);
    $document = Days::document(['startEvery' => 60], ['timeZone' => 'Pacific/Apia', 'openingHours' => $open]);
    $request = ['at' => '2011-12-29T10:00', 'every' => ['days' => 1], 'now' => '2011-12-01T00:00Z'];
    // the nearest date that has any is the one before, of two as near; 10:00 is taken there by then
    expect(placed($document, $request))->toBe([
        '12-29 20:00 ana',
        '12-30 10:00 T5 → 12-29 19:00 ana',
        '12-30 20:00 ana',
    ]);
    $document['business']['openingHours'] = array_fill_keys(Wall::WEEKDAYS, [['from' => '00:00', 'to' => '24:00']]);
    expect(placed($document, $request)[1])->toBe('12-30 10:00 ana');
});

it('reads the start as the clock on the wall shows it (T2)', function (string $zone, string $at, array $starts): void {
    $open = array_fill_keys(Wall::WEEKDAYS, [['from' => '00:00', 'to' => '24:00']]);
    $document = Days::document(['startEvery' => 30], ['timeZone' => $zone, 'openingHours' => $open]);
    $told = repeated($document, ['at' => $at, 'every' => ['days' => 1], 'count' => 2, 'anyTime' => true]);
    expect(array_column($told, 'start'))->toBe($starts);
})->with([
    'an hour that comes twice' => ['Europe/Lisbon', '2027-10-30T01:30', ['2027-10-30T00:30Z', '2027-10-31T00:30Z']],
    'an hour that there is not' => ['Europe/Lisbon', '2027-03-27T01:30', ['2027-03-27T01:30Z', '2027-03-28T01:00Z']],
]);

it('leaves out at any time what an owner may (T18), never who and what is taken', function (): void {
    $document = Days::document(
        ['noticeMinutes' => 100_000, 'maxPerDay' => 0],
        bookings: [['start' => '2027-03-08T19:30Z']],
    );
    expect(placed($document, ['at' => '2027-03-01T19:07', 'count' => 2, 'anyTime' => true]))->toBe([
        '03-01 19:07 ana',
        '03-08 19:07 T6 → 03-08 18:30 ana',
    ]);
});

it('refuses what is no request', function (array $wrong, string $problem): void {
    expect(static fn (): array => repeated(Days::document(), $wrong))->toThrow(BadDocument::class, $problem);
})->with([
    'nothing to count by' => [['every' => []], '/every: an object is needed.'],
    'two of them' => [['every' => ['days' => 1, 'weeks' => 1]], '/every: one of days, weeks, months is needed.'],
    'years' => [['every' => ['years' => 1]], '/every/years: this key is not known here.'],
    'never again' => [['every' => ['days' => 0]], '/every/days: 0 is too small'],
    'a weekday there is not' => [['weekdays' => ['mon', 'day']], '/weekdays/1: there is no weekday "day".'],
    'a weekday twice' => [['weekdays' => ['mon', 'mon']], '/weekdays/1: "mon" stands here twice.'],
    'no weekday' => [['weekdays' => []], '/weekdays: a list of weekdays has at least one.'],
    'weekdays without its own' => [['weekdays' => ['tue']], '/weekdays: the weekday of "at" is not among them.'],
    'days on weekdays' => [['every' => ['days' => 1], 'weekdays' => ['mon']], '/weekdays: only weeks name weekdays.'],
    'the first weekday' => [['every' => ['months' => 1], 'byWeekday' => 'first'], '/byWeekday: true, false or "last"'],
    'the last of a week' => [['byWeekday' => 'last'], '/byWeekday: only months'],
    'weeks by the weekday' => [['byWeekday' => true], '/byWeekday: only months'],
    'too often' => [['count' => 105], '/count: 105 is too large'],
    'both ends' => [['count' => 2, 'until' => '2027-03-08'], '/count: either how many'],
    'before it begins' => [['until' => '2027-02-28'], '/until: it must not be before'],
    'too many until then' => [['until' => '2029-03-05'], '/until: at most 104 times'],
    'an instant for a wall time' => [['at' => '2027-03-01T10:00Z'], '/at: '],
    'somebody unknown' => [['staff' => 'kim'], '/staff: there is no staff member "kim".'],
    'a key unknown' => [['who' => 'ana'], '/who: this key is not known here.'],
]);

it('agrees with asking for each date by itself, what was placed written down as booked', function (int $seed): void {
    $chance = new Chance($seed);
    [$document, $ask] = [$chance->document(), $chance->ask()];
    foreach ($document['services'] as $i => $service) {
        $document['services'][$i]['assignment'] = ($service['assignment'] ?? '') === 'all' ? 'all' : 'first';
    }
    $day = Wall::day($ask['from']) - 1;
    $options = ['now' => $ask['now'], 'party' => (string) $ask['party'], 'extra' => (string) $ask['extra']];
    $told = repeated($document, [
        ...array_diff_key($ask, ['from' => true, 'to' => true]),
        'at' => Wall::date($day).'T'.['09:00', '13:30', '23:40'][$seed % 3],
        'every' => ['days' => 1],
        'count' => 4,
    ]);
    $zone = Days::read($document)->book->zone;
    foreach ($told as $one) {
        $start = Wall::instant($one['start']);
        $day = $zone->day($start);
        $rows = Days::slots(
            $document,
            ['from' => Wall::date($one['row'] === null ? $day - 6 : $day),
                'to' => Wall::date($one['row'] === null ? $day + 6 : $day)] + $options,
        );
        $bare = static fn (array $row): array => array_diff_key($row, ['next' => true]);
        $then = array_filter($rows, static fn (array $row): bool => $row['start'] === $one['start']);
        usort($then, static fn (array $a, array $b): int => ($b['next'] ?? false) <=> ($a['next'] ?? false));
        expect($one['row'])->toBe(isset($then[0]) ? $bare($then[0]) : null, "seed {$seed}, {$one['start']}");
        if ($one['row'] !== null) {
            $service = $document['services'][0];
            $document['bookings'][] = ['id' => "r{$day}", 'service' => 'lesson', 'createdAt' => $ask['now'],
                'start' => $one['start'], 'minutes' => (Wall::instant($one['row']['end']) - $start),
                'setup' => $service['setup'] ?? 0, 'clearup' => $service['clearup'] ?? 0, 'party' => $ask['party']]
                + array_intersect_key($one['row'], ['staff' => true, 'location' => true, 'units' => true]);

            continue;
        }
        $why = implode(', ', Days::why($document, $one['start'], $options));
        foreach ($one['rules'] as $rule) {
            expect($why)->toContain("{$rule} ");
        }
        expect($one['rules'])->not->toBeEmpty();
        $away = array_map(static fn (array $row): int => abs(Wall::instant($row['start']) - $start), $rows);
        $near = array_filter(
            $away,
            static fn (int $at): bool => $zone->day(Wall::instant($rows[$at]['start'])) === $day,
            ARRAY_FILTER_USE_KEY,
        );
        expect($one['nearest'] === null)->toBe($rows === [], "seed {$seed}, {$one['start']}");
        if ($near !== []) {
            expect(abs(Wall::instant($one['nearest']['start']) - $start))->toBe(min($near));
        }
    }
})->with(range(1, Chance::seeds(16)));
