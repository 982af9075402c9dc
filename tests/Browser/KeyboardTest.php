<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\BrowserCase;

uses(BrowserCase::class);

it('sets up a whole business without a mouse', function (): void {
    $owner = $this->window();
    $press = fn (string $css) => $owner->tabTo($css)->key(WebDriverKeys::ENTER);
    $owner
        ->go('/sign-up')
        ->write('#name', 'Hanne Heron')
        ->write('#email', 'hanne@heron.example')
        ->write('#password', 'quite long enough')
        ->key(WebDriverKeys::ENTER)
        ->sees('A link is on its way to hanne@heron.example');
    $link = $owner->mailed('hanne@heron.example', 'Open this')->find('pre a')->getAttribute('href');
    $owner->clicks = 0;
    $owner->go((string) $link)->sees('Welcome, Hanne Heron');
    $owner->write('#name', 'Heron Bindery')->tabTo('[name=trade], [id^=trade-]')->key(WebDriverKeys::SPACE);
    $press('#go-on')->sees('Draw on the bars');
    $owner->write('#start-mon', '10-16');
    $press('#go-on')->sees('Names, lengths and prices');
    $owner->write('#service-0-name', 'Binding a book');
    $press('#go-on')->sees('Is there anybody else?');
    $press('#go-on')->sees('Your page is not shown yet.');

    $press('a[href$="/roster"]')->sees('No time opens or closes.');
    $owner->tabTo('.stretch-end[data-end=to]')->key(WebDriverKeys::ARROW_RIGHT)->sees('opens');
    $press('#save')->sees('Opening hours saved.');
    $press('a[href$="/roster/people"]')->sees('Hanne Heron');
    $press('#add-person');
    $owner->write('#person-name', 'Ivo Crane');
    $press('#save')->sees('Ivo Crane saved.');
    $press('a[href$="/roster/locations"]')->find('#add-location');
    $press('#add-location');
    $owner->write('#location-name', 'Paper store')->write('#location-address', '2 Heron Lane');
    $press('#save')->sees('Paper store saved.');
    $press('a[href$="/roster/resources"]')->find('#add-pool');
    $press('#add-pool');
    $owner->write('#pool-name', 'Presses');
    $press('#add-unit');
    $press('#save')->sees('Presses saved.');
    $press('a[href$="/roster/year"]')->find('.year-day');
    $owner
        ->tabTo('.year-day')
        ->key(WebDriverKeys::ARROW_RIGHT)
        ->key(WebDriverKeys::ENTER)
        ->sees('As in an ordinary week.');
    $owner->tabTo('#what-closed')->key(WebDriverKeys::SPACE);
    $owner->tabTo('#whose-everyone')->key(WebDriverKeys::SPACE);
    $owner->write('#span-name', 'Paper fair');
    $press('#save-dates')->sees('Saved for');
    $press('#undo')->sees('Undone.');

    $press('a[href$="/offer"]')->sees('Binding a book');
    $press('a[href$="/offer/categories"]')->find('#add');
    $press('#add');
    $owner->write('#category-name', 'Books');
    $press('#save')->sees('Books saved.');
    $press('a[href$="/offer/add-ons"]')->find('#add');
    $press('#add');
    $owner->write('#add-on-name', 'Gilt edge')->write('#add-on-price', '12,50');
    $press('#save')->sees('Gilt edge saved.');
    $press('a[href$="/offer/questions"]')->find('#add');
    $press('#add');
    $owner->write('#question-text', 'How many pages?');
    $press('#save')->sees('saved.');
    $press('a[href$="/offer/services"]')->find('#add-service');
    $press('#add-service');
    $owner
        ->write('#service-name', 'Mending')
        ->tabTo('[aria-label=Length] input')
        ->key(WebDriverKeys::ARROW_RIGHT)
        ->key(WebDriverKeys::ARROW_RIGHT); // one length, several, the client's own
    $owner
        ->write('#range-min', '30')
        ->write('#range-max', '90')
        ->write('#range-step', '30')
        ->write('#service-perStep', '15')
        ->sees('€15.00'); // beside the price, a visit to try it on
    $press('#fold-cancelling');
    // "until it begins", by its first letter
    $owner->tabTo('#service-cancelling')->key('u')->sees('After that it costs 50 % of the price.');
    $press('#save')->sees('Mending saved.');
    $owner->sees('from €15.00');
    $owner->tabTo('.handle')->key(WebDriverKeys::ARROW_DOWN)->sees('Order saved.');
    expect($owner->clicks)->toBe(0);
});
