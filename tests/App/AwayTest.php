<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;

/* Where the database cannot be reached, whoever asks is told to ask again; what is broken is not said to be away. */

beforeEach(function (): void {
    $this->audits = false;
    $this->reached = config('database.connections.mariadb');
    config(['database.connections.mariadb.unix_socket' => '', 'database.connections.mariadb.port' => 9]);
    DB::purge();
});

afterEach(function (): void {
    config(['database.connections.mariadb' => $this->reached]);
    DB::purge();
});

it('answers what asks for data with 503, a sentence and when to ask again', function (): void {
    $this->getJson('/gate-api/floor')
        ->assertStatus(503)
        ->assertHeader('Retry-After', '5')
        ->assertExactJson(json_decode((string) file_get_contents(base_path('deploy/calm/away.json')), true));
});

it('answers a page with a page', function (): void {
    $this->get('/book/anywhere')
        ->assertStatus(503)
        ->assertHeader('Retry-After', '5')
        ->assertSee('Nobody answers just now');
});

it('does the same where the socket is gone', function (): void {
    config(['database.connections.mariadb.unix_socket' => '/nowhere/sock']);
    DB::purge();
    $this->getJson('/gate-api/floor')->assertStatus(503);
});

it('says that something broke where a statement is wrong', function (): void {
    config(['database.connections.mariadb' => $this->reached]);
    DB::purge();
    DB::statement('rename table businesses to elsewhere');
    $answer = $this->getJson('/gate-api/floor');
    DB::statement('rename table elsewhere to businesses');
    $answer->assertStatus(500)->assertJsonPath('code', 'broken');
});
