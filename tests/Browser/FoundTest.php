<?php

declare(strict_types=1);

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\BrowserCase;
use Tests\Browser\Window;

uses(BrowserCase::class);

function read(Window $window, string $css): string
{
    return (string) $window->driver->executeScript('return document.querySelector(arguments[0])?.value', [$css]);
}

/** Whether it can be seen and nothing lies over it. */
function isOnTop(Window $window, string $css): bool
{
    return $window->driver->executeScript(
        'const one = document.querySelector(arguments[0]), box = one.getBoundingClientRect();
        const top = document.elementFromPoint(box.left + box.width / 2, box.top + box.height / 2);
        return one === top || one.contains(top);',
        [$css],
    ) === true;
}

it('copies the hours of one day to others', function (): void {
    $owner = $this->window()->signIn('wendel@larkrise.example');
    $owner
        ->go('/at/larkrise/roster/hours')
        ->type('#opening-mon', '7-8:30')
        ->press('.week-row:nth-child(2) .week-copy')
        ->choose('to every day');
    foreach (['tue', 'wed', 'sun'] as $day) {
        expect(
            $owner->until("{$day} is as Monday", fn (): bool => read($owner, "#opening-{$day}") === '7-8:30'),
        )->toBeTrue();
    }
    $owner->choose('Put back');
});

it('chooses the day that is pressed, however the page moves, and nothing more before it is said', function (): void {
    $year = (int) date('Y') + 1;
    [$seventh, $ninth] = [new DateTimeImmutable("{$year}-12-07"), new DateTimeImmutable("{$year}-12-09")];
    $owner = $this->window(1280, 620)->signIn();
    $owner
        ->go('/at/quernmoor/roster/year')
        ->press('#next-year')
        ->press("[data-date=\"{$year}-12-07\"]")
        ->sees($seventh->format('l j F'));
    $owner->driver->executeScript('window.scrollTo(0, document.body.scrollHeight)');
    $owner->press("[data-date=\"{$year}-12-09\"]")->sees($ninth->format('l j F'));
    expect($owner->text())->not->toContain(" to {$ninth->format('l j F')}")
        ->and($owner->driver->findElements(WebDriverBy::cssSelector('[role=radiogroup]')))->not->toBe([])
        ->and($owner->driver->findElements(WebDriverBy::cssSelector('[role=radiogroup] :checked')))->toBe([])
        ->and($owner->driver->findElements(WebDriverBy::cssSelector('#save-dates')))->toBe([]);
    $from = $owner->find("[data-date=\"{$year}-03-01\"]");
    (new WebDriverActions($owner->driver))
        ->moveToElement($from)
        ->clickAndHold()
        ->moveToElement($owner->find("[data-date=\"{$year}-05-20\"]"))
        ->perform();
    expect($owner->text())->toContain($ninth->format('l j F')); // while the pointer is down nothing else moves
    (new WebDriverActions($owner->driver))->release()->perform();
    $owner->sees('81 days')->press('#what-closed')->press('#whose-everyone')->sees('Yes, for all 81 days');
    expect($owner->find('#save-dates')->isEnabled())->toBeFalse();
    $owner->isAccessible();
});

it('saves a time off once, however often it is pressed', function (): void {
    $day = new DateTimeImmutable(((int) date('Y') + 1).'-06-15');
    $owner = $this->window()->signIn();
    $owner
        ->go('/at/quernmoor/roster/year')
        ->press('#next-year')
        ->press("[data-date=\"{$day->format('Y-m-d')}\"]")
        ->press('#what-off')
        ->press('.pick-one input');
    $owner->driver->executeScript('const save = document.querySelector("#save-dates"); save.click(); save.click();');
    $owner->sees("Time off: {$day->format('D j F Y')}");
    $owner->until(
        'what is saved is no longer counted',
        fn (): bool => $owner->driver->findElements(WebDriverBy::cssSelector('.effect')) === [],
    );
    expect($owner->driver->findElements(WebDriverBy::cssSelector('.beside-main ul > li')))->toHaveCount(1);
});

it('keeps a notice off everything that can be pressed', function (): void {
    $owner = $this->window()->signIn();
    $owner
        ->go('/at/quernmoor/gate')
        ->type('#about', 'A pottery by the harbour, for first pots and hundredth.')
        ->press('#save')
        ->sees('Business saved.')
        ->type('#about', 'Another word.');
    expect(isOnTop($owner, '#save'))->toBeTrue()->and(isOnTop($owner, '#undo'))->toBeTrue();
    $owner->choose('Put back')->press('#undo')->sees('Undone.');
});

it('comes from a chosen time to keeping it in a few presses, and opens the sentence by Enter', function (): void {
    $client = $this->window();
    $client->go('/book/quernmoor')->sees('Soonest');
    $client->tabTo('.sentence button')->key(WebDriverKeys::ENTER);
    $client->find('.choices')->sendKeys(WebDriverKeys::ESCAPE);
    $client->tabTo('.door')->key(WebDriverKeys::ARROW_RIGHT)->key(WebDriverKeys::ARROW_DOWN)->key(WebDriverKeys::ENTER);
    if ($client->driver->executeScript('return document.activeElement.matches(".start")') === true) {
        $client->key(WebDriverKeys::ENTER);
    }
    $client->until('a time is chosen', fn (): bool => $client->find('#keep')->isEnabled());
    $tabs = 0;
    while ($client->driver->executeScript('return document.activeElement.id') !== 'keep' && $tabs++ < 20) {
        $client->driver->getKeyboard()->pressKey(WebDriverKeys::TAB)->releaseKey(WebDriverKeys::TAB);
    }
    expect($tabs)->toBeLessThan(6);
});

it('reads a notice as it is typed, and says at once what it cannot read', function (): void {
    $owner = $this->window()->signIn();
    $owner->go('/at/quernmoor/offer/services')->sees('Link')->choose('Wheel lesson')->press('#fold-starts');
    $owner
        ->type('#service-noticeMinutes', '24h')
        ->sees('1 day of notice')
        ->type('#service-noticeMinutes', 'soonish')
        ->sees('Type it like 90, 1 h 30 or 2 days.');
    $owner
        ->press('#save')
        ->until(
            'the field has the focus',
            fn (): bool => $owner->driver->executeScript('return document.activeElement.id')
                === 'service-noticeMinutes',
        );
    $owner->choose('Put back');
});

it('has no field that shows another clock than the business’s', function (): void {
    $owner = $this->window()->signIn();
    foreach (['roster/year', 'roster/people', 'offer/dayparts', 'offer/services'] as $page) {
        $owner->go("/at/quernmoor/{$page}")->sees('Quernmoor');
        expect(
            $owner->driver->findElements(WebDriverBy::cssSelector('[type=date], [type=time], [type=datetime-local]')),
        )->toBe([]);
    }
});

it('keeps the Board as high as it is when a card opens', function (): void {
    $owner = $this->window()->signIn()->go('/at/quernmoor/board');
    $owner->find('.tag');
    $height = fn (): int => (int) $owner->driver->executeScript('return document.documentElement.scrollHeight');
    $before = $height();
    $owner->press('.tag')->find('aside, .side-card, [aria-label=Booking]');
    expect($height())->toBe($before);
});

it('keeps what was begun at the start when the page is loaded again', function (): void {
    $owner = $this->window()->signIn('wendel@larkrise.example');
    $owner
        ->go('/start')
        ->type('#name', 'Half a business')
        ->press('#trade-advice')
        ->press('#go-on')
        ->sees('Draw on the bars');
    $owner->go('/start')->sees('Draw on the bars')->choose('Back');
    expect(read($owner, '#name'))->toBe('Half a business');
});

it('tells the client before choosing that a time is only asked for, and what the business wrote', function (): void {
    $client = $this->window();
    $client
        ->go('/book/quernmoor?service='.asked($client))
        ->sees('You ask for a time here.')
        ->sees('Keep this time and ask for it');
});

/** The id of the service that waits for a yes. */
function asked(Window $window): string
{
    $window->go('/book/quernmoor');
    $page = json_decode(
        (string) $window->driver->executeScript('return document.getElementById("first").textContent'),
        true,
    );

    return array_values(
        array_filter($page['page']['services'], static fn (array $service): bool => $service['approval']),
    )[0]['id'];
}
