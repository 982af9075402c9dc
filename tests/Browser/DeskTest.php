<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\BrowserCase;
use Tests\Browser\Desk;
use Tests\Browser\Window;

uses(BrowserCase::class);

/* What the desk's sentence can say beside one service at one hour, and the other ways to what the Board does. */

/** A Thursday some weeks ahead: open, and hardly booked. */
function farThursday(int $weeks): string
{
    return (new DateTimeImmutable('today', new DateTimeZone('Europe/Lisbon')))
        ->modify("monday this week +{$weeks} weeks +3 days")
        ->format('Y-m-d');
}

/** Presses a start on a lane until it is one of what the sentence says by now. */
function pressFit(Window $desk): void
{
    $desk->until('it can be booked', function () use ($desk): bool {
        if ($desk->isQuiet() && ! $desk->find('#desk-book')->isEnabled()) {
            $desk->find('.fit');
            $desk->driver->executeScript('const fit = document.querySelector(".fit"); fit?.focus(); fit?.click()');
        }

        return $desk->isQuiet() && $desk->find('#desk-book')->isEnabled();
    });
}

it('books two services after one another as one visit, whose tags hang on one string', function (): void {
    $desk = $this->window()->signIn();
    $desk->go('/at/quernmoor/board?date='.farThursday(8));
    Desk::sentence($desk, 'Greta Moss', 'Wheel lesson');
    $desk->press('#desk-then')->find('#then-0-service');
    $desk->driver->getKeyboard()->sendKeys('Glazing');
    $desk->until(
        'the second service is found',
        fn (): bool => $desk->find('.combo-option')->getText() === 'Glazing bench',
    );
    $desk->key(WebDriverKeys::TAB);
    pressFit($desk);
    $desk->isAccessible();
    $desk->press('#desk-book')->sees('One visit')->find('.strings path');
    expect($desk->text())->toContain('Glazing bench');
    $desk->press('#cancel-booking')->press('#cancel-whole')->press('#really-cancel')->sees('cancelled');
    $desk->until('the string is gone', fn (): bool => $desk->driver->executeScript(
        'return document.querySelectorAll(".strings path").length',
    ) === 0);
});

it('takes a code in the sentence, or says that there is none and books nothing', function (): void {
    $desk = $this->window()->signIn();
    $desk->go('/at/quernmoor/board?date='.farThursday(9));
    Desk::sentence($desk, 'Greta Moss', 'Wheel lesson');
    pressFit($desk);
    $desk->press('.desk-rest details summary');
    $desk->type('#desk-code', 'NOSUCHCODE');
    $desk->until('it can be booked', fn (): bool => $desk->find('#desk-book')->isEnabled());
    $desk->press('#desk-book')->sees('There is no such code.')->isAccessible();
    expect($desk->find('#desk-who')->getAttribute('value'))->toBe('Greta Moss'); // nothing typed is lost
});

it('does by name what has a key, goes to a day that is typed, and shows the day as tables', function (): void {
    $desk = $this->window()->signIn();
    $date = farThursday(10);
    ['id' => $id] = Desk::lesson($desk, $date, 'Jonas Vale');
    $desk->key('.')->find('#palette');
    $desk->isAccessible();
    $desk->driver->getKeyboard()->sendKeys('tables');
    $desk->key(WebDriverKeys::ENTER)->find('.day-table');
    $desk->isAccessible();
    expect($desk->find("[data-row=\"{$id}\"]")->getText())->toBe('Jonas Vale');
    $desk->press("[data-row=\"{$id}\"]")->sees('What happened');
    $desk->key('t')->find(".tag[data-tag=\"{$id}\"]");
    $desk->key('.')->find('#palette');
    $desk->driver->getKeyboard()->sendKeys('tomorrow');
    $desk->sees('go to ');
    $desk->key(WebDriverKeys::ENTER);
    $tomorrow = (new DateTimeImmutable('tomorrow', new DateTimeZone('Europe/Lisbon')))->format('Y-m-d');
    $desk->until('tomorrow is shown', fn (): bool => str_ends_with($desk->url(), "date={$tomorrow}"));
});

it('reminds somebody of something, and nobody else', function (): void {
    [$desk, $other] = [$this->window()->signIn(), $this->window()->signIn('bruno@quernmoor.example')];
    $board = '/at/quernmoor/board?date='.farThursday(11);
    $desk->go($board)->sees('Reminders, for you alone');
    $desk->key('r');
    $desk->driver->getKeyboard()->sendKeys('16');
    $desk->key(WebDriverKeys::TAB);
    $desk->driver->getKeyboard()->sendKeys("Order clay\n");
    $desk->sees('16:00 Order clay')->isAccessible();
    $desk->press('[id^="reminder-0"]');
    $desk->until('it is done', fn (): bool => $desk->find('[id^="reminder-0"]')->isSelected());
    $other->go($board)->sees('Reminders, for you alone');
    expect($other->text())->not->toContain('Order clay');
    $desk->press('[aria-label="Drop it: Order clay"]');
    $desk->until('it is gone', fn (): bool => ! str_contains($desk->text(), 'Order clay'));
});

it('marks somebody as here and takes cash in five keys, and books eight weeks in fifteen', function (): void {
    $desk = $this->window()->signIn();
    $today = (new DateTimeImmutable('today', new DateTimeZone('Europe/Lisbon')))->format('Y-m-d');
    $id = Desk::today($desk, 'Jonas Vale');
    $desk->go("/at/quernmoor/board?date={$today}")->find(".tag[data-tag=\"{$id}\"]");
    $desk->driver->executeScript('document.querySelector(`.tag[data-tag="${arguments[0]}"]`).focus()', [$id]);
    $desk->keys = 0;
    $desk->key(WebDriverKeys::ENTER)->find('#take-cash');
    $desk->key('n')->sees('Undo: here');
    $desk->key('p')->key(WebDriverKeys::ENTER);
    $desk->until('it is paid', fn (): bool => str_contains($desk->find('.board-side')->getText(), 'Paid'));
    expect($desk->keys)->toBeLessThanOrEqual(5);

    $desk->go('/at/quernmoor/board?date='.farThursday(12));
    $desk->keys = 0;
    Desk::sentence($desk, 'Greta Moss', 'Wheel lesson');
    $desk->find('.fit');
    $desk->key(WebDriverKeys::TAB)->key('1')->key('0');
    foreach (['#desk-party', '#desk-minutes', '#desk-often'] as $field) {
        $desk->key(WebDriverKeys::TAB);
        expect($desk->driver->executeScript('return "#" + document.activeElement.id'))->toBe($field);
    }
    $desk->key(WebDriverKeys::ARROW_DOWN)->key(WebDriverKeys::ARROW_DOWN)->key(WebDriverKeys::TAB);
    $desk->sees('Book 8 times');
    $desk->until('they can be booked', fn (): bool => $desk->find('#desk-book')->isEnabled());
    $desk->key(WebDriverKeys::ENTER)->sees('What happened');
    expect($desk->keys)->toBeLessThanOrEqual(15);
});
