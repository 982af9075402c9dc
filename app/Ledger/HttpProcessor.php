<?php

declare(strict_types=1);

namespace App\Ledger;

use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Factory;
use Illuminate\Http\Client\Response;

/** Talks to the processor stand-in over HTTP. */
final readonly class HttpProcessor implements Processor
{
    private const TIMEOUT_SECONDS = 8;

    public function __construct(private Factory $http, private string $address, private string $secret, private string $noticeUrl)
    {
    }

    public function open(string $key, int $amount, string $currency, string $description, string $returnUrl, bool $keepsCard = false): Checkout
    {
        return $this->checkout($this->post('checkouts', [
            'key' => $key, 'amount' => $amount, 'currency' => $currency, 'description' => $description,
            'return_url' => $returnUrl, 'notify_url' => $this->noticeUrl, 'keeps_card' => $keepsCard,
        ]));
    }

    public function find(string $checkout): Checkout
    {
        try {
            return $this->checkout($this->http->withToken($this->secret)->timeout(self::TIMEOUT_SECONDS)->get($this->url("checkouts/{$checkout}")));
        } catch (ConnectionException $wrong) {
            throw ProcessorUnreachable::because($wrong->getMessage());
        }
    }

    public function refund(string $key, string $checkout, int $amount): void
    {
        $answer = $this->post("checkouts/{$checkout}/refunds", ['key' => $key, 'amount' => $amount]);
        if ($answer->status() === 409) {
            throw new RefundRefused((string) $answer->json('message'));
        }
        $this->checkout($answer);
    }

    public function charge(string $key, string $checkout, int $amount): void
    {
        $answer = $this->post("checkouts/{$checkout}/charges", ['key' => $key, 'amount' => $amount]);
        if ($answer->status() === 409) {
            throw new ChargeRefused((string) $answer->json('message'));
        }
        $this->checkout($answer);
    }

    public function page(string $checkout): string
    {
        return $this->url("pay/{$checkout}");
    }

    public function sealed(string $body, string $seal): bool
    {
        return hash_equals(hash_hmac('sha256', $body, $this->secret), $seal);
    }

    /** @param  array<string, mixed>  $body */
    private function post(string $path, array $body): Response
    {
        try {
            return $this->http->withToken($this->secret)->timeout(self::TIMEOUT_SECONDS)->post($this->url($path), $body);
        } catch (ConnectionException $wrong) {
            throw ProcessorUnreachable::because($wrong->getMessage());
        }
    }

    private function url(string $path): string
    {
        return "{$this->address}/stand-ins/processor/{$path}";
    }

    private function checkout(Response $answer): Checkout
    {
        $id = $answer->json('id');
        $state = $answer->json('state');
        if (! $answer->successful() || ! is_string($id) || ! is_string($state)) {
            throw ProcessorUnreachable::because("status {$answer->status()}");
        }

        return new Checkout($id, $state, $this->page($id));
    }
}
