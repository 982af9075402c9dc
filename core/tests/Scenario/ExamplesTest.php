<?php

declare(strict_types=1);

use YardBell\Core\Scenario\Command;

/* What docs/examples/README.md shows is what the commands print. */

it('prints what the examples show', function (string $line, string $shown): void {
    $arguments = explode(' ', $line);
    $arguments[1] = dirname(__DIR__, 3)."/{$arguments[1]}";
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
})->with(['slots', 'why', 'check']);
