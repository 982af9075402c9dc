<?php

declare(strict_types=1);

use YardBell\Core\Scenario\Command;

/* What docs/examples/README.md shows is what the commands print. */

it('prints what the examples show', function (string $line, string $shown): void {
    $arguments = explode(' ', $line);
    foreach ($arguments as &$argument) {
        $argument = str_ends_with($argument, '.json') ? dirname(__DIR__, 3)."/{$argument}" : $argument;
    }
    [$out, $errors] = [fopen('php://memory', 'w+'), fopen('php://memory', 'w+')];
    assert($out !== false && $errors !== false);
    expect(Command::run($arguments, $out, $errors))->toBe(0)
        ->and(trim((string) stream_get_contents($out, offset: 0)))->toBe($shown);
})->with(function (): array {
    preg_match_all(
        '/^\$ bin\/yardbell (.+)\n(.+)$/m',
        (string) file_get_contents(dirname(__DIR__, 3).'/docs/examples/README.md'),
        $found,
        PREG_SET_ORDER,
    );

    return count($found) >= 4
        ? array_map(static fn (array $one): array => [$one[1], $one[2]], $found)
        : throw new LogicException('The examples are gone.');
});

it('tells how each command is used', function (string $name): void {
    [$out, $errors] = [fopen('php://memory', 'w+'), fopen('php://memory', 'w+')];
    assert($out !== false && $errors !== false);
    expect(Command::run([$name, '--help'], $out, $errors))->toBe(0)
        ->and((string) stream_get_contents($out, offset: 0))->toStartWith("bin/yardbell {$name} FILE");
})->with(['slots', 'why', 'quote', 'visits', 'repeats', 'waitlist', 'check']);

it('runs on PHP without any extension', function (string $line): void {
    exec(dirname(__DIR__, 3)."/bin/yardbell {$line} 2>&1", $said, $exit);
    expect([$exit, implode("\n", array_slice($said, 1))])->toBe([0, ''])
        ->and(json_decode($said[0] ?? '', true))->toBeArray();
})->with(function (): array {
    $everything = dirname(__DIR__).'/Support/everything.json';
    $request = (string) tempnam(sys_get_temp_dir(), 'request');
    file_put_contents($request, json_encode([
        'service' => 'lesson',
        'minutes' => 90,
        'staff' => ['ana', 'bo'],
        'client' => 'c2',
        'party' => 3,
        'start' => '2027-03-06T10:00Z',
        'addOns' => [['id' => 'towel', 'quantity' => 1]],
        'codes' => ['spring', 'friend 27'],
        'orderedAt' => '2027-03-01T10:00Z',
    ]));

    $repeat = (string) tempnam(sys_get_temp_dir(), 'request');
    file_put_contents($repeat, json_encode([
        'service' => 'lesson',
        'at' => '2027-03-06T10:00',
        'every' => ['months' => 1],
        'byWeekday' => true,
        'count' => 6,
        'now' => '2027-03-01T10:00Z',
    ]));

    $visit = (string) tempnam(sys_get_temp_dir(), 'request');
    file_put_contents($visit, json_encode([
        'parts' => [['service' => 'lesson'], ['service' => 'lesson']],
        'from' => '2027-03-01',
        'to' => '2027-03-07',
        'now' => '2027-02-20T00:00Z',
    ]));

    return [
        'slots' => ["slots {$everything} --service=lesson --from=2027-03-01 --to=2027-03-07 --now=2027-02-20T00:00Z"],
        'why' => ["why {$everything} --service=lesson --at=2027-03-01T10:00Z --now=2027-02-20T00:00Z"],
        'check' => ["check {$everything}"],
        'quote' => ["quote {$everything} {$request}"],
        'visits' => ["visits {$everything} {$visit}"],
        'repeats' => ["repeats {$everything} {$repeat}"],
        'waitlist' => ["waitlist {$everything} --from=2027-03-01 --to=2027-03-07 --now=2027-02-20T00:00Z"],
    ];
});
