<?php

declare(strict_types=1);

use App\Language\Catalogue;
use App\Language\Sentence;
use App\Support\TooMany;
use Illuminate\Support\Arr;
use Symfony\Component\Finder\Finder;

/** @return array<string, string> the patterns of a language by code */
function patterns(string $language): array
{
    $all = [];
    foreach (Finder::create()->in(lang_path($language))->name('*.php') as $file) {
        $all += Arr::dot([$file->getBasename('.php') => require $file->getPathname()]);
    }

    return $all;
}

/** @return list<string> codes of refusals that the code names whole, and the beginnings of those it puts together */
function named(): array
{
    $codes = [];
    foreach (Finder::create()->in(app_path())->name('*.php') as $file) {
        preg_match_all('/[\'"](refusal(?:\.[a-z0-9_-]+)+)\.?(?:[\'"]|\{)/', $file->getContents(), $found);
        $codes = [...$codes, ...$found[1]];
    }

    return array_values(array_unique($codes));
}

it('has only patterns that can be filled in', function (): void {
    foreach (patterns('en') as $code => $pattern) {
        expect(MessageFormatter::create('en', $pattern))->not->toBeNull("{$code} cannot be read");
    }
});

it('knows every refusal the code names, and holds none that nobody says', function (): void {
    $within = static fn (string $code, string $beginning): bool => str_starts_with("{$code}.", "{$beginning}.");
    $said = array_filter(
        array_keys(patterns('en')),
        static fn (string $code): bool => $within($code, 'refusal'),
    );
    $named = named();
    expect(count($named))->toBeGreaterThan(30);
    foreach ($named as $code) {
        expect(array_filter($said, static fn (string $one): bool => $within($one, $code)))->not->toBe([], $code);
    }
    foreach ($said as $code) {
        expect(array_filter($named, static fn (string $one): bool => $within($code, $one)))->not->toBe([], $code);
    }
});

it('refuses by code alone, so that it can be said in any language', function (): void {
    $inWords = [];
    foreach (Finder::create()->in(app_path())->name('*.php') as $file) {
        if (preg_match('/new (?:Refusal|TooMany)\(\s*[\'"]/', $file->getContents()) === 1) {
            $inWords[] = $file->getBasename('.php');
        }
    }
    expect($inWords)->toBe([]);
});

it('says how long to wait in words that fit the number', function (int $seconds, string $said): void {
    $sentence = TooMany::wait($seconds);
    expect(app(Catalogue::class)->say($sentence->code, $sentence->parameters))->toBe($said);
})->with([
    [0, '1 second'],
    [1, '1 second'],
    [90, '90 seconds'],
    [91, '2 minutes'],
    [5_400, '90 minutes'],
    [5_401, '2 hours'],
    [86_400, '24 hours'],
]);

it('says a sentence within a sentence', function (): void {
    $state = new Sentence('refusal.state', ['state' => 'no_show']);
    expect(app(Catalogue::class)->say('refusal.booking.not_cancelled', ['state' => $state]))
        ->toBe('This booking is missed and can no longer be cancelled.');
});
