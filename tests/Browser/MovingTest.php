<?php

declare(strict_types=1);

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\BrowserCase;
use Tests\Browser\Desk;
use Tests\Browser\Window;

uses(BrowserCase::class);

/** A Wednesday some weeks after next on which hardly anything is booked, another one for each test. */
function emptyWednesday(int $weeks): string
{
    return (new DateTimeImmutable('today', new DateTimeZone('Europe/Lisbon')))
        ->modify("monday this week +{$weeks} weeks +2 days")
        ->format('Y-m-d');
}

/** @return array{lane: string, left: float} where a tag hangs */
function hangs(Window $desk, string $id): array
{
    return $desk->driver->executeScript(<<<'JS'
        const tag = document.querySelector(`.tag[data-tag="${arguments[0]}"]`);
        return { lane: tag?.dataset.lane, left: Math.round(tag?.getBoundingClientRect().left ?? 0) };
        JS, [$id]);
}

/** Pulls a tag to the middle of what opens up on another lane, or by some pixels, and holds it there. */
function pull(Window $desk, string $css, int $x, int $y): void
{
    (new WebDriverActions($desk->driver))
        ->moveToElement($desk->find($css))
        ->clickAndHold()
        ->moveByOffset(12, 0)
        ->perform();
    $desk->find('.lane-may');
    (new WebDriverActions($desk->driver))->moveByOffset($x - 12, $y)->perform();
}

it('moves a tag by hand to somebody else, shows what opens up meanwhile, and puts it back', function (): void {
    $desk = $this->window()->signIn();
    ['id' => $id, 'staff' => $staff] = Desk::lesson($desk, emptyWednesday(4), 'Ida Marsh');
    $tag = ".tag[data-tag=\"{$id}\"]";
    $apart = $desk->driver->executeScript(<<<'JS'
        const tag = document.querySelector(arguments[0]);
        const fits = [...document.querySelectorAll('.lane')].find((lane) =>
            lane.textContent.includes('Gwen') || lane.textContent.includes('Bruno'));
        const box = (of) => of.getBoundingClientRect();
        return Math.round(box(fits).top + box(fits).height / 2 - box(tag).top - box(tag).height / 2);
        JS, [$tag]);
    pull($desk, $tag, 130, (int) $apart);
    $desk->sees('Ida Marsh')->until('it says where it would be', fn (): bool => str_contains($desk->text(), ', with '));
    (new WebDriverActions($desk->driver))->release()->perform();
    $desk->find('#slip-told');
    $desk->isAccessible();
    $before = hangs($desk, $id);
    if (! str_contains($desk->text(), 'Move it')) { // not on a start: the nearest that is one
        $desk->driver->executeScript(
            'document.querySelector(".move-slip button:not([id])").click()',
        );
    } else {
        $desk->press('#slip-move');
    }
    $desk->sees('Moved: ')
        ->until('it hangs elsewhere', fn (): bool => hangs($desk, $id)['left'] !== $before['left']);
    $desk->press('#undo')
        ->until('it hangs where it was', fn (): bool => hangs($desk, $id) === $before);
    expect($before['lane'])->toBe($staff);
});

it('moves a tag by keys, to a lane beside and back again, and another day by the ribbon', function (): void {
    $desk = $this->window()->signIn();
    $date = emptyWednesday(5);
    ['id' => $id] = Desk::lesson($desk, $date, 'Wen Hollow');
    $before = hangs($desk, $id);
    $desk->driver->executeScript('document.querySelector(arguments[0]).focus()', [".tag[data-tag=\"{$id}\"]"]);
    $desk->key('m')->find('.lane-may');
    $desk->key(WebDriverKeys::ARROW_RIGHT)->key(WebDriverKeys::ARROW_RIGHT)->sees('Wen Hollow');
    $desk->key(WebDriverKeys::ENTER)->find('#slip-move');
    $desk->until('the answer is under the keys', fn (): bool => $desk->driver->executeScript(
        'return document.activeElement.id',
    ) === 'slip-move');
    $desk->key(WebDriverKeys::ENTER)->sees('Moved: ')
        ->until('it hangs later', fn (): bool => hangs($desk, $id)['left'] > $before['left']);
    // by the ribbon: a week later, at the same hour
    $to = (new DateTimeImmutable($date))->modify('+1 day')->format('Y-m-d');
    [$x, $y] = $desk->driver->executeScript(<<<'JS'
        const box = (css) => document.querySelector(css).getBoundingClientRect();
        const [tag, day] = [box(arguments[0]), box(arguments[1])];
        const middle = (of) => [of.left + of.width / 2, of.top + of.height / 2];
        return middle(day).map((at, i) => Math.round(at - middle(tag)[i]));
        JS, [".tag[data-tag=\"{$id}\"]", "[data-date=\"{$to}\"]"]);
    pull($desk, ".tag[data-tag=\"{$id}\"]", (int) $x, (int) $y);
    (new WebDriverActions($desk->driver))->release()->perform();
    $desk->find('.move-slip');
    $desk->sees('Thursday')->key(WebDriverKeys::ESCAPE)
        ->until('the slip is gone', fn (): bool => ! str_contains($desk->text(), 'Leave it where it was'));
});

it('pulls a tag longer, says what that costs, and books over others where that is switched on', function (): void {
    $desk = $this->window()->signIn();
    $date = emptyWednesday(6);
    ['id' => $id, 'staff' => $staff] = Desk::lesson($desk, $date, 'Ada Quince');
    $hour = $desk->driver->executeScript(<<<'JS'
        const [one, next] = document.querySelectorAll('.ruler-hours span');
        return next.getBoundingClientRect().left - one.getBoundingClientRect().left;
        JS);
    (new WebDriverActions($desk->driver))
        ->moveToElement($desk->find(".tag[data-tag=\"{$id}\"] .tag-pull"))
        ->clickAndHold()
        ->moveByOffset((int) round($hour / 2), 0)
        ->perform();
    $desk->quiet();
    (new WebDriverActions($desk->driver))->release()->perform();
    $desk->sees('It would cost €66.00 instead of €48.00.')->press('#slip-move')->sees('Moved: ');
    $desk->press("[data-tag=\"{$id}\"]")->sees('€66.00')->choose('Close');
    // the same hour again, for somebody else
    $desk->key('d')->sees('Double booking is on');
    $at = $desk->driver->executeScript('return document.querySelector(arguments[0]).title', ["[data-tag=\"{$id}\"]"]);
    preg_match('/(\d+:\d\d) to/', (string) $at, $found);
    Desk::sentence($desk, 'Greta Moss', 'Wheel lesson');
    $name = $desk->driver->executeScript(
        'return document.querySelector(`[data-of="${arguments[0]}"]`).getAttribute("aria-label")',
        [$staff],
    );
    $desk->type('#desk-staff', (string) $name)->key(WebDriverKeys::TAB)->type('#desk-at', $found[1] ?? '');
    $desk->press('#desk-outside')->sees('What happened')->sees('booked over others on purpose');
    $desk->find('.tag[data-double="true"]');
});

it('draws time off on a lane, and blocks the house without a stroke, shown before it is saved', function (): void {
    $desk = $this->window()->signIn();
    $date = emptyWednesday(7);
    ['id' => $id, 'staff' => $staff] = Desk::lesson($desk, $date, 'Ada Quince');
    (new WebDriverActions($desk->driver))
        ->moveToElement($desk->find("[data-of=\"{$staff}\"]"), 0, 30)
        ->clickAndHold()
        ->moveByOffset(40, 0)
        ->moveByOffset(80, 0)
        ->release()
        ->perform();
    $desk->sees('What this stretch is')->find('.effect-sum');
    $desk->isAccessible();
    $desk->write('#drawn-name', 'Dentist')->press('#drawn-save')->sees('Saved.')->find('.lane-off');
    $desk->press('#undo')->sees('Undone.')
        ->until('it is gone', fn (): bool => $desk->driver->executeScript(
            'return document.querySelectorAll(".lane-off").length',
        ) === 0);
    $desk->driver->executeScript('document.activeElement.blur()');
    $desk->key('x')->sees('Nobody is chosen yet');
    expect($desk->find('#drawn-save')->isEnabled())->toBeFalse();
    $desk->press('#drawn-all')->write('#drawn-from', '9:00')->write('#drawn-to', '12:30')->sees('Ada Quince');
    $desk->press('#drawn-save')->sees('Saved.')->press('#undo')->sees('Undone.');
});

it('adds somebody to a group that is half full by pressing it', function (): void {
    $desk = $this->window()->signIn();
    $day = new DateTimeImmutable('tomorrow', new DateTimeZone('Europe/Lisbon'));
    $half = 'return [...document.querySelectorAll(".tag")].find((tag) => tag.querySelector(".tag-pips '
        .'i[data-taken=false]"))?.dataset.tag ?? null';
    for ($ahead = 0; $ahead < 13; $ahead++) {
        $desk->go('/at/quernmoor/board?date='.$day->modify("+{$ahead} days")->format('Y-m-d'))->find('.lane-band');
        $desk->sees('First of the day');
        $id = $desk->driver->executeScript($half);
        if ($id !== null) {
            break;
        }
    }
    $desk->press(".tag[data-tag=\"{$id}\"]")->press('#join-group')->sees('would like');
    $desk->type('#desk-who', 'Nell Ashby')->key(WebDriverKeys::TAB);
    $desk->until('it can be booked', fn (): bool => $desk->find('#desk-book')->isEnabled());
    $desk->press('#desk-book')->sees('What happened');
    expect($desk->text())->toContain('Nell Ashby');
});

it('carries a tag from place to place, where its service is offered, and says where it is not', function (): void {
    $desk = $this->window()->signIn();
    ['id' => $id] = Desk::lesson($desk, emptyWednesday(9), 'Ida Marsh');
    $tag = ".tag[data-tag=\"{$id}\"]";
    $lane = fn (): ?string => $desk->find($tag)->getAttribute('data-lane');
    $person = $lane();
    $desk->press('#looking-at')->press('#look-places')->until('its lane is a place', fn () => $lane() !== $person);
    $desk->key(WebDriverKeys::ESCAPE);
    $desk->driver->executeScript('document.querySelector(arguments[0]).focus()', [$tag]);
    $desk->key('m')->find('.lane-may');
    $desk->key(WebDriverKeys::ARROW_DOWN)->key(WebDriverKeys::ENTER)->find('#slip-told');
    $desk->sees('is not offered at')->isAccessible();
    $desk->press('#slip-leave');
    $desk->driver->executeScript('document.querySelector(arguments[0]).focus()', [$tag]);
    $before = hangs($desk, $id)['left'];
    $desk->key('m')->key(WebDriverKeys::ARROW_RIGHT)->key(WebDriverKeys::ENTER)->press('#slip-move');
    $desk->sees('Moved: ')
        ->until('it hangs later', fn (): bool => hangs($desk, $id)['left'] > $before);
});
