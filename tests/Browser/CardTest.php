<?php

declare(strict_types=1);

use Tests\Browser\BrowserCase;
use Tests\Browser\Desk;
use Tests\Browser\Window;

uses(BrowserCase::class);

/** The Thursday some weeks after next, for one test alone. */
function emptyThursday(int $weeks): string
{
    return (new DateTimeImmutable('today', new DateTimeZone('Europe/Lisbon')))
        ->modify("monday this week +{$weeks} weeks +3 days")
        ->format('Y-m-d');
}

/** Asks for the first kiln firing on a date or after, as the Gate's window would. */
function askedFor(Window $window, string $date): string
{
    return $window->driver->executeAsyncScript(<<<'JS'
        const [date, done] = arguments;
        const gate = (path, body) => fetch(`/gate-api/${path}`, {
          ...(body === undefined ? {} : { method: 'POST', body: JSON.stringify(body) }),
          headers: { Accept: 'application/json', 'Content-Type': 'application/json' },
        }).then((answer) => answer.json());
        (async () => {
          const page = await (await fetch('/book/quernmoor')).text();
          const { services } = JSON.parse(/id="first">(.*?)<\/script>/s.exec(page)[1]).page;
          const service = services.find((one) => one.name === 'Kiln firing').id;
          const { days } = await gate(`pages/quernmoor/open-times?service=${service}&from=${date}`);
          const start = days.flatMap((day) => day.starts)[0].at;
          const held = await gate('pages/quernmoor/holds', { service, staff: null, start });
          const who = { name: 'Tilda Brandt', email: 'tilda@post.example', phone: '', note: '' };
          await gate(`bookings/${held.id}/book?${held.query}`, who);
          done(`${start.slice(0, 10)}&booking=${held.id}`);
        })().catch((wrong) => done(String(wrong)));
        JS, [$date]);
}

it('suggests another time, which the client takes by the link in the mail, without a script', function (): void {
    [$desk, $client] = [$this->window()->signIn(), $this->window(390, 844)];
    $client->go('/book/quernmoor');
    $desk->go('/at/quernmoor/board?date='.askedFor($client, emptyThursday(3)))->sees('waiting for your answer');
    $desk->write('#answer-why', 'We are two that afternoon')->press('#another-time')->find('[id^="suggest-2"]');
    $desk->isAccessible();
    $desk->driver->executeScript('document.querySelectorAll("[id^=suggest-2]")[1].click()');
    $desk->press('#send-suggestion')->sees('Suggested, and not answered yet');
    $client->mailed('tilda@post.example', 'Another time?')->sees('We are two that afternoon');
    $link = $client->driver->executeScript(
        'return /https?:\S+\/instead\S+/.exec(document.body.textContent)[0]',
    );
    $client->go(substr((string) $link, (int) strpos((string) $link, '/b/')))->sees('If this suits you');
    $client->isAccessible();
    $client->press('#take')->sees('Booked');
    $desk->sees('booked', 10);
});

it('notes something for staff, shows other visits, and books the same again two weeks later', function (): void {
    $desk = $this->window()->signIn();
    ['id' => $id] = Desk::lesson($desk, emptyThursday(4), 'Orla Finch');
    $desk->press(".tag[data-tag=\"{$id}\"]")->sees('Notes for staff');
    $desk->write('#visit-note', "Left-handed\n")->sees('Left-handed')->find('.tag-glyph');
    $desk->write('#again-weeks', '2')->press('#book-again')->sees('would like');
    $desk->until('it fits', fn (): bool => $desk->find('#desk-book')->isEnabled());
    $desk->press('#desk-book')->sees('What happened')->sees('Other visits');
});
