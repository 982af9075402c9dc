<?php

declare(strict_types=1);

/**
 * What is not to stand in the core, with what it may be called: by the words of its code, comments and texts left out.
 */
const KEPT_OUT = [
    'names from elsewhere' => '/(?<![\w\\\\])\\\\?(?!YardBell\\\\|Brick\\\\)[A-Z]\w*\\\\\w+/',
    'clocks' => '/(?<!-> |:: |function |new )\b(time|microtime|hrtime|date|now|mktime|strtotime) '
        .'\(|\bDateTime(Immutable)? \( \)/',
    'dice' => '/(?<!-> |:: |function )\b(random_int|random_bytes|rand|mt_rand|uniqid|shuffle|array_rand) \(/',
];

/** @return array<string, string> code by file, a blank between the words */
function coreCode(): array
{
    $code = [];
    foreach (
        new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator(dirname(__DIR__).'/src', FilesystemIterator::SKIP_DOTS),
        ) as $file
    ) {
        $tokens = array_filter(
            PhpToken::tokenize((string) file_get_contents((string) $file)),
            static fn (PhpToken $token): bool => ! $token->is([
                T_COMMENT,
                T_DOC_COMMENT,
                T_WHITESPACE,
                T_CONSTANT_ENCAPSED_STRING,
                T_ENCAPSED_AND_WHITESPACE,
            ]),
        );
        $code[substr((string) $file, strlen(dirname(__DIR__).'/src/'))] = implode(
            ' ',
            array_map(static fn (PhpToken $token): string => $token->text, $tokens),
        );
    }

    return $code;
}

it('stands alone, asks no clock and throws no dice', function (string $pattern): void {
    expect(
        array_keys(array_filter(coreCode(), static fn (string $code): bool => preg_match($pattern, $code) === 1)),
    )->toBe([]);
})->with(KEPT_OUT);

it('is strict, and closed', function (): void {
    foreach (coreCode() as $file => $code) {
        expect($code)->toStartWith('<?php')->toContain('declare ( strict_types = 1 )', 'namespace YardBell\\Core')
            ->and(preg_match('/(?<!final )(?<!readonly )(?<!abstract )(?<!:: )\bclass [A-Z]/', $code))
            ->toBe(0, "{$file} has a class that is not final");
    }
    expect(count(coreCode()))->toBeGreaterThan(80);
});

it('reckons money in whole units and exact decimals, never in floats', function (): void {
    $floats = '/(?<!-> |:: |function )\b(float|round|floor|ceil|fdiv|number_format|floatval|doubleval) '
        .'|\d\.\d|[\w)\]] \/ /';
    $money = array_filter(
        coreCode(),
        static fn (string $file): bool => str_starts_with($file, 'Price/') || $file === 'Scenario/AmountReader.php',
        ARRAY_FILTER_USE_KEY,
    );
    expect(count($money))->toBeGreaterThan(25)
        ->and(array_keys(array_filter($money, static fn (string $code): bool => preg_match($floats, $code) === 1)))
        ->toBe([]);
});
