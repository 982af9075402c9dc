<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\BrowserCase;
use Tests\Browser\Client;
use Tests\Browser\Desk;

uses(BrowserCase::class);

/** The Friday some weeks after next, for one test alone. */
function emptyFriday(int $weeks): string
{
    return (new DateTimeImmutable('today', new DateTimeZone('Europe/Lisbon')))
        ->modify("monday this week +{$weeks} weeks +4 days")
        ->format('Y-m-d');
}

it('says what a cancelling does to the money, and takes it back by the notice or by the card', function (): void {
    $desk = $this->window()->signIn();
    $date = emptyFriday(5);
    ['id' => $id] = Desk::lesson($desk, $date, 'Ines Vale');
    $desk->go("/at/quernmoor/board?date={$date}&booking={$id}")->press('#cancel-booking');
    $desk->sees('Cancel Wheel lesson?')->sees('No money moves.')->isAccessible();
    $desk->press('#cancel-house')->press('#really-cancel')->sees('Cancelled: Ines Vale');
    $desk->press('#undo')->sees('Booked after all: Ines Vale')->find(".tag[data-tag=\"{$id}\"]");
    $desk->press('#cancel-booking')->press('#really-cancel')->press('#take-back')->press('#really-take-back');
    $desk->gone('#take-back')->find(".tag[data-tag=\"{$id}\"]");
});

it('says what a no-show does to the money before it is pressed, and undoes it with its money', function (): void {
    $desk = $this->window()->signIn();
    $id = Desk::today($desk, 'Nils Never');
    $desk->go("/at/quernmoor/board?booking={$id}");
    $desk->press('#did-not-come')->sees('stays due as the no-show fee')->isAccessible();
    $desk->press('#waive')->type('#waive-why', 'A flat tyre')->sees('is waived');
    $desk->press('#really-missed')->sees('no-show')->press('#take-back')->press('#really-take-back');
    $desk->sees('They did not come');
});

it('loses nothing to a sign-in that ends while somebody types', function (): void {
    $desk = $this->window()->signIn('bruno@quernmoor.example');
    $date = emptyFriday(6);
    ['id' => $id] = Desk::lesson($desk, $date, 'Sole Left');
    $desk->go("/at/quernmoor/board?date={$date}&booking={$id}")->type('#visit-note', 'Likes the low wheel');
    $desk->driver->manage()->deleteAllCookies();
    $desk->driver->executeScript('document.querySelector("#visit-note").form.requestSubmit()');
    $desk->sees('You have been signed out')->isAccessible();
    $desk->type('#again-password', 'wrong')->press('#sign-in-again')->sees('do not belong together');
    $desk->type('#again-password', 'clay-and-water')->press('#sign-in-again')->gone('.again');
    expect($desk->find('#visit-note')->getAttribute('value'))->toBe('Likes the low wheel');
    $desk->driver->executeScript('document.querySelector("#visit-note").form.requestSubmit()');
    $desk->sees('Bruno Okarra,');
});

it('keeps a note that was typed without a network, and says that the line is gone', function (): void {
    $desk = $this->window()->signIn();
    $date = emptyFriday(7);
    ['id' => $id] = Desk::lesson($desk, $date, 'Tun Nell');
    $desk->go("/at/quernmoor/board?date={$date}&booking={$id}")->type('#visit-note', 'Bring the big bat');
    $tools = new Facebook\WebDriver\Chrome\ChromeDevToolsDriver($desk->driver);
    $line = static fn (bool $isGone) => $tools->execute('Network.emulateNetworkConditions', [
        'offline' => $isGone, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1,
    ]);
    $tools->execute('Network.enable');
    $line(true);
    $desk->key(WebDriverKeys::ENTER)->sees('Kept for later.')->sees('No connection');
    $line(false);
    $desk->sees('Bring the big bat', 20)->gone('#cut-off');
});

it('finds a time again that was left waiting in this browser, and lets it go', function (): void {
    $client = $this->window();
    $client->go('/book/larkrise');
    Client::keepFirst($client, 9);
    $client->go('/book/quernmoor')->go('/book/larkrise')->sees('is still kept for you until')->isAccessible();
    $client->press('#go-on')->sees('Who is coming?');
    $client->go('/book/quernmoor')->go('/book/larkrise')->press('#let-waiting-go')->gone('#waiting');
    $client->go('/book/larkrise')->find('.door');
    expect($client->text())->not->toContain('is still kept for you');
});
