<?php

declare(strict_types=1);

use Tests\Browser\BrowserCase;
use Tests\Browser\Window;

uses(BrowserCase::class);

const MADE_UP = 'he-XB';

/** Words that are said in no language: names of ours, of units, of currencies and of places of the clock. */
const NAMES = ['Yard Bell', 'EUR', 'EU', 'Europe', 'Lisbon', 'MB', 'PDF', 'QR', 'XB', 'Enter', 'Esc'];

/** Keys of the API under which sentences stand, not what somebody has typed. */
const SENTENCES = ['message', 'words', 'what', 'advice', 'told', 'says', 'state', 'code', 'role'];

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
function asked(Window $window, string $path): array
{
    $json = (string) $window->driver->executeAsyncScript(
        'const done = arguments[1];
         fetch(arguments[0], { headers: { Accept: "application/json" } }).then((one) => one.text()).then(done);',
        [$path],
    );

    return (array) json_decode($json, true);
}

/** @param  list<string>  $data */
function expectSaidWhole(Window $window, array $data, string $where): void
{
    $window->until("{$where} is still", static fn (): bool => $window->driver->executeScript(
        'return document.querySelector("main, form, .slip") !== null && document.getAnimations().length === 0',
    ) === true);
    [$plain, $cut] = (array) $window->driver->executeAsyncScript(
        (string) file_get_contents(__DIR__.'/shown.js'),
        [[...$data, ...NAMES]],
    );
    expect($plain)->toBe([], "{$where} shows words that no catalogue has");
    expect($cut)->toBe([], "{$where} cuts what it says");
}

it('says every word of the workspace in the reader’s language, and cuts none', function (int $width, int $height): void {
    $window = $this->window($width, $height);
    $window->signIn();
    $setup = asked($window, '/api/businesses/quernmoor/setup');
    $board = asked($window, '/api/businesses/quernmoor/board');
    $data = [...dataOf($setup), ...dataOf($board)];
    $service = $setup['services'][0]['id'];
    $person = $setup['staff'][0]['id'];
    $place = $setup['locations'][0]['id'];
    $pool = $setup['pools'][0]['id'];
    $rooms = [
        'board', 'offer/services', 'offer/categories', 'offer/add-ons', 'offer/questions', 'offer/dayparts',
        "offer/services/{$service}", 'offer/services/new', 'roster', 'roster/year', 'roster/people',
        "roster/people/{$person}", 'roster/people/new', 'roster/locations', "roster/locations/{$place}",
        'roster/resources', "roster/resources/{$pool}", 'gate',
    ];
    foreach ($rooms as $room) {
        $window->go("/at/quernmoor/{$room}?lang=".MADE_UP)->find('main');
        $window->driver->executeScript('document.querySelectorAll("details").forEach((one) => (one.open = true))');
        expectSaidWhole($window, $data, $room);
    }
})->with([[1280, 800], [390, 844]]);
