<?php

declare(strict_types=1);

use YardBell\Core\Tests\Support\Days;
use YardBell\Core\Time\Interval;
use YardBell\Core\Time\InvalidTime;
use YardBell\Core\Time\Timeline;

it('leaves what the breaks do not take (T4)', function (string $open, string $breaks, string $left): void {
    expect(Days::timeline($open)->subtract(Days::timeline($breaks)))->toEqual(Days::timeline($left));
})->with([
    'from the middle' => ['09:00-12:00', '10:00-10:30', '09:00-10:00 10:30-12:00'],
    'touching takes nothing' => ['09:00-12:00', '08:00-09:00 12:00-13:00', '09:00-12:00'],
    'one over two stretches' => ['09:00-10:00 11:00-12:00', '09:30-11:30', '09:00-09:30 11:30-12:00'],
    'several in one' => ['09:00-12:00', '09:00-09:30 10:00-10:15 11:45-12:30', '09:30-10:00 10:15-11:45'],
    'all of it' => ['09:00-12:00', '08:00-13:00', ''],
    'nothing from nothing' => ['', '08:00-13:00', ''],
]);

it('intersects (T4)', function (string $one, string $other, string $both): void {
    expect(Days::timeline($one)->intersect(Days::timeline($other)))->toEqual(Days::timeline($both))
        ->and(Days::timeline($other)->intersect(Days::timeline($one)))->toEqual(Days::timeline($both));
})->with([
    'a part' => ['09:00-12:00', '11:00-14:00', '11:00-12:00'],
    'one in another' => ['09:00-12:00', '10:00-11:00', '10:00-11:00'],
    'several' => [
        '09:00-12:00 13:00-18:00',
        '08:00-10:00 11:00-14:00 17:00-19:00',
        '09:00-10:00 11:00-12:00 13:00-14:00 17:00-18:00',
    ],
    'touching is nothing' => ['09:00-12:00', '12:00-13:00', ''],
]);

it('joins windows that touch or overlap into one stretch (T3)', function (): void {
    expect(Timeline::of([[660, 720], [540, 600], [600, 630], [620, 640], [700, 710], [50, 50]])->stretches())
        ->toBe([[540, 640], [660, 720]])
        ->and(Days::timeline('09:00-10:00')->union(Days::timeline('10:00-11:00'))->stretches())->toBe([[540, 660]])
        ->and(Days::timeline('')->union(Days::timeline('10:00-11:00'))->stretches())->toBe([[600, 660]]);
});

it('knows where something of a length can start (T5)', function (): void {
    expect(Days::timeline('09:00-10:00 11:00-11:59')->starts(60)->stretches())->toBe([[540, 541]])
        ->and(Days::timeline('09:00-10:00 11:00-12:00')->starts(30)->stretches())->toBe([[540, 571], [660, 691]]);
});

it('finds the stretch a minute lies in; the end lies outside (T1)', function (): void {
    $timeline = Days::timeline('09:00-10:00 11:00-12:00 13:00-14:00');
    expect($timeline->stretchAt(540))->toBe([540, 600])
        ->and($timeline->stretchAt(600))->toBeNull()
        ->and($timeline->stretchAt(700))->toBe([660, 720])
        ->and($timeline->covers(839))->toBeTrue()
        ->and($timeline->covers(840))->toBeFalse()
        ->and($timeline->covers(0))->toBeFalse();
});

it('adds up how long it is (T1)', function (): void {
    expect(Days::timeline('09:00-10:00 11:00-11:59')->minutes())->toBe(119)
        ->and(Timeline::none()->minutes())->toBe(0);
});

it('never makes an empty interval (T1)', function (): void {
    expect(Interval::ifAny(5, 5))->toBeNull()
        ->and(Interval::between(5, 6)->overlaps(Interval::between(6, 7)))->toBeFalse()
        ->and(fn () => Interval::between(6, 6))->toThrow(InvalidTime::class, 'ends after it starts');
});

it('is empty where it begins when it ends, and never holds an empty stretch', function (): void {
    expect(Timeline::between(5, 5)->stretches())->toBe([])
        ->and(Timeline::between(5, 5)->isEmpty())->toBeTrue()
        ->and(Timeline::between(5, 6)->stretches())->toBe([[5, 6]])
        ->and(Timeline::between(0, 5)->intersect(Timeline::between(5, 9))->stretches())->toBe([])
        ->and(Timeline::between(0, 9)->subtract(Timeline::of([[0, 3], [6, 9]]))->stretches())->toBe([[3, 6]])
        ->and(Timeline::of([[-20, -10], [-10, -5], [-3, -1]])->stretches())->toBe([[-20, -5], [-3, -1]])
        ->and(Timeline::of([[0, 4], [4, 6]])->stretches())->toBe([[0, 6]]);
});
