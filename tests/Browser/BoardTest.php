<?php

declare(strict_types=1);

use Tests\Browser\BrowserCase;
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
    $desk->go("{$board}&booking={$id}")->press('#undo-mark')->sees('They are here')->isAccessible();
    $other->until('the other window sees that it is only booked', fn (): bool => $state($other) === 'confirmed');
    $desk->press('#mark-arrived')->sees('Undo: here')->press('#mark-started')->sees('Undo: under way');
    $other->until('the other window sees that it has begun', fn (): bool => $state($other) === 'started');
    $desk->press('#undo-mark')->sees('Undo: here')->press('#mark-completed')->sees('Undo: done');
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
