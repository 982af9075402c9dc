<?php

declare(strict_types=1);

use Tests\Browser\BrowserCase;
use Tests\Browser\Window;

uses(BrowserCase::class);

/** A Wednesday that nothing is on yet, and on which those who hold groups work. */
function farWednesday(int $weeks = 9): string
{
    return (new DateTimeImmutable('today', new DateTimeZone('Europe/Lisbon')))
        ->modify("monday this week +{$weeks} weeks +2 days")
        ->format('Y-m-d');
}

/** Books a place in the session whose page this is, by what the desk's window would send. */
function bookPlace(Window $desk, string $who): void
{
    $booked = $desk->driver->executeAsyncScript(<<<'JS'
        const [who, done] = arguments;
        const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)[1]);
        const at = (path) => `/api/businesses/quernmoor/${path}`;
        (async () => {
          const { service, start } = await (await fetch(at(`sessions/${location.pathname.split('/').at(-1)}`))).json();
          const card = await fetch(at('bookings'), {
            method: 'POST',
            headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token },
            body: JSON.stringify({ service, party: 1, start, name: who, email: 'wren@post.example', told: false }),
          });
          done(card.status);
        })();
        JS, [$who]);
    expect($booked)->toBe(201);
}

it('schedules a group for three weeks, leaves one out, and shows who comes', function (): void {
    $owner = $this->window()->signIn();
    $owner->go('/at/quernmoor/offer/services')->choose('Taster session');
    $owner->press('#schedule')->type('#session-date', farWednesday())->type('#session-at', '10:00');
    $owner->select('#session-often', 'every week')->type('#session-times', '3')->sees('Schedule 3 dates');
    $owner->isAccessible();
    $owner->quiet()->press('.session-dates > li:nth-child(2) button')->sees('Schedule 2 dates');
    $owner->press('#schedule-them')->sees('2 dates are scheduled and can be booked.')->quiet();
    $owner->press('.session-rows li:last-child a')->sees('Nobody has booked a place yet.');
    bookPlace($owner, 'Wren Alder');
    $owner->sees('Wren Alder'); // by itself, after a while
    $owner->sees('1 of 8')->isAccessible();
    $owner->gone('[data-here]'); // that they are here is said on the day
    $owner->press('[data-open]')->sees('Messages')->choose('Close');

    $owner->press('#change-session')->type('#session-places', '0')->sees('How many places');
    $owner->type('#session-places', '8')->type('#change-at', '11:00')->sees('1 booking moves with it.');
    $owner->quiet()->press('#really-change-session')->sees('The date is changed.')->sees('11:00 to 13:00');
    $owner->sees('Wren Alder');

    $owner->press('#cancel-session')->sees('1 booking is cancelled, of one person.');
    $owner->type('#cancel-why', 'The kiln broke.')->press('#really-cancel-session')->sees('This date is cancelled.');
    $owner->sees('Nobody has booked a place yet.')->sees('cancelled: The kiln broke.');
});

it('is scheduled with the keyboard alone, and refuses what cannot be by the field it is about', function (): void {
    $owner = $this->window()->signIn();
    $owner->go('/at/quernmoor/offer/services')->choose('Taster session');
    $owner->tabTo('#schedule')->key(\Facebook\WebDriver\WebDriverKeys::ENTER)->find('#schedule-them');
    $owner->write('#session-date', farWednesday(15))->write('#session-at', '10:00')->write('#session-places', '5');
    $owner->sees('Schedule 1 date')->quiet();
    $owner->tabTo('#schedule-them')->key(\Facebook\WebDriver\WebDriverKeys::ENTER);
    $owner->sees('1 date is scheduled and can be booked.');
});
