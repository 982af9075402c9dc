<?php

declare(strict_types=1);

use App\Models\Booking;
use App\Models\Business;
use App\Support\ClientLink;
use App\Support\Clock;
use Tests\Support\Yard;

it('offers two weeks of times, as the description says', function (): void {
    $yard = Yard::open(people: 2);
    $answer = $this->getJson("/gate-api/pages/yard/open-times?service={$yard->lesson->id}")->assertOk();
    expect($answer->json('days'))->toHaveCount(14)
        ->and($answer->json('ruler'))->toBe(['from' => 540, 'to' => 1020])
        ->and($answer->json('days.2.starts.0.minute'))->toBe(540)
        ->and($answer->json('days.2.starts.0.staff'))->toHaveCount(2);
});

it('asks the database a fixed number of times, whatever there is', function (): void {
    $count = function (Yard $yard): int {
        $queries = 0;
        Illuminate\Support\Facades\DB::listen(function () use (&$queries): void {
            $queries++;
        });
        $this->getJson("/gate-api/pages/{$yard->business->slug}/open-times?service={$yard->lesson->id}")->assertOk();

        return $queries;
    };
    $small = Yard::open(slug: 'small');
    $large = Yard::open(slug: 'large', people: 3);
    foreach (['09:00', '10:00', '11:00', '12:00'] as $time) {
        $large->book($time);
    }
    foreach ([$small, $large] as $yard) {
        Business::rulesChanged($yard->business->id);
    }
    $few = $count($small);
    expect($count($large))->toBe($few)
        ->and($few)->toBeLessThan(16) // the whole set-up is read once …
        ->and($count($small))->toBe(2)
        ->and($count($large))->toBe(2); // … and from then on the business and its bookings
});

it('serves the page with title, description and first data in it', function (): void {
    $yard = Yard::open();
    $page = $this->get('/book/yard')->assertOk();
    expect($page->getContent())
        ->toContain('<title>Book at Yard</title>', '<meta name="description"', 'id="first"', Yard::at('09:00'))
        ->and($page->headers->get('Content-Security-Policy'))->toContain("script-src 'self'")
        ->not->toContain('unsafe-inline');
    $yard->business->update(['published_at' => null]);
    $this->get('/book/yard')->assertNotFound();
    $this->getJson("/gate-api/pages/yard/open-times?service={$yard->lesson->id}")->assertNotFound();
});

it('books from end to end', function (): void {
    $yard = Yard::open();
    $held = $this->postJson('/gate-api/pages/yard/holds', [
        'service' => $yard->lesson->id,
        'staff' => null,
        'start' => Yard::at('10:00'),
    ])->assertCreated();
    $answer = $this->postJson("/gate-api/bookings/{$held->json('id')}/book?{$held->json('query')}", [
        'name' => 'Kim Post',
        'email' => 'Kim@Post.example',
        'phone' => '+44 1632 960123',
        'note' => 'Left-handed',
    ])->assertOk();
    expect($answer->json('booking.state'))->toBe('confirmed')
        ->and(Booking::query()->firstOrFail()->contact['phone'] ?? null)->toBe('+441632960123');
    $this->get("/b/{$held->json('id')}?{$held->json('query')}")
        ->assertOk()
        ->assertSee('Your booking at Yard');
    $this->get("/b/{$held->json('id')}/calendar?{$held->json('query')}")
        ->assertOk()
        ->assertSee('BEGIN:VEVENT');
    $this->postJson("/gate-api/bookings/{$held->json('id')}/cancel?{$held->json('query')}")->assertOk();
    expect(Booking::query()->firstOrFail()->state->value)->toBe('cancelled');
});

it('says at the field what is wrong, and books nothing', function (
    array $changes,
    string $field,
    string $sentence,
): void {
    $yard = Yard::open();
    $booking = $yard->hold('10:00');
    $details = $changes + ['name' => 'Kim', 'email' => 'kim@post.example', 'phone' => '', 'note' => ''];
    $answer = $this->postJson(
        "/gate-api/bookings/{$booking->id}/book?".app(ClientLink::class)->query($booking),
        $details,
    )->assertUnprocessable();
    expect($answer->json("fields.{$field}"))->toContain($sentence)
        ->and($booking->refresh()->state->value)->toBe('held');
})->with([
    [['name' => '  '], 'name', 'tell us your name'],
    [['name' => str_repeat('x', 121)], 'name', 'At most 120 characters'],
    [['email' => 'kim'], 'email', 'does not look like an email address'],
    [['email' => ''], 'email', 'We need an email address'],
    [['phone' => '12'], 'phone', 'does not look like a phone number'],
    [['note' => str_repeat('x', 1001)], 'note', 'At most 1000 characters'],
]);

it('refuses what makes no sense with a sentence and a 4xx', function (array $body, int $status): void {
    $yard = Yard::open();
    $body += ['service' => $yard->lesson->id, 'staff' => null, 'start' => Yard::at('10:00')];
    $answer = $this->postJson('/gate-api/pages/yard/holds', $body)->assertStatus($status);
    expect(Booking::query()->count())->toBe(0);
})->with([
    'another service' => [['service' => '01m84dghqph39a0f0nprcswqw1'], 404],
    'no instant' => [['start' => 'soon'], 422],
    'a list' => [['start' => ['x']], 422],
    'in the past' => [['start' => '2020-01-01T10:00Z'], 409],
    'off the grid' => [['start' => gmdate('Y-m-d', time() + 172800).'T10:07Z'], 409],
    'another person' => [['staff' => '01m84dghqph39a0f0nprcswqw1'], 409],
]);

it('lets nobody in without a good seal', function (string $method, string $path): void {
    $yard = Yard::open();
    $booking = $yard->book('10:00');
    $good = app(ClientLink::class)->query($booking);
    $other = app(ClientLink::class)->query($yard->book('12:00'));
    $details = ['name' => 'Eve', 'email' => 'eve@post.example', 'phone' => '', 'note' => ''];
    foreach (
        ['', '?until=99999999999&seal=x', "?{$other}", '?'.preg_replace('/until=\d/', 'until=9', $good)] as $seal
    ) {
        $this->json(
            $method,
            sprintf($path, $booking->id).$seal,
            $method === 'POST' ? $details : [],
        )->assertNotFound();
    }
    app(Clock::class)->putForward(40 * 1440);
    $this->json(
        $method,
        sprintf($path, $booking->id)."?{$good}",
        $method === 'POST' ? $details : [],
    )->assertStatus(410)->assertJson(['code' => 'link_old']); // it was good once: a new one can be asked for
    expect($booking->refresh()->state->value)->toBe('confirmed');
})->with([
    ['GET', '/gate-api/bookings/%s'],
    ['POST', '/gate-api/bookings/%s/book'],
    ['POST', '/gate-api/bookings/%s/cancel'],
    ['GET', '/gate-api/bookings/%s/move-times'],
    ['POST', '/gate-api/bookings/%s/move'],
    ['POST', '/gate-api/bookings/%s/party'],
    ['POST', '/gate-api/bookings/%s/details'],
    ['GET', '/b/%s'],
    ['GET', '/b/%s/calendar'],
]);

it('never names a service that clients may not book there, nor answers for it', function (array $hidden): void {
    $yard = Yard::open();
    $id = Yard::offer($yard->business, ['name' => 'Kiln repair', 'minutes' => 30] + $hidden, $yard->staff)->id;
    $both = ['business_id' => $yard->business->id, 'services' => [$yard->lesson->id, $id]];
    App\Models\AddOn::query()->create(['name' => 'Apron', 'price' => 300, 'position' => 0] + $both);
    $size = ['text' => 'Size?', 'type' => 'short', 'choices' => [], 'position' => 0];
    App\Models\Question::query()->create($size + $both);
    App\Models\OfferCode::query()->create(['code' => 'SPRING', 'percent' => '10'] + $both);
    Business::rulesChanged($yard->business->id);
    $asked = "service={$yard->lesson->id}";
    $times = '/gate-api/pages/yard/open-times?';
    foreach (["/book/yard?{$asked}", "/book/yard?service={$id}", $times.$asked, '/sitemap.xml'] as $path) {
        expect($this->get($path)->assertOk()->getContent())->not->toContain('Kiln repair');
    }
    expect($this->get('/book/yard')->getContent())->not->toContain($id);
    $then = rawurlencode((string) json_encode([['service' => $id]]));
    $at = Yard::at('10:00');
    foreach (['open-times', 'quote', 'code-quote', 'helps'] as $path) {
        $this->getJson("/gate-api/pages/yard/{$path}?service={$id}&code=SPRING")->assertNotFound();
        $this->getJson("/gate-api/pages/yard/{$path}?{$asked}&code=SPRING&then={$then}")->assertStatus(422);
    }
    $this->postJson('/gate-api/pages/yard/holds', ['service' => $id, 'start' => $at])->assertNotFound();
    $this->postJson('/gate-api/pages/yard/holds', [
        ...['service' => $yard->lesson->id, 'start' => $at, 'then' => [['service' => $id]]],
    ])->assertStatus(422);
    $this->post('/book/yard', ['service' => $id, 'start' => $at]);
    expect(Booking::query()->count())->toBe(0);
})->with(['for the desk alone' => [['visibility' => 'desk']], 'not offered' => [['active' => false]]]);
