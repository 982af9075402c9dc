<?php

declare(strict_types=1);

use App\StandIns\ProcessorMoney;
use App\StandIns\ProcessorStandIn;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Testing\TestResponse;

/** @param  array<string, mixed>  $body */
function processor(string $path, array $body = [], ?string $secret = null): TestResponse
{
    return test()->postJson("/stand-ins/processor/{$path}", $body, [
        'Authorization' => 'Bearer '.($secret ?? config('yardbell.processor_secret')),
    ]);
}

function checkout(bool $keepsCard, string $card): string
{
    Illuminate\Support\Facades\Http::fake();
    $id = processor('checkouts', [
        'key' => "k {$card} ".(int) $keepsCard,
        'amount' => $keepsCard ? 0 : 4800,
        'currency' => 'EUR',
        'description' => 'Lesson',
        'return_url' => 'http://shop.example/b',
        'notify_url' => 'http://shop.example/n',
        'keeps_card' => $keepsCard,
    ])
        ->assertOk()
        ->json('id');
    app(ProcessorStandIn::class)->pay($id, $card);

    return $id;
}

it('refunds in parts, each once by its key, never more than was paid', function (): void {
    $id = checkout(false, '6000 0000 0000 0001');
    processor("checkouts/{$id}/refunds", ['key' => 'a', 'amount' => 3000])
        ->assertOk()
        ->assertJson(['state' => 'paid', 'refunded' => 3000]);
    processor("checkouts/{$id}/refunds", ['key' => 'a', 'amount' => 3000])
        ->assertOk()
        ->assertJson(['refunded' => 3000]);
    processor("checkouts/{$id}/refunds", ['key' => 'b', 'amount' => 1801])->assertStatus(409);
    processor("checkouts/{$id}/refunds", ['key' => 'c', 'amount' => 1800])
        ->assertOk()
        ->assertJson(['refunded' => 4800]);
});

it('keeps a card without charging it, and charges it later', function (): void {
    $id = checkout(true, '6000 0000 0000 0001');
    $this->get("/stand-ins/processor/pay/{$id}")->assertRedirect('http://shop.example/b');
    processor("checkouts/{$id}/charges", ['key' => 'a', 'amount' => 2400])
        ->assertOk()
        ->assertJson(['state' => 'kept', 'charged' => 2400]);
    processor("checkouts/{$id}/charges", ['key' => 'a', 'amount' => 2400])
        ->assertOk()
        ->assertJson(['charged' => 2400]);
    processor("checkouts/{$id}/refunds", ['key' => 'b', 'amount' => 100])->assertStatus(409);
});

it('refuses what its cards refuse, and strangers', function (): void {
    processor('checkouts/'.checkout(false, '6000 0000 0000 0005').'/refunds', [
        'key' => 'a',
        'amount' => 1,
    ])->assertStatus(409);
    $id = checkout(true, '6000 0000 0000 0007');
    processor("checkouts/{$id}/charges", ['key' => 'b', 'amount' => 1])->assertStatus(409);
    processor('checkouts/'.checkout(true, '6000 0000 0000 0002').'/charges', [
        'key' => 'c',
        'amount' => 1,
    ])->assertStatus(409);
    processor('checkouts/'.checkout(false, '6000 0000 0000 0001').'/charges', [
        'key' => 'd',
        'amount' => 1,
    ])->assertStatus(409);
    processor("checkouts/{$id}/charges", ['key' => 'e', 'amount' => 1], 'guessed')->assertForbidden();
});

it('decides on refunds later, for or against, by the card', function (string $card, string $state): void {
    $id = checkout(false, $card);
    processor("checkouts/{$id}/refunds", ['key' => 'a', 'amount' => 3000])->assertStatus(202);
    processor("checkouts/{$id}/refunds", ['key' => 'b', 'amount' => 1801])->assertStatus(409);
    $asked = fn (): mixed => $this->getJson("/stand-ins/processor/checkouts/{$id}/refunds/a", [
        'Authorization' => 'Bearer '.config('yardbell.processor_secret'),
    ])->json('state');
    expect($asked())->toBe('pending');
    $this->travel(11)->seconds();
    expect($asked())->toBe($state);
})->with([['6000 0000 0000 0008', 'done'], ['6000 0000 0000 0009', 'failed']]);

it('tells of a payment once, twice, never, or in the wrong order', function (string $card, array $told): void {
    $id = checkout(false, $card);
    $notices = DB::table('stand_in_notices')->where('checkout', $id)->orderBy('id')->pluck('state')->all();
    expect($notices)->toBe($told);
    app(ProcessorStandIn::class)->tick();
    Http::assertSentCount(count($told));
    Http::assertSent(
        static fn (Illuminate\Http\Client\Request $request): bool => preg_match(
            '/^t=\d+,v=[0-9a-f]{64}\z/',
            $request->header('X-Processor-Seal')[0],
        ) === 1,
    );
})->with([
    ['6000 0000 0000 0001', ['paid']],
    ['6000 0000 0000 0006', ['paid', 'paid']],
    ['6000 0000 0000 0011', ['paid', 'open']],
]);

it('pays out what came and went, less its fee, and takes a disputed payment back', function (): void {
    $id = checkout(false, '6000 0000 0000 0010');
    expect(DB::table('stand_in_notices')->count())->toBe(0);
    processor("checkouts/{$id}/refunds", ['key' => 'a', 'amount' => 800])->assertOk();
    $this->post('/stand-ins/processor/payouts')->assertRedirect();
    $this->post("/stand-ins/processor/checkouts/{$id}/dispute", ['state' => 'open'])->assertRedirect();
    $this->post("/stand-ins/processor/checkouts/{$id}/dispute", ['state' => 'open'])->assertRedirect();
    $this->get('/stand-ins/processor')->assertOk()->assertSee('The shop wins');
    $this->post("/stand-ins/processor/checkouts/{$id}/dispute", ['state' => 'won'])->assertRedirect();
    $this->post('/stand-ins/processor/payouts')->assertRedirect();
    $payouts = app(ProcessorMoney::class)->payouts('');
    $fees = static fn (array $payout): array => array_column($payout['items'], 'fee', 'amount');
    expect(array_map($fees, $payouts))
        ->toEqual([[4800 => 92, -800 => 0], [-4800 => 0, 4800 => 0]])
        ->and(app(ProcessorMoney::class)->payouts($payouts[1]['id']))->toBe([]);
});
