<?php

declare(strict_types=1);

use App\Http\Hosts;
use App\Http\Middleware\DemonstrationOnly;
use App\Models\AddOn;
use App\Models\Booking;
use App\Models\Question;
use App\Support\ClientLink;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\Testing\File;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Tests\Support\Things;
use Tests\Support\Yard;

it('refuses what cannot be read, in a sentence', function (
    string $method,
    string $uri,
    ?string $body,
    string $type,
): void {
    $yard = Yard::open();
    $this->actingAs($yard->owner);
    $answer = $this->call(
        $method,
        str_replace('SERVICE', $yard->lesson->id, $uri),
        server: ['CONTENT_TYPE' => $type, 'HTTP_ACCEPT' => 'application/json'],
        content: $body,
    );
    expect($answer->getStatusCode())->toBeGreaterThanOrEqual(400)->toBeLessThan(500)
        ->and($answer->json('message'))->toBeString();
})->with([
    'a list for a service' => ['GET', '/gate-api/pages/yard/open-times?service[]=SERVICE', null, ''],
    'a list for a date' => ['GET', '/api/businesses/yard/board?date[]=2027-03-01', null, ''],
    'a list for a length' => ['GET', '/gate-api/pages/yard/quote?service=SERVICE&minutes[a]=60', null, ''],
    'a list for an address' => [
        'POST',
        '/api/sign-in',
        '{"email": ["a@b.example"], "password": ["x"]}',
        'application/json',
    ],
    'broken letters in an address' => ['GET', '/gate-api/pages/%C3%28/open-times?service=SERVICE', null, ''],
    'broken letters in a question' => ['GET', '/gate-api/pages/yard/open-times?service=%C3%28', null, ''],
    'broken letters in a form' => [
        'POST',
        '/api/sign-in',
        'email=a%C3%28&password=x',
        'application/x-www-form-urlencoded',
    ],
    'broken letters in JSON' => [
        'POST',
        '/api/sign-in',
        "{\"email\": \"a\xC3\x28@b.example\", \"password\": \"x\"}",
        'application/json',
    ],
    'no JSON' => ['POST', '/api/sign-in', '{"email": ', 'application/json'],
    'a word for JSON' => ['POST', '/api/sign-in', '"email"', 'application/json'],
    'very deep JSON' => ['POST', '/api/sign-in', str_repeat('[', 400).str_repeat(']', 400), 'application/json'],
    'a huge number in an address' => ['GET', '/verify/99999999999999999999999999', null, ''],
    'a huge year' => ['GET', '/api/businesses/yard/year/999999999999', null, ''],
    'a date that is none' => ['GET', '/gate-api/pages/yard/open-times?service=SERVICE&from=275760-09-13', null, ''],
    'a list for a time' => [
        'POST',
        '/gate-api/pages/yard/holds',
        '{"service": "x", "start": ["2027-03-01T09:00Z"]}',
        'application/json',
    ],
    'null for drafts' => ['POST', '/api/businesses/yard/drafts', '{"drafts": null}', 'application/json'],
    'null for a draft' => ['POST', '/api/businesses/yard/drafts', '{"drafts": [null]}', 'application/json'],
    'null for the facts' => [
        'POST',
        '/api/businesses/yard/drafts/preview',
        '{"drafts": [{"kind": "facts", "id": "business", "version": "x", "content": null}]}',
        'application/json',
    ],
    'null for opening hours' => [
        'POST',
        '/api/businesses/yard/drafts/preview',
        '{"drafts": [{"kind": "openingHours", "id": "business", "version": "x", "content": null}]}',
        'application/json',
    ],
    'a zero byte' => ['GET', '/gate-api/pages/yard%00/open-times?service=SERVICE', null, ''],
]);

it('previews with the same objections as saving', function (): void {
    $yard = Yard::open();
    $yard->book('10:00');
    $this->actingAs($yard->owner);
    $draft = Things::removal($yard->business, 'location', (string) $yard->business->locations()->value('id'));
    foreach (['drafts/preview', 'drafts'] as $path) {
        $this->postJson("/api/businesses/yard/{$path}", ['drafts' => [$draft]])
            ->assertStatus(409)
            ->assertJson(['code' => 'in_use']);
    }
});

it('refuses a file whose name cannot be read', function (): void {
    $yard = Yard::open();
    $held = $yard->hold('10:00');
    $file = new UploadedFile(
        File::fake()->createWithContent('a.txt', 'words')->getPathname(),
        "b\xC3\x28.txt",
        null,
        null,
        true,
    );
    $this->call(
        'POST',
        "/gate-api/bookings/{$held->id}/files?".app(ClientLink::class)->query($held),
        files: ['file' => $file],
        server: ['HTTP_ACCEPT' => 'application/json'],
    )->assertStatus(400);
});

it('reckons beyond what fits into 32 bits', function (): void {
    $yard = Yard::open(['price' => 100_000_000, 'places' => 100, 'max_party' => 100]);
    $yard->lesson->update(['pricing' => ['perPerson' => true] + Yard::pricing(100_000_000)]);
    $held = $this->postJson('/gate-api/pages/yard/holds', [
        'service' => $yard->lesson->id,
        'start' => Yard::at('10:00'),
        'party' => 90,
    ])->assertCreated();
    expect($held->json('total'))->toBe(9_000_000_000)
        ->and(Booking::query()->value('price'))->toBe(9_000_000_000);
});

it('finds a booking by its id in small letters, and another id not at all', function (): void {
    $yard = Yard::open();
    $booking = $yard->book('10:00');
    $this->actingAs($yard->owner)
        ->getJson('/api/businesses/yard/bookings/'.strtolower($booking->id))
        ->assertOk();
    // the database compares to the letter
    expect(DB::table('bookings')->where('id', strtolower($booking->id))->exists())->toBeFalse();
});

it('lets staff change their hours whatever made the ids of what they do', function (): void {
    $yard = Yard::open();
    $this->actingAs($yard->owner);
    $second = $this->postJson('/api/businesses/yard/drafts', [
        'drafts' => [Things::fresh('service', ['staff' => [$yard->staff[0]->id]])],
    ])
        ->assertOk()
        ->json('ids.0');
    $third = Yard::offer($yard->business, ['name' => 'Third'], $yard->staff)->id;
    $yard->staff[0]->update(['changes_own_hours' => true]);
    $yard->business
        ->users()
        ->updateExistingPivot($yard->owner->id, ['role' => 'staff', 'staff_id' => $yard->staff[0]->id]);
    $draft = Things::change($yard->business, 'person', $yard->staff[0]->id, [
        'hours' => ['mon' => [['from' => '09:00', 'to' => '12:00']]],
    ]);
    expect($draft['content']['services'])->toContain($second, $third, $yard->lesson->id);
    $this->postJson('/api/businesses/yard/drafts', [
        'drafts' => [
            ['content' => ['services' => array_reverse($draft['content']['services'])] + $draft['content']] + $draft,
        ],
    ])->assertOk();
});

it('tells the Gate nothing of what is only for the desk or by link', function (): void {
    $yard = Yard::open();
    [$hidden, $desk] = [
        Yard::offer($yard->business, ['name' => 'Secret', 'visibility' => 'link'], $yard->staff)->id,
        Yard::offer($yard->business, ['name' => 'Desk', 'visibility' => 'desk'], $yard->staff)->id,
    ];
    AddOn::query()->create([
        'business_id' => $yard->business->id,
        'name' => 'Only there',
        'price' => 1,
        'minutes' => 0,
        'services' => [$hidden, $desk],
    ]);
    Question::query()->create([
        'business_id' => $yard->business->id,
        'text' => 'Only asked there?',
        'type' => 'short',
        'choices' => [],
        'services' => [$desk],
    ]);
    Question::query()->create([
        'business_id' => $yard->business->id,
        'text' => 'Asked here too?',
        'type' => 'short',
        'choices' => [],
        'services' => [$yard->lesson->id, $desk],
    ]);
    $page = (string) $this->get('/book/yard')->getContent();
    expect($page)->not->toContain($hidden)->not->toContain($desk)->not->toContain('Only there')
        ->not->toContain('Only asked there?')
        ->toContain('Asked here too?')
        ->and((string) $this->get("/book/yard?service={$hidden}")->getContent())->toContain($hidden)
        ->toContain('Only there')
        ->not->toContain($desk);
});

it('says when to come back after too many tries', function (): void {
    config(['yardbell.tries_a_minute' => 1]);
    Yard::open();
    $ask = fn () => $this->postJson('/api/forgot-password', ['email' => 'a@b.example']);
    $ask()->assertOk();
    $refused = $ask()->assertTooManyRequests();
    expect($refused->json('message'))->toMatch('/^Too many tries\. Try again in \d+ seconds?\.\z/')
        ->and((int) $refused->headers->get('Retry-After'))->toBe($refused->json('retryAfter'));
});

it('trusts its own address alone, and no proxy it was not told of', function (): void {
    expect(Hosts::trusted())->toBe(['^127\.0\.0\.1\z', '^stand\-ins\.example\z'])
        ->and(Hosts::proxies())->toBe([]);
    $this->app['env'] = 'production';
    app(Illuminate\Http\Middleware\TrustHosts::class)->handle(
        Illuminate\Http\Request::create('http://127.0.0.1/'),
        static fn () => new Illuminate\Http\Response(),
    );
    expect(fn () => Illuminate\Http\Request::create('http://evil.example/')->getHost())->toThrow(
        Symfony\Component\HttpFoundation\Exception\SuspiciousOperationException::class,
    );
    $this->app['env'] = 'testing';
    Illuminate\Http\Request::setTrustedHosts([]);
    Yard::open();
    expect($this->get('/book/yard', ['X-Forwarded-Host' => 'evil.example'])->getContent())->not->toContain(
        'evil.example',
    );
});

it('shows the stand-ins on their own port alone, and never outside a demonstration', function (): void {
    $this->get('http://127.0.0.1:8400/stand-ins/mailbox')->assertOk();
    $this->get('http://127.0.0.1:8401/stand-ins/mailbox')->assertNotFound();
    config(['yardbell.demonstration' => false]);
    $this->get('http://127.0.0.1:8400/stand-ins/mailbox')->assertNotFound();
});

it('refuses a picture of very many pixels before it is decoded', function (): void {
    $yard = Yard::open();
    // 40 megapixels, and nothing behind it
    $header = "\x89PNG\r\n\x1a\n".pack('N', 13).'IHDR'.pack('NN', 8000, 5000)."\x08\x02\x00\x00\x00";
    $file = UploadedFile::fake()->createWithContent(
        'small.png',
        $header.pack('N', crc32(substr($header, 12))).pack('N', 0)."IEND\xAE\x42\x60\x82",
    );
    $this->actingAs($yard->owner)
        ->post('/api/businesses/yard/pictures', ['picture' => $file], ['Accept' => 'application/json'])
        ->assertUnprocessable()
        ->assertJsonPath('fields.picture', 'This picture has too many pixels. Make it smaller than 25 million.');
});

it('writes no values of statements into the log', function (): void {
    $log = sys_get_temp_dir().'/log-'.bin2hex(random_bytes(5)).'.log';
    config(['logging.channels.single.path' => $log]);
    app('log')->forgetChannel('single');
    app('log')->forgetChannel('careful');
    try {
        DB::table('clients')->insert([
            'business_id' => 1,
            'id' => 'x',
            'name' => 'Rosa Secret',
            'email' => 'rosa@secret.example',
            'no_such' => 'Rosa Secret',
        ]);
    } catch (Throwable $wrong) {
        report($wrong);
    }
    try {
        DB::table('users')->insert(['name' => 'Rosa', 'email' => 'rosa@secret.example', 'password' => 'x']);
        DB::table('users')->insert(['name' => 'Rosa', 'email' => 'rosa@secret.example', 'password' => 'x']);
    } catch (Throwable $wrong) {
        report($wrong);
    }
    $written = (string) file_get_contents($log);
    expect($written)->toContain('A statement failed')->toContain('insert into')->not->toContain('Rosa')
        ->not->toContain('secret.example')
        ->and(substr(sprintf('%o', fileperms($log)), -4))->toBe('0640');
});

it('takes no line breaks nor unseen characters in names', function (string $name, bool $taken): void {
    $yard = Yard::open();
    $save = $this->actingAs($yard->owner)->postJson('/api/businesses/yard/drafts', [
        'drafts' => [Things::fresh('category', ['name' => $name, 'description' => "Two\nlines"])],
    ]);
    $taken
        ? $save->assertOk()
        : $save->assertUnprocessable()->assertJsonPath('fields', fn (array $fields): bool => array_values($fields) === [
            'There is a line break in it, or a character that cannot be seen. Type it anew.',
        ]);
    $held = $yard->hold('10:00');
    $this->postJson("/gate-api/bookings/{$held->id}/book?".app(App\Support\ClientLink::class)->query($held), [
        'name' => $name, 'email' => 'kim@post.example', 'phone' => '', 'note' => "Two\nlines",
    ])->assertStatus($taken ? 200 : 422);
})->with([
    ['Kiln', true], ['Øüß 窯', true], ["Kiln\nBcc: all", false], ["Ki\u{0}ln", false], ["Kiln\u{202E}nlik", false],
    ["Ki\u{2028}ln", false], ["Ki\tln", false],
]);

it('leaves nothing private behind in a browser', function (): void {
    $yard = Yard::open();
    $booking = $yard->book('10:00');
    $seal = app(ClientLink::class)->query($booking);
    $this->actingAs($yard->owner);
    foreach (
        [
            "/b/{$booking->id}?{$seal}",
            "/b/{$booking->id}/calendar?{$seal}",
            "/gate-api/bookings/{$booking->id}?{$seal}",
            '/at/yard/board', '/api/businesses/yard/board', "/api/businesses/yard/bookings/{$booking->id}",
            "/api/businesses/yard/sales/{$booking->sale_id}/receipt", '/api/me',
        ] as $private
    ) {
        expect($this->get($private)->assertOk()->headers->get('Cache-Control'))->toBe('no-store, private');
    }
    expect($this->get('/book/yard')->headers->get('Cache-Control'))->not->toContain('no-store');
});

it('lets nobody reach the stand-ins by saying their port', function (): void {
    $reach = function (int $port): string {
        $request = Request::create("http://stand-ins.example:{$port}/stand-ins");
        $request->headers->set('Host', 'stand-ins.example:8400');

        $answer = (new DemonstrationOnly())->handle($request, fn (): Response => new Response('in'));

        return (string) $answer->getContent();
    };
    expect($reach(8400))->toBe('in')->and(fn () => $reach(8399))->toThrow(NotFoundHttpException::class);
});

it('is asked by https alone where its address is https', function (): void {
    expect($this->get('/book/yard')->headers->has('Strict-Transport-Security'))->toBeFalse();
    config(['app.url' => 'https://book.example']);
    expect($this->get('/sign-in')->headers->get('Strict-Transport-Security'))->toBe('max-age=31536000');
    (new App\Providers\AppServiceProvider($this->app))->boot();
    expect(url('/sign-in'))->toStartWith('https://');
});

it('finds nothing of somebody, or at a place, that is not there', function (string $asked): void {
    $yard = Yard::open();
    $from = substr(Yard::at('00:00'), 0, 10);

    $this->getJson("/gate-api/pages/yard/helps?service={$yard->lesson->id}&from={$from}&{$asked}")->assertNotFound();
})->with(['staff=nobody', 'location=nowhere', 'staff=nobody&location=nowhere']);
