<?php

declare(strict_types=1);

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Tests\Browser\BrowserCase;
use Tests\Browser\Window;

uses(BrowserCase::class);

/** Whether there is a network in a window. */
function connect(Window $window, bool $there): void
{
    $tools = new ChromeDevToolsDriver($window->driver);
    $tools->execute('Network.enable');
    $tools->execute('Network.emulateNetworkConditions', [
        'offline' => ! $there,
        'latency' => 0,
        'downloadThroughput' => -1,
        'uploadThroughput' => -1,
    ]);
}

/** Opens the last day before today on which somebody's own list has a visit. */
function lastOwnDay(Window $phone): void
{
    $day = new DateTimeImmutable('today', new DateTimeZone('Europe/Lisbon'));
    for ($back = 1; $back <= 10; $back++) {
        $phone->go('/at/quernmoor/my-day?date='.$day->modify("-{$back} days")->format('Y-m-d'))->find('.across');
        if ($phone->driver->executeScript('return document.querySelector(".my-row") !== null')) {
            return;
        }
    }
    throw new RuntimeException('Nobody came in ten days.');
}

it('shows somebody’s own day on a phone, and keeps what is pressed in a tunnel for later', function (): void {
    $phone = $this->window(390, 844)->signIn();
    $phone->go('/at/quernmoor/board')->find('#my-day');
    lastOwnDay($phone);
    $phone->press('.my-row')->find('#press-undo');
    $phone->isAccessible();
    $phone->until('it is as if nothing had been said', function () use ($phone): bool {
        if ($phone->driver->executeScript('return document.querySelector("#press-arrived") !== null')) {
            return true;
        }
        if ($phone->isQuiet()) {
            $phone->press('#press-undo');
        }

        return false;
    });
    (new ChromeDevToolsDriver($phone->driver))->execute('Network.enable');
    connect($phone, false);
    $phone->press('#press-arrived')->sees('No network');
    connect($phone, true);
    $phone->until('nothing waits any more', fn (): bool => ! str_contains($phone->text(), 'No network'));
    $phone->gone('#press-arrived'); // what is below it moves up by then
    $phone->press('#press-started')->sees('Began at')->press('#press-completed')->sees('planned');
});
