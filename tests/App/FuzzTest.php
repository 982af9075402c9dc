<?php

declare(strict_types=1);

use App\Access\Role;
use App\Changes\Things;
use App\Models\Business;
use App\Support\ClientLink;
use Illuminate\Support\Facades\DB;
use Tests\Support\Fuzz;
use Tests\Support\Things as Drafts;
use Tests\Support\Yard;

/** So many requests in a run of the tests; bin/yardbell bench fuzz tries 20,000, with another seed each time. */
const FUZZ_REQUESTS = 3000;

it('answers strange input with a sentence, never by breaking', function (): void {
    $yard = Yard::open(['price' => 4800, 'lengths' => [60, 90]], people: 2);
    $this->actingAs($yard->owner);
    $this->postJson('/api/businesses/yard/drafts', [
        'drafts' => [
            Drafts::fresh('pool'),
            Drafts::fresh('daypart'),
            Drafts::fresh('category'),
            Drafts::fresh('addOn'),
            Drafts::fresh('taxRate'),
            Drafts::fresh('surcharge'),
            Drafts::fresh('offerCode'),
            Drafts::fresh('question'),
        ],
    ])->assertOk();
    $booking = $yard->book('10:00');
    $held = $yard->hold('12:00');
    parse_str(app(ClientLink::class)->query($held), $seal);
    $ids = [
        $yard->lesson->id,
        $yard->staff[0]->id,
        $booking->id,
        $held->id,
        (string) $yard->business->locations()->value('id'),
        'business',
        'staff',
        'services',
        (string) $yard->owner->id,
    ];
    config(['yardbell.tries_a_minute' => 1_000_000]);
    $kinds = [
        'specialDay',
        'closure',
        'person',
        'location',
        'pool',
        'daypart',
        'category',
        'addOn',
        'taxRate',
        'surcharge',
        'offerCode',
        'question',
        'service',
    ];
    $drafts = [
        ...array_map(static fn (string $kind): array => ['drafts' => [Drafts::fresh($kind)]], $kinds),
        [
            'drafts' => [
                Drafts::fresh('timeOff', [
                    'staff' => $yard->staff[0]->id,
                    'name' => '',
                    'from' => '2030-01-01T00:00',
                    'to' => '2030-01-02T00:00',
                ]),
            ],
        ],
    ];
    foreach (
        [
            'facts' => 'business',
            'openingHours' => 'business',
            'person' => $yard->staff[0]->id,
            'location' => $ids[4],
            'service' => $yard->lesson->id,
            'order' => 'staff',
            'access' => (string) $yard->owner->id,
        ] as $kind => $id
    ) {
        $drafts[] = ['drafts' => [Drafts::change($yard->business, $kind, $id, [])]];
        $drafts[] = ['drafts' => [Drafts::removal($yard->business, $kind, $id)]];
    }
    $service = ['drafts' => [Drafts::change($yard->business, 'service', $yard->lesson->id, ['minutes' => 30])]];
    $fuzz = new Fuzz(
        (int) (getenv('YARDBELL_SEED') ?: 11),
        [
            'business' => ['yard'],
            'slug' => ['yard'],
            'id' => $ids,
            'gate-api id' => [$held->id],
            'kind' => app(Things::class)->kinds(),
            'service' => [$yard->lesson->id],
            'staff' => [$yard->staff[0]->id, $yard->staff[1]->id],
            'location' => [$ids[4]],
            'until' => [$seal['until']],
            'seal' => [$seal['seal']],
            'year' => ['2026', '2027'],
            'role' => array_column(Role::cases(), 'value'),
            'from' => [substr(Yard::at('00:00'), 0, 10)],
            'start' => [Yard::at('13:00')],
            'date' => [substr(Yard::at('00:00'), 0, 10)],
            'party' => ['1', '2'],
            'minutes' => ['60', '90'],
            'timeZone' => ['Europe/Lisbon'],
            'currency' => ['EUR', 'JPY'],
        ],
        [
            '/drafts' => $drafts,
            '/drafts/preview' => $drafts,
            '/drafts/times' => [$service],
            '/drafts/why' => [$service + ['at' => '2027-03-01T10:00']],
            '/holds' => [
                [
                    'service' => $yard->lesson->id,
                    'start' => Yard::at('15:00'),
                    'staff' => null,
                    'party' => 1,
                    'minutes' => 60,
                    'location' => null,
                    'addOns' => [],
                ],
            ],
            '/book' => [
                [
                    'name' => 'Kim',
                    'email' => 'kim@post.example',
                    'phone' => '',
                    'note' => '',
                    'answers' => [],
                    'payNow' => false,
                ],
            ],
            '/businesses' => [
                [
                    'name' => 'Clay',
                    'slug' => 'clay',
                    'address' => '',
                    'timeZone' => 'Europe/Lisbon',
                    'currency' => 'EUR',
                    'hours' => [],
                    'people' => ['Bo'],
                    'services' => [['name' => 'Lesson', 'minutes' => 60, 'price' => 4500]],
                ],
            ],
            '/move' => [['start' => Yard::at('16:00'), 'staff' => null]],
            '/invitations' => [['email' => 'a@b.example', 'role' => 'desk', 'staff' => null]],
        ],
    );
    $most = (int) (getenv('YARDBELL_FUZZ') ?: FUZZ_REQUESTS);
    $statuses = [];
    for ($i = 0; $i < $most; $i++) {
        $request = $fuzz->next($i);
        if (str_ends_with($request['uri'], '/sign-out')) {
            continue;
        }
        DB::beginTransaction(); // what it changes is taken back, so that the next one meets the same
        $status = $this->call(
            $request['method'],
            $request['uri'],
            server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
            content: $request['body'],
        )->getStatusCode();
        DB::rollBack();
        $statuses[intdiv($status, 100)] = ($statuses[intdiv($status, 100)] ?? 0) + 1;
        expect($status)->toBeLessThan(
            500,
            "{$request['method']} {$request['uri']} ".mb_scrub(mb_substr((string) $request['body'], 0, 3000)),
        );
        $this->app['auth']->forgetGuards();
        $this->actingAs($yard->owner);
    }
    expect($statuses[2] ?? 0)->toBeGreaterThan(intdiv($most, 20)) // or what is strange was only refused at the door
        ->and(Business::query()->whereKey($yard->business->id)->exists())->toBeTrue();
});

/**
 * The same with each field in turn replaced, however deep it lies.
 *
 * @return Generator<string, array<mixed>>
 */
function eachFieldOf(array $content, mixed $by, string $at = ''): Generator
{
    foreach ($content as $name => $value) {
        yield "{$at}{$name}" => [$name => $by] + $content;
        foreach (is_array($value) ? eachFieldOf($value, $by, "{$at}{$name}.") : [] as $deeper => $changed) {
            yield $deeper => [$name => $changed] + $content;
        }
    }
}

it('answers lists and objects in every field of a draft with a sentence', function (): void {
    $yard = Yard::open(['price' => 4800, 'lengths' => [60, 90]], people: 2);
    $this->actingAs($yard->owner);
    $contents = array_map(static fn (string $kind): array => Drafts::fresh($kind), [
        'specialDay', 'closure', 'person', 'location', 'pool', 'daypart', 'category', 'addOn', 'taxRate', 'surcharge',
        'offerCode', 'question', 'service',
    ]);
    $contents[] = Drafts::fresh('timeOff', [
        'staff' => $yard->staff[0]->id, 'name' => '', 'from' => '2030-01-01T00:00', 'to' => '2030-01-02T00:00',
    ]);
    $contents[] = Drafts::change($yard->business, 'facts', 'business', []);
    $contents[] = Drafts::change($yard->business, 'openingHours', 'business', []);
    $broken = [];
    foreach ($contents as $draft) {
        foreach ([[], [[]], ['a' => 1], [['from' => []]], 'x', 1.5] as $by) {
            foreach (eachFieldOf($draft, $by) as $at => $changed) {
                $status = $this->postJson('/api/businesses/yard/drafts', ['drafts' => [$changed]])->getStatusCode();
                if ($status >= 500) {
                    $broken[] = "{$draft['kind']} {$at} ".json_encode($by);
                }
            }
        }
    }
    expect($broken)->toBe([]);
});
