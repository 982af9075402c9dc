<?php

declare(strict_types=1);

use Tests\Browser\BrowserCase;
use Tests\Browser\Window;

uses(BrowserCase::class);

const MADE_UP = 'he-XB';

/** Words that are said in no language: names of ours, of units, of currencies and of places of the clock. */
const NAMES = ['Yard Bell', 'EUR', 'EU', 'Europe', 'Lisbon', 'MB', 'PDF', 'UTC', 'QR', 'XB', 'Enter', 'Esc'];

/** Keys of the API under which sentences stand, not what somebody has typed. */
const SENTENCES = ['message', 'words', 'what', 'advice', 'told', 'says', 'state', 'code', 'role'];

function inMadeUp(string $path): string
{
    return $path.(str_contains($path, '?') ? '&' : '?').'lang='.MADE_UP;
}

/**
 * @param  array<mixed>  $answer of the API
 * @return list<string>
 */
function dataOf(array $answer): array
{
    $texts = [];
    foreach ($answer as $key => $value) {
        $texts = [
            ...$texts,
            ...match (true) {
                in_array($key, SENTENCES, true) => [],
                is_array($value) => dataOf($value),
                is_string($value) => [$value],
                default => [],
            },
        ];
    }

    return $texts;
}

/** @return array<mixed> */
function answerOf(Window $window, string $path): array
{
    $json = (string) $window->driver->executeAsyncScript(
        'const done = arguments[1];
         fetch(arguments[0], { headers: { Accept: "application/json" } }).then((one) => one.text()).then(done);',
        [$path],
    );

    return (array) json_decode($json, true);
}

/**
 * @param  list<string>  $data
 * @return array<string, list<string>> what is wrong with what is shown, by where
 */
function wrongAt(Window $window, array $data, string $where): array
{
    $window->until("{$where} is still", static fn (): bool => $window->driver->executeScript(
        'return document.querySelector("main, form, .slip") !== null && document.getAnimations().length === 0',
    ) === true);
    [$plain, $cut] = (array) $window->driver->executeAsyncScript(
        (string) file_get_contents(__DIR__.'/shown.js'),
        [[...$data, ...NAMES]],
    );

    return array_filter(["{$where}, in no catalogue" => $plain, "{$where}, cut" => $cut]);
}

it('says every word of the workspace as its reader does, and cuts none', function (int $width, int $height): void {
    $window = $this->window($width, $height);
    $window->signIn();
    $setup = answerOf($window, '/api/businesses/quernmoor/setup');
    $board = answerOf($window, '/api/businesses/quernmoor/board');
    $things = [
        'things/facts/business', "things/service/{$setup['services'][0]['id']}",
        "things/person/{$setup['staff'][0]['id']}", "things/location/{$setup['locations'][0]['id']}", 'year/'.date('Y'),
    ];
    $typed = array_map(
        static fn (string $one): array => dataOf(answerOf($window, "/api/businesses/quernmoor/{$one}")),
        $things,
    );
    $data = [...dataOf($setup), ...dataOf($board), ...array_merge(...$typed)];
    $tag = $board['tags'][0]['id'];
    $data = [...$data, ...dataOf(answerOf($window, "/api/businesses/quernmoor/bookings/{$tag}"))];
    $sales = answerOf($window, '/api/businesses/quernmoor/sales');
    $sale = $sales['rows'][0]['id'];
    $data = [...$data, ...dataOf($sales), ...dataOf(answerOf($window, "/api/businesses/quernmoor/sales/{$sale}"))];
    $data = [...$data, ...dataOf(answerOf($window, '/api/businesses/quernmoor/clients'))];
    $rooms = [
        'board',
        "board?booking={$tag}",
        'my-day',
        'offer/services', 'offer/categories', 'offer/add-ons', 'offer/questions',
        'offer/dayparts',
        "offer/services/{$setup['services'][0]['id']}", 'offer/services/new', 'roster', 'roster/year', 'roster/people',
        "roster/people/{$setup['staff'][0]['id']}", 'roster/people/new', 'roster/locations',
        "roster/locations/{$setup['locations'][0]['id']}", 'roster/resources',
        "roster/resources/{$setup['pools'][0]['id']}", 'gate', 'clients', 'ledger/sales', 'ledger/day',
        'ledger/figures', "ledger/sales/{$sale}",
    ];
    $wrong = [];
    foreach ($rooms as $room) {
        $window->go(inMadeUp("/at/quernmoor/{$room}"))->find('main');
        $window->quiet(); // what is shown beside comes a moment later
        $window->driver->executeScript('document.querySelectorAll("details").forEach((one) => (one.open = true))');
        $wrong += wrongAt($window, $data, $room);
    }
    expect($wrong)->toBe([]);
})->with([[1280, 800], [390, 844]]);

it('says every word of the Gate as its reader does, and cuts none', function (int $width, int $height): void {
    $window = $this->window($width, $height)->go('/book/quernmoor?lang='.MADE_UP);
    $window->find('.almanac-day, main');
    $first = (array) json_decode(
        (string) $window->driver->executeScript('return document.getElementById("first").textContent'),
        true,
    );
    $data = dataOf($first);
    $wrong = wrongAt($window, $data, 'the Gate');
    $window->press('.sentence h1 button')->find('[role=option]');
    $wrong += wrongAt($window, $data, 'a choice of its sentence');
    $window->driver->executeScript('document.querySelector("[role=option]").click()');
    $window->press('#soonest button')->press($width < 500 ? '#keep-small' : '#keep');
    $window->find('#book');
    $wrong += wrongAt($window, $data, 'who is coming');
    $window->press('#book');
    $window->find('[role=alert]');
    $wrong += wrongAt($window, $data, 'what is wrong');
    expect($wrong)->toBe([])
        ->and($window->driver->executeScript('return document.documentElement.dir'))->toBe('rtl');
})->with([[1280, 800], [390, 844]]);

it('says every word around signing in as its reader does', function (): void {
    $window = $this->window(390, 844);
    $wrong = [];
    $pages = ['sign-in', 'sign-up', 'forgot-password', 'new-password?token=no', 'sign-up/no', 'invitation/no'];
    foreach ($pages as $page) {
        $window->go(inMadeUp("/{$page}"))->find('form, main');
        $window->quiet();
        $wrong += wrongAt($window, [], $page);
    }
    $window->signIn();
    $window->go('/start?lang='.MADE_UP)->find('form');
    $wrong += wrongAt($window, ['Alva Lindqvarn'], 'start');
    expect($wrong)->toBe([]);
});
