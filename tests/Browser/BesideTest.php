<?php

declare(strict_types=1);

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\BrowserCase;
use Tests\Browser\Client;
use Tests\Browser\Desk;

/* What a desk, a staff member and a client without scripts do beside the usual way. */

uses(BrowserCase::class);

/** A Wednesday some weeks after next, another one for each test. */
function lateWednesday(int $weeks): string
{
    return (new DateTimeImmutable('today', new DateTimeZone('Europe/Lisbon')))
        ->modify("monday this week +{$weeks} weeks +2 days")
        ->format('Y-m-d');
}

it('reaches the lanes by keys, quotes while it is said, and books a walk-in without a name', function (): void {
    $desk = $this->window()->signIn();
    $desk->go('/at/quernmoor/board?date='.lateWednesday(8))->find('.lane-band');
    $desk->tabTo('.lanes-scroll')->key(WebDriverKeys::ARROW_DOWN)->find('.lane-cursor');
    $desk->key(WebDriverKeys::ARROW_RIGHT)->key(WebDriverKeys::ENTER)->find('#desk-who');
    $height = fn (): int => $desk->driver->executeScript(
        'return Math.round(document.querySelector(".desk-sentence").getBoundingClientRect().height)',
    );
    $before = $height();
    $desk->type('#desk-who', 'Walk')->sees('no name, nothing is kept');
    $desk->key(WebDriverKeys::ARROW_DOWN)->key(WebDriverKeys::ENTER);
    $desk->until('it is a walk-in', fn (): bool => $desk->find('#desk-who')->getAttribute('value') === 'Walk-in');
    $desk->type('#desk-service', 'Wheel')->sees('Wheel lesson')->key(WebDriverKeys::TAB)->find('#desk-price');
    $desk->sees('€48.00')->isAccessible();
    expect($height())->toBe($before); // the lanes stay where they are
    $desk->type('#desk-at', (string) $desk->find('.fit')->getAttribute('title'));
    $desk->until('it can be booked', fn (): bool => $desk->find('#desk-book')->isEnabled());
    $desk->press('#desk-book')->sees('What happened')->sees('Walk-in');
    $desk->find('#whole-sale');
    $desk->isAccessible();
});

it('keeps the foot in sight while the desk is open, and cuts no name of a week', function (): void {
    $desk = $this->window(1280, 760)->signIn();
    $desk->go('/at/quernmoor/board')->find('.lane-band');
    $desk->key('b')->find('#desk-who');
    expect($desk->driver->executeScript('return document.documentElement.scrollHeight <= innerHeight'))->toBeTrue();
    $desk->choose('Leave it')->key('w')->find('.week .tag');
    $cut = $desk->driver->executeScript(<<<'JS'
        const shown = [...document.querySelectorAll('.week .tag-text > span:not(.tag-glyph), .week .tag-beside')]
            .filter((one) => one.getClientRects().length > 0 && one.textContent !== '');
        const cut = shown.filter((one) => {
            const { top, bottom } = one.closest('.lane-band').getBoundingClientRect();
            const box = one.getBoundingClientRect();
            return box.top < top - 1 || box.bottom > bottom + 1;
        });
        return [shown.length, cut.map((one) => one.textContent)];
        JS);
    expect($cut[0])->toBeGreaterThan(20)->and($cut[1])->toBe([]);
    $desk->isAccessible()->key('w')->find('.lane');
});

it('moves the later ones of a repeat date by date, and leaves one where it is', function (): void {
    $desk = $this->window()->signIn();
    $desk->go('/at/quernmoor/board?date='.lateWednesday(9));
    Desk::sentence($desk, 'Ida Weekly', 'Wheel lesson');
    $desk->type('#desk-at', (string) $desk->find('.fit')->getAttribute('title'));
    $desk->select('#desk-often', 'every week')->type('#desk-times', '3')->sees('Book 3 times')->press('#desk-book');
    $desk->sees('What happened')->sees('Repeats')->press('#move-booking')->press('#move-later');
    $desk->type('#move-hour', '16:00');
    $desk->find('form .desk-dates li');
    $desk->until('it fits', fn (): bool => $desk->find('#move-it')->isEnabled());
    $desk->press('form .desk-dates li:nth-child(2) button')->sees('stays Wed');
    $desk->isAccessible();
    $desk->until('it fits', fn (): bool => $desk->find('#move-it')->isEnabled());
    $desk->press('#move-it')->sees('It has moved.')->press('#put-back')->gone('#put-back:disabled');
});

it('takes time off away again from the Board, for all who have the same', function (): void {
    $desk = $this->window()->signIn();
    $desk->go('/at/quernmoor/board?date='.lateWednesday(11))->find('.lane-band');
    $desk->key('x')->find('#drawn-name');
    $desk->press('#drawn-all')->type('#drawn-name', 'Kiln day')->sees('Four weeks from');
    $desk->press('#drawn-save')->sees('Saved.');
    $desk->press('button.lane-off')->find('#off-all');
    expect($desk->find('#off-name')->getAttribute('value'))->toBe('Kiln day');
    $desk->isAccessible();
    $desk->press('#off-remove')->sees('Time off removed for')->gone('button.lane-off');
});

it('runs a session on a phone: here one by one, start, finish', function (): void {
    $phone = $this->window(390, 844)->signIn();
    (new ChromeDevToolsDriver($phone->driver))->execute('Emulation.setDeviceMetricsOverride', [
        'width' => 390, 'height' => 844, 'deviceScaleFactor' => 1, 'mobile' => true,
    ]);
    $phone->go('/at/quernmoor/board');
    $found = $phone->driver->executeAsyncScript(<<<'JS'
        const [done] = arguments;
        (async () => {
          for (let back = 0; back < 14; back++) {
            const date = new Date(Date.now() - back * 86_400_000).toISOString().slice(0, 10);
            const board = await (await fetch(`/api/businesses/quernmoor/board?date=${date}`)).json();
            const tag = board.tags.find((one) => one.places !== null && one.people.length > 0);
            if (tag !== undefined) return done([date, tag.staff[0]]);
          }
          done(null);
        })();
        JS);
    expect($found)->not->toBeNull();
    $mail = $phone->driver->executeAsyncScript(<<<'JS'
        const [staff, done] = arguments;
        fetch('/api/businesses/quernmoor/setup').then((one) => one.json())
          .then((setup) => done(setup.staff.find((one) => one.id === staff).name.split(' ')[0].toLowerCase()));
        JS, [$found[1]]);
    $staff = $this->window(390, 844)->signIn("{$mail}@quernmoor.example");
    expect((string) parse_url($staff->url(), PHP_URL_PATH))->toBe('/at/quernmoor/my-day'); // where staff begin
    $staff->go("/at/quernmoor/my-day?date={$found[0]}")->find('.across');
    $staff->driver->executeScript(<<<'JS'
        [...document.querySelectorAll('.my-row')].find((row) => row.textContent.includes('Taster'))?.click();
        JS);
    $staff->sees('Taster session')->isAccessible();
});
