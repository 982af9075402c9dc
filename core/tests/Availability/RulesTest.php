<?php

declare(strict_types=1);

use YardBell\Core\Tests\Support\Days;

/* Each case: Monday 2027-03-01, open 09:00-12:00, an hour's lesson every half hour; what is told is what differs. */

it('offers what fits into one unbroken stretch (T5)', function (): void {
    expect(Days::starts(Days::document()))->toBe('09:00 09:30 10:00 10:30 11:00');
});

it('opens nobody beyond the opening hours, and nobody in their breaks (T4)', function (): void {
    $own = ['staff' => [['id' => 'ana', 'hours' => ['mon' => [['from' => '08:00', 'to' => '11:00']]], 'breaks' => ['mon' => [['from' => '10:00', 'to' => '10:15']]]]]];
    expect(Days::starts(Days::document(more: $own)))->toBe('09:00');
});

it('lets a special day of the business replace the windows that start on its date (T3)', function (): void {
    $special = ['specialDays' => [['date' => Days::MONDAY, 'hours' => [['from' => '20:00', 'to' => '21:30']]]]];
    expect(Days::starts(Days::document(business: $special)))->toBe('20:00 20:30')
        ->and(Days::starts(Days::document(business: ['specialDays' => [['date' => Days::MONDAY, 'hours' => []]]])))->toBe('');
});

it('runs a night on into the special day after it (T3)', function (): void {
    $night = ['openingHours' => ['sun' => [['from' => '22:00', 'to' => '02:00']]], 'specialDays' => [['date' => Days::MONDAY, 'hours' => []]]];
    expect(Days::starts(Days::document(business: $night)))->toBe('00:00 00:30 01:00');
});

it('closes for those a closure names (T4)', function (): void {
    $closure = ['id' => 'fair', 'from' => Days::MONDAY.'T10:00', 'to' => Days::MONDAY.'T11:00'];
    $two = ['staff' => [['id' => 'ana'], ['id' => 'bo']]];
    expect(Days::rows(Days::document(['staff' => ['ana', 'bo']], ['closures' => [$closure + ['staff' => ['ana']]]], more: $two), ['from' => Days::MONDAY]))
        ->toBe('09:00 ana*, 09:00 bo, 09:30 bo*, 10:00 bo*, 10:30 bo*, 11:00 ana*, 11:00 bo')
        ->and(Days::starts(Days::document(business: ['closures' => [$closure]])))->toBe('09:00 11:00');
});

it('keeps set-up and clear-up clear of what the person holds, but lets them reach outside hours (T6)', function (): void {
    $booked = [['start' => Days::MONDAY.'T10:00Z', 'clearup' => 15]];
    expect(Days::starts(Days::document(['setup' => 15, 'clearup' => 30, 'startEvery' => 15, 'minutes' => 30], bookings: $booked)))->toBe('09:00 11:30');
});

it('takes no notice of those who hold nothing (T8)', function (string $state, bool $taken, ?string $until): void {
    $booking = ['start' => Days::MONDAY.'T09:00Z', 'minutes' => 180, 'state' => $state] + ($until === null ? [] : ['heldUntil' => $until]);
    expect(Days::starts(Days::document(bookings: [$booking])) === '')->toBe($taken);
})->with([
    ['confirmed', true, null], ['pending', true, null], ['arrived', true, null], ['started', true, null], ['completed', true, null], ['no_show', true, null],
    ['cancelled', false, null], ['declined', false, null], ['expired', false, null],
    'held a minute longer than now' => ['held', true, '2027-02-01T00:01Z'], 'held until now' => ['held', false, '2027-02-01T00:00Z'],
]);

it('counts starts by the clock, in a repeated hour twice (T10)', function (): void {
    $sunday = ['timeZone' => 'Europe/Lisbon', 'openingHours' => ['sun' => [['from' => '00:30', 'to' => '02:30']]]];
    expect(Days::starts(Days::document(['startEvery' => 30], $sunday), ['from' => '2027-10-31', 'to' => '2027-10-31', 'now' => '2027-10-01T00:00Z']))->toBe('23:30 00:00 00:30 01:00 01:30')
        ->and(Days::starts(Days::document(['startEvery' => 50, 'minutes' => 10])))->toBe('09:10 10:00 10:50 11:40');
});

it('counts starts from the opening anew after a break, not after a booking (T10)', function (): void {
    $breaks = ['staff' => [['id' => 'ana', 'breaks' => ['mon' => [['from' => '10:00', 'to' => '10:10']]]]]];
    expect(Days::starts(Days::document(['startFrom' => 'opening', 'startEvery' => 25, 'minutes' => 20], bookings: [['start' => Days::MONDAY.'T11:00Z', 'minutes' => 5]], more: $breaks)))
        ->toBe('09:00 09:25 10:10 10:35 11:25');
});

it('wants notice, and reaches no further than it says (T11)', function (): void {
    $document = Days::document(['noticeMinutes' => 90, 'bookAheadDays' => 7]);
    expect(Days::starts($document, ['now' => Days::MONDAY.'T08:30Z']))->toBe('10:00 10:30 11:00')
        ->and(Days::starts($document, ['now' => '2027-02-22T23:59Z']))->toBe('09:00 09:30 10:00 10:30 11:00')
        ->and(Days::starts($document, ['now' => '2027-02-21T23:59Z']))->toBe('');
});

it('says whose turn it is (T16)', function (string $assignment, string $rows): void {
    $bookings = [
        ['start' => '2027-02-15T09:00Z', 'staff' => ['ana'], 'createdAt' => '2027-02-02T00:00Z'],
        ['start' => '2027-02-16T09:00Z', 'staff' => ['bo'], 'createdAt' => '2027-02-01T00:00Z'],
        ['start' => '2027-02-17T09:00Z', 'staff' => ['bo'], 'createdAt' => '2027-02-09T00:00Z', 'state' => 'cancelled'],
    ];
    $two = ['staff' => [['id' => 'ana'], ['id' => 'bo'], ['id' => 'cy', 'active' => false]]];
    $document = Days::document(['staff' => ['ana', 'cy', 'bo'], 'assignment' => $assignment, 'startEvery' => 180], bookings: $bookings, more: $two);
    expect(Days::rows($document))->toBe($rows);
})->with([
    ['choose', '09:00 ana, 09:00 bo*'], ['rotate', '09:00 ana, 09:00 bo*'], ['first', '09:00 ana*, 09:00 bo'],
    ['random', '09:00 ana, 09:00 bo'], ['all', '09:00 ana+bo*'],
]);

it('marks next before rows are left out for the person asked for (T16)', function (): void {
    $two = ['staff' => [['id' => 'ana'], ['id' => 'bo']]];
    expect(Days::rows(Days::document(['staff' => ['ana', 'bo'], 'startEvery' => 180], more: $two), ['staff' => 'bo']))->toBe('09:00 bo');
});

it('has the lengths it has, add-ons on top (T17)', function (): void {
    $document = Days::document(['minutes' => [90, 45], 'startEvery' => 90]);
    expect(Days::starts($document))->toBe('09:00 10:30')
        ->and(Days::starts($document, ['minutes' => '45']))->toBe('09:00 10:30')
        ->and(Days::starts($document, ['minutes' => '60']))->toBe('')
        ->and(Days::starts($document, ['minutes' => '45', 'extra' => '60']))->toBe('09:00')
        ->and(Days::starts(Days::document(['minutes' => ['min' => 30, 'max' => 80, 'step' => 20], 'startEvery' => 60]), ['minutes' => '70']))->toBe('09:00 10:00');
});

it('fills a shared appointment before it begins a second one (T14)', function (): void {
    $bookings = [['start' => Days::MONDAY.'T09:10Z', 'staff' => ['bo'], 'party' => 2, 'units' => ['w2']]];
    $more = ['staff' => [['id' => 'ana'], ['id' => 'bo']], 'resources' => [['id' => 'wheel', 'units' => ['w1', 'w2']]]];
    $document = Days::document(['staff' => ['ana', 'bo'], 'places' => 4, 'startEvery' => 10, 'minutes' => 60, 'resources' => [['pool' => 'wheel', 'units' => 1]]], bookings: $bookings, more: $more);
    $rows = array_values(array_filter(Days::slots($document), fn (array $row): bool => $row['start'] === Days::MONDAY.'T09:10Z'));
    expect($rows)->toHaveCount(2)
        ->and([$rows[0]['places'], $rows[0]['next'], $rows[0]['units']])->toBe([4, false, ['w1']])
        ->and([$rows[1]['places'], $rows[1]['next'], $rows[1]['units']])->toBe([2, true, ['w2']])
        ->and(array_column(array_filter(Days::slots($document, ['party' => '3']), fn (array $row): bool => $row['start'] === Days::MONDAY.'T09:10Z'), 'staff'))->toBe([['ana']]);
});

it('offers sessions as they were scheduled (T15)', function (): void {
    $session = ['service' => 'taster', 'minutes' => 90, 'staff' => ['ana'], 'location' => 'yard', 'places' => 3];
    $document = Days::document(more: [
        'services' => [['id' => 'lesson', 'minutes' => 60, 'locations' => ['yard'], 'staff' => ['ana']], ['id' => 'taster', 'kind' => 'session', 'locations' => ['yard'], 'staff' => ['ana'], 'clearup' => 30]],
        'sessions' => [['id' => 's1', 'start' => Days::MONDAY.'T20:00Z'] + $session, ['id' => 's2', 'start' => Days::MONDAY.'T09:00Z', 'state' => 'cancelled'] + $session, ['id' => 's3', 'start' => Days::MONDAY.'T09:00Z'] + $session],
        'bookings' => [['id' => 'b1', 'service' => 'taster', 'session' => 's3', 'party' => 2, 'createdAt' => '2027-02-01T00:00Z']],
    ]);
    expect(array_map(fn (array $row): array => [$row['session'], $row['places']], Days::slots($document, ['service' => 'taster'])))->toBe([['s3', 1], ['s1', 3]])
        ->and(array_column(Days::slots($document, ['service' => 'taster', 'party' => '2']), 'session'))->toBe(['s1'])
        ->and(Days::starts($document))->toBe('11:00');
});

it('changes nothing but ids when ids are changed', function (): void {
    $document = Days::document(['staff' => ['ana', 'bo']], more: ['staff' => [['id' => 'ana'], ['id' => 'bo', 'hours' => ['mon' => [['from' => '10:00', 'to' => '12:00']]]]]]);
    $renamed = json_decode(strtr(json_encode($document, JSON_THROW_ON_ERROR), ['"ana"' => '"1"', '"bo"' => '"2"']), true);
    expect(strtr(json_encode(Days::slots($renamed), JSON_THROW_ON_ERROR), ['"1"' => '"ana"', '"2"' => '"bo"']))->toBe(json_encode(Days::slots($document), JSON_THROW_ON_ERROR));
});
