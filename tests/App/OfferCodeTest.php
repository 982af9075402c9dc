<?php

declare(strict_types=1);

use App\Models\Booking;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Support\Things;
use Tests\Support\Yard;

/* Codes at the Gate: named on what is held, counted by what holds time, checked again once it is known who comes. */

/** A yard whose lessons cost 50.00, with codes. */
function yardWithCodes(array ...$codes): Yard
{
    $yard = Yard::open(['price' => 5000], people: 3);
    test()
        ->actingAs($yard->owner)
        ->postJson('/api/businesses/yard/drafts', [
            'drafts' => array_map(static fn (array $code): array => Things::fresh('offerCode', $code), $codes),
        ])
        ->assertOk();

    return $yard;
}

/** @return array{id: string, query: string} */
function heldAt(Yard $yard, string $time): array
{
    return test()
        ->postJson('/gate-api/pages/yard/holds', ['service' => $yard->lesson->id, 'start' => Yard::at($time)])
        ->assertCreated()
        ->json();
}

/** @param  array{id: string, query: string}  $held */
function nameCodes(array $held, string ...$codes): TestResponse
{
    return test()->postJson("/gate-api/bookings/{$held['id']}/codes?{$held['query']}", ['codes' => $codes]);
}

/** @param  array{id: string, query: string}  $held */
function bookIt(array $held, string $email = 'kim@post.example'): TestResponse
{
    return test()->postJson(
        "/gate-api/bookings/{$held['id']}/book?{$held['query']}",
        ['name' => 'Kim Post', 'email' => $email],
    );
}

it('takes a code off what is held, says why another does not count, and takes it out again', function (): void {
    $yard = yardWithCodes([], ['code' => 'Later', 'from' => '2040-01-01']);
    $held = heldAt($yard, '10:00');
    $answer = nameCodes($held, ' spring', 'LATER', 'nothing')->assertOk();
    expect($answer->json('booking.total'))->toBe(4500)
        ->and(array_column($answer->json('booking.lines'), 'amount', 'label'))
        ->toBe(['Lesson' => 5000, 'SPRING' => -500])
        ->and(array_column($answer->json('codes'), 'why'))
        ->toBe([null, 'It is not valid today.', 'There is no such code.']);
    bookIt($held)->assertOk();
    expect(Booking::query()->findOrFail($held['id'])->price)->toBe(4500);
    $other = heldAt($yard, '12:00');
    nameCodes($other, 'SPRING')->assertOk();
    expect(nameCodes($other)->json('booking.total'))->toBe(5000)
        ->and(DB::table('code_uses')->where('booking_id', $other['id'])->count())->toBe(0);
});

it('counts what holds time, and gives back what does not', function (): void {
    $yard = yardWithCodes(['uses' => 1]);
    $setup = fn (): TestResponse => $this->actingAs($yard->owner)->getJson('/api/businesses/yard/setup');
    $used = static fn (): int => $setup()->json('offerCodes.0.used');
    $first = heldAt($yard, '10:00');
    nameCodes($first, 'SPRING')->assertOk()->assertJsonPath('codes.0.applied', true);
    expect($used())->toBe(1);
    nameCodes(heldAt($yard, '11:00'), 'SPRING')->assertJsonPath('codes.0.why', 'It has been used up.');
    nameCodes($first, 'SPRING')->assertJsonPath('codes.0.applied', true); // its own use is not against it
    $this->postJson("/gate-api/bookings/{$first['id']}/cancel?{$first['query']}")->assertOk();
    expect($used())->toBe(0);
    nameCodes(heldAt($yard, '12:00'), 'SPRING')->assertJsonPath('codes.0.applied', true);
});

it('checks once more when it is known who comes', function (array $code, string $says): void {
    $yard = yardWithCodes($code);
    $first = heldAt($yard, '10:00');
    nameCodes($first, 'SPRING')->assertOk();
    bookIt($first)->assertOk();
    $second = heldAt($yard, '12:00');
    nameCodes($second, 'SPRING')->assertJsonPath('codes.0.applied', true); // nobody is known yet
    bookIt($second)
        ->assertStatus(409)
        ->assertJsonPath(
            'message',
            "The code SPRING cannot be used here: {$says} Remove it, and book without it.",
        );
    expect(Booking::query()->findOrFail($second['id'])->client_id)->toBeNull();
    bookIt($second, 'noor@post.example')->assertOk();
})->with([
    'for a first visit' => [['firstVisitOnly' => true], 'it is for a first visit.'],
    'once for each client' => [['usesPerClient' => 1], 'it has been used with this address already.'],
]);

it('sells what is booked for what it was sold for', function (): void {
    $yard = yardWithCodes([]);
    $held = heldAt($yard, '10:00');
    bookIt($held)->assertOk();
    nameCodes($held, 'SPRING')->assertStatus(409);
    expect(Booking::query()->findOrFail($held['id'])->price)->toBe(5000);
});

it('refuses codes that are none, and a code that is there already', function (): void {
    $yard = yardWithCodes([]);
    $held = heldAt($yard, '10:00');
    nameCodes($held, str_repeat('x', 61))->assertStatus(422);
    nameCodes($held, ...array_fill(0, 6, 'x'))->assertStatus(422);
    $this->postJson("/gate-api/bookings/{$held['id']}/codes", ['codes' => []])->assertStatus(404);
    $this->actingAs($yard->owner)
        ->postJson('/api/businesses/yard/drafts', ['drafts' => [Things::fresh('offerCode', ['code' => ' spring'])]])
        ->assertStatus(422)
        ->assertSee('There is such a code already', escape: false);
});

it('takes a code at the desk for what is booked already, and counts its use', function (): void {
    $yard = yardWithCodes(['uses' => 1], ['code' => 'Later', 'from' => '2040-01-01']);
    [$first, $second] = [$yard->book('10:00'), $yard->book('11:00')];
    $name = fn (Booking $booking, string $code): TestResponse => $this->actingAs($yard->owner)
        ->postJson("/api/businesses/yard/bookings/{$booking->id}/code", ['code' => $code]);
    $name($first, 'later')->assertStatus(422)->assertJsonPath('fields.code', 'It is not valid today.');
    $slip = $name($first, 'spring')->assertOk();
    expect($slip->json('due'))->toBe(4500)
        ->and($slip->json('lines.1'))->toMatchArray(['kind' => 'code', 'label' => 'SPRING', 'amount' => -500]);
    $name($second, 'spring')->assertStatus(422)->assertJsonPath('fields.code', 'It has been used up.');
    $name($first, 'spring')->assertStatus(422);
    nameCodes(heldAt($yard, '12:00'), 'SPRING')->assertJsonPath('codes.0.why', 'It has been used up.');
});

it('counts a code that a link brings along from the first price on, once for all of a visit', function (): void {
    $yard = Yard::open(['price' => 4800]);
    App\Models\OfferCode::query()->create([
        'business_id' => $yard->business->id, 'code' => 'TWENTY', 'amount' => 6000, 'uses' => 1, 'position' => 0,
    ]);
    App\Models\Business::rulesChanged($yard->business->id);
    $total = fn (string $path, array $more = []): int => $this->getJson(
        "/gate-api/pages/yard/{$path}?".http_build_query(
            $more + ['service' => $yard->lesson->id, 'code' => ' twenty'],
        ),
    )->assertOk()->json('total');
    expect($total('code-quote'))->toBe(0)
        ->and($total('code-quote', ['then' => json_encode([['service' => $yard->lesson->id]])]))->toBe(9600 - 6000)
        ->and($total('quote'))->toBe(4800) // not where anybody could try one after the other
        ->and($total('code-quote', ['code' => 'NONE']))->toBe(4800);
});
