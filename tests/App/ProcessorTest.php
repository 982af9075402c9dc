<?php

declare(strict_types=1);

use App\StandIns\ProcessorStandIn;
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
