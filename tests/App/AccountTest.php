<?php

declare(strict_types=1);

use App\Access\Role;
use App\Models\Invitation;
use App\Models\OutboxEntry;
use App\Models\User;
use App\Support\MailAddress;
use App\Support\SparingSessions;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Hashing\BcryptHasher;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Support\Mailed;
use Tests\Support\Yard;

const SIGN_UP = ['name' => 'Olga Wren', 'email' => 'olga@wren.example', 'password' => 'ten letters at least'];

it('answers alike for an address that has an account and one that has none', function (): void {
    Yard::open();
    $known = $this->postJson('/api/sign-up', ['email' => 'owner@yard.example'] + SIGN_UP);
    $new = $this->postJson('/api/sign-up', SIGN_UP);
    expect([$known->getStatusCode(), $known->getContent()])->toBe([$new->getStatusCode(), $new->getContent()])
        ->and(User::query()->count())->toBe(1)
        ->and(OutboxEntry::query()->toBase()->pluck('occasion', 'recipient')->all())
        ->toBe(['owner@yard.example' => 'known', 'olga@wren.example' => 'sign_up']);
    $reset = array_map(
        fn (string $email): string => (string) $this->postJson('/api/forgot-password', [
            'email' => $email,
        ])->getContent(),
        ['owner@yard.example', 'nobody@yard.example'],
    );
    $in = array_map(
        fn (string $email): string => (string) $this->postJson('/api/sign-in', [
            'email' => $email,
            'password' => 'wrong',
        ])->getContent(),
        ['owner@yard.example', 'nobody@yard.example'],
    );
    expect($reset[0])->toBe($reset[1])->and($in[0])->toBe($in[1]);
});

it('works as long for a known address as for an unknown one', function (): void {
    Yard::open();
    $hashes = 0;
    $hasher = app('hash');
    app()->instance(
        Illuminate\Contracts\Hashing\Hasher::class,
        new class($hasher, $hashes) implements Illuminate\Contracts\Hashing\Hasher
        {
            public function __construct(private readonly mixed $inner, public int &$made)
            {
            }

            public function info($hashedValue): array
            {
                return $this->inner->info($hashedValue);
            }

            public function make($value, array $options = []): string
            {
                $this->made++;

                return $this->inner->make($value, $options);
            }

            public function check($value, $hashedValue, array $options = []): bool
            {
                return $this->inner->check($value, $hashedValue, $options);
            }

            public function needsRehash($hashedValue, array $options = []): bool
            {
                return $this->inner->needsRehash($hashedValue, $options);
            }
        },
    );
    $this->postJson('/api/sign-up', ['email' => 'owner@yard.example'] + SIGN_UP)->assertAccepted();
    $this->postJson('/api/sign-up', SIGN_UP)->assertAccepted();
    expect($hashes)->toBe(2);
});

it('takes two spellings of an address for one or for none', function (string $given, ?string $normal): void {
    expect(MailAddress::normal($given))->toBe($normal);
})->with([
    'capitals and spaces' => [' Alva@Quernmoor.Example ', 'alva@quernmoor.example'],
    'a domain with an umlaut' => ['alva@töpfer.example', 'alva@xn--tpfer-jua.example'],
    'an accent' => ['álva@quernmoor.example', null],
    'a space of no width' => ["alva\u{200B}@quernmoor.example", null],
    'no domain' => ['alva', null],
    'an empty domain' => ['alva@', null],
    'nobody' => ['@quernmoor.example', null],
    'a line end after it' => ["alva@quernmoor.example\n", 'alva@quernmoor.example'],
    'a line end within' => ["al\nva@quernmoor.example", null],
    'broken letters' => ["\xC3\x28@b.example", null],
]);

/** A try to sign in, and what came of it. */
function signsIn(string $email, string $password, string $from = '203.0.113.7', array $cookies = []): TestResponse
{
    return test()
        ->withCredentials()
        ->withCookies($cookies)
        ->postJson('/api/sign-in', ['email' => $email, 'password' => $password], ['REMOTE_ADDR' => $from]);
}

it('makes whoever guesses wait longer and longer, in whatever spelling', function (): void {
    Yard::open();
    foreach (range(1, 6) as $try) {
        signsIn('owner@yard.example', 'guess')->assertUnprocessable();
    }
    foreach (['owner@yard.example', 'OWNER@yard.example', ' owner@yard.example'] as $spelling) {
        signsIn($spelling, 'clay-and-water')->assertStatus(429);
    }
    expect((int) signsIn('owner@yard.example', 'guess')->headers->get('Retry-After'))->toBe(2);
    foreach ([3, 5, 9] as $wait) { // a second more than the wait that grew
        $this->travel($wait)->seconds();
        signsIn('owner@yard.example', 'guess')->assertUnprocessable();
        signsIn('owner@yard.example', 'clay-and-water')->assertStatus(429);
    }
    $this->travel(20)->seconds();
    signsIn('owner@yard.example', 'clay-and-water')->assertOk();
    $this->postJson('/api/sign-out');
    signsIn('owner@yard.example', 'guess')->assertUnprocessable(); // it begins anew
    signsIn('owner@yard.example', 'clay-and-water')->assertOk();
});

it('shuts no owner out by what others try, elsewhere or beside them', function (): void {
    Yard::open();
    $device = signsIn('owner@yard.example', 'clay-and-water')->assertOk()->getCookie('yardbell_device')?->getValue();
    $this->postJson('/api/sign-out');
    foreach (range(1, 6) as $try) {
        signsIn('owner@yard.example', 'guess', '198.51.100.7')->assertUnprocessable();
    }
    signsIn('owner@yard.example', 'clay-and-water', '198.51.100.8')->assertStatus(429);
    signsIn('owner@yard.example', 'clay-and-water')->assertOk(); // from another network
    $this->postJson('/api/sign-out');
    signsIn('owner@yard.example', 'clay-and-water', '198.51.100.9', ['yardbell_device' => $device])->assertOk();
    $this->postJson('/api/sign-out');
    foreach (range(1, 6) as $try) {
        signsIn('owner@yard.example', 'guess', cookies: ['yardbell_device' => $device])->assertUnprocessable();
    }
    signsIn('owner@yard.example', 'clay-and-water', cookies: ['yardbell_device' => $device])->assertStatus(429);
    signsIn('bruno@yard.example', 'guess', cookies: ['yardbell_device' => $device]) // no device of his
        ->assertUnprocessable();
});

it('slows down a network that tries many addresses, whoever is signed in', function (): void {
    $yard = Yard::open();
    foreach (range(1, 31) as $i) {
        $this->actingAs($yard->owner);
        signsIn("a{$i}@b.example", 'guess', "203.0.113.{$i}")->assertUnprocessable();
    }
    signsIn('z@b.example', 'guess', '203.0.113.99')->assertStatus(429);
    signsIn('z@b.example', 'guess', '198.51.100.99')->assertUnprocessable();
});

it('lets whoever has reset their password in, though they were shut out', function (): void {
    Yard::open();
    foreach (range(1, 7) as $try) {
        signsIn('owner@yard.example', 'guess');
    }
    signsIn('owner@yard.example', 'clay-and-water')->assertStatus(429);
    $this->postJson('/api/forgot-password', ['email' => 'owner@yard.example'], ['REMOTE_ADDR' => '203.0.113.7'])
        ->assertOk();
    parse_str((string) parse_url(Mailed::link('owner@yard.example'), PHP_URL_QUERY), $link);
    $this->postJson('/api/new-password', $link + ['password' => 'wheel-and-kiln-9'], ['REMOTE_ADDR' => '203.0.113.7'])
        ->assertOk();
    signsIn('owner@yard.example', 'wheel-and-kiln-9')->assertOk();
});

it('hashes what is typed also where nobody has the address', function (): void {
    $hasher = new class() extends BcryptHasher
    {
        /** @var list<string> */
        public array $hashed = [];

        public function make(#[SensitiveParameter] $value, array $options = []): string
        {
            return $this->hashed[] = parent::make($value, $options);
        }
    };
    $this->app->instance(Hasher::class, $hasher);
    signsIn('nobody@yard.example', 'guess')->assertUnprocessable();
    expect($hasher->hashed)->toHaveCount(1);
});

it('ends every session when the password is set anew', function (): void {
    $yard = Yard::open();
    foreach (['one', 'two'] as $id) {
        DB::table('sessions')->insert([
            'id' => $id,
            'user_id' => $yard->owner->id,
            'payload' => '',
            'last_activity' => time(),
        ]);
    }
    DB::table('sessions')->insert(['id' => 'other', 'user_id' => 999, 'payload' => '', 'last_activity' => time()]);
    $token = Illuminate\Support\Facades\Password::createToken($yard->owner);
    $this->postJson('/api/new-password', [
        'token' => $token,
        'email' => 'Owner@yard.example',
        'password' => 'another long one',
    ])->assertOk();
    expect(DB::table('sessions')->pluck('id')->all())->toContain('other')->not->toContain('one')->not->toContain('two');
});

it('writes a session down where something in it has changed, and else once a minute', function (): void {
    $request = static function (string $data): int {
        $sessions = new SparingSessions(DB::connection(), 'sessions', 720);
        $sessions->read('one');
        DB::enableQueryLog();
        DB::flushQueryLog();
        $sessions->write('one', $data);

        return count(array_filter(
            array_column(DB::getQueryLog(), 'query'),
            static fn (string $query): bool => ! str_starts_with($query, 'select'),
        ));
    };
    expect($request('alva'))->toBe(1)->and($request('alva'))->toBe(0)->and($request('alva and more'))->toBe(1);
    $this->travel(61)->seconds();
    expect($request('alva and more'))->toBe(1)->and($request('alva and more'))->toBe(0);
    $this->travel(721)->minutes();
    expect((new SparingSessions(DB::connection(), 'sessions', 720))->read('one'))->toBe('');
});

it('keeps somebody signed in only where they want it, for 30 days', function (): void {
    Yard::open();
    $remembered = function (array $more): ?Symfony\Component\HttpFoundation\Cookie {
        $cookies = $this->postJson(
            '/api/sign-in',
            ['email' => 'owner@yard.example', 'password' => 'clay-and-water'] + $more,
        )
            ->assertOk()
            ->headers->getCookies();
        $this->app['auth']->forgetGuards();

        return array_values(
            array_filter($cookies, static fn ($cookie): bool => str_starts_with($cookie->getName(), 'remember_')),
        )[0] ?? null;
    };
    expect($remembered([]))->toBeNull()
        ->and($remembered(['stay' => false]))->toBeNull()
        ->and((int) round(($remembered(['stay' => true])?->getExpiresTime() - time()) / 86_400))->toBe(30);
});

it('refuses passwords that are tried first, and says how long one may be', function (
    string $password,
    string $says,
): void {
    expect(
        $this->postJson('/api/sign-up', ['password' => $password] + SIGN_UP)
            ->assertUnprocessable()
            ->json('fields.password'),
    )->toContain($says);
})->with([
    ['short', 'at least 10'],
    ['password123', 'tried first'],
    ['Password2026!', 'tried first'],
    ['1234567890', 'tried first'],
    ['qwertyuiop', 'tried first'],
    ['sunshine1!', 'tried first'],
    ['aaaaaaaaaaaa', 'tried first'],
    ['dragondragon', 'tried first'],
    [str_repeat('é', 40), 'at most 72 bytes'],
]);

it('lets a long and unusual password be', function (string $password): void {
    $this->postJson('/api/sign-up', ['password' => $password] + SIGN_UP)->assertAccepted();
})->with(['clay-and-water', 'correct horse battery', 'p4nnikin-teal', str_repeat('aB3-', 18)]);

it('lets only a confirmed account invite, so many a day', function (): void {
    $yard = Yard::open();
    $invite = fn (string $email) => $this->actingAs($yard->owner)->postJson('/api/businesses/yard/invitations', [
        'email' => $email,
        'role' => 'desk',
        'staff' => null,
    ]);
    $yard->owner->forceFill(['email_verified_at' => null])->save();
    $invite('desk@post.example')
        ->assertStatus(409)
        ->assertJson(['code' => 'unverified']);
    $yard->owner->forceFill(['email_verified_at' => now()])->save();
    $toOne = array_map(fn (): int => $invite('desk@post.example')->getStatusCode(), range(1, 6));
    $more = array_map(fn (int $i): int => $invite("d{$i}@post.example")->getStatusCode(), range(1, 26));
    expect($toOne)->toBe([201, 201, 201, 201, 201, 429])
        ->and(array_count_values($more))->toBe([201 => 25, 429 => 1])
        ->and(OutboxEntry::query()->where('recipient', 'desk@post.example')->count())->toBe(5);
});

it('mails only so many links a day for whoever comes from one network', function (): void {
    config(['yardbell.mails_from_one' => 3]);
    foreach (range(1, 5) as $i) {
        $this->postJson('/api/sign-up', ['email' => "o{$i}@wren.example"] + SIGN_UP)->assertAccepted();
    }
    $this->postJson('/api/sign-up', ['email' => 'p@wren.example'] + SIGN_UP, ['REMOTE_ADDR' => '198.51.100.7']);
    expect(OutboxEntry::query()->pluck('recipient')->all())
        ->toBe(['o1@wren.example', 'o2@wren.example', 'o3@wren.example', 'p@wren.example']);
});

it('mails one address only so many links it did not ask for', function (): void {
    for ($i = 0; $i < 8; $i++) {
        $this->postJson('/api/sign-up', SIGN_UP)->assertAccepted(); // answered as ever
    }
    expect(OutboxEntry::query()->count())->toBe(5);
});

it('keeps a manager from an owner’s invitation', function (): void {
    $yard = Yard::open();
    $this->actingAs($yard->owner)
        ->postJson('/api/businesses/yard/invitations', [
            'email' => 'second@post.example',
            'role' => 'owner',
            'staff' => null,
        ])
        ->assertCreated();
    $manager = User::query()->create([
        'name' => 'Max',
        'email' => 'max@post.example',
        'password' => 'clay-and-water',
        'email_verified_at' => now(),
    ]);
    $yard->business->users()->attach($manager->id, ['role' => Role::Manager->value]);
    $this->actingAs($manager)
        ->deleteJson('/api/businesses/yard/invitations/'.Invitation::query()->sole()->id)
        ->assertForbidden();
    $this->actingAs($manager)
        ->postJson('/api/businesses/yard/invitations', [
            'email' => 'second@post.example',
            'role' => 'desk',
            'staff' => null,
        ])
        ->assertForbidden();
    expect(Invitation::query()->sole()->role)->toBe('owner');
});

it('takes "4abc" for nobody', function (): void {
    $yard = Yard::open();
    $this->actingAs($yard->owner)
        ->getJson("/api/businesses/yard/things/access/{$yard->owner->id}")
        ->assertOk();
    $this->actingAs($yard->owner)
        ->getJson("/api/businesses/yard/things/access/{$yard->owner->id}abc")
        ->assertNotFound();
});

it('keeps no link that opens an account once it is mailed', function (): void {
    $yard = Yard::open();
    $this->postJson('/api/sign-up', SIGN_UP)->assertAccepted();
    $this->postJson('/api/forgot-password', ['email' => 'owner@yard.example'])->assertOk();
    $this->actingAs($yard->owner)->postJson('/api/businesses/yard/invitations', [
        'email' => 'desk@post.example', 'role' => 'desk', 'staff' => null,
    ])->assertCreated();
    $links = fn (): array => OutboxEntry::query()->get()->map(fn (OutboxEntry $entry) => $entry->text('link'))->all();
    expect(array_filter($links()))->toHaveCount(3)
        ->and(Mailed::link('owner@yard.example'))->toContain('/new-password?')
        ->and(array_filter($links()))->toBe([]);
});
