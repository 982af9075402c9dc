<?php

declare(strict_types=1);

/** Somebody who asks the running server: signed in, with the cookies and the token of their window. */
final readonly class Window
{
    private CurlHandle $handle;

    private string $cookies;

    private function __construct(private string $address)
    {
        $this->handle = curl_init();
        $this->cookies = (string) tempnam(sys_get_temp_dir(), 'bench');
    }

    /** The owner of the demonstration, at its address. */
    public static function of(string $address): self
    {
        $window = new self($address);
        $window->ask('/api/me');
        $owner = ['email' => 'alva@quernmoor.example', 'password' => 'clay-and-water'];
        $window->ask('/api/sign-in', $owner)[1] === 200 ||
            stop("Alva cannot sign in at {$address}. bin/yardbell start serves the demonstration.");

        return $window;
    }

    /** How often a second it is answered, where eight windows ask for the same as fast as they can. */
    public function perSecond(string $path, float $seconds): float
    {
        $all = curl_multi_init();
        curl_setopt($this->handle, CURLOPT_COOKIELIST, 'FLUSH');
        $one = function () use ($path): CurlHandle {
            $handle = curl_init();
            curl_setopt_array($handle, [
                CURLOPT_URL => $this->address.$path,
                CURLOPT_RETURNTRANSFER => true,
                CURLOPT_COOKIEFILE => $this->cookies,
                CURLOPT_HTTPHEADER => ['Accept: application/json', 'X-Requested-With: XMLHttpRequest'],
            ]);

            return $handle;
        };
        for ($i = 0; $i < 8; $i++) {
            curl_multi_add_handle($all, $one());
        }
        $answers = 0;
        $until = hrtime(true) + $seconds * 1e9;
        while (hrtime(true) < $until) {
            curl_multi_exec($all, $running);
            curl_multi_select($all, 0.01);
            while (($done = curl_multi_info_read($all)) !== false) {
                curl_getinfo($done['handle'], CURLINFO_RESPONSE_CODE) === 200 || stop("{$path} was not answered.");
                $answers++;
                curl_multi_remove_handle($all, $done['handle']);
                curl_multi_add_handle($all, $done['handle']);
            }
        }

        return $answers / $seconds;
    }

    /**
     * @param  array<string, mixed>|null  $body null: it is a GET
     * @return array{float, int, string} milliseconds, status, answer
     */
    public function ask(string $path, ?array $body = null): array
    {
        $token = '';
        foreach (curl_getinfo($this->handle, CURLINFO_COOKIELIST) as $cookie) {
            $token = str_contains($cookie, 'XSRF-TOKEN') ? urldecode(explode("\t", $cookie)[6]) : $token;
        }
        curl_setopt_array(
            $this->handle,
            [
                CURLOPT_URL => $this->address.$path,
                CURLOPT_RETURNTRANSFER => true,
                CURLOPT_COOKIEJAR => $this->cookies,
                CURLOPT_COOKIEFILE => '',
                CURLOPT_HTTPHEADER => [
                    'Accept: application/json',
                    'Content-Type: application/json',
                    'X-Requested-With: XMLHttpRequest',
                    "X-XSRF-TOKEN: {$token}",
                ],
            ] +
                ($body === null
                    ? [CURLOPT_HTTPGET => true]
                    : [CURLOPT_POST => true, CURLOPT_POSTFIELDS => json_encode($body)]),
        );
        $start = hrtime(true);
        $answer = (string) curl_exec($this->handle);

        return [(hrtime(true) - $start) / 1e6, curl_getinfo($this->handle, CURLINFO_RESPONSE_CODE), $answer];
    }
}
