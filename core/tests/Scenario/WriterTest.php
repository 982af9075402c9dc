<?php

declare(strict_types=1);

use Opis\JsonSchema\Validator;
use YardBell\Core\Availability\Diary;
use YardBell\Core\Scenario\BadDocument;
use YardBell\Core\Scenario\Reader;
use YardBell\Core\Scenario\Scenario;
use YardBell\Core\Scenario\Writer;
use YardBell\Core\Tests\Support\Chance;
use YardBell\Core\Tests\Support\Days;

function schema(): Validator
{
    static $validator = null;
    if ($validator === null) {
        $validator = new Validator();
        $validator->resolver()?->registerFile('yardbell:1', dirname(__DIR__, 2).'/schema/yardbell-1.json');
    }

    return $validator;
}

/** @return list<string> */
function examples(): array
{
    return glob(dirname(__DIR__, 3).'/docs/examples/*.json') ?: [];
}

/** A document in which every key of the format stands, the prices' too. */
function everything(): string
{
    return (string) file_get_contents(dirname(__DIR__).'/Support/everything.json');
}

it('writes the same in pieces, with bookings and clients one by one', function (string $json): void {
    $whole = Reader::read($json);
    $diary = $whole->diary;
    $few = new Scenario(
        book: $whole->book,
        diary: new Diary(sessions: $diary->sessions),
        name: $whole->name,
        currency: $whole->currency,
        prices: $whole->prices,
        tariffs: $whole->tariffs,
        waitlist: $whole->waitlist,
    );
    $all = array_column([...$diary->bookings, ...$diary->seats], null, 'id');
    $bookings = array_map(static fn (string $id): object => $all[$id], $whole->bookingIds);
    $written = implode('', iterator_to_array(Writer::pieces($few, $bookings, $whole->clients), false));
    expect(Reader::read($written))->toEqual($whole)
        ->and(schema()->validate(json_decode($written), 'yardbell:1')->isValid())->toBeTrue();
})->with(fn (): array => [[everything()], ...array_map(
    static fn (string $file): array => [(string) file_get_contents($file)],
    array_filter(
        examples(),
        static fn (string $file): bool => str_contains((string) file_get_contents($file), '"format"'),
    ),
)]);

it('writes what reads back equal', function (string $json): void {
    $scenario = Reader::read($json);
    expect(Reader::read(Writer::write($scenario)))->toEqual($scenario);
})->with(function (): Generator {
    yield 'everything' => [everything()];
    foreach (examples() as $file) {
        yield basename($file) => [(string) file_get_contents($file)];
    }
    for ($seed = 1; $seed <= 25; $seed++) {
        yield "seed {$seed}" => [json_encode((new Chance($seed))->document(), JSON_THROW_ON_ERROR)];
    }
});

it('writes and reads what its schema allows', function (): void {
    $documents = [everything(), ...array_map(file_get_contents(...), examples())];
    for ($seed = 1; $seed <= 25; $seed++) {
        $documents[] = json_encode((new Chance($seed))->document(), JSON_THROW_ON_ERROR);
    }
    expect(count($documents))->toBeGreaterThan(28);
    foreach ($documents as $json) {
        foreach ([(string) $json, Writer::write(Reader::read((string) $json))] as $one) {
            expect(schema()->validate(json_decode($one), 'yardbell:1')->isValid())->toBeTrue();
        }
    }
});

it('knows every key that the schema knows', function (): void {
    $document = json_decode(everything(), true);
    $schema = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/schema/yardbell-1.json'), true);
    foreach (
        [
            'business' => $document['business'],
            'service' => $document['services'][0],
            'member' => $document['staff'][0],
            'location' => $document['locations'][0],
            'pool' => $document['resources'][0],
            'session' => $document['sessions'][0],
            'pricing' => array_merge(...array_column($document['services'], 'pricing')),
            'addOn' => $document['services'][0]['addOns'][0],
            'payment' => ['kind' => 'deposit', 'amount' => 1, 'percent' => '1'],
            'surcharge' => array_merge(...$document['business']['surcharges']),
            'code' => array_merge(...$document['codes']),
            'client' => $document['clients'][0],
        ] as $name => $example
    ) {
        expect(array_keys($schema['$defs'][$name]['properties']))->toEqualCanonicalizing(array_keys($example), $name);
    }
});

it('refuses, as the schema does', function (array $changes): void {
    $document = array_replace_recursive(Days::document(bookings: [['start' => Days::MONDAY.'T09:00Z']]), $changes);
    $json = json_encode($document, JSON_THROW_ON_ERROR);
    expect(schema()->validate(json_decode($json), 'yardbell:1')->isValid())->toBeFalse()
        ->and(fn () => Reader::read($json))->toThrow(BadDocument::class);
})->with([
    'an unknown key' => [['mood' => 'good']],
    'a length of nothing' => [['services' => [['minutes' => 0]]]],
    'no length' => [['services' => [['minutes' => null]]]],
    'a fraction' => [['services' => [['setup' => 1.5]]]],
    'another format' => [['format' => 'yardbell/2']],
    'a list for a table' => [['business' => ['openingHours' => [[]]]]],
    'an odd time' => [['business' => ['openingHours' => ['mon' => [['from' => '9:00', 'to' => '12:00']]]]]],
    'an odd date' => [['services' => [['availableFrom' => '1.3.2027']]]],
    'a party of none' => [['bookings' => [['party' => 0]]]],
    'an odd state' => [['bookings' => [['state' => 'lost']]]],
    'no creation' => [['bookings' => [['createdAt' => null]]]],
    'an odd currency' => [['business' => ['currency' => 'euro']]],
    'a zone that is no text' => [['business' => ['timeZone' => 1]]],
    'text for a number' => [['services' => [['places' => '3']]]],
    'a number for a flag' => [['staff' => [['active' => 1]]]],
    'an add-on without amount' => [['services' => [['addOns' => [['id' => 'a']]]]]],
    'a surcharge of nothing' => [['business' => ['surcharges' => [['id' => 'a', 'when' => 'dates', 'dates' => []]]]]],
    'a code of two kinds' => [['codes' => [['id' => 'a', 'code' => 'A', 'amount' => 1, 'percent' => 1]]]],
    'an empty id' => [['staff' => [['id' => '']]]],
    'an instant with seconds' => [['bookings' => [['start' => '2027-03-01T09:00:00Z']]]],
]);
