<?php

declare(strict_types=1);

use YardBell\Core\Scenario\Command;
use YardBell\Core\Tests\Support\Days;

it('refuses with a pointer and a sentence', function (array $changes, string $problem): void {
    [$exit, $said] = Days::command(
        array_replace_recursive(Days::document(bookings: [['start' => Days::MONDAY.'T09:00Z']]), $changes),
    );
    expect($exit)->toBe(2)->and($said)->toContain($problem);
})->with([
    'a length of nothing' => [
        ['services' => [['minutes' => 0]]],
        '/services/0/minutes: 0 is too short, a service lasts at least 1 minute.',
    ],
    'a fraction' => [['services' => [['setup' => 1.5]]], '/services/0/setup: a whole number is needed.'],
    'an unknown key' => [['staff' => [['mood' => 'good']]], '/staff/0/mood: this key is not known here.'],
    'an unknown person' => [
        ['services' => [['staff' => ['eve']]]],
        '/services/0/staff/0: there is no staff member "eve".',
    ],
    'somebody twice' => [
        ['services' => [['staff' => ['ana', 'ana']]]],
        '/services/0/staff/1: "ana" stands here twice.',
    ],
    'a time there is not' => [
        ['business' => ['openingHours' => ['mon' => [['from' => '24:00', 'to' => '25:00']]]]],
        '/business/openingHours/mon/0/from: A time of day looks like 09:30',
    ],
    'a zone there is not' => [
        ['business' => ['timeZone' => 'Mars/Base']],
        '/business/timeZone: "Mars/Base" is not a time zone',
    ],
    'a zone in other letters' => [
        ['business' => ['timeZone' => 'europe/lisbon']],
        '/business/timeZone: "europe/lisbon" is not a time zone',
    ],
    'an id with a space' => [
        ['staff' => [['id' => 'ana bo']]],
        '/staff/0/id: an id is 1 to 64 letters A to Z, digits and the signs - _ . : alone, not "ana bo".',
    ],
    'an id with a comma' => [['services' => [['id' => 'a,b']]], '/services/0/id: an id is 1 to 64 letters'],
    'a long id' => [['locations' => [['id' => str_repeat('x', 65)]]], '/locations/0/id: an id is 1 to 64 letters'],
    'a unit with a letter of another alphabet' => [
        ['resources' => [['id' => 'wheel', 'units' => ['rodá']]]],
        '/resources/0/units/0: an id is 1 to 64 letters',
    ],
    'opening hours somewhere' => [
        ['business' => ['openingHours' => ['mon' => [['at' => 'yard']]]]],
        '/business/openingHours/mon/0/at: only the own hours of a member name a location.',
    ],
    'a busy time of nothing' => [
        ['staff' => [['busy' => [['from' => '2027-03-01T10:00:30Z', 'to' => '2027-03-01T10:00:30Z']]]]],
        '/staff/0/busy/0/to: it must be after "from".',
    ],
    'an amount for a length with a leading zero' => [
        ['services' => [['pricing' => ['kind' => 'fixed', 'amount' => 100, 'byMinutes' => ['060' => 100]]]]],
        '/services/0/pricing/byMinutes: a length is a whole number of minutes, but got "060".',
    ],
    'a closure of nobody' => [
        [
            'business' => [
                'closures' => [['id' => 'c', 'from' => '2027-01-01T00:00', 'to' => '2027-01-02T00:00', 'staff' => []]],
            ],
        ],
        '/business/closures/0/staff: a closure names somebody',
    ],
    'a closure that ends before it begins' => [
        ['business' => ['closures' => [['id' => 'c', 'from' => '2027-01-02T00:00', 'to' => '2027-01-02T00:00']]]],
        '/business/closures/0/to: it must be after "from".',
    ],
    'a booking of when' => [['bookings' => [['createdAt' => null]]], '/bookings/0/createdAt: it is missing.'],
    'a hold without end' => [
        ['bookings' => [['state' => 'held']]],
        '/bookings/0/heldUntil: a held booking says until when.',
    ],
    'another format' => [['format' => 'yardbell/2'], '/format: only "yardbell/1" can be read.'],
    'a weekly table as a list' => [
        ['staff' => [['hours' => [[['from' => '09:00', 'to' => '10:00']]]]]],
        '/staff/0/hours: an object is needed.',
    ],
]);

it('refuses an id that stands twice, and a date that does', function (): void {
    $day = ['date' => '2027-03-01', 'hours' => []];
    expect(Days::command(Days::document(business: ['specialDays' => [$day, $day]]))[1])
        ->toContain('/business/specialDays/1/date: this date stands in the list twice.')
        ->and(Days::command(Days::document(more: ['staff' => [['id' => 'ana'], ['id' => 'ana']]]))[1])
        ->toContain('/staff/1/id: "ana" is the id of another one already.');
});

it('takes null for left out', function (): void {
    expect(
        Days::starts(Days::document(['setup' => null, 'assignment' => null, 'dayparts' => null, 'startEvery' => 30])),
    )->toBe('09:00 09:30 10:00 10:30 11:00')
        ->and(Days::starts(Days::document(['startEvery' => 30], ['openingHours' => [
            'mon' => [['from' => '09:00', 'to' => '10:30', 'at' => null]],
        ]])))->toBe('09:00 09:30');
});

it('gives no rows for lengths that nothing has, however long', function (array $options): void {
    expect(Days::slots(Days::document(), $options))->toBe([]);
})->with([[['minutes' => '0']], [['minutes' => '999999999']], [['extra' => '999999999']], [['party' => '999999999']]]);

it('takes the document wherever it stands among the options, but only one', function (): void {
    $file = dirname(__DIR__, 3).'/docs/examples/clock-change.json';
    $options = ['--service=watch', '--from=2027-10-30', '--to=2027-10-30', '--now=2027-10-01T00:00Z'];
    [$out, $errors] = [fopen('php://memory', 'w+'), fopen('php://memory', 'w+')];
    assert($out !== false && $errors !== false);
    expect(Command::run(['slots', ...$options, $file], $out, $errors))->toBe(0)
        ->and(Command::run(['slots', $file, $file, ...$options], $out, $errors))->toBe(2)
        ->and(Command::run(['slots', ...$options], $out, $errors))->toBe(2)
        ->and(Command::run(['guess', $file], $out, $errors))->toBe(2);
});

it('refuses options that make no sense', function (array $options, string $problem): void {
    [$exit, $said] = Days::command(Days::document(), $options);
    expect($exit)->toBe(2)->and($said)->toContain($problem);
})->with([
    [['service' => 'dance'], '--service: the document has no "dance".'],
    [['party' => '0'], '--party: a whole number of at least 1 is needed'],
    [['party' => '1e3'], '--party: a whole number of at least 1 is needed'],
    [['from' => '2027-03-02'], '--from: it must not be after --to.'],
    [['now' => 'today'], '--now: An instant looks like'],
    [['mood' => 'good'], 'is not an option here'],
]);

it('ends on hostile input with a refusal', function (string $json): void {
    $file = (string) tempnam(sys_get_temp_dir(), 'yard');
    file_put_contents($file, $json);
    [$out, $errors] = [fopen('php://memory', 'w+'), fopen('php://memory', 'w+')];
    assert($out !== false && $errors !== false);
    expect(
        Command::run(
            ['slots', $file, '--service=a', '--from=2027-01-01', '--to=2027-01-01', '--now=2027-01-01T00:00Z'],
            $out,
            $errors,
        ),
    )->toBe(2);
    unlink($file);
})->with([
    '' => [''],
    'a list' => ['[]'],
    'a number' => ['7'],
    'deep' => [str_repeat('[', 5000)],
    'half' => ['{"format":'],
    'not UTF-8' => ["{\"format\":\"\xff\"}"],
    'empty' => ['{}'],
    'odd business' => ['{"format":"yardbell/1","business":[]}'],
]);
