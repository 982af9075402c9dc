<?php

declare(strict_types=1);

use App\Models\Closure;
use App\Models\TimeOff;
use App\Models\User;
use Tests\Support\Things;
use Tests\Support\Yard;
use YardBell\Core\Time\Wall;

/** @return list<array{says: string, link: string|null}> */
function whyNot(Yard $yard, string $at): array
{
    $draft = Things::change($yard->business, 'service', $yard->lesson->id, []);
    $why = test()
        ->postJson('/api/businesses/yard/drafts/why', ['drafts' => [$draft], 'at' => $at])
        ->assertOk();

    return $why->json('rows.0.reasons') ?? [];
}

beforeEach(function (): void {
    $this->yard = Yard::open();
    $this->actingAs($this->yard->owner);
    $this->day = substr(Yard::at('00:00', 4), 0, 10);
    $this->weekday = (new DateTimeImmutable($this->day))->format('l');
    $this->says = fn (string $time): string => implode(
        ' ',
        array_column(whyNot($this->yard, "{$this->day}T{$time}"), 'says'),
    );
});

it('says in a person’s words, with weekday and hours, that it is closed', function (): void {
    expect(whyNot($this->yard, "{$this->day}T18:00"))->toBe([
        ['says' => "Yard is open on {$this->weekday}s only 9:00 to 17:00.", 'link' => 'roster/hours'],
    ]);
    $this->yard->business->update(['clock' => 12]);
    expect(($this->says)('18:00'))->toBe("Yard is open on {$this->weekday}s only 9:00 am to 5:00 pm.");
    $this->yard->business->update(['opening_hours' => []]);
    expect(($this->says)('10:00'))->toBe("Yard is closed on {$this->weekday}s.");
});

it('names the closure, the break, the time off and the booking in the way, and leads there', function (): void {
    [$ana, $day] = [$this->yard->staff[0], $this->day];
    $ana->update(['breaks' => array_fill_keys(Wall::WEEKDAYS, [['from' => '13:00', 'to' => '13:30']])]);
    TimeOff::query()->create([
        'business_id' => $this->yard->business->id,
        'staff_id' => $ana->id,
        'name' => 'Dentist',
        'from' => "{$day}T15:00",
        'to' => "{$day}T16:00",
    ]);
    Closure::query()->create([
        'business_id' => $this->yard->business->id,
        'name' => 'Harbour fair',
        'from' => "{$day}T09:00",
        'to' => "{$day}T10:00",
        'staff' => null,
    ]);
    $booking = $this->yard->book('10:30', days: 4);
    $short = (new DateTimeImmutable($day))->format('D j F');
    expect(whyNot($this->yard, "{$day}T13:00"))
        ->toBe([['says' => 'Ana Reed has a break, 13:00 to 13:30.', 'link' => "roster/people/{$ana->id}"]])
        ->and(whyNot($this->yard, "{$day}T15:00"))
        ->toBe([['says' => 'Ana Reed is away, 15:00 to 16:00.', 'link' => "roster/people/{$ana->id}"]])
        ->and(whyNot($this->yard, "{$day}T09:00"))->toBe([
            [
                'says' => "Closed for “Harbour fair” from {$short}, 09:00 until {$short}, 10:00.",
                'link' => 'roster/year',
            ],
        ])
        ->and(whyNot($this->yard, "{$day}T10:30"))->toBe([
            [
                'says' => 'Ana Reed is booked for Lesson with Kim Post, 10:30 to 11:30, set-up and clear-up included.',
                'link' => "board?date={$day}&booking={$booking->id}",
            ],
        ]);
});

it('says of whose hours it is and how far off the date is', function (): void {
    $this->yard->staff[0]->update([
        'hours' => [strtolower(substr($this->weekday, 0, 3)) => [['from' => '12:00', 'to' => '14:00']]],
    ]);
    $this->yard->lesson->update(['notice_minutes' => 60 * 24 * 5, 'book_ahead_days' => 1]);
    expect(($this->says)('10:00'))->toContain("Ana Reed works on {$this->weekday}s only 12:00 to 14:00.")
        ->toContain('It is too soon: “Lesson” can be booked from ')
        ->toContain('It is too far ahead: “Lesson” can be booked up to 1 day ahead.');
});

it('does not tell staff what their colleagues do', function (): void {
    $yard = Yard::open(slug: 'other', people: 2);
    [$mine, $theirs] = $yard->staff;
    $user = User::query()->create([
        'name' => 'Bo',
        'email' => 'bo@other.example',
        'password' => 'clay-and-water',
        'email_verified_at' => now(),
    ]);
    $yard->business->users()->attach($user->id, ['role' => 'staff', 'staff_id' => $mine->id]);
    TimeOff::query()->create([
        'business_id' => $yard->business->id,
        'staff_id' => $theirs->id,
        'name' => 'Hospital',
        'from' => "{$this->day}T00:00",
        'to' => "{$this->day}T20:00",
    ]);
    $this->actingAs($user);
    $draft = Things::change($yard->business, 'service', $yard->lesson->id, []);
    foreach (['why' => ['at' => "{$this->day}T10:00"], 'times' => [], 'preview' => []] as $what => $more) {
        $answer = $this->postJson("/api/businesses/other/drafts/{$what}", ['drafts' => [$draft]] + $more)->assertOk();
        expect($answer->getContent())->not->toContain($theirs->name)->not->toContain($theirs->id);
    }
    $shut = Things::fresh('timeOff', [
        'staff' => $theirs->id,
        'from' => "{$this->day}T08:00",
        'to' => "{$this->day}T20:00",
    ]);
    expect($this->postJson('/api/businesses/other/drafts/preview', ['drafts' => [$shut]])->json('lost'))->toBe(0);
});

it(
    'keeps what no draft touches the same object, also for staff, so that a preview need not look at it',
    function (): void {
        $second = Yard::offer($this->yard->business, ['name' => 'Second'], $this->yard->staff);
        $draft = app(App\Changes\Things::class);
        $content = App\Offer\Contents\ServiceContent::from(
            App\Support\Given::in(
                ['noticeMinutes' => 60] + Things::content($this->yard->business, 'service', $this->yard->lesson->id),
            ),
        );
        $drafts = [
            new App\Changes\Draft(
                'service',
                $this->yard->lesson->id,
                $content,
                null,
                $draft->of('service'),
                isNew: false,
            ),
        ];
        foreach ([App\Access\Role::Owner, App\Access\Role::Staff] as $role) {
            [$before, $after] = app(App\Times\DraftedBook::class)->both(
                $this->yard->business->refresh(),
                new App\Access\Access($this->yard->owner, $role, $this->yard->staff[0]->id),
                $drafts,
            );
            expect($after->services[$second->id])->toBe($before->services[$second->id])
                ->and($after->services[$this->yard->lesson->id])->not->toBe($before->services[$this->yard->lesson->id]);
        }
    },
);
