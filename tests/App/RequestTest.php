<?php

declare(strict_types=1);

use App\Language\Catalogue;
use App\Messages\Wording;
use App\Models\Booking;
use App\Models\BookingChange;
use App\Models\OutboxEntry;
use App\Models\Question;
use App\Support\Clock;
use App\Support\LocalTime;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Support\Things;
use Tests\Support\Yard;

/** @param  array<string, mixed>  $more */
function book(Booking $held, array $more = []): TestResponse
{
    $query = (string) parse_url(app(App\Support\ClientLink::class)->to($held), PHP_URL_QUERY);

    return test()->postJson(
        "/gate-api/bookings/{$held->id}/book?{$query}",
        $more + ['name' => 'Kim Post', 'email' => 'kim@post.example', 'phone' => '', 'note' => ''],
    );
}

it('keeps the time of a booking that waits for a yes, and says unmistakably that it waits', function (): void {
    $yard = Yard::open(['approval' => true]);
    $asked = book($yard->hold('10:00'))->assertOk();
    expect($asked->json('booking.state'))->toBe('pending')
        ->and($asked->json('pay'))->toBeNull()
        ->and(OutboxEntry::query()->toBase()->pluck('occasion')->unique()->all())->toBe(['pending']);
    $this->postJson('/gate-api/pages/yard/holds', [
        'service' => $yard->lesson->id,
        'start' => Yard::at('10:00'),
    ])->assertStatus(409);
    $board = $this->actingAs($yard->owner)->getJson('/api/businesses/yard/board')->assertOk();
    $id = $board->json('requests.0.id');
    $shown = fn (): string => $this->getJson("/api/businesses/yard/bookings/{$id}")->assertOk()->json('answerBy');
    $day = Booking::query()->sole()->created_at->addDay();
    $letter = app(Wording::class)->letter(OutboxEntry::query()->where('audience', 'client')->sole());
    expect($asked->json('booking.answerBy'))->toBe($day->format('Y-m-d\TH:i\Z'))
        ->and($shown())->toBe($day->format('Y-m-d\TH:i\Z'))
        ->and($board->json('requests.0.answerBy'))->toBe($day->format('Y-m-d\TH:i\Z'))
        ->and($letter->text)->toContain(app(Catalogue::class)->say('mail.client.pending', [
            'by' => LocalTime::written($day, $yard->business),
        ]))
        ->and($letter->text)->toContain('write to you by ');
    $yard->business->update(['answer_minutes' => 5 * 1440]);
    expect($shown())->toBe(Yard::at('10:00')); // no later than it begins
    $card = $this->postJson("/api/businesses/yard/bookings/{$id}/answer", [
        'accept' => true,
        'why' => 'Gladly.',
    ])->assertOk();
    expect($card->json('state'))->toBe('confirmed')
        ->and($card->json('answerBy'))->toBeNull()
        ->and(OutboxEntry::query()->where('occasion', 'booked')->count())->toBe(3)
        ->and(OutboxEntry::query()->where('occasion', 'reminder')->count())->toBe(1);
    $this->postJson("/api/businesses/yard/bookings/{$id}/answer", ['accept' => false])->assertStatus(409);
});

it('lists first at the desk who is to be answered first, and looks once for all of them', function (): void {
    $yard = Yard::open(['approval' => true]);
    $hours = ['10:00', '12:00', '14:00'];
    array_map(static fn (string $at) => book($yard->hold($at))->assertOk(), $hours);
    [$first, $second, $third] = Booking::query()->orderBy('starts_at')->pluck('id')->all();
    $changes = BookingChange::query();
    $since = app(Clock::class)->now();
    foreach ([[$first, 3], [$second, 1], [$third, 2]] as [$id, $hoursAgo]) {
        (clone $changes)->where('booking_id', $id)->update(['at' => $since->subHours($hoursAgo)]);
    }
    // booked between, it has waited only since it was moved
    (clone $changes)->insert(array_map(
        static fn (string $state, int $hoursAgo): array => [
            'business_id' => $yard->business->id,
            'booking_id' => $first,
            'state' => $state,
            'by' => 'desk',
            'why' => '',
            'at' => $since->subHours($hoursAgo),
        ],
        ['confirmed', 'pending'],
        [2, 0],
    ));
    $this->actingAs($yard->owner);
    DB::enableQueryLog();
    $requests = $this->getJson('/api/businesses/yard/board')->assertOk()->json('requests.*.id');
    $ofChanges = static fn (array $one): bool => str_contains($one['query'], '`booking_changes`') &&
        str_contains($one['query'], '`booking_id`');
    expect($requests)->toBe([$third, $second, $first])
        ->and(array_filter(DB::getQueryLog(), $ofChanges))->toHaveCount(1);
});

it('gives the time back where the answer is no, and tells the client why', function (): void {
    $yard = Yard::open(['approval' => true]);
    book($yard->hold('10:00'))->assertOk();
    $id = Booking::query()->firstOrFail()->id;
    $this->actingAs($yard->owner)
        ->postJson("/api/businesses/yard/bookings/{$id}/answer", ['accept' => 'perhaps'])
        ->assertUnprocessable();
    $this->postJson("/api/businesses/yard/bookings/{$id}/answer", [
        'accept' => false,
        'why' => 'The kiln is cold.',
    ])->assertOk();
    expect(OutboxEntry::query()->where('occasion', 'declined')->sole()->content['why'])->toBe('The kiln is cold.');
    $this->postJson('/gate-api/pages/yard/holds', [
        'service' => $yard->lesson->id,
        'start' => Yard::at('10:00'),
    ])->assertCreated();
});

it('takes no payment for what waits for a yes', function (): void {
    $yard = Yard::open();
    $draft = Things::change($yard->business, 'service', $yard->lesson->id, [
        'approval' => true,
        'payment' => Yard::payment('full'),
    ]);
    expect(
        $this->actingAs($yard->owner)
            ->postJson('/api/businesses/yard/drafts', ['drafts' => [$draft]])
            ->assertUnprocessable()
            ->json('fields'),
    )->toHaveKey('drafts.0.approval');
    $this->postJson('/api/businesses/yard/drafts', [
        'drafts' => [['content' => ['payment' => Yard::payment('none')] + $draft['content']] + $draft],
    ])->assertOk();
    expect($yard->lesson->refresh()->approval)->toBeTrue();
});

it('charges nothing where the price is settled at the desk', function (string $kind): void {
    $yard = Yard::open(['priceKind' => $kind, 'price' => 2000]);
    $held = $yard->hold('10:00');
    expect([$held->price, $held->payment->value])->toBe([0, 'desk'])
        ->and(book($held)->assertOk()->json('booking.payment'))->toBe('desk');
})->with(['from', 'on_request']);

it('asks what is to be asked, and keeps each answer with its question as it was asked', function (): void {
    $yard = Yard::open();
    $ask = fn (array $more): string => Question::query()->create(
        $more + [
            'business_id' => $yard->business->id,
            'type' => 'short',
            'choices' => [],
            'position' => Question::query()->count(),
        ],
    )->id;
    $before = $ask(['text' => 'Been here before?', 'type' => 'yesno', 'required' => true]);
    $when = $ask([
        'text' => 'When?',
        'type' => 'date',
        'shown_if' => ['question' => $before, 'answer' => 'yes'],
        'required' => true,
    ]);
    $likes = $ask(['text' => 'What do you like?', 'type' => 'choices', 'choices' => ['clay', 'glaze', 'fire']]);
    $from = $ask(['text' => 'From', 'type' => 'hidden', 'parameter' => 'from']);
    $ask(['text' => 'Of another service', 'required' => true, 'services' => ['another']]);
    TestResponse::fromBaseResponse(
        new Illuminate\Http\JsonResponse(app(App\Gate\GatePage::class)->of($yard->business)),
    );
    $held = $yard->hold('10:00');
    expect(
        array_keys(
            book($held, ['answers' => []])
                ->assertUnprocessable()
                ->json('fields'),
        ),
    )
        ->toBe(["answers.{$before}"])
        ->and(
            array_keys(
                book($held, ['answers' => [$before => 'yes', $likes => ['clay', 'gold']]])
                    ->assertUnprocessable()
                    ->json('fields'),
            ),
        )
        ->toBe(["answers.{$when}", "answers.{$likes}"]);
    book($held, [
        'answers' => [
            $before => 'yes',
            $when => '2020-02-02',
            $likes => ['clay', 'fire'],
            $from => 'poster',
            'unknown' => 'x',
        ],
    ])->assertOk();
    Question::query()
        ->whereKey($before)
        ->update(['text' => 'Have you been here?']);
    $plain = static fn (App\Models\Answer $answer): array => $answer->told();
    expect(array_map($plain, $held->refresh()->answers))->toBe([
        ['question' => 'Been here before?', 'answer' => 'yes'],
        ['question' => 'When?', 'answer' => '2020-02-02'],
        ['question' => 'What do you like?', 'answer' => 'clay, fire'],
        ['question' => 'From', 'answer' => 'poster'],
    ]);
    $this->actingAs($yard->owner)
        ->getJson("/api/businesses/yard/bookings/{$held->id}")
        ->assertOk();
});

it('says what is wrong with an answer', function (string $type, mixed $given, bool $fits): void {
    $yard = Yard::open();
    $id = Question::query()->create([
        'business_id' => $yard->business->id,
        'text' => 'Q',
        'type' => $type,
        'choices' => ['a', 'b'],
        'position' => 0,
    ])->id;
    $answer = book($yard->hold('10:00'), ['answers' => [$id => $given]]);
    $fits ? $answer->assertOk() : expect($answer->assertUnprocessable()->json('fields'))->toHaveKey("answers.{$id}");
})->with([
    ['short', 'Words', true],
    ['short', str_repeat('a', 301), false],
    ['long', str_repeat('a', 2000), true],
    ['long', str_repeat('a', 2001), false],
    ['number', '4,5', true],
    ['number', 'four', false],
    ['choice', 'a', true],
    ['choice', 'c', false],
    ['choice', ['a', 'b'], false],
    ['choices', ['a', 'b'], true],
    ['yesno', 'no', true],
    ['yesno', 'maybe', false],
    ['date', '2027-02-28', true],
    ['date', '2027-02-30', false],
    ['short', [['x']], true],
    ['short', null, true],
]);

it('takes a file for a question, keeps it with the booking, and lets it only be saved', function (): void {
    $yard = Yard::open();
    $id = Question::query()->create([
        'business_id' => $yard->business->id,
        'text' => 'A picture',
        'type' => 'file',
        'choices' => [],
        'required' => true,
        'position' => 0,
    ])->id;
    [$held, $other] = [$yard->hold('10:00'), $yard->hold('12:00')];
    $send = function (Booking $booking, string $bytes, string $name): TestResponse {
        $query = (string) parse_url(app(App\Support\ClientLink::class)->to($booking), PHP_URL_QUERY);

        return $this->post(
            "/gate-api/bookings/{$booking->id}/files?{$query}",
            ['file' => Illuminate\Http\UploadedFile::fake()->createWithContent($name, $bytes)],
            ['Accept' => 'application/json'],
        );
    };
    expect($send($held, '<?php echo 1;', 'pot.jpg')->assertUnprocessable()->json('fields'))->toHaveKey('file');
    $this->post("/gate-api/bookings/{$held->id}/files", [], ['Accept' => 'application/json'])->assertNotFound();
    $taken = $send($held, 'The glaze has run.', '../../pot "1".txt')->assertCreated();
    expect($taken->json('name'))->toBe('pot "1".txt');
    book($other, ['answers' => [$id => $taken->json('id')]])->assertUnprocessable(); // of another booking
    book($held, ['answers' => [$id => $taken->json('id')]])->assertOk();
    $card = $this->actingAs($yard->owner)
        ->getJson("/api/businesses/yard/bookings/{$held->id}")
        ->assertOk();
    expect($card->json('answers.0'))->toBe([
        'question' => 'A picture',
        'answer' => 'pot "1".txt',
        'file' => $taken->json('id'),
    ]);
    $file = $this->get("/api/businesses/yard/bookings/{$held->id}/files/{$taken->json('id')}")
        ->assertOk()
        ->assertHeader('Content-Type', 'application/octet-stream');
    expect((string) $file->headers->get('Content-Disposition'))->toStartWith('attachment')
        ->and($file->baseResponse->getFile()->getContent())->toBe('The glaze has run.');
    $this->get("/api/businesses/yard/bookings/{$other->id}/files/{$taken->json('id')}", [
        'Accept' => 'application/json',
    ])->assertNotFound();
    $send($held, 'The glaze ran on.', 'more.txt')->assertCreated(); // until it begins
    app(App\Support\Clock::class)->putForward(3 * 1440);
    expect($send($held, 'Too late.', 'late.txt')->assertStatus(409)->json('code'))->toBe('not_held');
});

it('asks for a telephone number as the owner has it', function (): void {
    $yard = Yard::open();
    $set = function (string $asks) use ($yard): void {
        $facts = Things::change($yard->business->refresh(), 'facts', 'business', ['asksPhone' => $asks]);
        test()->actingAs($yard->owner)->postJson('/api/businesses/yard/drafts', ['drafts' => [$facts]])->assertOk();
    };
    book($yard->hold('10:00'))->assertOk();
    $set('required');
    $held = $yard->hold('12:00');
    expect(book($held)->assertUnprocessable()->json('fields'))->toHaveKey('phone');
    book($held, ['phone' => '+44 1632 960 417'])->assertOk();
    $set('never');
    expect(app(App\Gate\GatePage::class)->of($yard->business->refresh())['asksPhone'])->toBe('never');
    book($yard->hold('14:00'))->assertOk();
});
