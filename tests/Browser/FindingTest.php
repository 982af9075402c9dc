<?php

declare(strict_types=1);

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\BrowserCase;

uses(BrowserCase::class);

/* How somebody finds a time on the Gate, and what the way back, a shared link and another zone do to it. */

it('keeps what is chosen in the address, for sharing and for the way back', function (): void {
    $client = $this->window();
    $client->go('/book/quernmoor?code=SPRING')->press('[aria-label^="With whom"]')->find('.choices');
    $client->key('Bruno')->key(WebDriverKeys::ENTER);
    $client->until('the address says with whom', fn (): bool => str_contains($client->url(), 'with='));
    $address = $client->url();
    expect($address)->toContain('code=SPRING'); // what else the link says stays
    $client->driver->navigate()->back();
    $client->until('nobody is chosen', fn (): bool => ! str_contains($client->url(), 'with='));
    $client->find('[aria-label="With whom? anyone"]');
    $client->go($address)->find('[aria-label^="With whom? Bruno"]');
    $client->isAccessible();
});

it('gives a kept time free on the way back, and shows the times again', function (): void {
    $client = $this->window();
    $client->go('/book/quernmoor')->press('#soonest button')->press('#keep')->sees('Who is coming?');
    $client->driver->navigate()->back();
    $client->find('#soonest');
    $client->press('#soonest button')->press('#keep')->sees('Who is coming?');
    $client->choose('Another time')->find('#soonest');
});

it('shows hours as the clocks of the client do, one press away, and remembers it', function (): void {
    $client = $this->window();
    (new ChromeDevToolsDriver($client->driver))->execute(
        'Emulation.setTimezoneOverride',
        ['timezoneId' => 'Pacific/Auckland'],
    );
    $client->go('/book/quernmoor')->sees('All times are Lisbon time.');
    $here = $client->find('.door')->getText();
    $client->press('#own-zone')->sees('All times are Auckland time.')->isAccessible();
    expect($client->find('.door')->getText())->not->toBe($here);
    $doors = $client->driver->executeScript(
        'return [...document.querySelectorAll("li[data-date]")].flatMap((day) =>'
            .' [...day.querySelectorAll(".door")].map((door) => [day.dataset.date, door.textContent]))',
    );
    $beyond = array_filter($doors, static fn (array $door): bool => preg_match('/^[A-Z]/', $door[1]) === 1);
    expect(count($beyond))->toBeGreaterThan(5);
    foreach ($beyond as [$date, $says]) { // in the afternoon of Lisbon it is the next date there
        expect($says)->toStartWith((new DateTimeImmutable("{$date} +1 day"))->format('D '));
    }
    $client->go('/book/quernmoor')->sees('All times are Auckland time.');
    $client->press('#own-zone')->sees('All times are Lisbon time.');
    expect($client->find('.door')->getText())->toBe($here);
});

it('shows all that is offered to those who browse, and puts what they choose into the sentence', function (): void {
    $client = $this->window(390, 844);
    $client->go('/book/quernmoor')->press('#browse')->sees('Taster session')->isAccessible();
    $client->driver->executeScript(
        'for (const one of document.querySelectorAll(".offered button"))'
            .' if (one.textContent.includes("Taster session")) one.click()',
    );
    $client->find('[aria-label="What would you like? Taster session"]');
    $client->until('the address says it', fn (): bool => str_contains($client->url(), 'service='));
});
