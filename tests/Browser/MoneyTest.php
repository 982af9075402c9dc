<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\BrowserCase;
use Tests\Browser\Window;

uses(BrowserCase::class);

/** The first sale of a list that has this in its line, and something due. */
function openSale(Window $window, string $part): void
{
    $found = 'return [...document.querySelectorAll("main li a")].find((row) => '
        .'row.textContent.includes(arguments[0]) && row.textContent.includes("due") && '
        .'!row.textContent.includes("Vera Visit"))'; // of hers little is due: another test has paid the rest
    $window->until(
        "a sale with {$part}",
        fn (): bool => $window->driver->executeScript("{$found} !== undefined", [$part]) === true,
    );
    $window->driver->executeScript("{$found}.click()", [$part]);
}

it('takes money in parts with a tip and change, undoes it, gives some back, and issues an invoice', function (): void {
    $desk = $this->window()->signIn();
    $desk->go('/at/quernmoor/ledger/sales')->sees('Find by name')->isAccessible()->select('#which', 'Something due');
    openSale($desk, 'Hand-building');
    $desk->sees('Still missing')->isAccessible();
    $desk
        ->press('#take-otherwise')
        ->type('#take-amount', '10')
        ->type('#take-tip', '2')
        ->type('#take-given', '11')
        ->press('#take-it')
        ->sees('It comes to €12.00');
    $desk->type('#take-given', '20')->sees('€8.00')->isAccessible()->press('#take-it');
    $desk->sees('€20.00 given, €8.00 change');
    $desk->press('#sale-tip')->type('#tip-amount', '0,5')->type('#tip-why', 'Not meant')->press('#tip-do');
    $desk->sees('€0.50 of it refunded');
    $desk->press('#take-card')->sees('All paid');
    expect($desk->driver->executeScript('return document.querySelector("#take-cash")'))->toBeNull();
    $desk->press('[aria-label="Undo €10.00"]')->sees('Still missing')->sees('undone');
    $desk->press('#take-cash')->sees('All paid');
    $desk->press('#sale-back')->type('#back-amount', '5')->type('#back-why', 'Glaze ran')->press('#back-do');
    $desk->sees('Discount: Glaze ran')->sees('Refunded in cash');
    $desk->press('#sale-line')->type('#line-label', 'Apron')->type('#line-amount', '9,5')->press('#line-do');
    $desk->sees('Apron');
    $desk->sees('€9.50')->press('#sale-less')->type('#less-why', 'A gift')->press('#less-do')->sees('Discount: A gift');
    $desk->press('#sale-invoice')->press('#invoice-do')->sees('Invoice 20');
    $desk->press('#mail-invoice')->sees('It is on its way to');
    $desk->press('[aria-label^="Take invoice"]')->sees('Both are kept for good')->isAccessible();
    $desk->press('#issue-credit')->sees('Credit note C20');
});

it('tells the second of two who take money for the same visit', function (): void {
    [$first, $second] = [$this->window()->signIn(), $this->window()->signIn()];
    $first->go('/at/quernmoor/ledger/sales')->select('#which', 'Something due');
    openSale($first, 'Hand-building');
    $first->sees('Still missing');
    $second->go(parse_url($first->url(), PHP_URL_PATH))->sees('Still missing');
    $first->driver->executeScript('document.querySelector("#take-cash").click()');
    $second->driver->executeScript('document.querySelector("#take-card").click()');
    $first->sees('All paid');
    $second->sees('All paid');
    $told = $first->until(
        'one of them is told',
        static fn (): string => implode('', array_filter(
            [$first->text(), $second->text()],
            static fn (string $text): bool => str_contains($text, 'has changed this sale meanwhile'),
        )),
    );
    expect(substr_count($told, 'has changed this sale meanwhile'))->toBe(1);
});

it('pays by the link that was mailed, and the desk sees it paid', function (): void {
    $desk = $this->window()->signIn();
    $desk->go('/at/quernmoor/ledger/sales')->select('#which', 'Something due');
    openSale($desk, 'Hand-building');
    $desk->press('#mail-pay_link')->sees('It is on its way to');
    $mail = (string) $desk->until(
        'whom it goes to',
        static fn (): ?string => preg_match('/on its way to (\S+@\S+?)\.\s/', $desk->text(), $to) === 1 ? $to[1] : null,
    );
    $client = $this->window()->mailed($mail, 'To be paid');
    $client->go((string) $client->find('pre a')->getAttribute('href'))->sees('Booked');
    $client->driver->executeScript("document.querySelector('a[href*=\"/pay?\"]').click()");
    $client->sees('Card number')->type('#card', '6000 0000 0000 0001')->press('#pay');
    $client->sees('Booked');
    $desk->sees('All paid');
});

it('counts the drawer, and says what lies between', function (): void {
    $desk = $this->window()->signIn();
    $desk->go('/at/quernmoor/ledger/day')->sees('Expected in the drawer')->isAccessible();
    $desk->type('#counted', '1')->type('#banked', '2')->press('#close-day')->sees('There is only €1.00 in the drawer');
    $desk->type('#banked', '0')->type('#note', 'Counted by hand')->press('#close-day');
    $desk->sees('Closed by Alva Lindqvarn')->sees('Difference')->sees('Counted by hand');
    $desk->go('/at/quernmoor/ledger/figures')->sees('Tax by rate')->isAccessible()->sees('VAT 23');
});

it('sells something to somebody who has booked nothing, with the keys alone', function (): void {
    $desk = $this->window()->signIn();
    $desk->go('/at/quernmoor/ledger/sales')->press('#new-sale')->sees('Who buys')->isAccessible();
    $desk->press('#sell')->sees('A name is enough.');
    $desk->write('#sell-who', 'Zoe Lind')->key(WebDriverKeys::ENTER);
    $desk->type('#sell-email', 'zoe at')->type('#sell-label', 'Stoneware clay, 10 kg')->type('#sell-amount', '14.50');
    $desk->press('#sell')->sees('does not look like an email');
    $desk->type('#sell-email', 'zoe@post.example')->press('#sell')->sees('Still missing');
    $desk->press('#take-cash')->sees('All paid');
    $desk->press('#mail-receipt')->sees('It is on its way to zoe@post.example')->isAccessible();
    $desk->go('/at/quernmoor/ledger/sales')->sees('Stoneware clay');
});
