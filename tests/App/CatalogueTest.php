<?php

declare(strict_types=1);

use App\Language\Catalogue;
use App\Language\Sentence;
use App\Models\Audience;
use App\Models\Occasion;
use App\Support\TooMany;
use Illuminate\Support\Arr;
use Symfony\Component\Finder\Finder;
use YardBell\Core\Availability\Fault;
use YardBell\Core\Availability\Obstacle;

const GROUPS = 'refusal|wrong|history|thing|role|trade|why|finding|time|money|mail';

/** @return array<string, string> the patterns of a language by code */
function patterns(string $language): array
{
    $all = [];
    foreach (Finder::create()->in(lang_path($language))->name('*.php')->notName('validation.php') as $file) {
        $group = substr($file->getRelativePathname(), 0, -4);
        $all += Arr::dot([$group => require $file->getPathname()]);
    }

    return $all;
}

/** @return list<string> codes that the code of the application names whole, and beginnings of those it puts together */
function named(): array
{
    $codes = [];
    $validation = Finder::create()->in(lang_path('en'))->name('validation.php');
    foreach (Finder::create()->in(app_path())->name('*.php')->append($validation) as $file) {
        preg_match_all(
            '/[\'"]((?:'.GROUPS.')(?:\.[a-z0-9_-]+)+)\.?(?:\?|[\'"](?!\s*=>)|\{)/',
            (string) file_get_contents($file->getPathname()),
            $found,
        );
        $codes = [...$codes, ...$found[1]];
    }

    return array_values(array_unique($codes));
}

/** A sentence is known where it, or any that begins like it, is. */
function isWithin(string $code, string $beginning): bool
{
    return str_starts_with("{$code}.", "{$beginning}.");
}

it('has only patterns that can be filled in', function (): void {
    foreach (patterns('en') as $code => $pattern) {
        expect(MessageFormatter::create('en', $pattern))->not->toBeNull("{$code} cannot be read");
    }
});

it('knows every sentence the code names', function (): void {
    $known = array_keys(patterns('en'));
    $named = named();
    expect(count($named))->toBeGreaterThan(150);
    foreach ($named as $code) {
        expect(array_filter($known, static fn (string $one): bool => isWithin($one, $code)))->not->toBe([], $code);
    }
});

it('holds no refusal and nothing wrong that nobody says', function (): void {
    $known = array_filter(
        array_keys(patterns('en')),
        static fn (string $code): bool => isWithin($code, 'refusal') || isWithin($code, 'wrong'),
    );
    $named = named();
    foreach ($known as $code) {
        $by = array_filter($named, static fn (string $one): bool => isWithin($code, $one));
        expect(isWithin($code, 'wrong.time') || isWithin($code, 'wrong.price_of') || $by !== [])->toBeTrue($code);
    }
});

it('has words for all that the core finds and names', function (): void {
    $known = array_keys(patterns('en'));
    $ofDiaries = [Fault::SessionOverbooked, Fault::NothingScheduled, Fault::MemberOverlap, Fault::UnitOverlap];
    foreach (Fault::cases() as $fault) {
        $codes = ["finding.{$fault->value}.what", "finding.{$fault->value}.advice"];
        expect(in_array($fault, $ofDiaries, true) || array_diff($codes, $known) === [])->toBeTrue($fault->value);
    }
    $ofTheirOwn = [Obstacle::Outside, Obstacle::Taken, Obstacle::Travel, Obstacle::UnitTaken];
    foreach (Obstacle::cases() as $obstacle) {
        expect(in_array($obstacle, $ofTheirOwn, true) || in_array("why.{$obstacle->value}", $known, true))
            ->toBeTrue($obstacle->value);
    }
    foreach (['date', 'time-of-day', 'wall', 'instant', 'zone', 'interval'] as $problem) {
        expect($known)->toContain("wrong.time.{$problem}");
    }
});

it('has a word on the card for whatever is mailed about a booking', function (): void {
    $known = array_keys(patterns('en'));
    $mailed = array_filter(
        Occasion::cases(),
        static fn (Occasion $occasion): bool => in_array("mail.subject.{$occasion->value}", $known, true),
    );
    foreach ($mailed as $occasion) {
        expect("screen/board.occasions.{$occasion->value}")->toBeIn($known);
    }
    foreach ([Audience::Client, Audience::Staff, Audience::Owner] as $audience) {
        expect("screen/board.audiences.{$audience->value}")->toBeIn($known);
    }
    expect(count($mailed))->toBeGreaterThan(12);
});

it('has no sentence in the code, but in stand-ins, commands and errors that only we read', function (): void {
    $ours = ['StandIns', 'Console', 'Scenario', 'Upkeep', 'Models'];
    $found = [];
    foreach (Finder::create()->in(app_path())->exclude($ours)->name('*.php') as $file) {
        $thrown = '/new (?:LogicException|RuntimeException)\(.*?;/s';
        $source = (string) preg_replace($thrown, '', $file->getContents());
        foreach (token_get_all($source) as $token) {
            if (
                is_array($token) &&
                in_array($token[0], [T_CONSTANT_ENCAPSED_STRING, T_ENCAPSED_AND_WHITESPACE], true) &&
                preg_match('/[A-Za-z’]{2,},? [a-z]{2,}.*\w[.?!]\W?$/', $token[1]) === 1
            ) {
                $found[] = "{$file->getRelativePathname()}: {$token[1]}";
            }
        }
    }
    expect($found)->toBe([]);
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
        ->toBe('This booking is a no-show and can no longer be cancelled.');
});
