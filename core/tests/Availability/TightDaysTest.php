<?php

declare(strict_types=1);

use YardBell\Core\Tests\Support\Days;

/*
 * T21. A picture: Monday 2027-03-01, Ana open 09:00-12:00, a lesson of an hour every quarter of an hour; the shortest
 * thing she does is half an hour.
 */

/**
 * @param  array<string, mixed>  $service
 * @param  array<string, mixed>  $more
 * @param  list<array<string, mixed>>  $bookings
 * @return array<string, mixed>
 */
function tightDay(string $mode, array $service = [], array $more = [], array $bookings = []): array
{
    $document = Days::document(['startEvery' => 15, ...$service], ['tightDays' => $mode], $bookings, $more);
    $document['services'][] = [
        'id' => 'short',
        'minutes' => [45, 30],
        'locations' => ['yard'],
        'staff' => ['ana'],
    ];

    return $document;
}

/**
 * "09:00 tight, 09:15 loose"
 *
 * @param  array<string, mixed>  $document
 */
function told(array $document): string
{
    return implode(', ', array_map(
        static fn (array $row): string => substr($row['start'], 11, 5).($row['tight'] ? ' tight' : ' loose'),
        Days::slots($document),
    ));
}

it('marks what leaves a gap too short for anything', function (): void {
    expect(told(tightDay('mark')))->toBe('09:00 tight, 09:15 loose, 09:30 tight, 09:45 tight, 10:00 tight, '
        .'10:15 tight, 10:30 tight, 10:45 loose, 11:00 tight')
        ->and(Days::slots(tightDay('off'))[0])->not->toHaveKey('tight');
});

it('leaves out what is not tight, on dates that have something tight', function (): void {
    expect(Days::starts(tightDay('only')))->toBe('09:00 09:30 09:45 10:00 10:15 10:30 11:00');
    $narrow = [['start' => Days::MONDAY.'T10:20Z', 'minutes' => 100]];
    expect(told(tightDay('only', bookings: $narrow)))->toBe('09:00 loose, 09:15 loose');
});

it('reckons with set-up and clear-up, of the row and of what is booked', function (): void {
    $booked = [['start' => Days::MONDAY.'T11:00Z', 'setup' => 15]];
    expect(told(tightDay('mark', ['setup' => 15, 'clearup' => 15], bookings: $booked)))
        ->toBe('09:00 tight, 09:15 loose, 09:30 loose');
    $first = tightDay('mark', ['setup' => 10]);
    expect(told($first))->toStartWith('09:00 tight, 09:15 loose, 09:30 loose, 09:45 tight');
});

it('reckons with the shortest that is theirs at that place', function (): void {
    $document = tightDay('mark');
    $document['services'][1]['staff'] = [];
    expect(told($document))->toStartWith('09:00 tight, 09:15 loose, 09:30 loose')
        ->and(told($document))->toEndWith('11:00 tight');
    $document['services'][1] = ['setup' => 40, 'clearup' => 40] + tightDay('mark')['services'][1];
    expect(told($document))->toStartWith('09:00 tight, 09:15 loose, 09:30 loose');
});

it('leaves the service hours aside, and what lies elsewhere to the way there', function (): void {
    $hours = tightDay('mark', ['hours' => ['mon' => [['from' => '09:15', 'to' => '10:30']]]]);
    expect(told($hours))->toBe('09:15 loose, 09:30 tight');
    $travel = tightDay('mark', more: ['locations' => [['id' => 'yard'], ['id' => 'mill']]], bookings: [
        ['start' => Days::MONDAY.'T11:00Z', 'location' => 'mill'],
    ]);
    $travel['business']['travelMinutes'] = 45;
    expect(told($travel))->toBe('09:00 loose, 09:15 loose');
});

it('asks it of everyone who takes it together', function (): void {
    $both = ['staff' => [['id' => 'ana'], ['id' => 'bo', 'hours' => ['mon' => [
        ['from' => '08:00', 'to' => '10:20'],
    ]]]]];
    $all = tightDay('mark', ['staff' => ['ana', 'bo'], 'assignment' => 'all'], $both);
    expect(told($all))->toBe('09:00 loose, 09:15 loose');
});

it('takes whatever joins others for tight', function (): void {
    $begun = [['start' => Days::MONDAY.'T09:15Z']];
    $shared = tightDay('only', ['places' => 3], bookings: $begun);
    expect(told($shared))->toStartWith('09:15 tight')
        ->and(told($shared))->not->toContain('loose');
});

it('says of what is left out what would be lost, and nothing else', function (): void {
    $document = tightDay('only');
    expect(Days::why($document, Days::MONDAY.'T10:45Z'))->toBe(['T21 tight days'])
        ->and(Days::details($document, Days::MONDAY.'T10:45Z')[0])
        ->toBe('It would leave Ana 15 minutes from 2027-03-01 11:45 to 12:00, too short for anything.')
        ->and(Days::why($document, Days::MONDAY.'T10:30Z'))->toBe(['offered'])
        ->and(Days::why(tightDay('mark'), Days::MONDAY.'T10:45Z'))->toBe(['offered']);
});
