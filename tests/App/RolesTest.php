<?php

declare(strict_types=1);

use App\Access\Act;
use App\Access\Role;
use App\Language\Catalogue;
use App\Models\Booking;
use App\Models\Invitation;
use App\Models\OutboxEntry;
use App\Models\User;
use App\Outbox\DeliverDue;
use App\StandIns\MailboxFiles;
use App\Support\Clock;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Route;
use Tests\Support\Things;
use Tests\Support\Yard;

const ALL_ACTS = [
    'see-setup',
    'change-setup',
    'manage-sign-ins',
    'publish',
    'see-own-day',
    'schedule-sessions',
    'change-bookings',
    'mark-visits',
    'see-sales',
    'take-money',
    'see-ledger',
];

function signIn(Yard $yard, string $role, ?string $staff = null): User
{
    $user = User::query()->create([
        'name' => ucfirst($role),
        'email' => "{$role}@post.example",
        'password' => 'clay-and-water',
        'email_verified_at' => now(),
    ]);
    $yard->business->users()->attach($user->id, ['role' => $role, 'staff_id' => $staff]);

    return $user;
}

it('lets each role do on every route what its words say, and nothing else', function (string $role, array $may): void {
    $yard = Yard::open(people: 2);
    $booking = $yard->book('10:00');
    $this->actingAs(signIn($yard, $role, $booking->staff_ids[0]));
    $tried = [];
    foreach (Route::getRoutes() as $route) {
        $act =
            array_values(
                array_filter(
                    $route->gatherMiddleware(),
                    static fn (mixed $one): bool => is_string($one) && str_starts_with($one, 'may:'),
                ),
            )[0] ?? null;
        if (! str_starts_with($route->uri(), 'api/businesses/{business}')) {
            continue;
        }
        expect($act)->not->toBeNull("{$route->uri()} asks nobody's role");
        $method = $route->methods()[0];
        $uri =
            '/'
            .strtr($route->uri(), [
                '{business}' => 'yard',
                '{id}' => $booking->id,
                '{kind}' => 'service',
                '{year}' => '2027',
            ]);
        $status = $this->json($method, $uri, $method === 'GET' ? [] : ['published' => 'perhaps'])->getStatusCode();
        expect($status === 403)
            ->toBe(! in_array(substr((string) $act, 4), $may, true), "{$method} {$uri} answered {$status}")
            ->and($status)->toBeLessThan(500);
        $tried[substr((string) $act, 4)] = true;
    }
    expect(array_keys($tried))->toEqualCanonicalizing(ALL_ACTS);
})->with([
    ['owner', ALL_ACTS],
    ['manager', ALL_ACTS],
    ['desk', ['see-setup', 'see-own-day', 'change-bookings', 'mark-visits', 'see-sales', 'take-money']],
    ['staff', ['see-setup', 'see-own-day', 'mark-visits']],
    ['bookkeeper', ['see-setup', 'see-own-day', 'see-sales', 'see-ledger']],
]);

it('lets only owners and managers change the set-up, whatever the thing', function (string $role, int $status): void {
    $yard = Yard::open();
    $this->actingAs(signIn($yard, $role));
    $kinds = [
        'specialDay', 'closure', 'person', 'location', 'pool',
        'daypart', 'category', 'addOn', 'taxRate', 'surcharge', 'offerCode', 'question', 'service',
    ];
    foreach ($kinds as $kind) {
        $this->postJson('/api/businesses/yard/drafts', ['drafts' => [Things::fresh($kind)]])->assertStatus($status);
    }
    foreach (['facts' => ['about' => 'New'], 'openingHours' => ['hours' => []]] as $kind => $change) {
        $this->postJson('/api/businesses/yard/drafts', [
            'drafts' => [Things::change($yard->business, $kind, 'business', $change)],
        ])->assertStatus($status);
    }
})->with([['manager', 200], ['desk', 403], ['staff', 403], ['bookkeeper', 403]]);

it('lets staff change their own hours and time off where that is allowed, and nobody else\'s', function (): void {
    $yard = Yard::open(people: 2);
    [$ana, $bo] = [$yard->staff[0], $yard->staff[1]];
    $this->actingAs(signIn($yard, 'staff', $ana->id));
    $hours = ['hours' => App\Support\WeeklyTable::whole(['mon' => [['from' => '10:00', 'to' => '12:00']]])];
    $off = fn (string $staff): array => [
        'kind' => 'timeOff',
        'id' => null,
        'version' => null,
        'content' => ['staff' => $staff, 'name' => '', 'from' => '2030-03-01T00:00', 'to' => '2030-03-02T00:00'],
    ];
    $try = fn (array $draft): int => $this->postJson('/api/businesses/yard/drafts', [
        'drafts' => [$draft],
    ])->getStatusCode();
    expect($try(Things::change($yard->business, 'person', $ana->id, $hours)))->toBe(403)
        ->and($try($off($ana->id)))->toBe(403);
    $ana->update(['changes_own_hours' => true]);
    expect($try(Things::change($yard->business, 'person', $ana->id, $hours)))->toBe(200)
        ->and($try($off($ana->id)))->toBe(200)
        ->and($try(Things::change($yard->business, 'person', $ana->id, ['name' => 'Ana the Great'])))->toBe(403)
        ->and($try(Things::change($yard->business, 'person', $ana->id, ['changesOwnHours' => false])))->toBe(403)
        ->and($try(Things::removal($yard->business, 'person', $ana->id)))->toBe(403)
        ->and($try(Things::change($yard->business, 'person', $bo->id, $hours)))->toBe(403)
        ->and($try($off($bo->id)))->toBe(403)
        ->and($try(Things::fresh('specialDay')))->toBe(403)
        ->and($try(Things::fresh('specialDay', ['staff' => $ana->id])))->toBe(200);
    expect($this->getJson('/api/businesses/yard/setup')->json('staff'))->toHaveCount(1);
    $this->getJson("/api/businesses/yard/things/person/{$bo->id}")->assertNotFound();
    $other = $this->actingAs($yard->owner)
        ->postJson('/api/businesses/yard/drafts', ['drafts' => [$off($bo->id)]])
        ->assertOk();
    $this->actingAs(User::query()->where('email', 'staff@post.example')->firstOrFail())
        ->postJson("/api/businesses/yard/changes/{$other->json('change')}/undo")
        ->assertStatus(403);
    expect($this->getJson('/api/businesses/yard/year/2030')->json('timeOffs'))->toHaveCount(1);
});

it('shows staff their own day and nobody else\'s', function (): void {
    $yard = Yard::open(people: 2);
    $booking = $yard->book('10:00');
    [$mine, $other] = $booking->staff_ids[0] === $yard->staff[0]->id ? $yard->staff : array_reverse($yard->staff);
    $date = substr(Yard::at('10:00'), 0, 10);
    $this->actingAs(signIn($yard, 'staff', $other->id));
    $board = $this->getJson("/api/businesses/yard/board?date={$date}")->assertOk();
    expect(array_column($board->json('lanes'), 'id'))->toBe([$other->id])
        ->and($board->json('tags'))->toBe([])
        ->and($board->json('takings.bookings'))->toBe(0);
    $this->getJson("/api/businesses/yard/bookings/{$booking->id}")->assertNotFound();
    $shut = Things::fresh('specialDay', ['date' => $date, 'hours' => []]);
    expect(
        $this->postJson('/api/businesses/yard/drafts/preview', ['drafts' => [$shut]])
            ->assertOk()
            ->json('stranded'),
    )->toBe([]);
    $yard->business
        ->users()
        ->updateExistingPivot(User::query()->where('email', 'staff@post.example')->value('id'), [
            'staff_id' => $mine->id,
        ]);
    expect($this->getJson("/api/businesses/yard/board?date={$date}")->json('tags'))->toHaveCount(1)
        ->and($this->postJson('/api/businesses/yard/drafts/preview', ['drafts' => [$shut]])->json('stranded.0.client'))
        ->toBe('Kim Post');
    $this->getJson("/api/businesses/yard/bookings/{$booking->id}")->assertOk();
});

it('never lets the last owner go, and lets only owners make owners', function (): void {
    $yard = Yard::open();
    $manager = signIn($yard, 'manager');
    $save = fn (User $as, array $draft): int => $this->actingAs($as)
        ->postJson('/api/businesses/yard/drafts', ['drafts' => [$draft]])
        ->getStatusCode();
    $owner = (string) $yard->owner->id;
    expect($save($yard->owner, Things::change($yard->business, 'access', $owner, ['role' => 'desk'])))->toBe(422)
        ->and($save($yard->owner, Things::removal($yard->business, 'access', $owner)))->toBe(409)
        ->and($save($manager, Things::change($yard->business, 'access', (string) $manager->id, ['role' => 'owner'])))
        ->toBe(403)
        ->and($save($manager, Things::change($yard->business, 'access', $owner, ['role' => 'desk'])))->toBe(403)
        ->and($save($manager, Things::removal($yard->business, 'access', $owner)))->toBe(403)
        ->and(
            $save($yard->owner, Things::change($yard->business, 'access', (string) $manager->id, ['role' => 'owner'])),
        )
        ->toBe(200)
        ->and($save($manager, Things::removal($yard->business, 'access', $owner)))->toBe(200);
    $this->actingAs($yard->owner)->getJson('/api/businesses/yard/setup')->assertNotFound();
    expect(
        $save($manager, [
            'kind' => 'access',
            'id' => '99999',
            'version' => 'x',
            'content' => ['role' => 'desk', 'staff' => null],
        ]),
    )
        ->toBe(404)
        ->and(
            $save($manager, [
                'kind' => 'access',
                'id' => null,
                'version' => null,
                'content' => ['role' => 'desk', 'staff' => null],
            ]),
        )
        ->toBe(404);
});

it('says of every role in words what it may do', function (): void {
    foreach (Role::cases() as $role) {
        expect(app(Catalogue::class)->sentence($role->does()))->toEndWith('.');
    }
    foreach (Act::cases() as $act) {
        $refusal = app(Catalogue::class)->say($act->refusal()->code);
        expect($refusal)->toEndWith('.')->and(Role::Owner->may($act))->toBeTrue();
    }
});

function invitationLink(string $address): string
{
    app(DeliverDue::class)();
    foreach (array_reverse(app(MailboxFiles::class)->all()) as $mail) {
        if ($mail['to'] === $address && preg_match('#/invitation/(\S+)#', $mail['text'], $found) === 1) {
            return $found[1];
        }
    }
    throw new RuntimeException("Nobody invited {$address}.");
}

it('invites somebody without an account, who then signs in as one of the staff', function (): void {
    $yard = Yard::open();
    $invited = $this->actingAs($yard->owner)
        ->postJson('/api/businesses/yard/invitations', [
            'email' => 'Ana@Post.example',
            'role' => 'staff',
            'staff' => $yard->staff[0]->id,
        ])
        ->assertCreated();
    expect($this->getJson('/api/businesses/yard/setup')->json('invitations.0.email'))->toBe('ana@post.example');
    $token = invitationLink('ana@post.example');
    $this->app['auth']->forgetGuards();
    $shown = $this->getJson("/api/invitations/{$token}")->assertOk();
    expect($shown->json('hasAccount'))->toBeFalse();
    $this->postJson("/api/invitations/{$token}", ['name' => '', 'password' => 'short'])->assertUnprocessable();
    $me = $this->postJson("/api/invitations/{$token}", [
        'name' => 'Ana Reed',
        'password' => 'ten letters at least',
    ])->assertOk();
    expect($me->json('businesses.0.role'))->toBe('staff')->and($me->json('user.verified'))->toBeTrue();
    $this->getJson('/api/businesses/yard/setup')->assertOk()->assertJsonPath('me.staff', $yard->staff[0]->id);
    $this->getJson("/api/invitations/{$token}")->assertNotFound();
});

it('invites somebody who has an account: they accept as themselves, once', function (): void {
    $yard = Yard::open();
    $theirs = Yard::open(slug: 'theirs');
    $this->actingAs($yard->owner)
        ->postJson('/api/businesses/yard/invitations', [
            'email' => 'owner@theirs.example',
            'role' => 'bookkeeper',
            'staff' => null,
        ])
        ->assertCreated();
    $token = invitationLink('owner@theirs.example');
    $this->app['auth']->forgetGuards();
    expect($this->getJson("/api/invitations/{$token}")->json('hasAccount'))->toBeTrue();
    $this->postJson("/api/invitations/{$token}", ['name' => 'Somebody', 'password' => 'ten letters at least'])
        ->assertStatus(409)
        ->assertJson(['code' => 'sign_in']);
    expect(
        array_column(
            $this->actingAs($theirs->owner)
                ->postJson("/api/invitations/{$token}")
                ->assertOk()
                ->json('businesses'),
            'slug',
        ),
    )->toBe(['theirs', 'yard']);
    $this->postJson("/api/invitations/{$token}")->assertNotFound();
});

it('refuses invitations that make no sense, are withdrawn, replaced or too old', function (): void {
    $yard = Yard::open();
    $manager = signIn($yard, 'manager');
    $invite = fn (array $given): Illuminate\Testing\TestResponse => $this->postJson(
        '/api/businesses/yard/invitations',
        $given + ['email' => 'x@post.example', 'role' => 'desk', 'staff' => null],
    );
    $this->actingAs($manager);
    $invite(['email' => 'nobody'])->assertUnprocessable();
    $invite(['role' => 'king'])->assertUnprocessable();
    $invite(['staff' => 'nobody'])->assertUnprocessable();
    $invite(['role' => 'owner'])->assertStatus(403);
    $invite(['email' => 'owner@yard.example'])->assertStatus(409);
    $first = $invite([])->assertCreated();
    $old = invitationLink('x@post.example');
    $second = $invite(['role' => 'bookkeeper'])->assertCreated();
    $this->getJson("/api/invitations/{$old}")->assertNotFound();
    $token = invitationLink('x@post.example');
    expect(Invitation::query()->count())->toBe(1)
        ->and($first->json('id'))->not->toBe($second->json('id'));
    app(Clock::class)->putForward(15 * 1440);
    $this->getJson("/api/invitations/{$token}")->assertNotFound();
    $this->deleteJson("/api/businesses/yard/invitations/{$second->json('id')}")->assertOk();
    $this->deleteJson("/api/businesses/yard/invitations/{$second->json('id')}")->assertNotFound();
});

it('keeps of a picture only its pixels, and takes nothing else', function (): void {
    $yard = Yard::open();
    $this->actingAs($yard->owner);
    $image = imagecreatetruecolor(2400, 1200);
    ob_start();
    imagejpeg($image);
    $bytes = (string) ob_get_clean();
    $send = fn (string $bytes, string $name): Illuminate\Testing\TestResponse => $this->post(
        '/api/businesses/yard/pictures',
        ['picture' => UploadedFile::fake()->createWithContent($name, $bytes)],
        ['Accept' => 'application/json'],
    );
    $taken = $send($bytes.'<?php echo "hidden";', 'yard.php.jpg')->assertCreated();
    $kept = $this->get("/pictures/{$taken->json('id')}")
        ->assertOk()
        ->assertHeader('Content-Type', 'image/webp')
        ->assertHeader('X-Content-Type-Options', 'nosniff')
        ->baseResponse->getFile()
        ->getContent();
    expect($kept)->not->toContain('hidden')
        ->and(getimagesizefromstring($kept))->toMatchArray([0 => 1600, 1 => 800, 'mime' => 'image/webp']);
    foreach (
        [
            '<?php echo 1;' => 'picture.jpg',
            '<svg xmlns="http://www.w3.org/2000/svg" onload="alert(1)"/>' => 'picture.svg',
            substr($bytes, 0, 300) => 'half.jpg',
            '' => 'empty.png',
        ] as $wrong => $name
    ) {
        expect($send((string) $wrong, $name)->assertUnprocessable()->json('fields'))->toHaveKey('picture');
    }
    $this->get('/pictures/01ARZ3NDEKTSV4RRFFQ69G5FAV')->assertNotFound();
    $id = $taken->json('id');
    $this->postJson('/api/businesses/yard/drafts', [
        'drafts' => [Things::change($yard->business, 'person', $yard->staff[0]->id, ['picture' => $id])],
    ])->assertOk();
    $theirs = Yard::open(slug: 'theirs');
    $this->actingAs($theirs->owner)
        ->postJson('/api/businesses/theirs/drafts', [
            'drafts' => [Things::change($theirs->business, 'person', $theirs->staff[0]->id, ['picture' => $id])],
        ])
        ->assertUnprocessable();
});

it('gets a room from the meeting provider, and says so where nobody answers', function (): void {
    $yard = Yard::open();
    $this->actingAs($yard->owner);
    Http::fake([
        'stand-ins.example/stand-ins/meetings' => Http::sequence()
            ->push(['link' => 'http://stand-ins.example/stand-ins/meetings/abc'], 201)
            ->push(null, 503)
            ->pushFailedConnection(),
    ]);
    $this->postJson('/api/businesses/yard/meeting-rooms', ['name' => 'Online'])->assertOk();
    foreach ([1, 2] as $ignored) {
        $this->postJson('/api/businesses/yard/meeting-rooms', ['name' => 'Online'])
            ->assertStatus(409)
            ->assertJson(['code' => 'provider_silent']);
    }
    expect(
        $this->postJson('/stand-ins/meetings', ['key' => 'k', 'name' => 'Room'])
            ->assertCreated()
            ->json('link'),
    )->toBe($this->postJson('/stand-ins/meetings', ['key' => 'k', 'name' => 'Room'])->json('link'));
    $this->postJson('/stand-ins/meetings', ['key' => 'k', 'name' => 'Outage'])->assertStatus(503);
});

it('finds another time for a booking, moves it there, and tells everyone', function (): void {
    $yard = Yard::open(people: 2);
    $booking = $yard->book('10:00');
    $this->actingAs($yard->owner);
    $hours = Things::change($yard->business, 'openingHours', 'business', [
        'hours' => array_fill_keys(
            ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'],
            [['from' => '13:00', 'to' => '17:00']],
        ),
    ]);
    $times = $this->postJson("/api/businesses/yard/bookings/{$booking->id}/times", ['drafts' => [$hours]])->assertOk();
    expect($times->json('times.0'))->toMatchArray(['start' => Yard::at('13:00'), 'staff' => $booking->staff_ids])
        ->and(
            $this->postJson("/api/businesses/yard/bookings/{$booking->id}/times", ['drafts' => []])->json(
                'times.0.start',
            ),
        )
        ->toBe(Yard::at('09:00'));
    $this->postJson("/api/businesses/yard/bookings/{$booking->id}/move", ['start' => Yard::at('10:30')])->assertOk();
    $moved = $booking->refresh();
    expect($moved->starts_at->format('H:i'))->toBe('10:30')
        ->and($moved->taken_from->format('H:i'))->toBe('10:30')
        ->and($moved->state->value)->toBe('confirmed')
        ->and($moved->calendar_sequence)->toBe(1)
        ->and(OutboxEntry::query()->where('occasion', 'moved')->toBase()->pluck('audience')->sort()->values()->all())
        ->toBe(['client', 'owner', 'staff'])
        ->and(OutboxEntry::query()->where('occasion', 'reminder')->where('state', 'waiting')->count())->toBe(1)
        ->and(OutboxEntry::query()->where('occasion', 'reminder')->where('state', 'dropped')->count())->toBe(1);
    app(DeliverDue::class)();
    $mail = array_values(
        array_filter(
            app(MailboxFiles::class)->all(),
            static fn (array $mail): bool => $mail['to'] === 'kim@post.example' &&
                str_starts_with($mail['subject'], 'Moved'),
        ),
    )[0];
    expect($mail['calendar'])->toContain('SEQUENCE:1')->toContain('METHOD:REQUEST');
});

it('refuses to move where somebody else is, what is over, or into nowhere', function (): void {
    $yard = Yard::open();
    $booking = $yard->book('10:00');
    $other = $yard->book('12:00', 'lee@post.example');
    $this->actingAs($yard->owner);
    $move = fn (Booking $one, string $time, array $more = []): Illuminate\Testing\TestResponse => $this->postJson(
        "/api/businesses/yard/bookings/{$one->id}/move",
        $more + ['start' => Yard::at($time)],
    );
    $taken = $move($booking, '11:30')->assertStatus(409);
    expect($taken->json('message'))->toContain('just been taken');
    $move($booking, '07:00')->assertStatus(409);
    $move($booking, '14:00', ['staff' => ['nobody']])->assertStatus(409);
    $move($booking, 'noon')->assertUnprocessable();
    $move($other, '12:30')->assertOk(); // its own old time is not in its way
    $this->postJson("/api/businesses/yard/bookings/{$other->id}/cancel", ['asks' => 'house'])->assertOk();
    $move($other, '15:00')->assertStatus(409);
    expect($booking->refresh()->starts_at->format('H:i'))->toBe('10:00');
});

it('sends the client a word about their booking', function (): void {
    $yard = Yard::open();
    $booking = $yard->book('10:00');
    $this->actingAs($yard->owner)
        ->postJson("/api/businesses/yard/bookings/{$booking->id}/word", ['text' => ' We open later now. '])
        ->assertOk();
    $this->postJson("/api/businesses/yard/bookings/{$booking->id}/word", ['text' => 'We open later now.'])->assertOk();
    $this->postJson("/api/businesses/yard/bookings/{$booking->id}/word", ['text' => ''])->assertUnprocessable();
    app(DeliverDue::class)();
    $mails = array_values(
        array_filter(
            app(MailboxFiles::class)->all(),
            static fn (array $mail): bool => str_starts_with($mail['subject'], 'About your booking'),
        ),
    );
    expect($mails)->toHaveCount(1)->and($mails[0]['text'])->toContain('"We open later now."')->toContain('/b/');
});

it('shows staff the seats of the sessions they lead, and no others', function (): void {
    $yard = Yard::open(people: 2);
    $yard->lesson->update(['kind' => 'session']);
    $start = Carbon\CarbonImmutable::parse(Yard::at('10:00'));
    App\Models\Session::query()->create([
        'business_id' => $yard->business->id,
        'service_id' => $yard->lesson->id,
        'location_id' => null,
        'starts_at' => $start,
        'minutes' => 60,
        'taken_from' => $start,
        'taken_until' => $start->addHour(),
        'staff_ids' => [$yard->staff[1]->id],
        'units' => [],
        'places' => 8,
    ]);
    $seat = $yard->book('10:00');
    $board = fn (string $staff): array => $this->actingAs(
        signIn($yard, $staff === $yard->staff[1]->id ? 'staff' : 'desk', $staff),
    )
        ->getJson('/api/businesses/yard/board?date='.substr(Yard::at('10:00'), 0, 10))
        ->assertOk()
        ->json('tags');
    expect($seat->staff_ids)->toBe([])
        ->and($board($yard->staff[1]->id)[0]['taken'])->toBe(1);
    $this->getJson("/api/businesses/yard/bookings/{$seat->id}")->assertOk();
    $seat->update(['state' => 'pending']);
    expect($this->getJson('/api/businesses/yard/board?date=2027-01-04')->json('requests.*.id'))->toBe([$seat->id]);
    $yard->business
        ->users()
        ->updateExistingPivot(User::query()->where('email', 'staff@post.example')->value('id'), [
            'staff_id' => $yard->staff[0]->id,
        ]);
    $this->getJson("/api/businesses/yard/bookings/{$seat->id}")->assertNotFound();
    expect($this->getJson('/api/businesses/yard/board?date='.substr(Yard::at('10:00'), 0, 10))->json('tags'))->toBe(
        [],
    );
});

it('shows sign-ins to those who manage them, and other people\'s days off to those who see all', function (): void {
    $yard = Yard::open(people: 2);
    $off = $this->actingAs($yard->owner)
        ->postJson('/api/businesses/yard/drafts', [
            'drafts' => [
                [
                    'kind' => 'timeOff',
                    'id' => null,
                    'version' => null,
                    'content' => [
                        'staff' => $yard->staff[1]->id,
                        'name' => 'Doctor',
                        'from' => '2030-03-01T00:00',
                        'to' => '2030-03-02T00:00',
                    ],
                ],
                Things::fresh('specialDay', ['staff' => $yard->staff[1]->id]),
                Things::fresh('specialDay'),
            ],
        ])
        ->json('ids');
    $sees = fn (string $kind, string $id): int => $this->getJson(
        "/api/businesses/yard/things/{$kind}/{$id}",
    )->getStatusCode();
    $this->actingAs(signIn($yard, 'staff', $yard->staff[0]->id));
    expect([
        $sees('access', (string) $yard->owner->id),
        $sees('timeOff', $off[0]),
        $sees('specialDay', $off[1]),
        $sees('specialDay', $off[2]),
        $sees('person', $yard->staff[0]->id),
    ])->toBe([404, 404, 404, 200, 200]);
    $this->actingAs(signIn($yard, 'desk'));
    expect([$sees('access', (string) $yard->owner->id), $sees('timeOff', $off[0])])->toBe([404, 200]);
    $this->actingAs(signIn($yard, 'manager'));
    expect($sees('access', (string) $yard->owner->id))->toBe(200);
});

it('shows offer codes to whoever sells, and to nobody else', function (string $role, bool $shown): void {
    $yard = Yard::open();
    $code = $this->actingAs($yard->owner)->postJson('/api/businesses/yard/drafts', [
        'drafts' => [Things::fresh('offerCode', ['code' => 'SPRING'])],
    ])->assertOk()->json('ids.0');
    $user = User::query()->create(['name' => 'Bo', 'email' => 'bo@post.example', 'password' => 'wheel-and-kiln-9']);
    $yard->business->users()->attach($user->id, ['role' => $role, 'staff_id' => $yard->staff[0]->id]);
    $setup = $this->actingAs($user)->getJson('/api/businesses/yard/setup')->assertOk();
    expect(array_column($setup->json('offerCodes'), 'name'))->toBe($shown ? ['SPRING'] : []);
    $this->getJson("/api/businesses/yard/things/offerCode/{$code}")->assertStatus($shown ? 200 : 404);
})->with([['staff', false], ['desk', true], ['bookkeeper', true], ['manager', true]]);
