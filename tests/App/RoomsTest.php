<?php

declare(strict_types=1);

/** The rooms of app/ from top to bottom: one uses those below it alone (docs/architecture.md). */
const ROOMS = [
    'Console',
    'Providers',
    'Scenario',
    'StandIns',
    'Upkeep', // what starts things
    'Accounts',
    'Sessions',
    'Board',
    'Gate',
    'Offer',
    'Roster',
    'Ledger', // what people meet
    'Bookings',
    'Messages',
    'Facts',
    'Papers',
    'Payments',
    'Sales',
    'Prices',
    'Processor',
    'Outbox', // what happens
    'Clients',
    'Times',
    'Changes',
    'Http',
    'Access',
    'Limits',
    'Support',
    'Language',
    'Models', // what all stand on
];

/** @return array<string, string> by arrow, an example: "Gate → Offer" => "GatePage" */
function arrows(): array
{
    $arrows = [];
    $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator(app_path(), FilesystemIterator::SKIP_DOTS));
    foreach ($files as $file) {
        $room = explode('/', substr((string) $file, strlen(app_path()) + 1))[0];
        preg_match_all('/\bApp\\\\(\w+)\\\\/', (string) file_get_contents((string) $file), $found);
        foreach (array_unique($found[1]) as $used) {
            if ($used !== $room) {
                $arrows["{$room} → {$used}"] = basename((string) $file);
            }
        }
    }
    ksort($arrows);

    return $arrows;
}

it('lets the rooms use each other in one direction', function (): void {
    $up = array_filter(
        arrows(),
        static function (string $arrow): bool {
            [$from, $to] = array_map(
                static fn (string $room): int|false => array_search($room, ROOMS, true),
                explode(' → ', $arrow),
            );
            expect($from)->not->toBeFalse("a room without a place: {$arrow}")
                ->and($to)->not->toBeFalse("a room without a place: {$arrow}");

            return $to < $from;
        },
        ARRAY_FILTER_USE_KEY,
    );
    expect($up)->toBe([]);
});

it('asks what time it is of the clock alone', function (): void {
    $askers = [];
    $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator(app_path(), FilesystemIterator::SKIP_DOTS));
    foreach ($files as $file) {
        $code = implode(
            ' ',
            array_map(
                static fn (PhpToken $token): string => $token->text,
                array_filter(
                    PhpToken::tokenize((string) file_get_contents((string) $file)),
                    static fn (PhpToken $token): bool => ! $token->is([
                        T_COMMENT,
                        T_DOC_COMMENT,
                        T_WHITESPACE,
                        T_CONSTANT_ENCAPSED_STRING,
                    ]),
                ),
            ),
        );
        if (
            preg_match(
                '/(?<!-> |:: |function )\b(now|today|time|microtime) \(|\bCarbon(Immutable)? :: now\b/',
                $code,
            ) === 1
        ) {
            $askers[] = basename((string) $file, '.php');
        }
    }
    expect($askers)->toBe(['Clock']);
});

it('gives no class more than eight services', function (): void {
    $many = [];
    $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator(app_path(), FilesystemIterator::SKIP_DOTS));
    foreach ($files as $file) {
        $class = 'App\\'.str_replace('/', '\\', substr((string) $file, strlen(app_path()) + 1, -4));
        $given = class_exists($class) ? (new ReflectionClass($class))->getConstructor()?->getParameters() ?? [] : [];
        $services = array_filter(
            $given,
            static fn (ReflectionParameter $one): bool => $one->isPromoted() &&
                $one->getDeclaringClass()?->getProperty($one->name)->isPrivate() === true,
        );
        if (count($services) > 8) {
            $many[] = $class;
        }
    }
    expect($many)->toBe([]);
});

it('names in its documents only what there is', function (string $document): void {
    $text = (string) file_get_contents(base_path($document));
    preg_match_all('/`([A-Z]\w+(?:\\\\[A-Z]\w+)+)(?:::\w+)?`/', $text, $named);
    $gone = array_filter(
        array_unique($named[1]),
        static fn (string $name): bool => ! class_exists("App\\{$name}") && ! interface_exists("App\\{$name}") &&
            ! enum_exists("App\\{$name}") && ! class_exists("YardBell\\Core\\{$name}") &&
            ! enum_exists("YardBell\\Core\\{$name}"),
    );
    expect($named[1])->not->toBe([])->and(array_values($gone))->toBe([]);
})->with(['docs/words.md', 'docs/architecture.md', 'docs/changing.md']);
