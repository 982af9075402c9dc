<?php

declare(strict_types=1);

use App\Models\Booking;
use App\Models\Client;
use App\Models\Member;
use App\Models\Service;
use Illuminate\Support\Facades\DB;
use Tests\Support\Yard;

/*
 * Links that earlier versions have mailed lead where they led, for as long as they were said to. Whoever changes ids,
 * seals or routes keeps these, and adds what was mailed until then.
 */

$fixture = json_decode((string) file_get_contents(__DIR__.'/../Fixtures/mailed-links.json'), true);

it('follows links that earlier versions have mailed', function (string $link, string $leads) use ($fixture): void {
    $this->audits = false; // ids of what was sold are never changed but here
    config(['app.key' => $fixture['key']]);
    $yard = Yard::open();
    $booking = $yard->book('10:00', 'rosa@post.example');
    $ids = array_map(strtoupper(...), $fixture['ids']);
    DB::statement('set foreign_key_checks = 0');
    DB::table('bookings')->update([
        'id' => $ids['booking'],
        'client_id' => $ids['client'],
        'starts_at' => '2090-01-10 10:00',
    ]);
    foreach (['booking_staff', 'booking_changes'] as $table) {
        DB::table($table)->update(['booking_id' => $ids['booking']]);
    }
    Client::query()->toBase()->update(['id' => $ids['client']]);
    DB::table('service_staff')->update(['service_id' => $ids['service'], 'staff_id' => $ids['staff']]);
    DB::table('service_location')->update(['service_id' => $ids['service']]);
    Service::query()->toBase()->update(['id' => $ids['service']]);
    Member::query()->toBase()->update(['id' => $ids['staff']]);
    DB::table('bookings')->update(['service_id' => $ids['service']]);
    App\Models\Business::rulesChanged($yard->business->id);
    $answer = $this->get($link)->assertOk();
    preg_match('#id="first">(.*?)</script>#s', (string) $answer->getContent(), $found);
    $first = json_decode($found[1] ?? 'null', true);
    match ($leads) {
        'calendar' => $answer->assertHeader('Content-Type', 'text/calendar; charset=utf-8'),
        'instead' => expect((string) $answer->getContent())->toContain('Lesson'),
        'booking', 'mailed' => expect($first['booking']['id'])->toBe($ids['booking']),
        'own' => expect($first['own']['coming'][0]['id'])->toBe($ids['booking']),
        'again', 'known' => expect($first['times']['service'])->toBe($ids['service']),
    };
    if ($leads === 'again') {
        expect($first['times']['staff'])->toBe($ids['staff'])->and($first['known'])->toBeNull();
    }
    if ($leads === 'known') {
        expect($first['known']['name'])->toBe('Kim Post');
    }
    if (in_array($leads, ['mailed', 'own'], true)) {
        expect(Client::query()->sole()->proven_at)->not->toBeNull();
    }
})->with(array_combine(
    array_column($fixture['links'], 'what'),
    array_map(static fn (array $one): array => [$one['link'], $one['leads']], $fixture['links']),
));

it('follows none that was made up', function () use ($fixture): void {
    $this->audits = false;
    config(['app.key' => 'another key']);
    Yard::open()->book('10:00');
    DB::statement('set foreign_key_checks = 0');
    DB::table('bookings')->update(['id' => strtoupper($fixture['ids']['booking'])]);
    $this->get($fixture['links'][0]['link'])->assertNotFound();
    expect(Booking::query()->count())->toBe(1);
});
