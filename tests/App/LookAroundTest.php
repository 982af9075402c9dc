<?php

declare(strict_types=1);

use App\Bookings\HoldTime;
use App\Models\Business;
use App\Times\Claims;
use App\Times\RulesReader;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Tests\Support\Yard;
use YardBell\Core\Availability\Ask;
use YardBell\Core\Availability\Booking;
use YardBell\Core\Availability\Commitments;
use YardBell\Core\Availability\Diary;
use YardBell\Core\Booking\State;
use YardBell\Core\Time\Wall;

/*
 * How far around an appointment others can be in its way is said in one place, RuleBook::lookAround. A rule that makes
 * others matter from further away is added there, and all that is read and claimed follows.
 */

const FURTHER = 1600; // more than a day

/** @return array<string, array{int, int}> how far each looks before and after, in minutes or days */
function looks(Business $business): array
{
    $rules = app(RulesReader::class);
    $book = $rules->book($business);
    [$service] = array_values($book->services);
    $day = $book->zone->day(Wall::instant(Yard::at('00:00')));
    $window = RulesReader::window($book, [new Ask($service->id, $day, $day, $day * Wall::DAY)]);
    $asked = [];
    DB::listen(static function (QueryExecuted $query) use (&$asked): void {
        $asked[] = $query->bindings;
    });
    $rules->diaryBetween($business, $book, $day, $day);
    [, $from, $until] = $asked[0];
    $claimed = DB::transaction(static function () use ($business, $day): array {
        app(Claims::class)->take($business, ['X'], $day * Wall::DAY, $day * Wall::DAY + 60);

        return DB::table('claims')->where('taker', 'X')->orderBy('day')->pluck('day')->all();
    });
    DB::table('claims')->where('taker', 'X')->delete();
    $minute = static fn (string $at): int => intdiv(strtotime("{$at} UTC"), 60) - $day * Wall::DAY;
    $booking = static fn (int $start): Booking => new Booking(
        'b',
        $service->id,
        $start,
        1,
        0,
        0,
        ['ana'],
        'yard',
        [],
        1,
        State::Confirmed,
        null,
        0,
    );
    $sees = static fn (int $start): bool => (new Commitments($book, new Diary([$booking($start)]), 0, [5000, 5060]))
        ->ofMember('ana') !== [];

    return [
        'what is asked' => [$window->from - $day * Wall::DAY, $window->until - $day * Wall::DAY],
        'what is shown' => [$minute($from), $minute($until)],
        'what is claimed' => [Wall::day($claimed[0]) - $day, Wall::day(end($claimed)) - $day],
        'what the core looks at' => [
            (int) $sees(5000 - FURTHER),
            (int) $sees(5060 + FURTHER - 1),
        ],
    ];
}

it('looks as far around an appointment as the rules say, wherever it looks', function (): void {
    $yard = Yard::open(people: 1);
    $near = looks($yard->business->refresh());
    $yard->business->update(['travel_minutes' => FURTHER]);
    $far = looks($yard->business->refresh());
    foreach (['what is asked', 'what is shown'] as $what) {
        expect($far[$what])->toBe([$near[$what][0] - FURTHER, $near[$what][1] + FURTHER], $what);
    }
    expect($near['what is claimed'])->toBe([0, 0])
        ->and($far['what is claimed'])->toBe([-2, 1])
        ->and($near['what the core looks at'])->toBe([0, 0])
        ->and($far['what the core looks at'])->toBe([1, 1]);
});

it('says it in one place', function (): void {
    $says = [];
    foreach (['core/src/Availability', 'app/Bookings', 'app/Board', 'app/Gate'] as $room) {
        foreach (glob(base_path("{$room}/*.php")) ?: [] as $file) {
            if (preg_match('/[+-]=? *\$\w+->(?:book->)?travel_?[mM]inutes/', (string) file_get_contents($file)) === 1) {
                $says[] = basename($file);
            }
        }
    }
    expect($says)->toBe([])->and(class_exists(HoldTime::class))->toBeTrue();
});
