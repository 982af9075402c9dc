<?php

declare(strict_types=1);

use YardBell\Core\Availability\Slot;
use YardBell\Core\Booking\WaitlistEntry;
use YardBell\Core\Booking\WaitlistMatch;
use YardBell\Core\Tests\Support\Days;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\Window;

it('matches what the rules offer and the wishes allow (part 5)', function (array $wishes, string $rows): void {
    $week = [
        'openingHours' => [
            'mon' => [['from' => '09:00', 'to' => '11:00']],
            'tue' => [['from' => '09:00', 'to' => '10:00']],
        ],
    ];
    $more = [
        'staff' => [['id' => 'ana'], ['id' => 'bo', 'hours' => ['tue' => [['from' => '09:00', 'to' => '10:00']]]]],
        'locations' => [['id' => 'yard'], ['id' => 'mill']],
    ];
    $scenario = Days::read(
        Days::document(
            ['staff' => ['ana', 'bo'], 'minutes' => [60, 30], 'maxParty' => 2, 'startEvery' => 60],
            $week,
            more: $more,
        ),
    );
    $day = Wall::day(Days::MONDAY);
    $entry = new WaitlistEntry(
        ...$wishes + [
            'id' => 'w1',
            'service' => 'lesson',
            'minutes' => null,
            'party' => 1,
            'staff' => [],
            'locations' => [],
            'fromDay' => $day,
            'toDay' => $day + 6,
        ],
    );
    $slots = (new WaitlistMatch($scenario->book, $scenario->diary))->slots($entry, Wall::instant('2027-02-20T00:00Z'));
    expect(
        implode(
            ', ',
            array_map(
                static fn (Slot $slot): string => ($slot->start < ($day + 1) * 1440 ? 'mon ' : 'tue ')
                    .substr(Wall::writeInstant($slot->start), 11, 5)
                    .' '
                    .implode('+', $slot->staff),
                $slots,
            ),
        ),
    )->toBe($rows);
})->with([
    'anything' => [[], 'mon 09:00 ana, mon 10:00 ana, tue 09:00 ana, tue 09:00 bo'],
    'somebody' => [['staff' => ['bo']], 'tue 09:00 bo'],
    'either' => [['staff' => ['bo', 'ana'], 'weekdays' => [1 => [Window::wholeDay()]]], 'tue 09:00 ana, tue 09:00 bo'],
    'somewhere else' => [['locations' => ['mill']], ''],
    'somewhere' => [['locations' => ['mill', 'yard'], 'staff' => ['bo']], 'tue 09:00 bo'],
    'a part of a day' => [['weekdays' => [0 => [Window::between('09:30', '12:00')]]], 'mon 10:00 ana'],
    'parts of several days' => [
        [
            'weekdays' => [0 => [Window::between('09:30', '12:00')], 1 => [Window::between('08:00', '09:01')]],
            'staff' => ['ana'],
        ],
        'mon 10:00 ana, tue 09:00 ana',
    ],
    'the night before' => [['weekdays' => [0 => [Window::between('20:00', '09:30')]]], 'tue 09:00 ana, tue 09:00 bo'],
    'the night before the first date' => [
        ['weekdays' => [6 => [Window::between('20:00', '09:30')]]],
        'mon 09:00 ana',
    ],
    'dates' => [['toDay' => 20_878], 'mon 09:00 ana, mon 10:00 ana'],
    'too large a party' => [['party' => 3], ''],
    'another length' => [['minutes' => 45], ''],
]);
