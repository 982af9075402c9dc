<?php

declare(strict_types=1);

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Tests\Browser\BrowserCase;
use Tests\Browser\Window;

uses(BrowserCase::class);

/* The Gate for whoever sees it large, dark, or not at all. */

/** Nothing lies beyond the edge: nobody has to scroll sideways to read on. */
function staysWithin(Window $window): void
{
    $beyond = $window->driver->executeScript(
        'return document.documentElement.scrollWidth - document.documentElement.clientWidth',
    );
    expect($beyond)->toBe(0, $window->url());
}

/** @return list<array{string, string}> role and name of all that can be pressed or filled in, as it is read aloud */
function heard(Window $window): array
{
    $tools = new ChromeDevToolsDriver($window->driver);
    $tools->execute('Accessibility.enable');
    $nodes = $tools->execute('Accessibility.getFullAXTree')['nodes'];
    $pressed = ['button', 'link', 'textbox', 'combobox', 'checkbox', 'radio'];
    $heard = [];
    foreach ($nodes as $node) {
        $role = $node['role']['value'] ?? '';
        if (! $node['ignored'] && in_array($role, $pressed, true)) {
            $heard[] = [$role, trim($node['name']['value'] ?? '')];
        }
    }

    return $heard;
}

it('is read and booked at twice the size, in either scheme', function (string $scheme): void {
    $client = $this->window(640, 400); // 1280 × 800 at 200 %
    (new ChromeDevToolsDriver($client->driver))->execute('Emulation.setEmulatedMedia', [
        'features' => [['name' => 'prefers-color-scheme', 'value' => $scheme]],
    ]);
    $from = (new DateTimeImmutable('+48 days'))->format('Y-m-d');
    $client->go("/book/quernmoor?from={$from}")->find('.part-fold:not(:disabled)');
    staysWithin($client->isAccessible());
    $client->press('#browse')->sees('Taster session');
    staysWithin($client->isAccessible());
    $client->press('.part-fold:not(:disabled)')->press('.start')->press('#keep-small')->sees('Who is coming?');
    staysWithin($client->isAccessible());
    $client->type('#name', 'Zoe Large')->type('#email', "zoe-{$scheme}@post.example")->press('#book')->find('#card');
    $client->type('#card', '6000 0000 0000 0001')->press('#pay')->sees('Booked.');
    staysWithin($client->isAccessible());
    $client->press('#move')->find('.part-fold:not(:disabled)');
    staysWithin($client->isAccessible());
})->with(['light', 'dark']);

it('has a name for all that can be pressed, as it is heard', function (): void {
    $client = $this->window(390, 844);
    $from = (new DateTimeImmutable('+48 days'))->format('Y-m-d');
    $client->go("/book/quernmoor?from={$from}")->press('.part-fold:not(:disabled)')->find('.start');
    $heard = heard($client);
    $names = array_column($heard, 1);
    expect(array_filter($heard, static fn (array $one): bool => $one[1] === ''))->toBe([])
        ->and(count($heard))->toBeGreaterThan(20)
        ->and(implode("\n", $names))->toContain('What would you like?')
        ->and(preg_grep('/\d{1,2}:\d\d/', $names))->not->toBe([]);
    $client->press('.start')->press('#keep-small')->sees('Who is coming?');
    $heard = heard($client);
    expect(array_filter($heard, static fn (array $one): bool => $one[1] === ''))->toBe([])
        ->and(array_column($heard, 1))->toContain('Your name')
        ->and(array_column($heard, 1))->toContain('Email');
});
