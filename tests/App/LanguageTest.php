<?php

declare(strict_types=1);

use App\Bookings\CancelBooking;
use App\Bookings\Cancelling;
use App\Language\Catalogue;
use App\Language\Languages;
use App\Language\Sentence;
use App\Messages\Wording;
use App\Models\Audience;
use App\Models\OutboxEntry;
use App\Support\LocalTime;
use App\Support\Money;
use Carbon\CarbonImmutable;
use Tests\Support\Yard;

beforeEach(function (): void {
    $this->withoutVite(); // nobody has built that language
    $this->app->instance(Languages::class, new Languages(['en', 'he'], 'en-GB', app('cache')));
    $this->app['translator']->addLines(
        [
            'mail.hello_nobody' => 'שלום',
            'page.gate.title' => 'הזמנה אצל {business}',
            'wrong.details.name_required' => 'מה שמך?',
        ],
        'he',
    );
    $this->yard = Yard::open();
    $this->yard->business->update(['published_at' => now(), 'email' => 'yard@yard.example']);
    $this->book = function (string $language): array {
        $held = $this->withHeader('Accept-Language', $language)->postJson('/gate-api/pages/yard/holds', [
            'service' => $this->yard->lesson->id,
            'start' => Yard::at('10:00', 3),
        ]);

        return $held->assertCreated()->json();
    };
});

it('answers in the language that is asked for, and writes it as the house does', function (
    string $house,
    string $asked,
    string $locale,
    string $direction,
): void {
    $this->yard->business->update(['locale' => $house]);
    $page = $this->withHeader('Accept-Language', $asked)->get('/book/yard')->assertOk();
    expect($page->getContent())->toContain("<html lang=\"{$locale}\" dir=\"{$direction}\">")
        ->and($page->headers->get('Vary'))->toContain('Accept-Language');
})->with([
    'the house where it is the same language' => ['en-AU', 'en-US,en;q=0.9', 'en-AU', 'ltr'],
    'the house where nobody speaks what is asked for' => ['en-AU', 'fi,sv;q=0.9', 'en-AU', 'ltr'],
    'what is asked for, another one' => ['en-AU', 'he-IL,en;q=0.5', 'he-IL', 'rtl'],
    'the first that is spoken' => ['he-IL', 'fi,en-GB;q=0.5', 'en-GB', 'ltr'],
]);

it('takes the language that is chosen in the address before that of the browser', function (): void {
    $this->withHeader('Accept-Language', 'en-US')
        ->get('/book/yard?lang=he')
        ->assertSee('<html lang="he" dir="rtl">', false)
        ->assertSee('הזמנה אצל Yard');
});

it('looks at no more of what is asked for than a language and a country', function (string $asked): void {
    $this->yard->business->update(['locale' => 'he-IL']);
    $this->get('/book/yard?lang='.rawurlencode($asked))->assertOk()->assertSee('<html lang="en" dir="ltr">', false);
})->with(['en-'.str_repeat('x', 300), 'en-../../x', 'en-gb"><b>']);

it('says what it has noted itself, and leaves what somebody typed', function (): void {
    $booking = $this->yard->book('11:00', days: 3);
    $asks = fn (): array => $this->actingAs($this->yard->owner)
        ->getJson("/api/businesses/yard/bookings/{$booking->id}")
        ->json('history');
    $why = new Cancelling('Owner', why: 'wrong.plain.taken');
    app(CancelBooking::class)($this->yard->business->id, $booking->id, $why);
    expect(array_column($asks(), 'why'))->toContain('wrong.plain.taken')
        ->and(array_column($asks(), 'by'))->toContain('client', 'Owner');
});

it('says what is wrong in the reader’s language, and in English what that has no words for', function (): void {
    $held = ($this->book)('he');
    $seal = parse_url($held['link'], PHP_URL_QUERY);
    $wrong = $this->withHeader('Accept-Language', 'he')
        ->postJson("/gate-api/bookings/{$held['id']}/book?{$seal}", ['name' => '', 'email' => ''])
        ->assertUnprocessable();
    expect($wrong->json('fields.name'))->toBe('מה שמך?')
        ->and($wrong->json('fields.email'))->toBe('We need an email address to send you the booking.');
});

it('writes to a client as they booked, and to the house as it writes itself', function (): void {
    $held = ($this->book)('he-IL');
    $seal = parse_url($held['link'], PHP_URL_QUERY);
    $this->postJson("/gate-api/bookings/{$held['id']}/book?{$seal}", [
        'name' => 'Kim Post',
        'email' => 'kim@post.example',
    ])->assertOk();
    $before = app(Catalogue::class)->locale();
    $mail = static fn (Audience $audience): string => app(Wording::class)
        ->letter(OutboxEntry::query()->where('audience', $audience)->firstOrFail())
        ->text;
    expect($mail(Audience::Client))->toContain('שלום,')
        ->and($mail(Audience::Staff))->not->toContain('שלום')
        ->and(app(Catalogue::class)->locale())->toBe($before);
});

it('lets a business choose among the countries of the languages that are spoken', function (): void {
    $locales = app(Languages::class)->locales();
    expect($locales)->toContain('en-GB', 'en-US', 'he-IL')->not->toContain('fr-FR');
});

it('writes times and amounts as the reader’s country does', function (
    string $locale,
    string $time,
    string $amount,
): void {
    $this->yard->business->update(['time_zone' => 'Europe/Lisbon', 'clock' => 24]);
    $said = app(Catalogue::class)->in($locale, fn (): array => [
        app(Catalogue::class)->sentence(
            LocalTime::written(CarbonImmutable::parse('2027-03-03T13:30Z'), $this->yard->business),
        ),
        Money::written(123456, 'EUR'),
    ]);
    expect($said)->toBe([$time, $amount]);
})->with([
    ['en-GB', 'Wednesday 3 March 2027, 13:30 (Lisbon time)', '€1,234.56'],
    ['en-US', 'Wednesday, March 3, 2027, 13:30 (Lisbon time)', '€1,234.56'],
    ['en-ZA', 'Wednesday 3 March 2027, 13:30 (Lisbon time)', "€1\u{A0}234,56"],
]);

it('carries a sentence as text through where only text is taken', function (): void {
    $sentence = new Sentence('wrong.pool.booked', ['name' => 'Wheel & co. “1”?']);
    expect(Sentence::read($sentence->text()))->toEqual($sentence)
        ->and(app(Catalogue::class)->text($sentence->text()))->toStartWith('“Wheel & co. “1”?” is booked')
        ->and(app(Catalogue::class)->text('Come tomorrow.'))->toBe('Come tomorrow.')
        ->and(app(Catalogue::class)->text('no.such_code'))->toBe('no.such_code');
});
