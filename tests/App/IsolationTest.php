<?php

declare(strict_types=1);

use App\Bookings\CancelBooking;
use App\Bookings\Cancelling;
use App\Bookings\HoldTime;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Category;
use App\Models\Concerns\OfBusiness;
use App\Models\CurrentBusiness;
use App\Models\Id;
use App\Models\NoBusinessSet;
use App\Support\ClientLink;
use App\Times\Choice;
use App\Times\Wish;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Route;
use Illuminate\Testing\TestResponse;
use Tests\Support\Money;
use Tests\Support\Things;
use Tests\Support\Yard;
use YardBell\Core\Time\Wall;

/** Tables of businesses that no model reads: joins, and what is reached by queries that name the business. */
const WITHOUT_MODEL = [
    'booking_staff',
    'business_users',
    'claims',
    'code_uses',
    'document_numbers',
    'drawers',
    'payouts',
    'service_daypart',
    'service_location',
    'service_pool',
    'service_staff',
    'setup_change_things',
];

/** @return list<string> */
function tablesOfBusinesses(): array
{
    return array_column(
        DB::select(
            'select table_name as name from information_schema.columns where table_schema = database() and '
                ."column_name = 'business_id' order by table_name",
        ),
        'name',
    );
}

/** @return array<string, class-string<Model>> by table */
function modelsOfBusinesses(): array
{
    $models = [];
    foreach (glob(app_path('Models/*.php')) ?: [] as $file) {
        $class = 'App\\Models\\'.basename($file, '.php');
        if (in_array(OfBusiness::class, class_uses($class) ?: [], true)) {
            $models[(new $class())->getTable()] = $class;
        }
    }
    ksort($models);

    return $models;
}

/** All that belongs to a business, to see whether any of it has changed. */
function everythingOf(Business $business): string
{
    $rows = array_map(
        static fn (string $table): array => DB::table($table)
            ->where('business_id', $business->id)
            ->get()
            ->map(static fn (object $row): string => (string) json_encode($row))
            ->sort()
            ->values()
            ->all(),
        tablesOfBusinesses(),
    );

    return (string) json_encode([DB::table('businesses')->where('id', $business->id)->get(), $rows]);
}

function asOwner(Yard $yard): void
{
    app('auth')->forgetGuards();
    test()->actingAs($yard->owner);
}

/** @return array<string, string> ids by kind: one of everything that is set up */
function setUpAll(Yard $yard): array
{
    asOwner($yard);
    $save = static fn (array $draft): string => test()
        ->postJson("/api/businesses/{$yard->business->slug}/drafts", ['drafts' => [$draft]])
        ->assertOk()
        ->json('ids.0');
    $ids = [
        'timeOff' => $save(
            Things::fresh('timeOff', [
                'staff' => $yard->staff[0]->id,
                'name' => '',
                'from' => '2030-01-01T00:00',
                'to' => '2030-01-02T00:00',
            ]),
        ),
    ];
    $kinds = ['pool', 'daypart', 'category', 'addOn', 'taxRate', 'surcharge', 'offerCode'];
    array_push($kinds, 'closure', 'specialDay', 'question');
    foreach ($kinds as $kind) {
        $ids[$kind] = $save(Things::fresh($kind, $kind === 'question' ? ['required' => false] : []));
    }

    return $ids + [
        'person' => $yard->staff[0]->id,
        'location' => (string) $yard->business->locations()->value('id'),
        'service' => $yard->lesson->id,
        'access' => (string) $yard->owner->id,
    ];
}

/** A booking as a client makes it, with a file. */
function bookWithFile(Yard $yard, string $service, string $time): Booking
{
    $booking = app(HoldTime::class)($yard->business, new Wish(new Choice($service), Wall::instant(Yard::at($time))));
    $link = static fn (string $act): string => "/gate-api/bookings/{$booking->id}/{$act}?"
        .app(ClientLink::class)->query($booking);
    test()
        ->post(
            $link('files'),
            ['file' => UploadedFile::fake()->createWithContent('plan.txt', 'a plan')],
            ['Accept' => 'application/json'],
        )
        ->assertCreated();
    test()
        ->postJson($link('book'), ['name' => 'Kim Post', 'email' => 'kim@post.example'])
        ->assertOk();

    return $booking->refresh();
}

/**
 * What an owner asks of every route, with rows of their own.
 *
 * @return list<array{string, string, array<string, mixed>, bool}> method, path, body, whether it names a row
 */
function asksOf(Yard $yard): array
{
    $ids = setUpAll($yard);
    $slow = Yard::offer($yard->business, ['name' => 'Asked for', 'approval' => true, 'position' => 1], $yard->staff);
    [$booked, $pending] = [bookWithFile($yard, $yard->lesson->id, '10:00'), bookWithFile($yard, $slow->id, '13:00')];
    asOwner($yard);
    $slug = $yard->business->slug;
    $invitation = test()
        ->postJson("/api/businesses/{$slug}/invitations", [
            'email' => "desk@{$slug}.example",
            'role' => 'desk',
            'staff' => null,
        ])
        ->assertCreated()
        ->json('id');
    $change = DB::table('setup_changes')->where('business_id', $yard->business->id)->max('id');
    $file = DB::table('attachments')->where('booking_id', $booked->id)->value('id');
    $drafts = ['drafts' => [Things::change($yard->business, 'service', $yard->lesson->id, ['minutes' => 30])]];
    $money = Money::of($booked->refresh());
    $fresh = $pending->refresh()->sale_id;
    $missed = $yard->book('11:00')->id;
    $cancelled = $yard->book('09:00')->id;
    $asked = $yard->book('12:00')->id;
    DB::table('bookings')->where('id', $asked)->update(['payment' => 'desk']);
    app(CancelBooking::class)($yard->business->id, $cancelled, new Cancelling('Owner'));
    DB::table('bookings')->where('id', $missed)->update(['starts_at' => now()->subHour()]);
    app(App\Sales\WriteLine::class)(
        App\Models\Sale::query()->findOrFail($fresh),
        new App\Sales\NewLine(App\Models\SaleLineKind::Added, 'Glaze', 100),
        'Owner',
    );
    $sale = "sales/{$money->sale}";
    $paid = ['method' => 'cash', 'amount' => 10, 'tip' => 0, 'given' => null, 'keepsRest' => false];
    $seen = ['seen' => $money->owed, 'told' => false];
    $product = ['label' => 'Pot', 'amount' => 500, 'why' => ''];
    $suggested = ['times' => [['start' => Yard::at('15:00'), 'staff' => $pending->staff_ids]]];
    $drawn = ['way' => 'off', 'date' => '2027-03-01', 'from' => '09:00', 'to' => '10:00', 'weeks' => 1];
    $reminder = App\Models\Reminder::query()->create([
        'business_id' => $yard->business->id,
        'user_id' => $yard->owner->id,
        'at' => '2030-03-01 10:00:00',
        'text' => 'Order clay',
    ])->id;
    $groups = Yard::offer($yard->business, ['name' => 'Group', 'kind' => 'session', 'position' => 2], $yard->staff);
    $gathering = [
        'service' => $groups->id,
        'minutes' => 60,
        'staff' => [$yard->staff[0]->id],
        'location' => $ids['location'],
        'places' => 4,
    ];
    $weekly = ['every' => 1, 'unit' => 'weeks', 'count' => 2];
    $session = test()
        ->postJson("/api/businesses/{$slug}/sessions", $gathering + [
            'series' => Id::make(),
            'starts' => ['2030-03-01T10:00Z'],
        ])
        ->assertCreated()
        ->json('sessions.0');
    $asks = [
        ['GET', 'setup', [], false],
        ['GET', 'year/2027', [], false],
        ['GET', 'board', [], false],
        ['GET', 'board/ribbon', [], false],
        ['GET', 'board/version', [], false],
        ['GET', 'board/cancelled?date=2027-03-01', [], false],
        ['POST', 'board/drawn', ['staff' => [$yard->staff[0]->id]] + $drawn, true],
        ['PUT', 'published', ['published' => false], false],
        ['POST', 'pictures', ['picture' => UploadedFile::fake()->image('pot.png', 40, 40)], false],
        ['POST', 'meeting-rooms', ['name' => 'Online'], false],
        ['GET', "pools/{$ids['pool']}/day?date=2030-03-01", [], true],
        ['POST', "changes/{$change}/undo", [], true],
        ['DELETE', "invitations/{$invitation}", [], true],
        [
            'POST',
            'invitations',
            ['email' => "bo@{$slug}.example", 'role' => 'staff', 'staff' => $yard->staff[1]->id],
            true,
        ],
        ['POST', 'drafts', $drafts, true],
        ['POST', 'drafts/preview', $drafts, true],
        ['POST', 'drafts/times', $drafts, true],
        ['POST', 'drafts/why', $drafts + ['at' => '2027-03-01T10:00'], true],
        [
            'POST',
            'drafts/quote',
            $drafts + [
                'at' => '2027-03-01T10:00',
                'staff' => $yard->staff[0]->id,
                'minutes' => null,
                'party' => 1,
                'visit' => 1,
                'addOns' => [$ids['addOn'] => 1],
                'codes' => ['SPRING'],
            ],
            true,
        ],
        ['GET', "services/{$groups->id}/sessions", [], true],
        ['GET', "sessions/{$session}", [], true],
        ['POST', 'sessions', ['series' => Id::make(), 'starts' => ['2030-03-02T10:00Z']] + $gathering, true],
        ['POST', 'sessions/dates', ['at' => '2030-03-02T10:00', 'repeat' => $weekly] + $gathering, true],
        ['POST', "sessions/{$session}/change/tried", ['at' => '2030-03-01T12:00'] + $gathering, true],
        ['POST', "sessions/{$session}/change", ['at' => '2030-03-01T12:00'] + $gathering, true],
        ['POST', "sessions/{$session}/cancel/tried", [], true],
        ['POST', "sessions/{$session}/cancel", [], true],
        ['GET', "bookings/{$booked->id}", [], true],
        ['GET', "bookings/{$booked->id}/files/{$file}", [], true],
        ['POST', "bookings/{$booked->id}/cancel", ['asks' => 'house'], true],
        ['POST', "bookings/{$booked->id}/cancel/tried", ['asks' => 'house'], true],
        ['POST', "bookings/{$cancelled}/restored", [], true],
        ['POST', "bookings/{$cancelled}/restored/tried", [], true],
        ['POST', "bookings/{$pending->id}/answer", ['accept' => true], true],
        ['POST', "bookings/{$booked->id}/times", [], true],
        ['POST', "bookings/{$booked->id}/move", ['start' => Yard::at('15:00'), 'staff' => null], true],
        ['GET', "bookings/{$booked->id}/visits", [], true],
        ['POST', "bookings/{$booked->id}/notes", ['text' => 'Left-handed'], true],
        ['POST', "bookings/{$pending->id}/suggest", $suggested, true],
        ['GET', 'reminders?date=2030-03-01', [], false],
        ['POST', 'reminders', ['at' => '2030-03-01T10:00', 'text' => 'Order clay'], false],
        ['POST', "reminders/{$reminder}", ['done' => true], true],
        ['DELETE', "reminders/{$reminder}", [], true],
        ['POST', "bookings/{$booked->id}/move/tried", ['start' => Yard::at('15:00'), 'staff' => null], true],
        ['POST', "bookings/{$booked->id}/move/times", ['date' => substr(Yard::at('15:00'), 0, 10)], true],
        [
            'POST',
            'desk-repeats',
            [
                'service' => $yard->lesson->id,
                'party' => 1,
                'at' => '2030-03-01T10:00',
                'repeat' => $weekly,
            ],
            true,
        ],
        ['POST', 'desk-times', ['service' => $yard->lesson->id, 'party' => 1, 'date' => '2030-03-01'], true],
        [
            'POST',
            'bookings',
            [
                'service' => $yard->lesson->id,
                'staff' => $yard->staff[0]->id,
                'party' => 1,
                'start' => Yard::at('16:00'),
                'client' => $booked->client_id,
                'told' => true,
                'more' => [['start' => Yard::at('16:00', 3), 'staff' => $yard->staff[0]->id]],
            ],
            true,
        ],
        ['POST', "bookings/{$missed}/missed", [], true],
        ['POST', "bookings/{$missed}/missed/tried", [], true],
        ['POST', "bookings/{$missed}/course", ['state' => 'arrived', 'undo' => false], true],
        ['POST', "bookings/{$booked->id}/code", ['code' => 'SPRING'], true],
        ['POST', "bookings/{$asked}/price", ['amount' => 100, 'told' => false], true],
        ['POST', "bookings/{$booked->id}/word", ['text' => 'Hello'], true],
        ['POST', "bookings/{$booked->id}/links/void", [], true],
        ['GET', 'clients', [], false],
        [
            'PUT',
            "clients/{$booked->client_id}/rates",
            ['rates' => [['service' => $yard->lesson->id, 'amount' => 100]]],
            true,
        ],
        ['GET', 'sales', [], false],
        ['GET', 'sales.csv', [], false],
        ['GET', 'tax.csv', [], false],
        ['GET', 'payments.csv', [], false],
        ['GET', 'closes.csv', [], false],
        ['GET', 'payouts.csv', [], false],
        ['GET', 'book.csv', [], false],
        ['GET', 'pay.csv', [], false],
        ['GET', 'days/2030-03-01', [], false],
        ['GET', 'figures', [], false],
        ['GET', $sale, [], true],
        ['GET', "{$sale}/receipt", [], true],
        ['GET', "documents/{$money->document}", [], true],
        ['POST', "{$sale}/payments", $paid + $seen, true],
        ['POST', "{$sale}/payments/{$money->payment}/undo", [], true],
        ['POST', 'sales', $product + ['id' => Id::make(), 'client' => $booked->client_id, 'taxRate' => null], true],
        ['POST', 'sales', $product + ['id' => Id::make(), 'walkIn' => true, 'taxRate' => $ids['taxRate']], true],
        ['POST', "{$sale}/lines", $product + $seen + ['taxRate' => $ids['taxRate']], true],
        ['POST', "{$sale}/let-off", ['amount' => 10, 'why' => 'Ill'] + $seen, true],
        ['POST', "{$sale}/tips-back", ['amount' => 10, 'why' => 'Ill'] + $seen, true],
        ['POST', "{$sale}/refunds", ['amount' => 10, 'why' => 'Ill', 'staysOwed' => true] + $seen, true],
        ['POST', "{$sale}/refunds/{$money->refund}", ['by' => 'again'], true],
        ['POST', "{$sale}/charge", $seen, true],
        ['POST', "sales/{$fresh}/invoice", ['name' => 'Kim', 'address' => ''], true],
        ['POST', "{$sale}/invoice/{$money->document}/back", [], true],
        ['POST', "{$sale}/letters", ['what' => 'receipt'], true],
        ['POST', 'closes', ['counted' => 0, 'banked' => 0, 'seen' => 1020, 'note' => null], false],
    ];
    foreach ($ids as $kind => $id) {
        $asks[] = ['GET', "things/{$kind}/{$id}", [], true];
    }

    return $asks;
}

/** @param  array{string, string, array<string, mixed>, bool}  $ask */
function asked(array $ask, string $slug): TestResponse
{
    $files = array_filter($ask[2], static fn (mixed $value): bool => $value instanceof UploadedFile);

    return $files === []
        ? test()->json($ask[0], "/api/businesses/{$slug}/{$ask[1]}", $ask[2])
        : test()->post("/api/businesses/{$slug}/{$ask[1]}", $files, ['Accept' => 'application/json']);
}

it('keeps businesses apart on every route, in what it names and what it carries', function (): void {
    Http::fake(['*' => Http::response(['link' => 'http://stand-ins.example/room'], 201)]);
    $mine = Yard::open(['price' => 4800], slug: 'mine', people: 2);
    $theirs = Yard::open(['price' => 4800], slug: 'theirs', people: 2);
    $asks = asksOf($theirs);
    $before = everythingOf($theirs->business);
    $met = [];
    foreach ($asks as $ask) {
        $what = "{$ask[0]} {$ask[1]}";
        $met[] =
            $ask[0]
            .' '
            .Route::getRoutes()->match(Request::create("/api/businesses/theirs/{$ask[1]}", $ask[0]))->uri();
        asOwner($theirs);
        DB::beginTransaction();
        $own = asked($ask, 'theirs')->getStatusCode();
        DB::rollBack();
        expect($own)->toBeIn(
            [200, 201, 204],
            "{$what} is refused to whoever may ask it, so that it shows nothing of others",
        );
        asOwner($mine);
        expect(asked($ask, 'theirs')->getStatusCode())->toBe(404, "{$what} at their address");
        if ($ask[3]) {
            expect(asked($ask, 'mine')->getStatusCode())->toBeIn([404, 422], "{$what} at my address");
        }
        expect(everythingOf($theirs->business))->toBe($before, "{$what} has changed what is theirs");
    }
    $routes = array_filter(
        iterator_to_array(Route::getRoutes()),
        static fn (Illuminate\Routing\Route $route): bool => str_starts_with(
            $route->uri(),
            'api/businesses/{business}',
        ),
    );
    expect(
        array_values(
            array_diff(
                array_map(
                    static fn (Illuminate\Routing\Route $route): string => "{$route->methods()[0]} {$route->uri()}",
                    $routes,
                ),
                $met,
            ),
        ),
    )->toBe([]);
});

it('finds nothing of a business where none is set, and of no other where one is', function (): void {
    $mine = Yard::open(slug: 'mine');
    $theirs = Yard::open(slug: 'theirs', people: 2);
    asksOf($theirs);
    [$current, $seen] = [app(CurrentBusiness::class), []];
    foreach (modelsOfBusinesses() as $table => $model) {
        expect(static fn () => $current->of(null, static fn () => $model::query()->get()))
            ->toThrow(NoBusinessSet::class)
            ->and(
                $current->of(
                    $mine->business->id,
                    static fn (): int => $model::query()
                        ->where("{$table}.business_id", $theirs->business->id)
                        ->count(),
                ),
            )
            ->toBe(0);
        if ($current->of($theirs->business->id, static fn (): int => $model::query()->count()) > 0) {
            $seen[] = $table;
        }
    }
    expect(count($seen))->toBeGreaterThan(12)
        ->and(static fn () => $current->of(null, static fn () => Category::query()->create(['name' => 'Clay'])))
        ->toThrow(NoBusinessSet::class)
        ->and(
            $current->of(
                $mine->business->id,
                static fn () => Category::query()->create(['name' => 'Clay', 'position' => 0])->business_id,
            ),
        )
        ->toBe($mine->business->id);
});

it('has a scoped model for every table of a business, or names it as having none', function (): void {
    expect(array_values(array_diff(tablesOfBusinesses(), array_keys(modelsOfBusinesses()))))->toBe(WITHOUT_MODEL);
});

it('speaks of whichever business it was before, whatever happens meanwhile', function (): void {
    $current = new CurrentBusiness();
    $current->set(7);
    expect(
        static fn () => $current->across(
            static fn () => $current->of(8, static fn () => throw new RuntimeException('wrong')),
        ),
    )
        ->toThrow(RuntimeException::class)
        ->and($current->id())->toBe(7)
        ->and($current->isAcross())->toBeFalse()
        ->and($current->across($current->isAcross(...)))->toBeTrue()
        ->and($current->across(static fn (): bool => $current->of(8, $current->isAcross(...))))->toBeFalse();
});

it('says of every command whose business it works for', function (): void {
    $yard = Yard::open(['price' => 4800], slug: 'mine');
    $theirs = Yard::open(['price' => 4800], slug: 'theirs');
    foreach ([$yard, $theirs] as $one) {
        bookWithFile($one, $one->lesson->id, '10:00');
    }
    $before = everythingOf($theirs->business);
    $file = tempnam(sys_get_temp_dir(), 'yardbell').'.json';
    $run = static fn (string $command, array $with): int => app(CurrentBusiness::class)->of(
        null,
        static fn (): int => Artisan::call($command, $with),
    );
    expect($run('export', ['file' => $file, '--business' => 'mine']))->toBe(0)
        ->and($run('import', ['file' => $file, '--business' => 'mine']))->toBe(0)
        ->and($run('import', ['file' => $file, '--business' => 'mine', '--yes' => true]))->toBe(0)
        ->and(everythingOf($theirs->business))->toBe($before)
        ->and($run('import', ['file' => $file, '--owner' => 'owner@mine.example']))->toBe(0)
        ->and(Business::query()->count())->toBe(3)
        ->and(everythingOf($theirs->business))->toBe($before);
    unlink($file);
    $held = $yard->hold('14:00');
    $held->update(['held_until' => now()->subMinute()]);
    $due = DB::table('outbox')->where('state', 'waiting')->where('due_at', '<=', now())->pluck('id')->all();
    expect($run('work', ['--once' => true]))->toBe(0)
        ->and(count($due))->toBeGreaterThan(1)
        ->and(DB::table('outbox')->whereIn('id', $due)->distinct()->pluck('state')->all())->toBe(['sent'])
        ->and($held->refresh()->state->value)->toBe('expired');
});
