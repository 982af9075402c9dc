<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\BrowserCase;
use Tests\Browser\Window;

uses(BrowserCase::class);

/* Several services in one visit, and what a client does after booking: without an account, by the link in the mail. */

const A_CARD_THAT_PAYS = '6000 0000 0000 0001';

/** The Gate so many days ahead, where no other test books. */
function gateAhead(Window $client, int $days, string $more = ''): Window
{
    $from = (new DateTimeImmutable("+{$days} days"))->format('Y-m-d');

    return $client->go("/book/quernmoor?from={$from}{$more}");
}

/** Keeps the first start of the first day that has one. */
function keepAny(Window $client): Window
{
    $client->press('.door');
    if ($client->driver->findElements(WebDriverBy::cssSelector('.start')) !== []) {
        $client->press('.start');
    }

    return $client->press('#keep')->sees('Who is coming?');
}

/** Tells who comes, and pays where that is asked for. */
function tellAndPay(Window $client, string $name, string $mail): Window
{
    $client->type('#name', $name)->type('#email', $mail)->press('#book')->find('#card');

    return $client->type('#card', A_CARD_THAT_PAYS)->press('#pay')->sees('Booked.');
}

it('books a visit of three services, pays once, cancels one of them and moves another', function (): void {
    $client = $this->window();
    gateAhead($client, 30);
    foreach ([0, 1] as $i) {
        $client->press('.and-then button')->find('.choices');
        $client->key(WebDriverKeys::ARROW_DOWN)->key(WebDriverKeys::ENTER)->find("[data-then='{$i}']");
    }
    $client->isAccessible();
    $address = $client->url();
    keepAny($client);
    tellAndPay($client, 'Vera Visit', 'vera@post.example')->isAccessible();
    $parts = fn (): int => count($client->driver->findElements(WebDriverBy::cssSelector('[data-part]')));
    expect($parts())->toBe(3);
    $client->press('#move')->sees('Move it to')->choose('Two weeks later')->press('.door');
    if ($client->driver->findElements(WebDriverBy::cssSelector('.start')) !== []) {
        $client->press('.start');
    }
    $client->press('#really-move')->find('[data-part]');
    $client->choose('Cancel this')->sees('Cancel Wheel lesson?');
    $client->press('#really-cancel')->sees('cancelled')->sees('Booked.');
    $client->choose('Move this')->sees('Move it to')->isAccessible();
    $client->press('#soonest button')->sees('Move it to')->press('#really-move')->find('[data-part]');
    expect($parts())->toBe(3);
    $client->mailed('vera@post.example', 'Booked: Wheel lesson and 2 more');
    $client->mailed('vera@post.example', 'Moved: Wheel lesson and 2 more, now from');
    $client->mailed('vera@post.example', 'Cancelled: Wheel lesson');
    $client->mailed('vera@post.example', 'Moved:');
    $client->go($address)->find("[data-then='1']"); // the address says all of it
    $client->press('.leave-out')->press('.leave-out')->find('.and-then');
    $client->until('one is left', fn (): bool => ! str_contains($client->url(), 'then='));
});

it('loses nothing that was typed, by a reload or on the way to the payment page and back', function (): void {
    $client = $this->window();
    gateAhead($client, 34);
    keepAny($client)->type('#name', 'Tess Typist')->type('#note', 'By bus.');
    $client->driver->navigate()->refresh();
    $client->sees('Who is coming?');
    expect($client->find('#name')->getAttribute('value'))->toBe('Tess Typist')
        ->and($client->find('#note')->getAttribute('value'))->toBe('By bus.');
    $client->type('#email', 'tess@post.example')->press('#book')->find('#card');
    $client->driver->navigate()->back();
    $client->sees('Who is coming?');
    expect($client->find('#email')->getAttribute('value'))->toBe('tess@post.example');
    $client->press('#book')->find('#card');
    $client->type('#card', A_CARD_THAT_PAYS)->press('#pay')->sees('Booked.')->sees('By bus.');
    $client->press('#details-change')->type('#note', 'On foot.')->press('#change-details')->sees('On foot.');
    gateAhead($client, 34);
    keepAny($client);
    expect($client->find('#note')->getAttribute('value'))->toBe(''); // it was for what is booked by now
});

it('leads whoever was here before back to all of their own, and fills them in', function (): void {
    $client = $this->window();
    gateAhead($client, 38);
    tellAndPay(keepAny($client), 'Olga Own', 'olga@post.example');
    $client->go('/book/quernmoor')->press('.gate-foot summary')->type('#own-email', 'olga@post.example');
    $client->press('#own-link')->sees('a link is on its way')->mailed('olga@post.example', 'Your bookings at');
    $client->go((string) $client->find("pre a[href*='/c/']")->getAttribute('href'))->sees('Hello Olga Own');
    $client->sees('Receipt')->isAccessible();
    $client->choose('Book the same again')->find('#soonest');
    expect($client->url())->not->toContain('seal='); // an address that is shared opens nothing
    keepAny($client);
    expect($client->find('#email')->getAttribute('value'))->toBe('olga@post.example');
});

it('says of a link that was made void that it is, and mails a new one', function (): void {
    $client = $this->window();
    gateAhead($client, 42);
    tellAndPay(keepAny($client), 'Void Link', 'void@post.example');
    $link = $client->url();
    $first = $client->driver->executeScript('return JSON.parse(document.getElementById("first").textContent)');
    $desk = $this->window()->signIn();
    $desk->go('/at/quernmoor/board?date='.substr($first['booking']['start'], 0, 10))->press("[title^='Void Link']");
    $desk->press('#void-links')->sees('None of their links work any more');
    $client->go($link)->sees('too old')->press('#renew')->sees('A new link is on its way');
    $client->mailed('void@post.example', 'A new link');
    $client->go((string) $client->find("pre a[href*='/b/']")->getAttribute('href'))->sees('Booked.');
});

it('books on a phone with a slow line, in few touches', function (): void {
    $phone = $this->window(390, 844)->onSlowLine();
    gateAhead($phone, 46)->find('.part-fold:not(:disabled)');
    $phone->clicks = 0;
    $phone->press('.part-fold:not(:disabled)')->press('.start')->press('#keep-small')->sees('Who is coming?', 30);
    $phone->type('#name', 'Slow Phone')->type('#email', 'slow@post.example')->press('#book')->find('#card');
    $phone->type('#card', A_CARD_THAT_PAYS)->press('#pay')->sees('Booked.', 30)->isAccessible();
    expect($phone->clicks)->toBeLessThanOrEqual(12);
    $phone->press('#move')->find('.part-fold:not(:disabled)')->click();
    $phone->press('.start')->press('#really-move')->sees('Booked.', 30);
});
