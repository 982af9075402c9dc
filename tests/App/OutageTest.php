<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Http;
use Symfony\Component\Process\Process;

/* The web server of deploy/ with PHP gone, or with every process of PHP at work. */

/** What bin/lib/web.sh knows, done in bash. */
function withWebServer(string $does): Process
{
    return new Process(
        ['bash', '-c', "root=\$PWD; . bin/lib/common.sh; . bin/lib/web.sh\n{$does}"],
        base_path(),
        timeout: 60 * max(1, (int) getenv('YARDBELL_PATIENCE')),
    );
}

beforeEach(function (): void {
    $this->folder = sys_get_temp_dir().'/yard-web-'.bin2hex(random_bytes(4));
    mkdir($this->folder, 0755, true);
    file_put_contents("{$this->folder}/index.php", '<?php sleep((int) ($_GET["for"] ?? 0)); echo "done";');
    $port = 8760 + (int) getenv('TEST_TOKEN');
    $this->url = "http://127.0.0.1:{$port}";
    withWebServer(<<<BASH
        mkdir -p {$this->folder}/sites {$this->folder}/pools
        filled "\$root/deploy/nginx.conf" "folder={$this->folder}" >{$this->folder}/nginx.conf
        filled "\$root/deploy/php-fpm.conf" "folder={$this->folder}" >{$this->folder}/php-fpm.conf
        web_site {$this->folder} page {$port} 1
        sed -i "s#\$root/public/index.php#{$this->folder}/index.php#" {$this->folder}/sites/page.conf
        BASH)->mustRun();
    $this->begin = function (string $does): Process {
        $this->parts[] = $part = withWebServer($does);
        $part->start();

        return $part;
    };
    $this->parts = [];
    $this->until = function (callable $is): void {
        for ($i = 0; $i < 100 && ! $is(); $i++) {
            usleep(100_000);
        }
        expect($is())->toBeTrue();
    };
});

afterEach(function (): void {
    foreach ($this->parts as $part) {
        $part->stop(3);
    }
    (new Process(['rm', '-rf', $this->folder]))->run();
});

it('answers every method alike while PHP is away, and says when to come back', function (): void {
    ($this->begin)("web_begin {$this->folder}");
    ($this->until)(fn (): bool => @fsockopen('127.0.0.1', (int) parse_url($this->url, PHP_URL_PORT)) !== false);
    $away = json_decode((string) file_get_contents(base_path('deploy/calm/away.json')), true);
    $unsure = json_decode((string) file_get_contents(base_path('deploy/calm/unsure.json')), true);
    foreach (['GET' => $away, 'POST' => $unsure, 'PUT' => $unsure, 'DELETE' => $unsure] as $method => $body) {
        $answer = Http::acceptJson()->send($method, "{$this->url}/api/me?seal=SECRET");
        expect([$answer->status(), $answer->json(), $answer->header('Retry-After')])->toBe([503, $body, '5']);
    }
    $form = Http::asForm()->post("{$this->url}/b/x/book", ['name' => 'Kim']);
    expect($form->status())->toBe(503)
        ->and($form->body())->toContain('cannot tell whether what you sent arrived')
        ->not->toContain('http-equiv="refresh"');
    expect((string) file_get_contents("{$this->folder}/nginx.log"))->not->toContain('SECRET');
    expect(Http::acceptJson()->withBody(str_repeat('x', 17_000_000))->post("{$this->url}/api/me")->status())->toBe(413);
});

it('tells PHP that is only busy from PHP that is gone', function (): void {
    ($this->begin)("web_begin {$this->folder}");
    $php = ($this->begin)("exec php-fpm8.2 -R -n -y {$this->folder}/php-fpm.conf");
    $answers = fn (): bool => withWebServer("php_answers {$this->url}")->run() === 0;
    ($this->until)($answers);
    $busy = new Process(['curl', '-s', "{$this->url}/?for=4"]);
    $busy->start();
    usleep(500_000);
    expect($answers())->toBeTrue()->and($answers())->toBeTrue(); // its one process works
    $busy->wait();
    expect($busy->getOutput())->toBe('done');
    $php->stop(3);
    expect($answers())->toBeFalse();
});
