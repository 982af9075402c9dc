<?php

declare(strict_types=1);

use YardBell\Core\Time\InvalidTime;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\Window;
use YardBell\Core\Time\Zone;

/** "2026-03-29 01:30" in a zone as first and last instant, "00:30Z 00:30Z". */
function occurrences(string $zone, string $wall): string
{
    $zone = Zone::named($zone);
    $minute = Wall::dateTime(strtr($wall, ' ', 'T'));

    return substr(Wall::writeInstant($zone->first($minute)), 5)
        .' '
        .substr(Wall::writeInstant($zone->last($minute)), 5);
}

it('turns wall times into instants (T2)', function (string $zone, string $wall, string $instants): void {
    expect(occurrences($zone, $wall))->toBe($instants);
})->with([
    'an ordinary time' => ['Europe/Lisbon', '2026-07-01 09:00', '07-01T08:00Z 07-01T08:00Z'],
    'in the gap: the first instant after it' => ['Europe/Lisbon', '2026-03-29 01:30', '03-29T01:00Z 03-29T01:00Z'],
    'the start of the gap too' => ['Europe/Lisbon', '2026-03-29 01:00', '03-29T01:00Z 03-29T01:00Z'],
    'the end of the gap' => ['Europe/Lisbon', '2026-03-29 02:00', '03-29T01:00Z 03-29T01:00Z'],
    'twice: first and last' => ['Europe/Lisbon', '2026-10-25 01:30', '10-25T00:30Z 10-25T01:30Z'],
    'the end of the repeated hour is there once' => ['Europe/Lisbon', '2026-10-25 02:00', '10-25T02:00Z 10-25T02:00Z'],
    'half an hour forward' => ['Australia/Lord_Howe', '2026-10-04 02:15', '10-03T15:30Z 10-03T15:30Z'],
    'half an hour back' => ['Australia/Lord_Howe', '2026-04-05 01:45', '04-04T14:45Z 04-04T15:15Z'],
    'midnight that does not exist' => ['Africa/Cairo', '2026-04-24 00:00', '04-23T22:00Z 04-23T22:00Z'],
    'midnight that exists twice' => ['Asia/Beirut', '2026-10-24 23:30', '10-24T20:30Z 10-24T21:30Z'],
    'a date that does not exist' => ['Pacific/Apia', '2011-12-30 12:00', '12-30T10:00Z 12-30T10:00Z'],
    'far ahead, by the rule of the zone' => ['Europe/Lisbon', '2150-07-01 09:00', '07-01T08:00Z 07-01T08:00Z'],
]);

it('shows the new time at the instant at which clocks change (T2)', function (): void {
    $zone = Zone::named('Europe/Lisbon');
    $change = Wall::instant('2026-03-29T01:00Z');
    expect($zone->wall($change))->toBe($change + 60)
        ->and($zone->wall($change - 1))->toBe($change - 1);
});

it('makes windows of a date (T2)', function (string $from, string $to, string $date, string $lasts): void {
    [$start, $end] = Window::between($from, $to)->on(Wall::day($date), Zone::named('Europe/Lisbon'));
    expect($start < $end ? substr(Wall::writeInstant($start), 5).' '.($end - $start) : 'nothing')->toBe($lasts);
})->with([
    'a day' => ['09:00', '17:00', '2026-01-05', '01-05T09:00Z 480'],
    'past midnight' => ['22:00', '06:00', '2026-01-05', '01-05T22:00Z 480'],
    'equal times are 24 hours' => ['08:00', '08:00', '2026-01-05', '01-05T08:00Z 1440'],
    '24:00 is the next midnight' => ['20:00', '24:00', '2026-01-05', '01-05T20:00Z 240'],
    'the shorter night' => ['22:00', '06:00', '2026-03-28', '03-28T22:00Z 420'],
    'inside the gap: nothing' => ['01:10', '01:50', '2026-03-29', 'nothing'],
    'inside the repeated hour: from its first start to its last end' => [
        '01:10',
        '01:20',
        '2026-10-25',
        '10-25T00:10Z 70',
    ],
]);

it('says which instants have a local date, also where a date comes twice', function (): void {
    $zone = Zone::named('America/St_Johns'); // until 2011 the clocks went back at 00:01, to 23:01 of the day before
    $saturday = $zone->dates(Wall::day('2010-11-06'), Wall::day('2010-11-06'));
    expect(count($saturday->stretches()))->toBe(2)
        ->and(array_sum(array_map(fn (array $one): int => $one[1] - $one[0], $saturday->stretches())))->toBe(1440 + 59);
});

it('refuses what is no date, time or zone', function (callable $read, string $given): void {
    expect(fn () => $read($given))->toThrow(InvalidTime::class);
})->with([
    [Wall::day(...), '2027-02-29'],
    [Wall::day(...), '2027-3-1'],
    [Wall::day(...), "2027-03-01\n"],
    [fn (string $time) => Wall::timeOfDay($time), '24:00'],
    [fn (string $time) => Wall::timeOfDay($time), '9:00'],
    [Wall::instant(...), '2027-03-01T09:00'],
    [Wall::instant(...), '2027-03-01T09:00:00Z'],
    [Wall::instant(...), '2027-03-01T24:00Z'],
    [Wall::dateTime(...), '2027-03-01T09:00Z'],
    [Wall::instantWithSeconds(...), '2027-03-01T09:00:60Z'],
    [Zone::named(...), "Europe/\0Lisbon"],
    [Zone::named(...), 'Mars/Base'],
    [Zone::named(...), '+01:00'],
    [Zone::named(...), ''],
]);

it('agrees with date objects about every change of a zone, in whatever order it is asked (T2)', function (
    string $name,
): void {
    $zone = Zone::named($name);
    $dates = new DateTimeZone($name);
    $offset = static fn (int $instant): int => (int) floor(
        $dates->getOffset(new DateTimeImmutable('@'.$instant * 60)) / 60,
    );
    // from 1941 on: before that some zones were off by seconds
    $changes = array_column($dates->getTransitions(-900_000_000, 4_000_000_000), 'ts');
    $wrong = [];
    $asked = 0;
    foreach (array_merge(...array_map(null, $changes, array_reverse($changes))) as $change) {
        // back and forth through the years
        foreach ([-90_000, -1440, -61, -1, 0, 1, 59, 1440, 90_000] as $minutes) {
            $instant = (int) floor($change / 60) + $minutes;
            $wall = $instant + $offset($instant);
            $asked++;
            if (
                $zone->wall($instant) !== $wall ||
                $zone->first($wall) > $instant ||
                $zone->last($wall) < $instant ||
                $offset($zone->first($wall)) + $zone->first($wall) !== $wall ||
                $offset($zone->last($wall)) + $zone->last($wall) !== $wall
            ) {
                $wrong[] = Wall::writeInstant($instant);
            }
        }
    }
    expect($wrong)->toBe([])->and($asked)->toBeGreaterThan(30);
})->with([
    'Europe/Lisbon',
    'Australia/Lord_Howe',
    'America/St_Johns',
    'Pacific/Apia',
    'Africa/Casablanca',
    'Asia/Kathmandu',
    'America/Sao_Paulo',
    'Asia/Pyongyang',
]);

it('knows the dates around every change: each instant has one, and dates() gives all of its instants', function (
    string $name,
): void {
    $zone = Zone::named($name);
    $wrong = [];
    foreach ((new DateTimeZone($name))->getTransitions(1_600_000_000, 2_600_000_000) as $change) {
        $day = $zone->day(intdiv($change['ts'], 60));
        foreach ([$day - 1, $day, $day + 1] as $date) {
            foreach ([-1441, -1, 0, 1, 61, 1439] as $minutes) {
                $instant = intdiv($change['ts'], 60) + $minutes;
                if ($zone->dates($date, $date)->covers($instant) !== ($zone->day($instant) === $date)) {
                    $wrong[] = Wall::writeInstant($instant).' '.Wall::date($date);
                }
            }
        }
    }
    expect($wrong)->toBe([]);
})->with(['Europe/Lisbon', 'Australia/Lord_Howe', 'Africa/Cairo', 'Asia/Beirut', 'America/Havana']);

it('cuts offsets that are no whole minutes down to the minute', function (string $zone, string $utc, int $ahead): void {
    $instant = intdiv((int) (new DateTimeImmutable($utc))->getTimestamp(), 60);
    expect(Zone::named($zone)->wall($instant) - $instant)->toBe($ahead);
})->with([
    'less than UTC' => ['Africa/Monrovia', '1960-01-01T00:00:00Z', -45],
    'before the half minute' => ['Europe/Dublin', '1910-01-01T00:00:00Z', -26],
    'ahead of UTC' => ['Asia/Kolkata', '1904-01-01T00:00:00Z', 321],
    'in the minute it changes in' => ['Africa/Monrovia', '1972-01-07T00:44:00Z', 0],
]);

it('is open all day on every ordinary date where only special days are set (T4)', function (): void {
    $hours = YardBell\Core\Time\Hours::ofLocation(null, [20_000 => []]);
    $zone = Zone::named('UTC');
    expect($hours?->on(20_000))->toBe([]);
    for ($day = 20_001; $day <= 20_008; $day++) {
        expect($hours?->between($day, $day, $zone)->stretches())->toBe([[$day * 1440, ($day + 1) * 1440]]);
    }
    expect(YardBell\Core\Time\Hours::ofLocation(null, []))->toBeNull();
});
