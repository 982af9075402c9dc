<?php

declare(strict_types=1);

use Tests\Browser\BrowserCase;
use Tests\Browser\Client;
use Tests\Browser\Window;

uses(BrowserCase::class);

const PAYS = '6000 0000 0000 0001';
const DECLINED = '6000 0000 0000 0002';
const SECOND_STEP = '6000 0000 0000 0003';
const LATE = '6000 0000 0000 0004';

it('books and pays, and the Board shows it within seconds without a reload', function (): void {
    $client = $this->window();
    $date = Client::freeDay($client->go('/book/quernmoor')->isAccessible(), 2);
    $desk = $this->window()->signIn();
    $desk->go("/at/quernmoor/board?date={$date}")->find('.tag');
    Client::keepFirst($client, 2);
    $client
        ->isAccessible()
        ->type('#name', 'Kim Post')
        ->type('#email', 'kim')
        ->press('#book')
        ->sees('This does not look like an email address');
    expect($client->find('#name')->getAttribute('value'))->toBe('Kim Post'); // nothing typed is lost
    $client->type('#email', 'kim@post.example')->press('#book')->sees('Pay €')->isAccessible();
    $client
        ->type('#card', DECLINED)
        ->press('#pay')
        ->sees('This card was declined')
        ->type('#card', PAYS)
        ->press('#pay');
    $client->sees('Booked.')->sees('Paid.')->isAccessible();
    $isThere = fn (): bool => str_contains($desk->driver->getPageSource(), 'Kim Post');
    $desk->until('the booking is on the Board', $isThere);
    $desk
        ->press("[title^='Kim Post']")
        ->sees('kim@post.example')
        ->sees('Messages')
        ->sees('reminder to client')
        ->isAccessible();
    $client->mailed('kim@post.example', 'Booked: Wheel lesson')->sees('BEGIN:VCALENDAR')->isAccessible();
    $client->mailed('alva@quernmoor.example', 'Booked: Wheel lesson')->sees('Kim Post');
});

it('books with a card that asks for a second step, and with one that answers late', function (): void {
    $client = $this->window();
    $client->go('/book/quernmoor');
    Client::keepFirst($client, 3);
    Client::fillIn($client, 'Second Step', 'step@post.example')
        ->type('#card', SECOND_STEP)
        ->press('#pay')
        ->sees('Your bank asks')
        ->press('#step')
        ->sees('Booked.');
    $client->go('/book/quernmoor');
    Client::keepFirst($client, 3);
    Client::fillIn($client, 'Late Answer', 'late@post.example')
        ->type('#card', LATE)
        ->press('#pay')
        ->sees('Not booked yet.')
        ->isAccessible();
    $client->sees('Booked.', patienceSeconds: 25);
});

it(
    'lets a client choose length and add-ons, and says what each costs before and after it is booked',
    function (): void {
        $client = $this->window();
        $client->go('/book/quernmoor')->press('[aria-label^="For how long"]')->find('.choices');
        $client
            ->key('1 hour 30')
            ->key(Facebook\WebDriver\WebDriverKeys::ENTER)
            ->sees('€66.00');
        $client
            ->press('.add-on input')
            ->sees('€78.00')
            ->press('[aria-label="One more of Second pot"]')
            ->sees('2 × Second pot')
            ->sees('€90.00')
            ->isAccessible();
        $client->press('[aria-label^="With whom"]')->find('.choices');
        $client->key('Gwen')->key(Facebook\WebDriver\WebDriverKeys::ENTER)->sees('with Gwen Harrow');
        $client->until('a time is chosen that is more than a day ahead', function () use ($client): bool {
            if ($client->isQuiet() && ! $client->find('#keep')->isEnabled()) {
                $client->driver->executeScript(<<<'JS'
                    const last = (css) => [...document.querySelectorAll(css)].at(-1);
                    (last('.start') ?? last('.door'))?.click();
                    JS);
            }

            return $client->find('#keep')->isEnabled();
        });
        $client
            ->press('#keep')
            ->sees('Who is coming?')
            ->sees('2 × Second pot')
            ->sees('After that it costs 50 % of the price.');
        Client::fillIn($client, 'Lena Long', 'lena@post.example')
            ->sees('Pay €90.00')
            ->type('#card', PAYS)
            ->press('#pay')
            ->sees('Booked.')
            ->sees('Paid.')
            ->isAccessible();
        $client
            ->mailed('lena@post.example', 'Booked: Wheel lesson')
            ->sees('2 hours 30 minutes')
            ->sees('2 × Second pot')
            ->sees('Free to cancel until');
    },
);

it('keeps a card for a visit that costs nothing, and pays a deposit for one that does', function (): void {
    $client = $this->window();
    $choose = function (string $what) use ($client): Window {
        $client->go('/book/quernmoor')->press('[aria-label^="What would you like"]')->find('.choices');

        return $client->key($what)->key(Facebook\WebDriver\WebDriverKeys::ENTER);
    };
    $choose('Commission')
        ->sees('We ask for a card and keep it')
        ->press('#soonest button')
        ->press('#keep')
        ->sees('Leave a card and book');
    Client::fillIn($client, 'Carla Card', 'carla@post.example')
        ->sees('Nothing is charged now')
        ->isAccessible()
        ->type('#card', PAYS)
        ->press('#pay')
        ->sees('Booked.')
        ->sees('Your card is kept')
        ->isAccessible();
    $choose('Taster')->sees('€8.00 to pay now')->press('#soonest button')->press('#keep')->sees('Who is coming?');
    Client::fillIn($client, 'Dino Deposit', 'dino@post.example')
        ->sees('Pay €8.00')
        ->type('#card', PAYS)
        ->press('#pay')
        ->sees('€8.00 paid, €24.00 to be paid when you come.');
    $client->press('#cancel')->sees('Cancel Taster session?')->isAccessible();
});

it(
    'tells the second of two windows that the time has just been taken, and what is free close to it',
    function (): void {
        [$one, $two] = [$this->window(), $this->window()];
        $date = Client::freeDay($one->go('/book/larkrise'), 4);
        foreach ([$one, $two] as $window) {
            $window->go('/book/larkrise')->press("[data-date='{$date}'] .door");
            if (
                $window->driver->findElements(
                    Facebook\WebDriver\WebDriverBy::cssSelector("[data-date='{$date}'] .start"),
                ) !== []
            ) {
                $window->press("[data-date='{$date}'] .start");
            }
        }
        $one->press('#keep')->sees('Who is coming?');
        $two->press('#keep')->sees('just been taken')->isAccessible();
        expect(
            $two->driver->executeScript(
                'const box = document.activeElement.getBoundingClientRect(); return '
                    .'document.activeElement.matches("[role=alert]") && box.top >= 0 && box.bottom <= innerHeight',
            ),
        )->toBeTrue(); // in sight, wherever one was
        $two->press('[role=alert] button')->sees('Who is coming?');
        Client::fillIn($one, 'First Window', 'one@post.example')->sees('Booked.');
        Client::fillIn($two, 'Second Window', 'two@post.example')->sees('Booked.');
    },
);

it('takes places in a shared afternoon, and the Board shows them as one tag', function (): void {
    $client = $this->window();
    $client
        ->go('/book/quernmoor')
        ->press('[aria-label^="What would you like"]')
        ->sees('Others share the room')
        ->key('Family')
        ->key(Facebook\WebDriver\WebDriverKeys::ENTER);
    $client
        ->sees('one person')
        ->press('[aria-label^="How many"]')
        ->sees('2 people')
        ->key('3')
        ->key(Facebook\WebDriver\WebDriverKeys::ENTER)
        ->sees('3 people')
        ->isAccessible();
    $client->until(
        'the times for three are there',
        fn (): bool => str_contains($client->text(), 'left at this time') || $client->press('#soonest button') === null,
    );
    $client->press('#keep')->sees('Who is coming?');
    Client::fillIn($client, 'Fay Family', 'fay@post.example')->sees('Booked.')->sees('3 people')->isAccessible();
    $mail = $client->mailed('fay@post.example', 'Booked: Family afternoon')->text();
    preg_match('/(\d+) (\w+) (\d{4}), \d\d:\d\d/', $mail, $when);
    $desk = $this->window()->signIn();
    $desk->go(
        '/at/quernmoor/board?date='.(new DateTimeImmutable("{$when[1]} {$when[2]} {$when[3]}"))->format('Y-m-d'),
    );
    $desk->press('.tag[title^="Family afternoon"]')->sees('of 12 places')->sees('Fay Family')->isAccessible();
    $desk->press('[aria-label="Who comes"] li:last-child button')->sees('Messages');
});

it('cancels by the link in the mail, and the money goes back', function (): void {
    $client = $this->window();
    $client->go('/book/quernmoor');
    Client::keepFirst($client, 5);
    Client::fillIn($client, 'Cara Cancel', 'cara@post.example')
        ->type('#card', PAYS)
        ->press('#pay')
        ->sees('Booked.');
    $client->mailed('cara@post.example', 'Booked: Wheel lesson');
    $client
        ->go((string) $client->find('pre a')->getAttribute('href'))
        ->press('#cancel')
        ->sees('€48.00 goes back to your card.')
        ->press('#really-cancel')
        ->sees('Cancelled.')
        ->isAccessible();
    $client->mailed('cara@post.example', 'Cancelled: Wheel lesson')->sees('METHOD:CANCEL');
});

it('cancels from the card with a word to the client', function (): void {
    $client = $this->window();
    $client->go('/book/larkrise');
    $date = Client::keepFirst($client, 6);
    Client::fillIn($client, 'Dora Drop', 'dora@post.example')->sees('Booked.');
    $desk = $this->window()->signIn('wendel@larkrise.example');
    $desk
        ->go("/at/larkrise/board?date={$date}")
        ->press("[title^='Dora Drop']")
        ->press('#cancel-booking')
        ->type('#why', 'The van has broken down.')
        ->press('#really-cancel')
        ->sees('cancelled');
    $client->mailed('dora@post.example', 'Cancelled')->sees('The van has broken down.');
});

it('walks the Board with the arrow keys', function (): void {
    $desk = $this->window()->signIn();
    $desk->go('/at/quernmoor/board?date='.Client::openDay(1))->find('.tag');
    $desk->isAccessible();
    $label = fn (): string => (string) $desk->driver->executeScript(
        'return document.activeElement.dataset.lane + " " + document.activeElement.dataset.tag',
    );
    $desk->driver->executeScript('document.querySelector(".tag[tabindex=\"0\"]").focus()');
    $first = $label();
    $desk->key(Facebook\WebDriver\WebDriverKeys::ARROW_DOWN);
    expect($label())->not->toBe($first)->and(explode(' ', $label())[0])->not->toBe(explode(' ', $first)[0]);
    $desk->key(Facebook\WebDriver\WebDriverKeys::ENTER)->find('article h2:focus');
    $desk->key(Facebook\WebDriver\WebDriverKeys::ESCAPE);
    $desk->find("[aria-label='Coming up']");
});

it('is found without fault by axe on every screen, wide and narrow', function (int $width, int $height): void {
    $window = $this->window($width, $height);
    foreach (
        [
            '/book/quernmoor',
            '/book/larkrise',
            '/sign-in',
            '/sign-up',
            '/forgot-password',
            '/new-password',
            '/book/nowhere',
        ] as $page
    ) {
        $window->go($page)->find('h1');
        $window->isAccessible();
    }
    $window->signIn();
    foreach (
        [
            'board',
            'offer',
            'offer/services/new',
            'offer/categories',
            'offer/add-ons',
            'offer/questions',
            'offer/dayparts',
            'roster',
            'roster/year',
            'roster/people',
            'roster/people/new',
            'roster/locations',
            'roster/locations/new',
            'roster/resources',
            'roster/resources/new',
            'gate',
            'clients',
            'my-day',
            'ledger/sales',
            'ledger/day',
            'ledger/figures',
        ] as $room
    ) {
        $window->go("/at/quernmoor/{$room}")->find('h2, h1');
        $window->isAccessible();
    }
    foreach (['mailbox', 'clock', 'processor'] as $page) {
        $window->go(getenv('YARDBELL_TEST_STAND_INS')."/stand-ins/{$page}")->find('h1');
        $window->isAccessible();
    }
})->with([[1280, 800], [390, 844]]);

it('books on a phone by the parts of the day', function (): void {
    $phone = $this->window(390, 844);
    $date = Client::freeDay($phone->go('/book/larkrise'), 7);
    $phone
        ->press("[data-date='{$date}'] .part-fold:not(:disabled)")
        ->press('.start')
        ->press('#keep-small')
        ->sees('Who is coming?')
        ->isAccessible();
    Client::fillIn($phone, 'Phil Phone', 'phil@post.example')->sees('Booked.');
});

it('rings the reminder once when the clock is put forward', function (): void {
    $client = $this->window();
    $client->go('/book/larkrise');
    $date = Client::keepFirst($client, 9);
    Client::fillIn($client, 'Rita Remind', 'rita@post.example')->sees('Booked.');
    $client->go('/book/larkrise');
    Client::keepFirst($client, 9);
    Client::fillIn($client, 'Luca Later', 'luca@post.example')->sees('Booked.');
    $clock = getenv('YARDBELL_TEST_STAND_INS').'/stand-ins/clock';
    $box = getenv('YARDBELL_TEST_STAND_INS').'/stand-ins/mailbox?to=';
    $rung = static fn (string $of): int => substr_count(
        $client->go("{$box}{$of}@post.example")->text(),
        'Tomorrow: Tuning',
    );
    $client->go($clock);
    for ($day = (int) (new DateTimeImmutable('today'))->diff(new DateTimeImmutable($date))->days; $day > 1; $day--) {
        $client->press('[value="1440"]')->sees('ahead of this machine');
    }
    // until the one who comes later has been reminded: by then the worker has gone its rounds after the first
    for ($hour = 0; $hour < 36 && $rung('luca') === 0; $hour++) {
        $client->go($clock)->press('[value="60"]')->sees('ahead of this machine');
    }
    expect([$rung('rita'), $rung('luca')])->toBe([1, 1]);
    $client
        ->go($clock)
        ->choose('Back to this machine’s time')
        ->until('the clock is back', fn (): bool => ! str_contains($client->text(), 'ahead of this machine'));
});
