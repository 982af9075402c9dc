<?php

declare(strict_types=1);

use App\Messages\Letter;
use App\Messages\MailServer;
use App\Messages\Post;
use App\Messages\PostFailed;
use App\StandIns\MailboxFiles;
use App\Support\MailAddress;
use Illuminate\Support\Facades\Artisan;
use Symfony\Component\Process\Process;

/* Mail by SMTP, as it goes where it is no demonstration. */

beforeEach(function (): void {
    $this->folder = sys_get_temp_dir().'/yard-mail-'.bin2hex(random_bytes(4));
    mkdir($this->folder);
    $port = 8770 + (int) getenv('TEST_TOKEN');
    $this->server = new Process(['php', base_path('tests/Support/smtp-server.php'), (string) $port, $this->folder]);
    $this->server->start();
    for ($i = 0; $i < 50 && @fsockopen('127.0.0.1', $port) === false; $i++) {
        usleep(50_000);
    }
    config(['mail.mailers.smtp.url' => "smtp://127.0.0.1:{$port}", 'yardbell.mail_from' => 'bell@book.example']);
    $this->letter = fn (string $to): Letter => new Letter('a-key', $to, 'Yard Bell', 'Booked: Kiln', "Kiln.\n");
    $this->mails = fn (): array => array_map(file_get_contents(...), glob("{$this->folder}/*") ?: []);
});

afterEach(function (): void {
    $this->server->stop(1);
    (new Process(['rm', '-rf', $this->folder]))->run();
});

it('sends a letter, with the same name each time it is sent', function (): void {
    app(MailServer::class)->send(($this->letter)('kim@post.example'));
    app(MailServer::class)->send(($this->letter)('kim@post.example'));
    $names = array_map(
        static fn (string $mail): string => preg_match('/^Message-ID: .+$/mi', $mail, $found) === 1 ? $found[0] : '',
        ($this->mails)(),
    );
    expect($names)->toHaveCount(2)
        ->and(array_unique($names))->toHaveCount(1)
        ->and(($this->mails)()[0])->toContain('From: Yard Bell <bell@book.example>')->toContain('Kiln.');
});

it('tells what is refused for now from what is refused for good', function (string $to, bool $isFinal): void {
    try {
        app(MailServer::class)->send(($this->letter)($to));
        $this->fail('it was taken');
    } catch (PostFailed $failed) {
        expect($failed->isFinal())->toBe($isFinal);
    }
    expect(($this->mails)())->toBe([]);
})->with([['full.kim@post.example', false], ['gone.kim@post.example', true], ['cut.kim@post.example', false]]);

it('tries the server without sending anything, and says what is wrong', function (): void {
    expect(Artisan::call('mail:try'))->toBe(0);
    expect(($this->mails)())->toBe([]);
    config(['mail.mailers.smtp.url' => 'smtp://127.0.0.1:1']);
    app('mail.manager')->purge('smtp');
    expect(Artisan::call('mail:try'))->toBe(1)->and(Artisan::output())->toContain('127.0.0.1:1');
});

it('is what mails where it is no demonstration', function (): void {
    expect(app(Post::class))->toBeInstanceOf(MailboxFiles::class);
    config(['yardbell.demonstration' => false]);
    expect(app(Post::class))->toBeInstanceOf(MailServer::class);
});

it('takes at the door no address that it could not be sent to', function (string $address, bool $taken): void {
    expect(MailAddress::normal($address) !== null)->toBe($taken);
    if ($taken) {
        app(MailServer::class)->send(($this->letter)((string) MailAddress::normal($address)));
        expect(($this->mails)())->toHaveCount(1);
    }
})->with([
    ['kim@post.example', true], ['Kim.O\'Hara+yard@post.example', true], ['kim@pöst.example', true],
    ['kím@post.example', false], ['kim@', false], ['kim@post..example', false], ['"kim@home"@post.example', true],
    ['kim@[127.0.0.1]', false], ['.kim@post.example', false], ['kim.@post.example', false],
]);
