<?php

declare(strict_types=1);

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\BrowserCase;
use Tests\Browser\Desk;
use Tests\Browser\Window;

uses(BrowserCase::class);

/** The last date before today on which the yard worked, whatever day it is. */
function lastWorkday(): string
{
    $day = new DateTimeImmutable('yesterday', new DateTimeZone('Europe/Lisbon'));
    while ((int) $day->format('N') > 5) {
        $day = $day->modify('-1 day');
    }

    return $day->format('Y-m-d');
}

it('says how far a visit is, one press each, and undoes it; the other window sees it by itself', function (): void {
    [$desk, $other] = [$this->window()->signIn(), $this->window()->signIn()];
    $board = '/at/quernmoor/board?date='.lastWorkday();
    $other->go($board)->find('.tag[data-state="completed"]');
    $id = $desk->go($board)->find('.tag[data-state="completed"]')->getAttribute('data-tag');
    $state = fn (Window $window): mixed => $window->driver->executeScript(
        'return document.querySelector(`.tag[data-tag="${arguments[0]}"]`)?.dataset.state',
        [$id],
    );
    $desk->go("{$board}&booking={$id}")->press('#undo-step')->find('#step-arrived');
    $desk->isAccessible();
    $other->until('the other window sees that it is only booked', fn (): bool => $state($other) === 'confirmed');
    $desk->press('#step-arrived')->sees('Undo: here')->press('#step-started')->sees('Undo: under way');
    $other->until('the other window sees that it has begun', fn (): bool => $state($other) === 'started');
    $desk->press('#undo-step')->sees('Undo: here')->press('#step-completed')->sees('Undo: done');
    $other->until('the other window sees that it is done', fn (): bool => $state($other) === 'completed');
});

it('goes six weeks ahead with two keys, reads other days as they are typed, and shows its keys', function (): void {
    $desk = $this->window()->signIn();
    $desk->go('/at/quernmoor/board')->sees('Now and next');
    $keys = $desk->driver->getKeyboard();
    $date = fn (): string => (string) preg_replace('/.*date=/', '', $desk->url());
    $today = new DateTimeImmutable('today', new DateTimeZone('Europe/Lisbon'));
    $keys->sendKeys('6');
    $keys->sendKeys('w');
    $desk->until('six weeks later', fn (): bool => $date() === $today->modify('+42 days')->format('Y-m-d'));
    $keys->sendKeys('-');
    $keys->sendKeys('3');
    $keys->sendKeys('d');
    $desk->until('three days before it', fn (): bool => $date() === $today->modify('+39 days')->format('Y-m-d'));
    $desk->type('#go-to', "whenever\n")->sees('Which day is that?');
    $desk->type('#go-to', "tomorrow\n");
    $desk->until('tomorrow', fn (): bool => $date() === $today->modify('+1 day')->format('Y-m-d'));
    $desk->press('[aria-label="A week later"]');
    $desk->until('a week after it', fn (): bool => $date() === $today->modify('+8 days')->format('Y-m-d'));
    $keys->sendKeys('?');
    $desk->sees('between people')->isAccessible();
});

/** The Wednesday of the week after next: open, and hardly booked. */
function quietWednesday(): string
{
    return (new DateTimeImmutable('today', new DateTimeZone('Europe/Lisbon')))
        ->modify('monday this week +2 weeks +2 days')
        ->format('Y-m-d');
}

it('books somebody known by keys alone, in fifteen at most beside what has a name', function (): void {
    $desk = $this->window()->signIn();
    $desk->go('/at/quernmoor/board?date='.quietWednesday());
    $desk->keys = 0;
    Desk::sentence($desk, 'Greta Moss', 'Wheel lesson');
    $first = (string) $desk->find('.fit')->getAttribute('title');
    $desk->isAccessible();
    $desk->key(WebDriverKeys::TAB);
    foreach (str_split(str_replace(':', '', $first)) as $digit) {
        $desk->key($digit);
    }
    $desk->until('it can be booked', fn (): bool => $desk->find('#desk-book')->isEnabled());
    $desk->key(WebDriverKeys::ENTER)->sees('What happened')->sees('Greta Moss')->sees($first);
    expect($desk->keys)->toBeLessThanOrEqual(15);
});

it('books where a lane is pressed, and tells the second of two who take the same', function (): void {
    [$first, $second] = [$this->window()->signIn(), $this->window()->signIn()];
    foreach ([[$first, 'Wen Hollow'], [$second, 'Ida Marsh']] as [$window, $who]) {
        $window->go('/at/quernmoor/board?date='.quietWednesday());
        Desk::sentence($window, $who, 'Wheel lesson');
        $window->find('.fit');
        $window->driver->executeScript(
            'const fit = [...document.querySelectorAll(".fit")].at(-1); fit.focus(); fit.click()',
        );
        $window->until('it can be booked', fn (): bool => $window->find('#desk-book')->isEnabled());
    }
    $first->press('#desk-book');
    $second->press('#desk-book'); // before it hears that the time is gone
    $booked = fn (Window $window): bool => str_contains($window->text(), 'What happened');
    $first->until('one of them has it', fn (): bool => $booked($first) || $booked($second));
    [$late, $who] = $booked($first) ? [$second, 'Ida Marsh'] : [$first, 'Wen Hollow'];
    $late->sees('taken')->isAccessible();
    $late->type('#desk-at', '3:10')->sees('Fits that day');
    expect($late->find('#desk-who')->getAttribute('value'))->toBe($who); // nothing typed is lost
    $late->choose('Leave it');
    $late->until('the sentence is gone', fn (): bool => ! str_contains($late->text(), 'would like'));
});

it('hides the names on everything with one key, for eyes and ears, until somebody asks for them', function (): void {
    $desk = $this->window()->signIn();
    $desk->go('/at/quernmoor/board?date='.lastWorkday())->find('.tag[data-state="completed"]');
    $names = array_filter(array_map(
        static fn (string $title): string => trim(explode('·', $title)[0]),
        $desk->driver->executeScript(
            'return [...document.querySelectorAll(".tag[data-state=completed]")].map((tag) => tag.title)',
        ),
    ));
    expect($names)->not->toBeEmpty();
    $all = fn (): string => (string) $desk->driver->executeScript(
        'return document.title + document.querySelector("main").outerHTML',
    );
    $desk->key('h')->until('no name is left', fn (): bool => str_contains($all(), 'Name hidden'));
    foreach ($names as $name) {
        expect($all())->not->toContain($name);
    }
    $desk->press('.tag[data-state="completed"]')->sees('Names are hidden in this window')->isAccessible();
    expect($all())->not->toContain('@');
    $desk->driver->navigate()->refresh();
    $desk->sees('Names are hidden in this window')->press('#show-names')->sees('What happened');
    expect($all())->toContain($names[0]);
});

it('moves a visit to a typed hour, says what is near where it does not fit, and puts it back', function (): void {
    $desk = $this->window()->signIn();
    $board = '/at/quernmoor/board?date='.quietWednesday();
    $desk->go($board)->find('.tag[data-state="confirmed"]');
    $id = $desk->driver->executeScript('return [...document.querySelectorAll(".tag[data-state=confirmed]")]
        .find((tag) => tag.title.includes("Wheel lesson")).dataset.tag');
    $desk->go("{$board}&booking={$id}")->press('#move-booking')->type('#move-hour', '3');
    $desk->sees('This time cannot be booked.')->sees('Near it:')->isAccessible();
    expect($desk->find('#move-it')->isEnabled())->toBeFalse(); // a press that can only fail
    $start = fn (): mixed => $desk->driver->executeScript(
        'return document.querySelector(`.tag[data-tag="${arguments[0]}"]`)?.dataset.start',
        [$id],
    );
    $before = $start();
    $desk->press('form p button'); // what is near
    $desk->until('it fits', fn (): bool => $desk->find('#move-it')->isEnabled());
    $desk->press('#move-it')->sees('It has moved.');
    $desk->until('its tag hangs elsewhere', fn (): bool => ! in_array($start(), [null, $before], true));
    $desk->press('#put-back')->until('its tag is back', fn (): bool => $start() === $before);
});

it('makes it weekly, leaves one date out, books the rest together, and cancels all later ones', function (): void {
    $desk = $this->window()->signIn();
    $desk->go('/at/quernmoor/board?date='.quietWednesday());
    Desk::sentence($desk, 'Rosa Repeats', 'Wheel lesson');
    $desk->type('#desk-at', (string) $desk->find('.fit')->getAttribute('title'));
    $desk->select('#desk-often', 'every week')->type('#desk-times', '4');
    $desk->until('four dates are shown', fn (): bool => str_contains($desk->text(), 'Book 4 times'));
    $desk->isAccessible()->press('.desk-dates li:nth-child(2) button')->sees('Book 3 times')->press('#desk-book');
    $desk->sees('What happened')->sees('Rosa Repeats')->press('#cancel-booking')->press('#cancel-later');
    $desk->sees('All later ones of this repeat, too: 2')->press('#really-cancel')->sees('cancelled');
});

it('prints what is shown as a list, without the Board around it', function (): void {
    $desk = $this->window()->signIn();
    $desk->go('/at/quernmoor/board?date='.lastWorkday())->find('.tag[data-state="completed"]');
    $seen = fn (string $css): bool => $desk->driver->executeScript(
        'return getComputedStyle(document.querySelector(arguments[0])).display !== "none"',
        [$css],
    );
    (new ChromeDevToolsDriver($desk->driver))->execute('Emulation.setEmulatedMedia', ['media' => 'print']);
    $desk->find('.day-print');
    expect($desk->text())->toContain('Wheel lesson')
        ->and($seen('.board-columns'))->toBeFalse()
        ->and($seen('.room-bar'))->toBeFalse();
});

it('keeps names hidden in the other rooms, too, until somebody asks for them', function (): void {
    $desk = $this->window()->signIn();
    $desk->go('/at/quernmoor/clients')->sees('Greta Moss');
    $text = fn (): string => $desk->driver->executeScript('return document.querySelector("main").innerHTML');
    $desk->key('h')->sees('Name hidden');
    expect($text())->not->toContain('Greta')->not->toContain('@');
    $desk->go('/at/quernmoor/ledger/sales')->sees('Name hidden');
    expect($text())->not->toContain('Greta');
    $desk->press('#businesses')->choose('Show names')->sees('Greta Moss');
});
