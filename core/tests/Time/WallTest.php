<?php

declare(strict_types=1);

use YardBell\Core\Time\InvalidTime;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\WallSpan;
use YardBell\Core\Time\Zone;

it('reads and writes instants, the first time and again (T1)', function (string $instant, int $minute): void {
    expect([Wall::instant($instant), Wall::instant($instant), Wall::writeInstant($minute)])->toBe([
        $minute,
        $minute,
        $instant,
    ]);
})->with([
    ['1970-01-01T00:00Z', 0],
    ['1969-12-31T23:59Z', -1],
    ['1900-01-01T00:00Z', -36_816_480],
    ['2199-12-31T23:59Z', 120_968_639],
    ['2027-03-01T09:30Z', 30_064_890],
    ['2028-02-29T00:01Z', 30_589_921],
]);

it('refuses an instant whose parts were read before', function (string $instant): void {
    Wall::instant('2027-03-01T09:30Z');
    Wall::instant('2027-03-02T09:31Z');
    expect(fn () => Wall::instant($instant))->toThrow(InvalidTime::class, $instant);
})->with([
    '2027-03-01T09:30',
    '2027-03-01 09:30Z',
    '2027-03-01T09:30Zx',
    'x2027-03-01T09:30Z',
    '2027-03-01T9:30Z',
    '2027-02-30T09:30Z',
    '2200-01-01T09:30Z',
    '1899-12-31T09:30Z',
]);

it('reads the seconds of an outside calendar (T1)', function (string $instant, int $seconds): void {
    expect(Wall::instantWithSeconds($instant))->toBe($seconds);
})->with([
    ['1970-01-01T00:01Z', 60],
    ['1970-01-01T00:01:07Z', 67],
    ['1970-01-01T00:01:07.999Z', 67],
    ['1969-12-31T23:59:59Z', -1],
]);

it('knows weekdays, before 1970 too', function (string $date, string $weekday): void {
    expect(Wall::WEEKDAYS[Wall::weekday(Wall::day($date))])->toBe($weekday)
        ->and(Wall::date(Wall::day($date)))->toBe($date);
})->with([
    ['2027-03-01', 'mon'],
    ['1970-01-01', 'thu'],
    ['1969-12-28', 'sun'],
    ['1900-01-01', 'mon'],
    ['2000-02-29', 'tue'],
]);

it('writes walls and times of day as it reads them', function (): void {
    expect(Wall::writeWall(Wall::dateTime('2027-03-01T09:05')))->toBe('2027-03-01T09:05')
        ->and(Wall::writeTimeOfDay(Wall::timeOfDay('24:00', midnightEnds: true)))->toBe('24:00')
        ->and(Wall::writeTimeOfDay(65))->toBe('01:05')
        ->and(Wall::dateTime('1970-01-02T00:01'))->toBe(1441);
});

it('makes spans of wall times, nothing where they do not exist (T2)', function (): void {
    $zone = Zone::named('Europe/Lisbon');
    $span = fn (string $from, string $to): WallSpan => WallSpan::between(
        Wall::dateTime($from),
        Wall::dateTime($to),
        $zone,
    );
    expect($span('2026-03-29T01:00', '2026-03-29T01:30')->interval)->toBeNull()
        ->and($span('2026-10-25T01:10', '2026-10-25T01:11')->interval?->end)->toBe(Wall::instant('2026-10-25T01:11Z'))
        ->and($span('2026-10-25T01:10', '2026-10-25T01:11')->interval?->start)->toBe(Wall::instant('2026-10-25T00:10Z'))
        ->and(fn () => $span('2026-10-25T01:10', '2026-10-25T01:10'))
        ->toThrow(InvalidTime::class, 'ends after it starts');
});

it('knows the changes of clocks of other centuries as well as of these years', function (): void {
    $zone = Zone::named('Europe/Lisbon');
    $near = $zone->first(Wall::dateTime('2026-07-01T09:00'));
    expect(Wall::writeInstant($zone->first(Wall::dateTime('1950-07-01T09:00'))))->toBe('1950-07-01T08:00Z')
        ->and(Wall::writeInstant($zone->first(Wall::dateTime('2150-01-01T09:00'))))->toBe('2150-01-01T09:00Z')
        ->and($zone->first(Wall::dateTime('2026-07-01T09:00')))->toBe($near)
        ->and($zone->day(Wall::instant('2026-07-01T23:30Z')))->toBe(Wall::day('2026-07-02'))
        ->and($zone->periods(Wall::instant('2026-10-25T00:00Z'), Wall::instant('2026-10-25T02:00Z')))->toBe([
            [Wall::instant('2026-10-25T00:00Z'), Wall::instant('2026-10-25T01:00Z'), 60],
            [Wall::instant('2026-10-25T01:00Z'), Wall::instant('2026-10-25T02:00Z'), 0],
        ]);
});
