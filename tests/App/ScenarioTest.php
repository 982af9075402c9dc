<?php

declare(strict_types=1);

use App\Models\Booking;
use App\Models\Business;
use App\Models\Member;
use App\Models\User;
use App\Scenario\ExportDocument;
use App\Scenario\ImportDocument;
use App\Times\Choice;
use App\Times\OpenTimes;
use App\Times\RulesReader;
use Illuminate\Support\Facades\Artisan;
use Tests\Support\Yard;
use YardBell\Core\Availability\Ask;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Availability\SlotSearch;
use YardBell\Core\Scenario\Reader;
use YardBell\Core\Tests\Support\Chance;
use YardBell\Core\Time\Wall;

function owner(): User
{
    return User::query()->firstOrCreate(
        ['email' => 'ida@import.example'],
        ['name' => 'Ida', 'password' => 'clay-and-water'],
    );
}

/** @return list<Slot> as the database says */
function offered(Business $business, Ask $ask): array
{
    $rules = app(RulesReader::class);
    $book = $rules->book($business);

    return (new SlotSearch($book, $rules->diary($business, $book, $ask, turn: true)))->slots($ask);
}

/**
 * @param  list<Slot>  $slots
 * @param  array<string, string>  $names by id
 * @return list<array<mixed>>
 */
function told(array $slots, array $names = []): array
{
    $name = static fn (string $id): string => $names[$id] ?? $id;

    return array_map(
        static fn (Slot $slot): array => [
            Wall::writeInstant($slot->start),
            $slot->end - $slot->start,
            array_map($name, $slot->staff),
            count($slot->units),
            $slot->places,
            $slot->next,
            $slot->session !== null,
        ],
        $slots,
    );
}

it('offers what an imported document offers, and exports one that does too', function (int $seed): void {
    $chance = new Chance($seed);
    $json = json_encode($chance->document(), JSON_THROW_ON_ERROR);
    $scenario = Reader::read($json);
    $asked = $chance->ask();
    $ask = static fn (string $service): Ask => new Ask(
        $service,
        Wall::day($asked['from']),
        Wall::day(max($asked['from'], $asked['to'])),
        Wall::instant($asked['now']),
        party: $asked['party'],
    );
    $business = app(ImportDocument::class)->asNew($scenario, owner());
    $names = Member::query()->where('business_id', $business->id)->pluck('name', 'id')->all();
    $lesson = (string) $business->services()->where('name', 'lesson')->value('id');
    // Whose turn it is depends on which holds have run out, and the application asks that of its own clock.
    $withoutTurn = static fn (array $rows): array => array_map(
        static fn (array $row): array => array_diff_key($row, [5 => true]),
        $rows,
    );
    expect($withoutTurn(told(offered($business, $ask($lesson)), $names)))->toBe(
        $withoutTurn(told((new SlotSearch($scenario->book, $scenario->diary))->slots($ask('lesson')))),
    );
    $exported = Reader::read(app(ExportDocument::class)($business));
    expect($withoutTurn(told((new SlotSearch($exported->book, $exported->diary))->slots($ask($lesson)))))->toBe(
        $withoutTurn(told(offered($business, $ask($lesson)))),
    );
})->with(range(300, 315));

it('exports exactly what the Gate offers', function (): void {
    $yard = Yard::open(people: 3);
    $yard->book('10:00');
    $yard->book('11:00');
    $scenario = Reader::read(app(ExportDocument::class)($yard->business));
    $gate = app(OpenTimes::class)->answer($yard->business, new Choice($yard->lesson->id), null, null);
    $gate = json_decode($gate, true);
    [$from, $now] = [Wall::day($gate['from']), app(App\Support\Clock::class)->minute()];
    $slots = (new SlotSearch($scenario->book, $scenario->diary))->slots(
        new Ask($yard->lesson->id, $from, $from + 13, $now),
    );
    $starts = array_merge(...array_column($gate['days'], 'starts'));
    expect(
        array_values(
            array_unique(array_map(static fn (Slot $slot): string => Wall::writeInstant($slot->start), $slots)),
        ),
    )
        ->toBe(array_column($starts, 'at'))
        ->and(array_sum(array_map(static fn (array $start): int => count($start['staff']), $starts)))
        ->toBe(count($slots));
});

it('keeps all of a document', function (): void {
    $scenario = Reader::read((string) file_get_contents(base_path('core/tests/Support/everything.json')));
    $business = app(ImportDocument::class)->asNew($scenario, owner());
    $again = Reader::read(app(ExportDocument::class)($business));
    foreach (['closures', 'dayparts', 'locations', 'pools', 'staff', 'services'] as $list) {
        expect(count($again->book->$list))->toBe(count($scenario->book->$list), $list);
    }
    $lesson = array_values($again->book->services)[0];
    expect([
        $again->name,
        $again->currency,
        $again->book->travelMinutes,
        count($again->diary->sessions),
        count($again->diary->seats),
        count($again->diary->bookings),
    ])
        ->toBe(['Everything', 'EUR', 15, 2, 1, 2])
        ->and([
            $lesson->lengths?->choices,
            $lesson->startEvery,
            $lesson->gridFromOpening,
            $lesson->noticeMinutes,
            $lesson->places,
            $lesson->maxParty,
            $lesson->maxPerDay,
            $lesson->needs[0]->perPerson,
            $lesson->needs[0]->holdsBuffers,
        ])
        ->toBe([[60, 90], 20, true, 90, 4, 3, 5, true, false]);
});

it('looks back as far as the longest session reaches', function (): void {
    $hours = array_fill_keys(Wall::WEEKDAYS, [['from' => '00:00', 'to' => '24:00']]);
    $document = [
        'format' => 'yardbell/1',
        'business' => ['name' => 'Long', 'timeZone' => 'UTC', 'openingHours' => $hours],
        'locations' => [['id' => 'yard']],
        'staff' => [['id' => 'ana']],
        'services' => [
            ['id' => 'lesson', 'minutes' => 60, 'locations' => ['yard'], 'staff' => ['ana']],
            ['id' => 'camp', 'kind' => 'session', 'locations' => ['yard'], 'staff' => ['ana']],
        ],
        'sessions' => [
            [
                'id' => 's',
                'service' => 'camp',
                'start' => '2027-03-01T00:00Z',
                'minutes' => 20 * 1440,
                'staff' => ['ana'],
                'places' => 9,
            ],
        ],
    ];
    $business = app(ImportDocument::class)->asNew(Reader::read(json_encode($document, JSON_THROW_ON_ERROR)), owner());
    $ask = static fn (string $date): Ask => new Ask(
        (string) $business->services()->where('name', 'lesson')->value('id'),
        Wall::day($date),
        Wall::day($date),
        Wall::instant('2027-02-20T00:00Z'),
    );
    expect(offered($business, $ask('2027-03-19')))->toBe([])
        ->and(offered($business, $ask('2027-03-21')))->not->toBe([]);
});

it('shows what replacing a set-up does before it does it', function (): void {
    $yard = Yard::open();
    $booking = $yard->book('16:00');
    $document = json_decode(app(ExportDocument::class)($yard->business), true);
    $document['business']['openingHours'] = array_fill_keys(Wall::WEEKDAYS, [['from' => '09:00', 'to' => '12:00']]);
    $document['services'][] = [
        'id' => 'new',
        'name' => 'Short one',
        'minutes' => 15,
        'locations' => [$document['locations'][0]['id']],
        'staff' => [$yard->staff[0]->id],
    ];
    $scenario = Reader::read(json_encode(['bookings' => []] + $document, JSON_THROW_ON_ERROR));
    $import = app(ImportDocument::class);
    $done = $import->preview($yard->business, $scenario);
    expect(array_column($done->stranded, 'id'))->toBe([$booking->id])
        ->and($done->effect->closes)->not->toBe([])
        ->and($done->effect->opens)->not->toBe([])
        ->and($yard->business->refresh()->opening_hours['mon'][0]['to'])->toBe('17:00')
        ->and($yard->business->services()->count())->toBe(1);
    $import->replace($yard->business, $scenario);
    expect($yard->business->refresh()->opening_hours['mon'][0]['to'])->toBe('12:00')
        ->and($yard->business->services()->pluck('name')->all())->toBe(['Lesson', 'Short one'])
        ->and($yard->business->services()->first()?->id)->toBe($yard->lesson->id)
        ->and(Booking::query()->count())->toBe(1);
    $import->replace(
        $yard->business,
        Reader::read(json_encode(['services' => [], 'bookings' => []] + $document, JSON_THROW_ON_ERROR)),
    );
    expect($yard->business->services()->where('active', true)->count())->toBe(0)
        ->and($yard->business->services()->count())->toBe(2);
});

it('imports and exports by command', function (string $command, array $options, int $exit, string $said): void {
    owner();
    $written = sys_get_temp_dir().'/export'.getmypid().'.json';
    app(ImportDocument::class)->asNew(
        Reader::read((string) file_get_contents(base_path('docs/examples/lesson.json'))),
        owner(),
    );
    $options['file'] = [
        'lesson' => base_path('docs/examples/lesson.json'),
        'odd' => base_path('composer.json'),
        'new' => $written,
        'nowhere' => '/nowhere/at/all',
    ][$options['file']];
    expect(Artisan::call($command, $options))->toBe($exit)->and(Artisan::output())->toContain($said);
    if ($command === 'export' && $exit === 0) {
        expect(Reader::read((string) file_get_contents($written))->diary->bookings)->toHaveCount(1);
        unlink($written);
    }
    expect(glob("{$written}.part"))->toBe([]);
})->with([
    ['import', ['file' => 'lesson', '--owner' => 'ida@import.example'], 0, 'A small pottery is there, at'],
    ['import', ['file' => 'lesson', '--owner' => 'ida@import.example'], 0, '/at/a-small-pottery-2/board'],
    ['import', ['file' => 'lesson'], 2, 'A new business needs an owner'],
    ['import', ['file' => 'nowhere'], 2, 'cannot be read'],
    ['import', ['file' => 'odd', '--business' => 'a-small-pottery'], 2, '/format: only "yardbell/1" can be read.'],
    ['import', ['file' => 'lesson', '--business' => 'nobody'], 2, 'There is no business "nobody"'],
    ['import', ['file' => 'lesson', '--business' => 'a-small-pottery'], 0, 'Nothing is changed yet'],
    ['import', ['file' => 'lesson', '--business' => 'a-small-pottery', '--yes' => true], 0, 'is replaced'],
    ['export', ['file' => 'new', '--business' => 'a-small-pottery'], 0, 'is written to'],
    ['export', ['file' => 'new', '--business' => 'nobody'], 2, 'There is no business "nobody"'],
    ['export', ['file' => 'nowhere', '--business' => 'a-small-pottery'], 2, 'cannot be written'],
]);

it('takes the prices of clients with a new business, and says so where it does not', function (): void {
    $owner = owner();
    $file = base_path('core/tests/Support/everything.json');
    Artisan::call('import', ['file' => $file, '--owner' => $owner->email]);
    expect(Artisan::output())->not->toContain('Not taken in');
    $business = App\Models\Business::query()->firstOrFail();
    $again = Reader::read(app(App\Scenario\ExportDocument::class)($business));
    expect(array_map(array_values(...), array_values($again->prices->clientRates)))->toBe([[4500]]);
    Artisan::call('import', ['file' => $file, '--business' => $business->slug]);
    expect(Artisan::output())->toContain('Not taken in, since clients are not replaced: rates of clients');
});

it('carries every kind of price out and in again', function (string $kind, int $price, array $pricing): void {
    $yard = Yard::open(['priceKind' => $kind, 'price' => $price]);
    $json = app(App\Scenario\ExportDocument::class)($yard->business);
    expect(json_decode($json, true)['services'][0]['pricing'])->toBe($pricing);
    $other = app(App\Scenario\ImportDocument::class)->asNew(YardBell\Core\Scenario\Reader::read($json), $yard->owner);
    $service = $other->services()->firstOrFail();
    expect($service->pricing)->toBe(Yard::pricing($price, $kind));
})->with([
    ['fixed', 4500, ['kind' => 'fixed', 'amount' => 4500]],
    ['from', 2000, ['kind' => 'from', 'amount' => 2000]],
    ['free', 0, ['kind' => 'free']],
    ['on_request', 0, ['kind' => 'on_request']],
]);
