<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/** What somebody at the desk does again and again. */
final class Desk
{
    /** Completes the desk's sentence as far as the service. */
    public static function sentence(Window $window, string $who, string $service): void
    {
        $window->find('.lane-band');
        $window->key('b')->find('#desk-who');
        $window->driver->getKeyboard()->sendKeys($who);
        $window->find('.combo-option');
        $window->until('what was typed is found', fn (): bool => str_contains($window->text(), $who));
        $window->key(WebDriverKeys::TAB); // the list may still be on its way: it waits for it
        $window->until('who comes is chosen', static fn (): bool => $window->driver->executeScript(
            'return document.activeElement.id !== "desk-who"',
        ) === true);
        foreach (['#desk-email', '#desk-phone'] as $field) {
            if ($window->driver->executeScript('return "#" + document.activeElement.id') === $field) {
                $window->key(WebDriverKeys::TAB);
            }
        }
        $window->driver->getKeyboard()->sendKeys($service);
        $window->until('the service is found', fn (): bool => $window->find('.combo-option')->getText() === $service);
        $window->key(WebDriverKeys::TAB)->quiet(); // what fits is asked for once nothing more is typed
    }

    /** Books a wheel lesson that has just begun, whatever hour it is and whatever is in its way. */
    public static function today(Window $desk, string $who): string
    {
        return $desk->driver->executeAsyncScript(<<<'JS'
            const [who, done] = arguments;
            const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)[1]);
            (async () => {
              const setup = await (await fetch('/api/businesses/quernmoor/setup')).json();
              const service = setup.services.find((one) => one.name === 'Wheel lesson').id;
              const begun = new Date(Math.floor(Date.now() / 900_000) * 900_000);
              const start = begun.toISOString().slice(0, 16) + 'Z';
              const wish = { service, party: 1, start, name: who, told: false, outside: true, double: true };
              const card = await (await fetch('/api/businesses/quernmoor/bookings', {
                method: 'POST',
                headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token },
                body: JSON.stringify(wish),
              })).json();
              done(card.id);
            })();
            JS, [$who]);
    }

    /**
     * Books a wheel lesson of an hour by what the desk's window would send, and opens its day.
     *
     * @return array{id: string, staff: string}
     */
    public static function lesson(Window $desk, string $date, string $who): array
    {
        $made = $desk->driver->executeAsyncScript(<<<'JS'
            const [date, who, done] = arguments;
            const told = false;
            const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)[1]);
            const at = (path) => `/api/businesses/quernmoor/${path}`;
            const ask = async (path, body) => (await fetch(at(path), body === undefined ? {} : {
              method: 'POST',
              headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token },
              body: JSON.stringify(body),
            })).json();
            (async () => {
              const setup = await ask('setup');
              const service = setup.services.find((one) => one.name === 'Wheel lesson').id;
              const times = await ask('desk-times', { service, party: 1, date, at: null, staff: null });
              const start = times.starts[2];
              const wish = { service, party: 1, start: start.at, staff: start.staff[0], name: who, told };
              const card = await ask('bookings', wish);
              done({ id: card.id, staff: card.staff[0].id });
            })();
            JS, [$date, $who]);
        $desk->go("/at/quernmoor/board?date={$date}")->find(".tag[data-tag=\"{$made['id']}\"]");

        return $made;
    }
}
